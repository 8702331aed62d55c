package glimble.reel;

import static glimble.Sketch.graphic;
import static glimble.Sketch.group;
import static glimble.Sketch.hang;
import static glimble.Sketch.move;
import static glimble.Sketch.px;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Edge;
import glimble.graphic.Look;
import glimble.graphic.Loop;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Pivot;
import glimble.graphic.Place;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.rest.Rect;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CoursesTest {
    private static final Place X = hang(Edge.START, Place.FRAME, Edge.START, 100);
    private static final Place Y = hang(Edge.START, Place.FRAME, Edge.START, 200);
    /** 200 × 80 px at 100, 200. */
    private static final Part BOX = Sketch.box("box", px(200), X, px(80), Y);

    private static Course course(int layer, List<Move> in, Part... parts) {
        Reel reel = ReelMaker.make(
                        graphic(in, new Loop(0, List.of()), List.of(), parts),
                        Map.of("name", "Wu", "role", "abcd"),
                        new MonoTypesetter())
                .reel();
        return Courses.of(reel, PhaseName.IN).get(layer);
    }

    private static Move linear(Channel channel, Travel travel, Pivot pivot, Opening opening) {
        Move move = move("m", "box", channel, travel, new Start.At(0), 10);
        return move.withSides(pivot, opening);
    }

    private static void assertThatRect(Rect rect, double x, double y, double width, double height) {
        assertThat(List.of(rect.x(), rect.y(), rect.width(), rect.height()))
                .usingElementComparator((a, b) -> Math.abs(a - b) < 0.01 ? 0 : Double.compare(a, b))
                .containsExactly(x, y, width, height);
    }

    @Test
    void what_does_not_move_is_kept_once() {
        Course still = course(0, List.of(), BOX);
        assertThat(still.isStill()).isTrue();
        assertThatRect(still.seen(99), 100, 200, 200, 80);
    }

    @Test
    void a_hollow_shape_whose_stroke_goes_is_not_seen_without_it() {
        BoxPart hollow = Sketch.box("box", px(200), X, px(80), Y).withFill(new Paint.Colour("#FFFFFF00"));
        Look lined = new Look(Optional.of(new Look.Stroke("#FFFFFF", 4)), Optional.empty());
        Part box = new BoxPart(hollow.base(), hollow.fill(), hollow.corners(), 0, lined);
        Move grows = linear(Channel.STROKE, new Travel.Factor(0), Pivot.CENTRE, Opening.toward(Toward.LEFT));
        Course course = course(0, List.of(grows), box);
        assertThat(course.isSeen(0)).isFalse();
        assertThat(course.isSeen(5)).isTrue();
        assertThat(course(0, List.of(grows), Sketch.box("box", px(200), X, px(80), Y))
                        .isSeen(0))
                .isTrue();
    }

    @Test
    void a_reveal_leaves_the_side_from_which_it_opens() {
        Move reveal = linear(Channel.REVEAL, new Travel.Factor(0), Pivot.CENTRE, Opening.toward(Toward.LEFT));
        Course course = course(0, List.of(reveal), BOX);
        assertThat(course.isSeen(0)).isFalse();
        // Half open to the left, the right half is seen.
        assertThatRect(course.seen(5), 200, 200, 100, 80);
        assertThatRect(course.body(5), 100, 200, 200, 80);
        Move both = linear(Channel.REVEAL, new Travel.Factor(0), Pivot.CENTRE, new Opening(90, true, 0));
        assertThatRect(course(0, List.of(both), BOX).seen(5), 100, 220, 200, 40);
    }

    @Test
    void a_scale_about_an_edge_keeps_it_and_is_uneven() {
        Course course =
                course(0, List.of(linear(Channel.SCALE_X, new Travel.Factor(0), Pivot.LEFT, Opening.RIGHT)), BOX);
        assertThatRect(course.seen(5), 100, 200, 100, 80);
        assertThat(course.uneven(5)).isEqualTo(1);
        assertThat(course.uneven(10)).isZero();
    }

    @Test
    void a_quarter_turn_swaps_width_and_height_about_the_middle() {
        Course course =
                course(0, List.of(linear(Channel.TURN, new Travel.Degrees(90), Pivot.CENTRE, Opening.RIGHT)), BOX);
        assertThatRect(course.body(0), 160, 140, 80, 200);
        assertThatRect(course.body(10), 100, 200, 200, 80);
    }

    @Test
    void a_tilt_narrows_it_by_its_cosine() {
        Course course =
                course(0, List.of(linear(Channel.TILT_Y, new Travel.Degrees(60), Pivot.CENTRE, Opening.RIGHT)), BOX);
        assertThatRect(course.body(0), 150, 200, 100, 80);
    }

    @Test
    void a_group_takes_what_is_in_it_along() {
        Move slides = move("m", "both", Channel.X, new Travel.Px(-50), new Start.At(0), 10);
        Move fades = move("f", "both", Channel.OPACITY, new Travel.Factor(0), new Start.At(0), 10);
        Course course = course(0, List.of(slides, fades), BOX, group("both", "box"));
        assertThatRect(course.seen(0), 50, 200, 200, 80);
        assertThat(course.opacity(5)).isEqualTo(0.5);
        assertThat(course.isSeen(0)).isFalse();
    }

    @Test
    void a_mask_cuts_what_moves_out_of_it_also_while_it_opens_itself() {
        Part window = Sketch.box("window", px(100), X, px(80), Y);
        Part masked = BOX.withBase(BOX.base().withMasks(List.of(new Mask("window", true))));
        Move opens = move("o", "window", Channel.REVEAL, new Travel.Factor(0), new Start.At(0), 10);
        Move slides = move("s", "box", Channel.X, new Travel.Px(40), new Start.At(0), 10);
        Course course = course(1, List.of(opens, slides), window, masked);
        assertThat(course.isSeen(0)).isFalse();
        // The window is 50 px open, the box 20 px to the right.
        assertThatRect(course.seen(5), 120, 200, 30, 80);
        assertThatRect(course.seen(10), 100, 200, 100, 80);
        Part outside = BOX.withBase(BOX.base().withMasks(List.of(new Mask("box 2", false))));
        Part cover = Sketch.box("box 2", px(300), X, px(80), Y);
        assertThat(course(0, List.of(), outside, cover).isSeen(0)).isFalse();
    }

    @Test
    void the_mask_of_a_group_is_all_that_is_in_it() {
        Part left = Sketch.box("left", px(20), X, px(80), Y);
        Part right = Sketch.box("right", px(20), hang(Edge.START, "left", Edge.END, 30), px(80), Y);
        Part masked = BOX.withBase(BOX.base().withMasks(List.of(new Mask("both", true))));
        Course course = course(3, List.of(), left, right, group("both", "left", "right"), masked);
        assertThatRect(course.seen(0), 100, 200, 70, 80);
    }

    @Test
    void letters_that_are_dealt_are_followed_one_by_one() {
        // Four letters of 10 px, each fading in 10 frames, one after the other.
        Deal deal = new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 0, new Deal.Pace.Each(0), 0, 0);
        Move fades = move("m", "role", Channel.OPACITY, new Travel.Factor(0), new Start.At(0), 10)
                .withDeal(Optional.of(deal));
        Course course = course(0, List.of(fades), Sketch.text("role", X, Y));
        assertThat(course.isSeen(0)).isFalse();
        assertThatRect(course.seen(10), 100, 200, 10, 20);
        assertThatRect(course.seen(25), 100, 200, 25, 20);
        assertThatRect(course.seen(40), 100, 200, 40, 20);
    }
}
