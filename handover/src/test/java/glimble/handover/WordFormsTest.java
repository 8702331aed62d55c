package glimble.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.cue.GivenData;
import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Trial;
import glimble.spoken.WebVtt;
import glimble.text.TextPattern;
import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is filled in as a table, and what is spoken as captions. */
class WordFormsTest {
    private static final String[] CELLS = {
        "",
        " ",
        "Wu",
        "\"",
        "\"\"",
        "a,b;c\td",
        "two\nlines",
        "two\r\nlines",
        "=1+1",
        "ريح",
        "ลม",
        "Ṩ̈́",
        "🪁",
        "WEBVTT"
    };

    @TempDir
    Path folder;

    private String written(Handed handed, Asked asked) throws IOException {
        Path file = folder.resolve("file");
        new HandOver(Demo.TYPESETTER).write(handed, asked, file, Progress.NONE);
        return Files.readString(file);
    }

    private static Asked.Filling filling(String name, Map<String, String> values) {
        return new Asked.Filling(name, new GivenData(values, Map.of(), List.of()));
    }

    private static Asked asked(Form form, List<Asked.Filling> fillings) {
        return new Asked(form, fillings, -1, "", false);
    }

    /** What a spreadsheet would take for a formula has a mark before it, which our own reader takes away. */
    private static String asText(String cell) {
        boolean formula = cell.matches("(?s)'*[=+@\\t-].*") && !cell.matches("[+-]?\\d+([.,]\\d+)?");
        return formula ? "'" + cell : cell;
    }

    @Test
    void any_cells_are_read_back_by_a_strict_reader() throws IOException, BadTable {
        Random random = new Random(11);
        Handed handed = Demo.handed("heat-board");
        Graphic designed = handed.designed();
        List<Asked.Filling> fillings = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            Map<String, String> values = new LinkedHashMap<>();
            for (Field field : designed.fields()) values.put(field.key(), CELLS[random.nextInt(CELLS.length)]);
            Map<String, String> dials = new LinkedHashMap<>();
            for (Dial dial : designed.dials()) if (random.nextBoolean()) dials.put(dial.key(), "" + random.nextInt(9));
            fillings.add(new Asked.Filling("cue " + i, new GivenData(values, dials, List.of())));
        }
        String csv = written(handed, asked(Form.TABLE, fillings));
        CSVFormat strict = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        List<Table.TableRow> own = Table.read(csv).rows();
        try (CSVParser parser = CSVParser.parse(new StringReader(csv), strict)) {
            List<CSVRecord> rows = parser.getRecords();
            assertThat(rows).hasSize(200);
            assertThat(own).hasSize(200);
            for (int i = 0; i < 200; i++) {
                assertThat(rows.get(i).isConsistent()).isTrue();
                assertThat(rows.get(i).get("cue")).isEqualTo("cue " + i);
                GivenData data = fillings.get(i).data();
                for (Field field : designed.fields()) {
                    assertThat(rows.get(i).get(field.label()))
                            .isEqualTo(asText(data.values().get(field.key())));
                }
                List<String> texts = designed.fields().stream()
                        .map(field -> data.values().get(field.key()))
                        .toList();
                assertThat(own.get(i).cells()).containsSequence(texts);
                data.dials()
                        .forEach((key, set) -> assertThat(parser.getHeaderMap()).containsKey("dial." + key));
            }
        }
    }

    @Test
    void a_heading_is_the_key_where_labels_are_alike_and_what_names_rows_is_no_field() {
        Graphic bar = Demo.handed("flyer-bar").designed();
        List<Field> fields = List.of(field("cue", "Name"), field("name", "Line"), field("line", "Cue 2"));
        Graphic alike = bar.withFields(fields);
        String csv = FillingTable.csv(alike, List.of(filling("first", Map.of("cue", "Wu"))));
        assertThat(csv.lines().findFirst()).contains("cue 3,cue,name,Cue 2");
    }

    private static Field field(String key, String label) {
        return new Field(key, label, Field.Kind.TEXT, false, 0, List.of(), "");
    }

    @Test
    void captions_have_every_word_in_its_line_at_the_frame_at_which_it_is_played() throws IOException {
        Handed handed = Demo.handed("spoken-line");
        double frame = 1 / handed.designed().frame().rate().perSecond();
        for (Trial trial : handed.designed().trials()) {
            String sentence = trial.values().getOrDefault("sentence", "");
            String vtt = written(handed, asked(Form.CAPTIONS, List.of(filling("", trial.values()))));
            WebVtt.Reading read = WebVtt.read(vtt);
            if (sentence.isBlank()) {
                assertThat(vtt).isEqualTo("WEBVTT\n");
                continue;
            }
            assertThat(read.isSound()).as(vtt).isTrue();
            String words = String.join(
                    " ", read.words().stream().map(WebVtt.Word::text).toList());
            assertThat(words)
                    .as(trial.name())
                    .isEqualTo(String.join(" ", WebVtt.words(sentence).strip().split("\\s+")));
            if (!WebVtt.isMeant(sentence)) continue;
            List<WebVtt.Word> own = WebVtt.read(sentence).words();
            for (int i = 0; i < own.size(); i++) {
                assertThat(read.words().get(i).from())
                        .as("%s of %s", own.get(i).text(), vtt)
                        .isCloseTo(own.get(i).from(), within(frame));
            }
        }
    }

    @Test
    void words_that_say_no_times_have_those_of_their_motion_and_lines_as_they_are_shown() throws IOException {
        Handed handed = Demo.handed("spoken-line");
        String sentence = "The wind has gone round to the north, so tonight we fly from the old lifeboat slip again.";
        String vtt = written(handed, asked(Form.CAPTIONS, List.of(filling("", Map.of("sentence", sentence)))));
        WebVtt.Reading read = WebVtt.read(vtt);
        assertThat(vtt.lines().filter(line -> line.contains("-->"))).as(vtt).hasSize(2);
        assertThat(read.words()).hasSize(18);
        for (int i = 1; i < 18; i++) {
            assertThat(read.words().get(i).from())
                    .isGreaterThan(read.words().get(i - 1).from());
        }
        Played played = Played.of(
                handed,
                Demo.TYPESETTER,
                filling("", Map.of("sentence", sentence)).data());
        assertThat(read.words().get(17).to())
                .isCloseTo((played.length() - played.reel().out() - 1) / 50.0, within(0.021));
    }

    @Test
    void whatever_is_spoken_its_captions_can_be_read_and_say_every_word() throws IOException {
        String[] words = {
            "Wu",
            "Ṩ̈́hift",
            "ريح",
            "لا",
            "ลมแรง",
            "風が強い",
            "a<b",
            "&",
            "-->",
            "NOTE",
            "🪁",
            "x".repeat(70),
            "\u00A0",
            "\t"
        };
        Random random = new Random(5);
        Handed handed = Demo.handed("spoken-line");
        for (int i = 0; i < 120; i++) {
            StringBuilder sentence = new StringBuilder();
            int count = random.nextInt(random.nextBoolean() ? 4 : 25);
            for (int j = 0; j < count; j++) {
                sentence.append(words[random.nextInt(words.length)]).append(random.nextInt(9) == 0 ? "\n" : " ");
            }
            String vtt = written(
                    handed, asked(Form.CAPTIONS, List.of(filling("", Map.of("sentence", sentence.toString())))));
            String spoken = TextPattern.fill("{s}", Map.of("s", sentence.toString()));
            List<String> said = Stream.of(spoken.split("(?U)\\s+"))
                    .filter(word -> !word.isEmpty())
                    .toList();
            if (said.isEmpty()) {
                assertThat(vtt).isEqualTo("WEBVTT\n");
                continue;
            }
            WebVtt.Reading read = WebVtt.read(vtt);
            assertThat(read.sentence()).as(vtt).isEmpty();
            assertThat(read.words()).extracting(WebVtt.Word::text).containsExactlyElementsOf(said);
        }
    }
}
