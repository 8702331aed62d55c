package glimble.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.edit.Rescale;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.tables.Table;
import glimble.graphic.Check;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.ProofRules;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Finding;
import glimble.proof.Prover;
import glimble.rest.Pictures;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Proofs run side by side, with tables of names, and told as a page or a table. */
class ProofRunTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    private static Graphic graphic(String json) {
        return GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
    }

    private static List<Filling> fillings(Graphic graphic, int count) {
        List<Filling> fillings = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            fillings.add(new Filling("trial " + i, Map.of("tag", "T" + i % 10, "message", "Message " + i)));
        }
        return fillings;
    }

    @Test
    void a_table_may_have_labels_one_column_or_a_byte_order_mark() throws Exception {
        Graphic bar = graphic(DemoGraphics.named("flyer-bar"));
        List<Filling> labelled = NamesTable.read("\uFEFFROLE;x,Name\nFlyer,Wu\n", bar);
        assertThat(labelled)
                .singleElement()
                .satisfies(filling -> assertThat(filling.values())
                        .containsEntry("name", "Wu")
                        .containsEntry("role", "Two-line freestyle"));
        List<Filling> plain = NamesTable.read("Wu\nOona Varga\n", bar);
        assertThat(plain).extracting(filling -> filling.values().get("name")).containsExactly("Wu", "Oona Varga");
        assertThatThrownBy(() -> NamesTable.read("", bar)).hasMessageContaining("empty");
        assertThatThrownBy(() -> NamesTable.read("name\n", bar)).hasMessageContaining("no names below");
        assertThatThrownBy(() -> NamesTable.read("name\n\"open", bar))
                .hasMessageContaining("cannot be read after the row in line 1")
                .hasMessageNotContaining("Exception");
        assertThat(NamesTable.read("role;name\r\n\r\nFlyer;\"Wu\nOona\"\r\n", bar))
                .singleElement()
                .satisfies(filling -> assertThat(filling.values()).containsEntry("name", "Wu\nOona"));
        assertThatThrownBy(() -> NamesTable.read("name\n" + "W".repeat(2_001), bar))
                .hasMessageContaining("Line 2 has more than 2000 characters for 'name'");
    }

    @Test
    void fillings_proved_side_by_side_come_to_the_same_as_one_after_another() {
        Graphic graphic = graphic(DemoGraphics.faulty());
        Prover prover = new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        List<Filling> fillings = fillings(graphic, 60);
        ProofRun.Standing once = new ProofRun(prover, fillings).run();
        ProofRun.Standing again = new ProofRun(prover, fillings).run();
        assertThat(once.finished()).isTrue();
        assertThat(once.done()).isEqualTo(60);
        assertThat(again.findings()).isEqualTo(once.findings());
        assertThat(once.findings())
                .extracting(finding -> finding.worst().check())
                .contains(Check.ENDS, Check.LATE);
        assertThat(once.findings()).allSatisfy(finding -> {
            Filling least = finding.reduced().orElseThrow();
            assertThat(prover.faults(least))
                    .anyMatch(fault -> fault.cause().equals(finding.worst().cause()));
        });
    }

    @Test
    void each_filling_waits_for_its_turn() {
        Graphic graphic = graphic(DemoGraphics.named("flyer-bar"));
        Prover prover = new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        List<Filling> fillings = fillings(graphic, 30);
        AtomicInteger turns = new AtomicInteger();
        ProofRun run = new ProofRun(prover, fillings);
        run.setPace(work -> {
            turns.incrementAndGet();
            return work.get();
        });
        ProofRun.Standing standing = run.run();
        assertThat(standing.done()).isEqualTo(30);
        assertThat(turns.get()).isEqualTo(30);
        assertThat(standing.findings())
                .isEqualTo(new ProofRun(prover, fillings).run().findings());
    }

    @Test
    void a_run_that_is_stopped_keeps_what_it_has_found() {
        Graphic graphic = graphic(DemoGraphics.faulty());
        Prover prover = new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        ProofRun run = new ProofRun(prover, fillings(graphic, 500));
        run.stop();
        ProofRun.Standing standing = run.run();
        assertThat(standing.stopped()).isTrue();
        assertThat(standing.finished()).isFalse();
        assertThat(standing.done()).isLessThan(500);
    }

    @Test
    void what_people_typed_is_not_taken_for_markup() {
        Graphic graphic = graphic(DemoGraphics.named("wind-strap"));
        Prover prover = new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        Filling sly = new Filling("sly", Map.of("tag", "<b>", "message", "\"&<script>"));
        ProofRun.Standing standing = new ProofRun(prover, List.of(sly)).run();
        String html = ProofSheet.html(
                "A <i>", standing, ProofRules.USUAL, (Finding finding, Filling filling) -> java.util.Optional.empty());
        assertThat(html)
                .contains("&lt;b&gt;")
                .contains("&lt;script&gt;")
                .doesNotContain("<script>")
                .doesNotContain("<i>");
    }

    @Test
    void a_table_has_a_row_for_each_finding_whatever_letters_are_in_it() throws Exception {
        Graphic graphic = graphic(DemoGraphics.faulty());
        Prover prover = new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        List<Filling> fillings = List.of(new Filling("sly", Map.of("tag", "", "message", "\"so,\nsaid; she\"")));
        ProofRun.Standing standing = new ProofRun(prover, fillings).run();
        Table table = Table.read(FindingsTable.csv(standing));
        assertThat(table.rows()).hasSameSizeAs(standing.findings()).isNotEmpty();
        for (int i = 0; i < table.rows().size(); i++) {
            Finding finding = standing.findings().get(i);
            List<String> cells = table.rows().get(i).cells();
            assertThat(cells).hasSameSizeAs(table.columns());
            assertThat(cells.get(0)).isEqualTo(finding.worst().check().word());
            assertThat(Double.parseDouble(cells.get(5)))
                    .isEqualTo(finding.worst().measured());
            assertThat(cells)
                    .contains(finding.worst().sentence(), finding.worst().mend());
        }
    }

    @Test
    void what_would_take_too_long_is_left_out_and_said() {
        String board = DemoGraphics.named("heat-board").replaceAll("\"length\":\\s*\\d+", "\"length\": 10000");
        Graphic graphic = graphic(board);
        Prover prover = new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        Fillings.Made made = Fillings.made(graphic, TYPESETTER, Pictures.NONE);
        ProofRun run = ProofRun.of(prover, made, List.of());
        assertThat(run.fillings()).hasSizeLessThan(made.fillings().size());
        assertThat(run.standing().left())
                .contains(run.fillings().size() + " of " + made.fillings().size() + " fillings are tried")
                .contains("make moves shorter");
    }

    @Test
    void more_texts_than_a_page_can_hold_are_left_out_and_said() {
        Graphic graphic = graphic(DemoGraphics.named("flyer-bar"));
        Prover prover = new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        List<Filling> named = new java.util.ArrayList<>();
        for (int i = 0; i < 1_000; i++) named.add(new Filling("long " + i, Map.of("unused", "W".repeat(1_900))));
        Fillings.Made made = Fillings.made(graphic, TYPESETTER, Pictures.NONE);
        ProofRun run = ProofRun.of(prover, made, named);
        assertThat(run.fillings())
                .hasSizeBetween(made.fillings().size() + 500, made.fillings().size() + 900);
        assertThat(run.standing().left()).contains("letters; shorten them");
    }

    @Test
    void pictures_of_a_sheet_are_small_whatever_the_raster() throws Exception {
        Graphic large = Rescale.to(graphic(DemoGraphics.faulty()), 16_384, 16_384);
        Prover prover = new Prover(large, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        ProofRun.Standing standing = new ProofRun(prover, fillings(large, 20)).run();
        Finding finding = standing.findings().get(0);
        WorstFrame frames = new WorstFrame(
                large, new Palette(Map.of()), TYPESETTER, Pictures.NONE, key -> java.util.Optional.empty());
        byte[] png =
                frames.png(finding, standing.fillings().get(finding.trial())).orElseThrow();
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(png));
        assertThat(picture.getWidth()).isEqualTo(960);
        assertThat(picture.getHeight()).isEqualTo(960);
    }
}
