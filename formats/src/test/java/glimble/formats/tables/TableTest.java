package glimble.formats.tables;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TableTest {
    private static final List<String> TEXTS = List.of(
            "Wu",
            "Tiago Brandão-Escarpa",
            "ليلى الصقّار",
            "a, b",
            "x;y",
            "\"so\"",
            "two\nlines",
            "94.5",
            "漢字",
            "Ș\tț",
            "=1+2",
            "'=1+2",
            "''@home",
            "-5",
            "-5 knots",
            "+49 30",
            "'tis",
            "@",
            "'-5",
            "");

    @ParameterizedTest
    @ValueSource(strings = {",", ";", "\t"})
    void is_read_with_any_separator(String separator) throws BadTable {
        Table table = Table.read(
                String.join(separator, "Name", "Role") + "\r\n" + String.join(separator, "Wu", "Flyer") + "\r\n");
        assertThat(table.columns()).containsExactly("Name", "Role");
        assertThat(table.rows()).containsExactly(new Table.TableRow(2, List.of("Wu", "Flyer")));
    }

    @Test
    void no_spreadsheet_takes_a_text_for_a_formula() {
        List<String> texts = List.of("=1+2", "+cmd", "-cmd", "@SUM(A1)", "\tx", "-5", "94.5", "'tis", "'=x");
        String written =
                Table.write(List.of("Text"), texts.stream().map(List::of).toList());
        assertThat(written.lines().skip(1).map(line -> line.replaceAll("^\"|\"$", "")))
                .containsExactly("'=1+2", "'+cmd", "'-cmd", "'@SUM(A1)", "'\tx", "-5", "94.5", "'tis", "''=x");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", ";", ";;;", ",", "\t", ",;\n;,", "\n;\n"})
    void nothing_but_separators_is_no_table(String blank) {
        assertThatThrownBy(() -> Table.read(blank)).isInstanceOf(BadTable.class).hasMessageContaining("is empty");
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE"})
    void is_read_in_any_encoding_with_or_without_a_mark(String name) throws BadTable {
        Charset encoding = Charset.forName(name);
        for (String mark : List.of("", "\uFEFF")) {
            Table table = Table.read((mark + "Name;Role\nȘtefan Ițcu;Flyer\n").getBytes(encoding));
            assertThat(table.columns()).containsExactly("Name", "Role");
            assertThat(table.rows().get(0).cells()).containsExactly("Ștefan Ițcu", "Flyer");
        }
    }

    @Test
    void lines_are_counted_as_an_editor_does() throws BadTable {
        Table table = Table.read("Name,Role\n\n\"Wu\nLi\",Flyer\n,\nOona,Judge\n".replace("\nOona", "\r\nOona"));
        assertThat(table.rows()).extracting(Table.TableRow::line).containsExactly(3, 6);
        assertThat(table.rows().get(0).cell(0)).isEqualTo("Wu\nLi");
        assertThat(table.rows().get(1).cell(7)).isEmpty();
    }

    @Test
    void what_is_none_is_refused_with_a_way_out() throws BadTable {
        assertThatThrownBy(() -> Table.read("Name\n\"Wu\nOona\n"))
                .isInstanceOf(BadTable.class)
                .hasMessageContaining("after the row in line 1");
        assertThatThrownBy(() -> Table.read("")).hasMessageContaining("heading row");
        assertThatThrownBy(() -> Table.read(new byte[] {'a', (byte) 0xE9, ',', 'b'}))
                .hasMessageContaining("neither UTF-8");
        assertThat(Table.guessed("Zoë,Åse".getBytes(Charset.forName("windows-1252"))))
                .isEqualTo(new Table.Guessed("Zoë,Åse", "windows-1252"));
        assertThat(Table.guessed("Zoë,Åse".getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(new Table.Guessed("Zoë,Åse", "UTF-8"));
        assertThatThrownBy(() -> Table.guessed(new byte[] {'a', (byte) 0x81})).hasMessageContaining("nor Windows-1252");
        assertThatThrownBy(() -> Table.read("Name\n" + "Wu\n".repeat(5_001)))
                .hasMessageContaining("more than 5000 rows");
    }

    @Test
    void what_is_written_reads_back() throws BadTable {
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            List<List<String>> rows = new ArrayList<>();
            for (int row = random.nextInt(5); row >= 0; row--) {
                rows.add(List.of("row " + row, text(random), text(random)));
            }
            String written = Table.write(List.of("Number", "Name", "Role"), rows);
            Table read = Table.read(written.getBytes(StandardCharsets.UTF_8));
            assertThat(read.rows()).extracting(Table.TableRow::cells).isEqualTo(rows);
        }
    }

    private static String text(Random random) {
        return TEXTS.get(random.nextInt(TEXTS.size()));
    }
}
