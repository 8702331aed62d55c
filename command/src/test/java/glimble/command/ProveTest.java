package glimble.command;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.DemoGraphics;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The proof from the command line, of documents and of bundles. */
class ProveTest {
    @TempDir
    Path folder;

    private StringWriter words = new StringWriter();
    private Path strap;
    private Path faulty;

    @BeforeEach
    void write() throws IOException {
        strap = Files.writeString(folder.resolve("strap.json"), DemoGraphics.named("wind-strap"));
        faulty = Files.writeString(folder.resolve("faulty.json"), DemoGraphics.faulty());
    }

    private int run(Object... arguments) {
        List<String> all = new ArrayList<>();
        for (Object argument : arguments) all.add(argument.toString());
        PrintWriter writer = new PrintWriter(words, true);
        return Glimble.run(writer, writer, all.toArray(String[]::new));
    }

    private int prove(Object... arguments) {
        List<Object> all = new ArrayList<>(List.of("prove"));
        all.addAll(List.of(arguments));
        return run(all.toArray());
    }

    private String printed() {
        return words.toString();
    }

    @Test
    void a_sound_graphic_ends_with_nothing_found() {
        assertThat(prove(strap)).as(printed()).isZero();
        assertThat(printed()).contains("Wind strap: proved for ").contains(" fillings, 0 findings");
    }

    @Test
    void the_five_faults_of_the_second_revision_are_each_found_and_make_it_end_otherwise() throws IOException {
        Path page = folder.resolve("sheet.html");
        assertThat(prove(faulty, "--sheet", page)).isEqualTo(1);
        assertThat(printed())
                .contains("box · message: its letters come within")
                .contains("ends · tag plate: it is seen on the first frame")
                .contains("late · message: its letters are seen for")
                .contains("cases · no case answers")
                .contains("contrast · message: its letters stand out by")
                .contains("to mend: ");
        String html = Files.readString(page);
        assertThat(html).contains("<h1>Proof of Wind strap</h1>").contains("data:image/png;base64,");
        assertThat(html).doesNotContain("http://").doesNotContain("https://").doesNotContain("<script");
    }

    @Test
    void a_table_of_names_is_proved_too() throws IOException {
        Path names = Files.writeString(
                folder.resolve("names.csv"), "Tag,Message\nNEXT,\"Gusts, again\"\nHOLD,Ștefan Ițcu\n");
        assertThat(prove(strap, names)).isZero();
        Path tooLong =
                Files.writeString(folder.resolve("long.csv"), "Tag,Message\nNEXT,Wu\n\n" + "W".repeat(60) + ",Wu\n");
        assertThat(prove(strap, tooLong)).isEqualTo(1);
        assertThat(printed()).contains("not let through:", "row 4: WWW", "Tag has 60 letters; at most");
        Path wrong = Files.writeString(folder.resolve("wrong.csv"), "a,b\n1,2\n");
        assertThat(prove(strap, wrong)).isEqualTo(2);
        assertThat(printed()).contains("The first row names no field; it should name some of tag, message.");
    }

    @Test
    void what_cannot_be_run_says_why() throws IOException {
        assertThat(prove()).isEqualTo(2);
        assertThat(printed()).contains("Missing required parameter", "Usage: glimble prove");
        assertThat(prove(Files.writeString(folder.resolve("no.json"), "{"))).isEqualTo(2);
        assertThat(printed()).contains("This is no JSON");
        Path wrong = folder.resolve("bad.json");
        Files.writeString(wrong, DemoGraphics.named("wind-strap").replace("\"in\": \"tag only\"", "\"in\": \"none\""));
        assertThat(prove(wrong)).isEqualTo(2);
        assertThat(printed()).contains("$.cases[1].in: there is no variant 'none' of in");
    }

    @Test
    void a_bundle_is_proved_as_the_document_it_was_packed_from() throws IOException {
        Path table = folder.resolve("findings.csv");
        assertThat(prove(faulty, "--findings", table)).isEqualTo(1);
        String alone = printed();
        assertThat(Files.readString(table))
                .startsWith("check,part,other,phase,frame")
                .contains("to mend");
        words = new StringWriter();
        assertThat(run("pack", faulty, "--to", folder)).as(printed()).isZero();
        Path bundle = folder.resolve("wind-strap.bundle.zip");
        assertThat(printed()).contains("Feeds, cue sheets").endsWith(bundle + System.lineSeparator());
        words = new StringWriter();
        assertThat(prove(bundle)).isEqualTo(1);
        assertThat(printed()).isEqualTo(alone);
        assertThat(prove(bundle, "--house", strap)).isEqualTo(2);
        assertThat(printed()).contains("leave --house, --pictures and --fonts out");
        Files.write(bundle, "PK\3\4 no archive".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(prove(bundle)).isEqualTo(2);
        assertThat(printed()).contains("The bundle cannot be read. ");
    }
}
