package glimble.document;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomDials;
import glimble.RandomGraphic;
import glimble.Sketch;
import glimble.cases.Exchange;
import glimble.dial.Settings;
import glimble.edit.MoveEdits;
import glimble.edit.PartEdits;
import glimble.edit.Rescale;
import glimble.edit.VariantEdits;
import glimble.graphic.Dial;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.Place;
import glimble.graphic.Played;
import glimble.graphic.Variant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class DialledTest {
    private static final Set<String> FONTS = Set.of("mono");
    private static final int GRAPHICS = 60;

    /** Random graphics that offer something. */
    private static List<Graphic> offering() {
        List<Graphic> graphics = new ArrayList<>();
        for (int seed = 0; seed < GRAPHICS; seed++) {
            Graphic graphic = RandomGraphic.of(seed);
            if (!graphic.dials().isEmpty()) graphics.add(graphic);
        }
        assertThat(graphics).hasSizeGreaterThan(GRAPHICS / 5);
        return graphics;
    }

    /** Without its dials, and with every link as it is read. */
    private static Graphic bare(Graphic graphic) {
        Graphic bare = graphic.withDials(List.of());
        return GraphicReader.trusted(GraphicWriter.write(bare), List.of()).orElseThrow();
    }

    @Test
    void what_is_written_is_read_back() {
        for (Graphic graphic : offering()) {
            assertThat(GraphicReader.read(GraphicWriter.write(graphic), FONTS).graphic())
                    .contains(graphic);
        }
    }

    @Test
    void a_setting_stands_in_its_places_and_nowhere_else() {
        for (Graphic graphic : offering()) {
            for (Dial dial : graphic.dials()) {
                for (String end : Settings.ends(dial)) {
                    Graphic set = Dialled.of(graphic, Map.of(dial.key(), end));
                    Map<String, Tree> before = new LinkedHashMap<>(Leaves.of(GraphicWriter.write(graphic)));
                    Map<String, Tree> after = new LinkedHashMap<>(Leaves.of(GraphicWriter.write(set)));
                    for (String place : dial.sets()) {
                        assertThat(after.remove(place)).isEqualTo(Dialled.value(dial, end));
                        before.remove(place);
                    }
                    before.keySet().removeIf(place -> place.startsWith("dials"));
                    after.keySet().removeIf(place -> place.startsWith("dials"));
                    assertThat(after).isEqualTo(before);
                }
            }
        }
    }

    @Test
    void what_cannot_be_set_is_as_designed() {
        for (Graphic graphic : offering()) {
            Map<String, String> wrong = new HashMap<>(Map.of("no such dial", "7"));
            for (Dial dial : graphic.dials()) wrong.put(dial.key(), dial.isNumber() ? "1e9" : "chartreuse");
            assertThat(Dialled.of(graphic, wrong)).isEqualTo(graphic);
        }
    }

    @Test
    void a_graphic_that_was_not_edited_is_settled() {
        for (Graphic graphic : offering()) assertThat(Dialled.settled(graphic)).isEqualTo(graphic);
    }

    /** An edit that takes everything along can be made before or after dials are set. */
    @Test
    void dials_follow_names_and_copies() {
        Random random = new Random(5);
        for (Graphic graphic : offering()) {
            Map<String, String> settings = RandomDials.settings(graphic, random);
            Graphic set = Dialled.of(graphic, settings);
            for (Part part : graphic.parts()) {
                Graphic renamed = PartEdits.rename(graphic, part.key(), "called otherwise");
                assertThat(bare(Dialled.of(renamed, settings)))
                        .isEqualTo(bare(PartEdits.rename(set, part.key(), "called otherwise")));
                Graphic copied = PartEdits.duplicate(graphic, part.key());
                assertThat(bare(Dialled.of(Dialled.settled(copied), settings)))
                        .isEqualTo(bare(PartEdits.duplicate(set, part.key())));
            }
            for (Phase phase : graphic.phases()) {
                for (Move move : phase.moves()) {
                    Graphic renamed = MoveEdits.rename(graphic, phase.name(), move.key(), "moved otherwise");
                    assertThat(bare(Dialled.of(renamed, settings)))
                            .isEqualTo(bare(MoveEdits.rename(set, phase.name(), move.key(), "moved otherwise")));
                }
            }
            for (Variant variant : graphic.variants()) {
                var of = variant.phase().name();
                Graphic renamed = VariantEdits.rename(graphic, of, variant.name(), "other");
                assertThat(bare(Dialled.of(renamed, settings)))
                        .isEqualTo(bare(VariantEdits.rename(set, of, variant.name(), "other")));
            }
        }
    }

    @Test
    void dials_stay_with_what_they_set_while_a_variant_is_looked_at() {
        Random random = new Random(6);
        for (Graphic graphic : offering()) {
            Map<String, String> settings = RandomDials.settings(graphic, random);
            for (Variant variant : graphic.variants()) {
                Played played = Played.only(variant.phase().name(), variant.name());
                Graphic seen = Exchange.of(graphic, played);
                assertThat(Exchange.back(seen, played)).isEqualTo(graphic);
                assertThat(bare(Dialled.of(seen, settings)))
                        .isEqualTo(bare(Exchange.of(Dialled.of(graphic, settings), played)));
            }
        }
    }

    @Test
    void what_is_removed_is_set_no_longer_and_the_rest_can_be_read() {
        for (Graphic graphic : offering()) {
            Graphic left = Dialled.settled(
                    graphic.withParts(List.of()).withMoves(moves -> List.of()).withVariants(List.of()));
            assertThat(left.dials())
                    .allSatisfy(dial -> assertThat(dial.sets())
                            .allSatisfy(place -> assertThat(place).doesNotStartWith("parts")));
        }
    }

    @Test
    void px_scale_with_the_frame() {
        Dial px = new Dial("room", "Room", Dial.Kind.NUMBER, "100", 50, 150, 10, "px", List.of(), List.of("parts/a"));
        assertThat(Settings.scaled(px, 0.5))
                .isEqualTo(new Dial(
                        "room", "Room", Dial.Kind.NUMBER, "50", 25, 75, 5, "px", List.of(), List.of("parts/a")));
        for (Graphic graphic : offering()) {
            Graphic half = Dialled.settled(Rescale.to(graphic, 960, 540));
            assertThat(GraphicReader.trusted(GraphicWriter.plain(half), half.dials()))
                    .contains(half);
        }
    }

    @Test
    void numbers_are_set_in_steps() {
        Dial dial = new Dial("d", "D", Dial.Kind.NUMBER, "0.25", 0, 1, 0.1, "", List.of(), List.of("parts/a/opacity"));
        assertThat(Settings.number(dial, "0,34")).isEqualTo(0.3);
        assertThat(Settings.number(dial, "0.25")).isEqualTo(0.25);
        assertThat(Settings.problem(dial, "1.2")).contains("must be from 0 to 1");
        assertThat(Settings.problem(dial, "few")).contains("must be a number");
        assertThat(Settings.problem(dial, "")).isEmpty();
    }

    @Test
    void what_is_wrong_with_a_dial_is_said_where_it_stands() {
        Graphic graphic = Sketch.graphic(Sketch.box(
                "plate",
                Sketch.px(100),
                Sketch.left(),
                Sketch.px(40),
                Sketch.hang(Edge.START, Place.FRAME, Edge.START, 0)));
        Tree tree = GraphicWriter.write(graphic);
        assertThat(refusal(tree, "number", "parts/plate/height/px")).isEmpty();
        assertThat(refusal(tree, "number", "parts/gone/height/px"))
                .containsExactly("$.dials[0].sets[0]: names a place that the document does not have");
        assertThat(refusal(tree, "number", "parts/plate/height"))
                .containsExactly(
                        "$.dials[0].sets[0]: names a place that holds an object, which a dial of this kind cannot set");
        assertThat(refusal(tree, "number", "trials/0/name"))
                .containsExactly(
                        "$.dials[0].sets[0]: must begin with one of colours, grade, in, light, loop, out, parts, swap, variants");
        assertThat(refusal(tree, "choice", "parts/plate/key"))
                .containsExactly(
                        "$.dials[0].sets[0]: 'key' holds the document together and cannot be set by operators");
        assertThat(refusal(tree, "number", "parts/plate/opacity"))
                .singleElement()
                .asString()
                .startsWith(
                        "$.dials[0]: set to 90, the document cannot be read: $.parts[0].opacity must be from 0 to 1");
    }

    private static List<String> refusal(Tree tree, String kind, String place) {
        Tree dial = Tree.object()
                .put("key", "d")
                .put("label", "D")
                .put("kind", kind)
                .put("value", value(kind, place))
                .put("least", place.endsWith("opacity") ? 0 : 10)
                .put("most", place.endsWith("opacity") ? 90 : 200)
                .put("options", new Tree.Arr(List.of(new Tree.Text("plate"), new Tree.Text("other"))))
                .put("sets", new Tree.Arr(List.of(new Tree.Text(place))))
                .made();
        Map<String, Tree> members = new LinkedHashMap<>(((Tree.Obj) tree).members());
        members.put("dials", new Tree.Arr(List.of(dial)));
        return GraphicReader.read(new Tree.Obj(members), FONTS).problems().stream()
                .map(Problem::toString)
                .toList();
    }

    private static Tree value(String kind, String place) {
        if (kind.equals("choice")) return new Tree.Text("plate");
        return new Tree.Num(place.endsWith("opacity") ? 1 : 100);
    }
}
