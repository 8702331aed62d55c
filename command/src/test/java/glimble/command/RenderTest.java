package glimble.command;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.DemoGraphics;
import glimble.formats.tables.Table;
import glimble.spoken.WebVtt;
import glimble.typeset.HouseFont;
import glimble.typeset.HouseFonts;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files in open formats from the command line, and what is said where there are none. */
class RenderTest {
    @TempDir
    Path folder;

    private Path graphic;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void write() throws IOException {
        graphic = folder.resolve("flyer.json");
        Files.writeString(graphic, DemoGraphics.named("flyer-bar"));
    }

    private int run(String... more) {
        String[] all = Stream.concat(
                        Stream.of(
                                "render",
                                graphic.toString(),
                                "--to",
                                folder.resolve("out").toString()),
                        Stream.of(more))
                .toArray(String[]::new);
        return Glimble.run(new PrintWriter(out, true), new PrintWriter(err, true), all);
    }

    private List<String> files() throws IOException {
        try (Stream<Path> files = Files.list(folder.resolve("out"))) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void a_table_is_a_file_a_row_safely_named() throws Exception {
        Path people = folder.resolve("people.csv");
        Files.write(
                people,
                "Name;ROLE\n\"Oona\nVarga\";Flyer\n../../Wu;\nÖona Varga;x\n".getBytes(StandardCharsets.UTF_16));
        assertThat(run("--table", people.toString())).as(err.toString()).isZero();
        assertThat(files()).containsExactly("flyer-bar-oona-varga.png", "flyer-bar-wu.png", "flyer-bar-öona-varga.png");
        assertThat(out.toString().lines()).hasSize(3);
        var picture = ImageIO.read(folder.resolve("out/flyer-bar-wu.png").toFile());
        assertThat(picture.getWidth()).isEqualTo(1920);
        assertThat(picture.getColorModel().hasAlpha()).isTrue();
    }

    @Test
    void headings_that_are_not_known_and_every_row_that_cannot_be_filled_in_are_told() throws Exception {
        Path people = folder.resolve("people.csv");
        Files.writeString(people, "name,rloe\nWu,x\n");
        assertThat(run("--table", people.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("not known: 'rloe'", "There is name, role");
        Files.writeString(people, "name,role\nWu,x\n,Flyer\nOona,y\n" + "x".repeat(60) + ",z\n");
        assertThat(run("--table", people.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("line 3", "is needed", "line 5", "at most 40");
        assertThat(run("--table", folder.resolve("nobody.csv").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("nobody.csv is not there.");
        Files.writeString(graphic, "{\n  \"format\": ,\n}");
        assertThat(run()).isEqualTo(2);
        assertThat(err.toString()).contains("no JSON at line 2, column");
    }

    @Test
    void a_picture_may_be_of_any_frame_of_any_phase_and_go_to_standard_output() throws Exception {
        assertThat(run("--phase", "in", "--frame", "0")).as(err.toString()).isZero();
        Path file = folder.resolve("out/flyer-bar.png");
        var first = ImageIO.read(file.toFile());
        int seen = 0;
        for (int x = 0; x < 1920; x++) for (int y = 0; y < 1080; y++) if (first.getRGB(x, y) >>> 24 > 0) seen++;
        assertThat(seen).as("pixels of the first frame of the in").isZero();
        assertThat(run("--phase", "nowhere")).isEqualTo(2);
        assertThat(run("--as", "mov", "--frame", "3")).isEqualTo(2);
        assertThat(err.toString()).contains("in, loop or out", "for png and svg");
        java.io.PrintStream standard = System.out;
        java.io.ByteArrayOutputStream piped = new java.io.ByteArrayOutputStream();
        System.setOut(new java.io.PrintStream(piped));
        try {
            assertThat(Glimble.run(
                            new PrintWriter(out, true),
                            new PrintWriter(err, true),
                            "render",
                            graphic.toString(),
                            "--to",
                            "-"))
                    .as(err.toString())
                    .isZero();
        } finally {
            System.setOut(standard);
        }
        assertThat(ImageIO.read(new java.io.ByteArrayInputStream(piped.toByteArray()))
                        .getWidth())
                .isEqualTo(1920);
    }

    @Test
    void a_page_is_written_and_what_it_does_not_carry_is_said() throws Exception {
        assertThat(run("--as", "page")).isZero();
        assertThat(files()).containsExactly("flyer-bar.html");
        assertThat(err.toString()).contains("Chinese");
        assertThat(Files.readString(folder.resolve("out/flyer-bar.html"))).startsWith("<!doctype html>");
    }

    @Test
    void a_font_of_the_house_is_set_and_goes_along_in_a_bundle() throws Exception {
        Path fonts = Files.createDirectory(folder.resolve("fonts"));
        Files.write(fonts.resolve("skerry.ttf"), HouseFonts.skerry());
        String id = HouseFont.read(HouseFonts.skerry()).id();
        Files.writeString(graphic, DemoGraphics.named("flyer-bar").replace("barlow-condensed-600", id));
        assertThat(run("--as", "bundle")).isEqualTo(2);
        assertThat(err.toString()).contains(id);
        assertThat(run("--as", "bundle", "--fonts", fonts.toString()))
                .as(err.toString())
                .isZero();
        assertThat(run("--as", "lottie", "--fonts", fonts.toString()))
                .as(err.toString())
                .isZero();
        assertThat(files()).containsExactly("flyer-bar.bundle.zip", "flyer-bar.json");
        assertThat(Files.readString(folder.resolve("out/flyer-bar.json"))).contains("\"markers\"", "\"cm\":\"loop\"");
        try (ZipFile zip =
                new ZipFile(folder.resolve("out/flyer-bar.bundle.zip").toFile())) {
            assertThat(zip.getEntry("fonts/" + id + ".font")).isNotNull();
        }
    }

    @Test
    void what_cannot_be_filled_in_is_said_with_its_place_and_nothing_is_written() {
        assertThat(run("--values", "nick=Wu")).isEqualTo(2);
        assertThat(err.toString()).contains("$['nick']: is not known; there is name, role");
        assertThat(folder.resolve("out")).isEmptyDirectory();
    }

    @Test
    void what_is_no_form_no_colour_or_no_graphic_is_said() throws IOException {
        assertThat(run("--as", "film")).isEqualTo(2);
        assertThat(run("--ground", "blue")).isEqualTo(2);
        Files.writeString(graphic, "{\"format\": 1}");
        assertThat(run()).isEqualTo(2);
        assertThat(err.toString()).contains("one of package, page, bundle, findings", "like #2A2340", "$.name");
    }

    @Test
    void what_a_table_fills_in_is_a_table_again_with_its_dials() throws Exception {
        Path people = folder.resolve("people.csv");
        Files.writeString(people, "Role;Name\n\"Flyer;\n2nd\";Öona \"O\" Varga\n;Wu\n");
        assertThat(run("--as", "table", "--table", people.toString()))
                .as(err.toString())
                .isZero();
        assertThat(files()).containsExactly("flyer-bar.csv");
        Table table = Table.read(Files.readAllBytes(folder.resolve("out/flyer-bar.csv")));
        assertThat(table.columns()).startsWith("cue").hasSize(3);
        assertThat(table.rows().get(0).cells()).containsExactly("Flyer;\n2nd", "Öona \"O\" Varga", "Flyer;\n2nd");
        assertThat(run(
                        "--as",
                        "table",
                        "--table",
                        folder.resolve("out/flyer-bar.csv").toString()))
                .as(err.toString())
                .isZero();
        Table again = Table.read(Files.readAllBytes(folder.resolve("out/flyer-bar.csv")));
        assertThat(again).isEqualTo(table);
    }

    @Test
    void words_that_are_spoken_are_captions_and_others_are_not() throws Exception {
        assertThat(run("--as", "captions")).isEqualTo(2);
        assertThat(err.toString()).contains("none of its texts shows a field of spoken words");
        Files.writeString(graphic, DemoGraphics.named("spoken-line"));
        assertThat(run("--as", "captions")).as(err.toString()).isZero();
        assertThat(files()).containsExactly("spoken-line.vtt");
        WebVtt.Reading read = WebVtt.read(Files.readString(folder.resolve("out/spoken-line.vtt")));
        assertThat(read.isSound()).as(read.sentence()).isTrue();
        assertThat(read.words()).hasSizeGreaterThan(8);
    }

    @Test
    void what_its_proof_found_is_a_table() throws Exception {
        Files.writeString(graphic, DemoGraphics.faulty());
        assertThat(run("--as", "findings")).as(err.toString()).isZero();
        assertThat(files()).containsExactly("wind-strap.findings.csv");
        assertThat(Files.readString(folder.resolve("out/wind-strap.findings.csv")))
                .contains("contrast,message", "to mend");
    }
}
