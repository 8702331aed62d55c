package glimble.reel;

import static glimble.Sketch.bar;
import static glimble.Sketch.box;
import static glimble.Sketch.graphic;
import static glimble.Sketch.group;
import static glimble.Sketch.hang;
import static glimble.Sketch.move;
import static glimble.Sketch.px;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.Sketch;
import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Corners;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Look;
import glimble.graphic.Loop;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Place;
import glimble.graphic.Start;
import glimble.graphic.Step;
import glimble.graphic.Timing;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.motion.Dealing;
import glimble.rest.Rect;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Motion in other lengths, backwards, stepped and taken out early, where it was once wrong. */
class RetimedTest {
    private static final Map<String, String> VALUES = Map.of("name", "Oona Varga", "role", "Flyer");
    private static final Loop STILL = new Loop(0, List.of());

    private static Move fade(String part, Start start, int length, Ease ease) {
        Move made = move(part + " fades", part, Channel.OPACITY, new Travel.Factor(0), start, length);
        return made.withEase(ease, List.of());
    }

    private static Reel make(Graphic graphic, int length) {
        return worked(graphic, length).reel();
    }

    private static WorkedOut worked(Graphic graphic, int length) {
        return ReelMaker.make(graphic, VALUES, new MonoTypesetter(), key -> Optional.empty(), length);
    }

    private static Track track(Reel reel, String part, PhaseName phase) {
        return reel.layers().stream()
                .filter(layer -> layer.part().equals(part))
                .flatMap(layer -> layer.tracks().stream())
                .filter(track -> track.phase() == phase)
                .findFirst()
                .orElseThrow();
    }

    private static Graphic spanned(Move move, Timing.TimeSpan... spans) {
        In in = new In(List.of(move), new Timing(List.of(), List.of(), List.of(spans)));
        return graphic(bar()).withPhases(in, STILL, new Out(List.of(), Timing.NONE, true));
    }

    @Test
    void slack_that_is_squeezed_to_nothing_still_ends_at_rest() {
        Graphic graphic = spanned(fade("name", new Start.At(10), 10, new Ease.Linear()), new Timing.TimeSpan(10, true));
        Reel reel = make(graphic, 21);
        assertThat(reel.in()).isEqualTo(10);
        Track in = track(reel, "name", PhaseName.IN);
        assertThat(in.at(9)).isZero();
        assertThat(in.at(10)).isEqualTo(1);
        Track out = track(reel, "name", PhaseName.OUT);
        assertThat(out.at(0)).isEqualTo(1);
        assertThat(out.at(reel.out())).isZero();
    }

    @ParameterizedTest
    @ValueSource(ints = {21, 30, 41, 60, 90, 300})
    void cuts_stay_cuts_in_any_length(int length) {
        Graphic graphic =
                spanned(fade("name", new Start.At(0), 20, new Ease.Steps(2, false)), new Timing.TimeSpan(20, false));
        Reel reel = make(graphic, length);
        for (PhaseName phase : List.of(PhaseName.IN, PhaseName.OUT)) {
            assertThat(Arrays.stream(track(reel, "name", phase).values())
                            .distinct()
                            .sorted())
                    .as("%s in %s frames", phase, reel.in())
                    .isSubsetOf(0.0, 0.5, 1.0);
        }
    }

    @Test
    void a_mirrored_out_has_the_spans_of_the_in_backwards() {
        // Ten firm frames, then slack: the out begins with slack and ends with its firm frames.
        Graphic graphic = spanned(fade("name", new Start.At(0), 30, new Ease.Linear()), new Timing.TimeSpan(10, true));
        Reel reel = make(graphic, 31);
        assertThat(reel.in() + reel.out() + 1).isEqualTo(31);
        Track in = track(reel, "name", PhaseName.IN);
        Track out = track(reel, "name", PhaseName.OUT);
        for (int frame = 0; frame <= 10; frame++) {
            assertThat(in.at(frame)).isEqualTo(Rounding.factor(frame / 30.0));
            assertThat(out.at(reel.out() - frame)).isEqualTo(in.at(frame));
        }
    }

    @RepeatedTest(200)
    void in_any_length_the_in_ends_at_rest_and_the_out_begins_there(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Graphic graphic = RandomGraphic.of(9_000 + seed);
        Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
        for (int length : new int[] {1, 7, 30, 120, 900}) {
            Reel reel = ReelMaker.make(graphic, values, new MonoTypesetter(), key -> Optional.empty(), length)
                    .reel();
            for (Layer layer : reel.layers()) {
                for (Track track : layer.tracks()) {
                    if (track.phase() == PhaseName.LOOP) continue;
                    int frame = track.phase() == PhaseName.IN ? reel.in() : 0;
                    // A phase of no frames is over at once.
                    if (track.phase() == PhaseName.OUT && reel.out() == 0) continue;
                    int units = Math.max(1, track.dealt().starts().length);
                    for (int unit = 0; unit < units; unit++) {
                        double value = track.overLetters() ? track.at(frame, unit) : track.at(frame);
                        assertThat(value)
                                .as("%s %s of %s at length %s", track.phase(), track.channel(), layer.part(), length)
                                .isEqualTo(track.channel().rest());
                    }
                }
            }
        }
    }

    @Test
    void all_units_together_take_exactly_their_total() {
        for (double overlap : new double[] {0, 0.3, 0.5, 0.9}) {
            for (int length = 1; length <= 60; length += 7) {
                for (int units = 1; units <= 120; units++) {
                    Deal deal = new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 0, new Deal.Pace.Total(overlap), 0, 0);
                    assertThat(Dealing.of(deal, units, length, 50).length())
                            .as("%s units in %s frames, overlap %s", units, length, overlap)
                            .isEqualTo(length);
                }
            }
        }
    }

    @Test
    void a_deal_backwards_ends_where_it_would_begin() {
        for (Deal.Order order : Deal.Order.values()) {
            Deal deal = new Deal(Deal.Unit.LETTERS, order, 4, new Deal.Pace.Each(0.3), 0, 0);
            Dealing forwards = Dealing.of(deal, 9, 8, 50);
            Dealing backwards = Dealing.of(deal.turnedBack(), 9, 8, 50);
            for (int i = 0; i < 9; i++) {
                assertThat(backwards.starts()[i] + backwards.unit())
                        .isEqualTo(forwards.length() - forwards.starts()[i]);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {-4, 0, 6, 15})
    void a_step_stands_before_the_moves_of_its_part_whatever_its_offset(int plus) {
        Move plate = fade("plate", new Start.At(0), 10, new Ease.Linear());
        Move name = fade("name", new Start.At(20), 10, new Ease.Linear());
        Graphic graphic = graphic(bar())
                .withPhases(
                        new In(List.of(plate, name), Timing.NONE, List.of(new Step("name", plus))),
                        STILL,
                        new Out(List.of()));
        WorkedOut worked = ReelMaker.make(graphic, VALUES, new MonoTypesetter());
        int step = worked.reel().steps().get(0).frame();
        assertThat(step).isEqualTo(20 + plus);
        int begins = worked.bars().stream()
                .filter(bar -> bar.part().equals("name"))
                .findFirst()
                .orElseThrow()
                .start();
        assertThat(begins).isGreaterThanOrEqualTo(step).isEqualTo(Math.max(20, 20 + plus));
    }

    private static Part plain(String key, double x, Look look) {
        Part made = box(
                key,
                px(100),
                hang(Edge.START, Place.FRAME, Edge.START, x),
                px(50),
                hang(Edge.START, Place.FRAME, Edge.START, 100));
        return new BoxPart(made.base(), Sketch.INK, Corners.SHARP, 0, look);
    }

    @Test
    void a_group_goes_clear_with_the_shadows_of_all_that_is_in_it() {
        Look thrown = new Look(Optional.empty(), Optional.of(new Look.Shadow("#000000", 30, 0, 20)));
        Move leaves = move("leaves", "both", Channel.X, new Travel.ClearOfFrame(Toward.LEFT), new Start.At(0), 10);
        Graphic graphic = graphic(
                List.of(),
                STILL,
                List.of(leaves),
                plain("one", 100, Look.PLAIN),
                plain("two", 300, thrown),
                group("both", "one", "two"));
        // To the right of what ends at 400: 30 px of offset and one and a half times the blur.
        assertThat(track(make(graphic, 200), "both", PhaseName.OUT).at(10)).isEqualTo(-460.002);
    }

    @Test
    void clear_of_a_mask_counts_its_soft_edge_and_every_part_of_a_group_that_masks() {
        Move leaves = move("leaves", "one", Channel.X, new Travel.ClearOfMask(Toward.RIGHT), new Start.At(0), 10);
        Part one = plain("one", 100, Look.PLAIN);
        Graphic graphic = graphic(
                List.of(),
                STILL,
                List.of(leaves),
                one.withBase(one.base().withMasks(List.of(new Mask("window", true, 40)))),
                plain("left", 90, Look.PLAIN),
                plain("right", 500, Look.PLAIN),
                group("window", "left", "right"));
        // The right one ends at 600; the edge of 40 px fades over 60.
        assertThat(track(make(graphic, 200), "one", PhaseName.OUT).at(10)).isEqualTo(560.002);
    }

    @Test
    void what_is_seen_but_has_not_begun_leaves_with_the_others() {
        Move grows = move("grows", "plate", Channel.SCALE_X, new Travel.Factor(0.8), new Start.At(30), 10);
        Move comes = fade("name", new Start.At(0), 20, new Ease.Linear());
        Move hidden = fade("role", new Start.At(30), 5, new Ease.Linear());
        List<Move> out = List.of(
                move("plate leaves", "plate", Channel.X, new Travel.ClearOfFrame(Toward.LEFT), new Start.At(0), 10),
                move("role leaves", "role", Channel.X, new Travel.ClearOfFrame(Toward.LEFT), new Start.At(0), 10));
        Reel early =
                EarlyOut.of(worked(graphic(List.of(grows, comes, hidden), STILL, out, bar()), 200), PhaseName.IN, 10);
        List<Course> courses = Courses.of(early, PhaseName.OUT);
        Rect picture = new Rect(0, 0, 1000, 500);
        assertThat(Courses.shared(courses.get(0).seen(early.out()), picture).width())
                .as("plate")
                .isZero();
        for (int frame = 0; frame <= early.out(); frame++) {
            assertThat(courses.get(2).isSeen(frame)).as("role at %s", frame).isFalse();
        }
    }
}
