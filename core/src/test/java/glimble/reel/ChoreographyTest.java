package glimble.reel;

import static glimble.Sketch.FRAME;
import static glimble.Sketch.bar;
import static glimble.Sketch.box;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.left;
import static glimble.Sketch.move;
import static glimble.Sketch.px;
import static glimble.Sketch.text;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Out;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** What holds for any motion and any text. */
class ChoreographyTest {
    private static final Loop STILL = new Loop(0, List.of());

    private static Reel make(Graphic graphic, Map<String, String> values) {
        return ReelMaker.make(graphic, values, new MonoTypesetter()).reel();
    }

    /** The value of every letter, or of the layer as a whole. */
    private static double[] at(Track track, int frame) {
        if (!track.overLetters()) return new double[] {track.at(frame)};
        double[] values = new double[track.dealt().starts().length];
        for (int unit = 0; unit < values.length; unit++) values[unit] = track.at(frame, unit);
        return values;
    }

    @RepeatedTest(300)
    void in_ends_and_out_starts_at_rest_and_the_loop_has_no_seam(RepetitionInfo repetition) {
        RandomMotion random = new RandomMotion(repetition.getCurrentRepetition());
        Graphic graphic = random.graphicWith(repetition.getCurrentRepetition() % 2 == 0);
        Map<String, String> values = random.values();
        Reel reel = make(graphic, values);
        for (Layer layer : reel.layers()) {
            for (Track track : layer.tracks()) {
                double rest = track.channel().rest();
                if (track.phase() != PhaseName.OUT) {
                    assertThat(at(track, reel.length(track.phase())))
                            .as("%s %s", layer.part(), track)
                            .containsOnly(rest);
                }
                if (track.phase() != PhaseName.IN) {
                    assertThat(at(track, 0)).as("%s %s", layer.part(), track).containsOnly(rest);
                }
                if (track.phase() == PhaseName.LOOP) {
                    assertThat(at(track, track.round() - 1)).isEqualTo(at(track, 3 * track.round() - 1));
                }
            }
        }
    }

    @RepeatedTest(200)
    void a_mirrored_out_is_the_in_backwards_frame_by_frame(RepetitionInfo repetition) {
        RandomMotion random = new RandomMotion(5_000 + repetition.getCurrentRepetition());
        Reel reel = make(random.graphicWith(true), random.values());
        assertThat(reel.out()).isEqualTo(reel.in());
        for (Layer layer : reel.layers()) {
            List<Track> in = ofPhase(layer, PhaseName.IN);
            List<Track> out = ofPhase(layer, PhaseName.OUT);
            assertThat(out).hasSameSizeAs(in);
            for (int i = 0; i < in.size(); i++) {
                for (int frame = 0; frame <= reel.in(); frame++) {
                    assertThat(at(out.get(i), reel.in() - frame)).isEqualTo(at(in.get(i), frame));
                }
            }
        }
    }

    private static List<Track> ofPhase(Layer layer, PhaseName phase) {
        return layer.tracks().stream().filter(track -> track.phase() == phase).toList();
    }

    @RepeatedTest(200)
    void an_early_out_begins_where_each_part_stands_and_never_jumps(RepetitionInfo repetition) {
        RandomMotion random = new RandomMotion(9_000 + repetition.getCurrentRepetition());
        WorkedOut worked = ReelMaker.make(
                random.graphicWith(repetition.getCurrentRepetition() % 3 == 0), random.values(), new MonoTypesetter());
        Reel reel = worked.reel();
        PhaseName phase = reel.loop() > 0 && repetition.getCurrentRepetition() % 2 == 0 ? PhaseName.LOOP : PhaseName.IN;
        int frame = repetition.getCurrentRepetition() % (reel.length(phase) + 1);
        Reel early = EarlyOut.of(worked, phase, frame);
        assertThat(early.out()).isEqualTo(reel.out());
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer before = reel.layers().get(i);
            Layer after = early.layers().get(i);
            for (Channel channel : Channel.values()) {
                for (int unit = 0; unit < Math.max(1, before.units().size()); unit++) {
                    double stands = total(before, phase, channel, frame, unit);
                    assertThat(total(after, PhaseName.OUT, channel, 0, unit))
                            .as("%s %s", before.part(), channel)
                            .isCloseTo(stands, within(2e-3 * Math.max(1, Math.abs(stands))));
                    assertBoundedSpeed(
                            before,
                            after,
                            channel,
                            unit,
                            stands,
                            distance(before, phase, channel, frame, unit),
                            reel.out());
                }
            }
        }
    }

    /** From frame to frame no faster than the out is, and what is left of the first distance goes over smoothly. */
    private static void assertBoundedSpeed(
            Layer before, Layer after, Channel channel, int unit, double stands, double distance, int out) {
        for (int frame = 1; frame <= out; frame++) {
            double usual = Math.abs(total(before, PhaseName.OUT, channel, frame, unit)
                    - total(before, PhaseName.OUT, channel, frame - 1, unit));
            double step = Math.abs(total(after, PhaseName.OUT, channel, frame, unit)
                    - total(after, PhaseName.OUT, channel, frame - 1, unit));
            double allowed = channel.rest() == 1 ? usual * Math.max(1, Math.abs(stands)) : usual + 1.5 * distance / out;
            assertThat(step).as("%s %s frame %s", before.part(), channel, frame).isLessThanOrEqualTo(allowed + 0.05);
        }
    }

    /** How far from rest the tracks of a channel are, each by itself. */
    private static double distance(Layer layer, PhaseName phase, Channel channel, int frame, int unit) {
        double distance = 0;
        for (Track track : layer.tracks()) {
            if (track.phase() != phase || track.channel() != channel) continue;
            distance += Math.abs((track.overLetters() ? track.at(frame, unit) : track.at(frame)) - channel.rest());
        }
        return distance;
    }

    /** All tracks of a channel together, whatever their pivots: enough to see a jump. */
    private static double total(Layer layer, PhaseName phase, Channel channel, int frame, int unit) {
        double total = channel.rest();
        for (Track track : layer.tracks()) {
            if (track.phase() != phase || track.channel() != channel) continue;
            double value = track.overLetters() ? track.at(frame, unit) : track.at(frame);
            total = channel.rest() == 1 ? total * value : total + value;
        }
        return total;
    }

    @Test
    void a_part_that_has_not_begun_to_come_in_stays_away_when_taken_out_early() {
        Move comes = move("comes", "name", Channel.X, new Travel.ClearOfFrame(Toward.LEFT), new Start.At(20), 10);
        Move goes = move("goes", "name", Channel.X, new Travel.ClearOfFrame(Toward.RIGHT), new Start.At(0), 10);
        WorkedOut worked = ReelMaker.make(
                graphic(List.of(comes), STILL, List.of(goes), bar()), Map.of("name", "Wu"), new MonoTypesetter());
        Reel reel = worked.reel();
        Reel early = EarlyOut.of(worked, PhaseName.IN, 5);
        double away = reel.layers().get(1).tracks().get(0).at(0);
        for (int frame = 0; frame <= early.out(); frame++) {
            assertThat(total(early.layers().get(1), PhaseName.OUT, Channel.X, frame, 0))
                    .isEqualTo(away);
        }
    }

    @RepeatedTest(100)
    void retimed_to_any_length_firm_spans_keep_every_value_and_the_whole_has_that_length(RepetitionInfo repetition) {
        RandomMotion random = new RandomMotion(2_000 + repetition.getCurrentRepetition());
        Graphic made = random.graphicWith(false);
        int firm = 5 + repetition.getCurrentRepetition() % 7;
        Timing timing = new Timing(
                made.in().timing().delays(),
                made.in().timing().staggers(),
                List.of(new Timing.TimeSpan(firm, true), new Timing.TimeSpan(1_000, false)));
        Graphic graphic = made.withPhases(new In(made.in().moves(), timing), made.loop(), new Out(List.of()));
        Map<String, String> values = random.values();
        Reel usual = make(graphic, values);
        int length = Math.max(firm + 2, usual.in() * 2 / 3);
        Reel shorter = ReelMaker.make(graphic, values, new MonoTypesetter(), key -> Optional.empty(), length)
                .reel();
        if (usual.in() < length) {
            assertThat(shorter.in()).isEqualTo(usual.in());
            return;
        }
        assertThat(shorter.in() + shorter.out() + 1).isEqualTo(length);
        for (int i = 0; i < usual.layers().size(); i++) {
            List<Track> had = ofPhase(usual.layers().get(i), PhaseName.IN);
            List<Track> has = ofPhase(shorter.layers().get(i), PhaseName.IN);
            for (int j = 0; j < had.size(); j++) {
                if (had.get(j).overLetters()) continue;
                for (int frame = 0; frame <= firm; frame++) {
                    assertThat(has.get(j).at(frame)).isEqualTo(had.get(j).at(frame));
                }
                assertThat(has.get(j).at(shorter.in()))
                        .isEqualTo(had.get(j).channel().rest());
            }
        }
    }

    @Test
    void a_length_too_short_is_said_with_the_least_possible() {
        Move comes = move("comes", "name", Channel.OPACITY, new Travel.Factor(0), new Start.At(0), 30);
        Graphic graphic = graphic(List.of(comes), STILL, List.of(comes), bar());
        WorkedOut worked =
                ReelMaker.make(graphic, Map.of("name", "Wu"), new MonoTypesetter(), key -> Optional.empty(), 40);
        assertThat(worked.notes()).extracting("sentence").containsExactly("in and out need 61 frames and have 40");
        assertThat(worked.reel().in()).isEqualTo(30);
    }

    @Test
    void a_graphic_may_fill_whatever_length_it_is_given() {
        Move comes = move("comes", "name", Channel.OPACITY, new Travel.Factor(0), new Start.At(0), 30);
        Timing slack = new Timing(List.of(), List.of(), List.of(new Timing.TimeSpan(30, false)));
        Graphic graphic = graphic(bar())
                .withPhases(new In(List.of(comes), slack), STILL, new Out(List.of(comes), slack, false))
                .withFrame(new glimble.graphic.Frame(
                        FRAME.width(), FRAME.height(), FRAME.rate(), 301, true, FRAME.safe(), false));
        Reel reel = make(graphic, Map.of("name", "Wu"));
        assertThat(reel.in()).isEqualTo(150);
        assertThat(reel.out()).isEqualTo(150);
    }

    @Test
    void several_loops_of_different_lengths_repeat_in_a_common_length() {
        Move slow = loop("slow", 10, 12);
        Move fast = loop("fast", 6, 8);
        Reel reel = make(graphic(List.of(), new Loop(0, List.of(slow, fast)), List.of(), bar()), Map.of("name", "Wu"));
        assertThat(reel.loop()).isEqualTo(24);
        List<Track> tracks = reel.layers().get(1).tracks();
        assertThat(tracks).extracting(Track::round).containsExactlyInAnyOrder(12, 8);
        for (Track track : tracks)
            assertThat(track.at(24)).isEqualTo(track.channel().rest());
    }

    private static Move loop(String key, int length, int round) {
        Move move = move(key, "name", Channel.SCALE_X, new Travel.Factor(2), new Start.At(0), length);
        return new Move(
                key,
                move.part(),
                move.channel(),
                move.travel(),
                move.start(),
                length,
                move.ease(),
                move.pivot(),
                move.opening(),
                List.of(),
                Optional.empty(),
                round,
                "");
    }

    @Test
    void letters_move_one_after_another_about_their_own_middles() {
        Deal deal = new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 0, new Deal.Pace.Each(0), 0, 0);
        Move pops = move("pops", "name", Channel.SCALE_X, new Travel.Factor(0), new Start.At(2), 4)
                .withDeal(Optional.of(deal));
        Reel reel = make(graphic(List.of(pops), STILL, List.of(), bar()), Map.of("name", "A bc"));
        Layer name = reel.layers().get(1);
        Track track = name.tracks().get(0);
        assertThat(reel.in()).isEqualTo(2 + 3 * 4);
        assertThat(track.dealt().starts()).containsExactly(2, 6, 10);
        assertThat(track.at(8, 0)).isEqualTo(1);
        assertThat(track.at(8, 1)).isEqualTo(0.5);
        assertThat(track.at(8, 2)).isZero();
        assertThat(track.values()).hasSize(5);
        double left = name.box().x();
        assertThat(track.dealt().pivotX()).containsExactly(left + 5, left + 25, left + 35);
        assertThat(name.runs().get(0).units()).containsExactly(0, -1, 1, 2);
    }

    @Test
    void a_box_that_follows_what_is_revealed_is_as_wide_as_that_and_its_padding() {
        Deal typed = new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 0, new Deal.Pace.PerSecond(50), 0, 0);
        Move types = move("types", "name", Channel.OPACITY, new Travel.Factor(0), new Start.At(0), 1)
                .withDeal(Optional.of(typed));
        Size follows = new Size.Wraps(List.of("name"), Size.Take.LONGEST, 5, 7, 0, 10_000, true);
        Part plate = box("plate", follows, hang(Edge.START, Place.FRAME, Edge.START, 100), px(40), left());
        Part name = text("name", hang(Edge.START, "plate", Edge.INNER_START, 0), left());
        Part after = box("after", px(10), hang(Edge.START, "plate", Edge.END, 3), px(10), left());
        Reel reel = make(graphic(List.of(types), STILL, List.of(), plate, name, after), Map.of("name", "Ingeborg Va"));
        Resize resize = reel.layers().get(0).resizes().get(0);
        double full = reel.layers().get(0).box().width();
        assertThat(full).isEqualTo(5 + 110 + 7);
        for (int frame = 0; frame <= reel.in(); frame++) {
            // A letter a frame; the space is passed over with the letter after it.
            double revealed = frame == 0 ? 0 : 10 * (frame <= 8 ? frame : frame + 1);
            assertThat(full + resize.right()[frame] - resize.left()[frame]).isEqualTo(5 + revealed + 7);
        }
        // What hangs on the box goes along.
        assertThat(reel.layers().get(2).resizes().get(0).left()).isEqualTo(resize.right());
        assertThat(reel.layers().get(1).resizes()).isEmpty();
    }

    @Test
    void a_reveal_narrows_the_box_too() {
        Move reveals = new Move(
                "reveals",
                "name",
                Channel.REVEAL,
                new Travel.Factor(0),
                new Start.At(0),
                10,
                new glimble.graphic.Ease.Linear(),
                glimble.graphic.Pivot.CENTRE,
                Opening.RIGHT);
        Size follows = new Size.Wraps(List.of("name"), Size.Take.LONGEST, 0, 0, 0, 10_000, true);
        Part plate = box("plate", follows, left(), px(40), left());
        Reel reel = make(
                graphic(List.of(reveals), STILL, List.of(), plate, text("name", left(), left())),
                Map.of("name", "nnnnnnnnnn"));
        assertThat(reel.layers().get(0).resizes().get(0).right())
                .containsExactly(Arrays.stream(new double[] {0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100})
                        .map(width -> width - 100)
                        .toArray());
    }

    @RepeatedTest(60)
    void clear_of_the_frame_leaves_nothing_inside_on_either_side(RepetitionInfo repetition) {
        RandomMotion random = new RandomMotion(repetition.getCurrentRepetition());
        for (Toward toward : Toward.values()) {
            Channel channel = toward.axis() == glimble.graphic.Axis.X ? Channel.X : Channel.Y;
            List<Move> goes = List.of(
                    move("a", "plate", channel, new Travel.ClearOfFrame(toward), new Start.At(0), 5),
                    move("b", "name", channel, new Travel.ClearOfFrame(toward), new Start.At(0), 5),
                    move("c", "role", channel, new Travel.ClearOfFrame(toward), new Start.At(0), 5));
            Graphic graphic = glimble.Sketch.mirrored(graphic(List.of(), STILL, goes, bar()));
            Reel reel = make(graphic, random.values());
            for (Layer layer : reel.layers()) {
                double by = layer.tracks().get(0).at(reel.out());
                boolean left = layer.ink().right() + by <= 0 && layer.box().right() + by <= 0;
                boolean right = layer.ink().x() + by >= 1000 && layer.box().x() + by >= 1000;
                boolean up = layer.box().bottom() + by <= 0;
                boolean down = layer.box().y() + by >= 500;
                assertThat(channel == Channel.X ? left || right : up || down).isTrue();
            }
        }
    }
}
