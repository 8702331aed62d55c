package glimble.rest;

import static glimble.Sketch.box;
import static glimble.Sketch.graphic;
import static glimble.Sketch.group;
import static glimble.Sketch.hang;
import static glimble.Sketch.left;
import static glimble.Sketch.longest;
import static glimble.Sketch.px;
import static glimble.Sketch.text;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.PlainWriting;
import glimble.Sketch;
import glimble.graphic.Base;
import glimble.graphic.Corners;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Look;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.TextPart;
import glimble.text.Ink;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import glimble.text.Writing;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Groups, what stays, letters placed by their ink, and pictures. */
class PlacingTest {
    private static final Pictures CREST =
            key -> key.equals("crest") ? Optional.of(new Pictures.Extent(60, 40)) : Optional.empty();

    private static Rest solve(Graphic graphic, String... values) {
        Map<String, String> filled = values.length == 0 ? Map.of() : Map.of(values[0], values[1]);
        return RestSolver.solve(graphic, filled, new MonoTypesetter(), CREST);
    }

    private static Place at(double px) {
        return hang(Edge.START, Place.FRAME, Edge.START, px);
    }

    @Test
    void a_group_stands_around_its_parts_and_others_hang_on_it() {
        Part[] parts = {
            box("a", px(100), at(50), px(20), at(10)),
            box("b", px(40), at(200), px(60), at(30)),
            group("both", "a", "b"),
            box(
                    "line",
                    new Size.Matches("both", 1, 0),
                    hang(Edge.START, "both", Edge.START, 0),
                    px(4),
                    hang(Edge.START, "both", Edge.END, 6))
        };
        Rest rest = solve(graphic(parts));
        assertThat(rest.box("both")).isEqualTo(new Rect(50, 10, 190, 80));
        assertThat(rest.box("line")).isEqualTo(new Rect(50, 96, 190, 4));
    }

    @Test
    void a_group_shrinks_with_what_is_blank_and_is_absent_with_all_of_it() {
        Part[] parts = {
            text("name", at(50), at(10)),
            text("role", at(50), at(40)),
            group("lines", "name", "role"),
            box("line", px(9), left(), px(4), hang(Edge.START, "lines", Edge.END, 6))
        };
        assertThat(solve(graphic(parts), "role", "Flyer").box("lines")).isEqualTo(new Rect(50, 40, 50, 20));
        Rest nothing = solve(graphic(parts));
        assertThat(nothing.isPresent("lines")).isFalse();
        // What hung on the group takes the place of the first of its parts.
        assertThat(nothing.box("line").y()).isEqualTo(10);
    }

    @Test
    void a_group_that_needs_a_field_takes_its_parts_along() {
        GroupPart group = group("all", "a");
        Part needing = group.withBase(group.base().withNeeds(List.of("role")));
        Graphic graphic = graphic(box("a", px(10), left(), px(10), left()), needing);
        assertThat(solve(graphic).isPresent("a")).isFalse();
        assertThat(solve(graphic, "role", "Flyer").isPresent("a")).isTrue();
    }

    @Test
    void parts_hang_on_a_group_that_is_placed_itself() {
        GroupPart group = group("all", "a", "b");
        Base base = group.base();
        Part placed = group.withBase(
                base.withSpans(new Span(base.x().size(), hang(Edge.CENTRE, Place.FRAME, Edge.CENTRE, 0)), base.y()));
        Graphic graphic = graphic(
                box("a", px(100), hang(Edge.START, "all", Edge.INNER_START, 0), px(10), at(0)),
                box("b", px(60), hang(Edge.START, "a", Edge.END, 20), px(10), at(0)),
                placed);
        // 180 px in the middle of 1000.
        assertThat(solve(graphic).box("a").x()).isEqualTo(410);
        assertThat(solve(graphic).box("all").right()).isEqualTo(590);
    }

    @Test
    void what_is_told_to_stay_does_not_close_up() {
        Place below = hang(Edge.START, "name", Edge.END, 6);
        Place stays = new Place.Hang(Edge.START, "name", Edge.END, 6, true);
        Part name = text("name", at(0), at(100));
        assertThat(solve(graphic(name, text("role", at(0), below)), "role", "Flyer")
                        .box("role")
                        .y())
                .isEqualTo(100);
        // A line of letters and the gap below it are still kept free.
        assertThat(solve(graphic(name, text("role", at(0), stays)), "role", "Flyer")
                        .box("role")
                        .y())
                .isEqualTo(100 + Sketch.LINE + 6);
    }

    /** With letters whose ink is 2 px narrower at either side, and as high as 10 of 20 px. */
    private static Rest tight(Graphic graphic) {
        MonoTypesetter mono = new MonoTypesetter();
        Typesetter typesetter = new Typesetter() {
            @Override
            public Set<String> fonts() {
                return mono.fonts();
            }

            @Override
            public Writing writing() {
                return new PlainWriting();
            }

            @Override
            public TypesetLine set(String text, String font, double size, double tracking) {
                TypesetLine line = mono.set(text, font, size, tracking);
                Ink ink = new Ink(2, -10, line.advance() - 2, 0);
                return new TypesetLine(
                        line.advance(), line.ascent(), line.descent(), ink, line.runs(), line.units(), List.of());
            }
        };
        return RestSolver.solve(graphic, Map.of("name", "Wu"), typesetter);
    }

    @Test
    void letters_can_be_placed_by_their_ink() {
        TextPart plain = text("name", at(100), at(100));
        Base base = plain.base();
        Part inked = plain.withBase(base.withSpans(
                new Span(new Size.Own(true), base.x().place()),
                new Span(new Size.Own(true), base.y().place())));
        PartRest rest = tight(graphic(inked)).part("name");
        assertThat(rest.drawn()).isEqualTo(rest.box());
        assertThat(rest.box()).isEqualTo(new Rect(100, 100, 16, 10));
        assertThat(rest.line().orElseThrow().runs().get(0).x()[0]).isEqualTo(-2);
        PartRest usual = tight(graphic(plain)).part("name");
        assertThat(rest.box().height())
                .isEqualTo(usual.drawn().height())
                .isLessThan(usual.box().height());
        assertThat(Relations.cycle(graphic(inked, box("b", longest(1, 1, "name"), left(), px(1), left()))))
                .isEmpty();
    }

    @Test
    void a_picture_has_a_size_of_its_own_and_is_absent_when_none_is_named() {
        Span own = new Span(new Size.Own(), at(10));
        Base base = new Base("crest", "", List.of(), own, own, List.of());
        Graphic graphic = graphic(new PicturePart(base, "{role}", false, Corners.SHARP, Look.PLAIN));
        assertThat(solve(graphic).isPresent("crest")).isFalse();
        assertThat(solve(graphic, "role", "crest").box("crest")).isEqualTo(new Rect(10, 10, 60, 40));
        assertThat(solve(graphic, "role", "lost").notes())
                .containsExactly(new Note(
                        "crest",
                        "the house has no picture 'lost'; choose another, or add it there",
                        0,
                        Note.Kind.PICTURE));
    }
}
