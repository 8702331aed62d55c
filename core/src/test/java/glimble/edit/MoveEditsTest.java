package glimble.edit;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.graphic.Channel;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.PhaseName;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import glimble.reel.Bar;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Track;
import glimble.reel.WorkedOut;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MoveEditsTest {
    /** One unit in which the values of a reel are rounded. */
    private static final double ROUNDED = 0.0011;

    private static final Map<String, String> VALUES = Map.of("name", "Oona Varga", "role", "Flyer");

    private static Move fade(String key, String part, Start start) {
        return move(key, part, Channel.OPACITY, new Travel.Factor(0), start, 10);
    }

    private static int length(Graphic graphic) {
        return ReelMaker.make(graphic, VALUES, new MonoTypesetter()).reel().in();
    }

    @ParameterizedTest
    @ValueSource(ints = {12, 25, 30, 60, 200})
    void another_length_counts_staggers_and_delays(int wanted) {
        Timing timing = new Timing(
                List.of(new Timing.Delay("role", 8)),
                List.of(new Timing.Stagger(List.of("plate", "name", "role"), 15)),
                List.of());
        In in = new In(
                List.of(
                        fade("one", "plate", new Start.At(2)),
                        fade("two", "name", new Start.At(2)),
                        fade("three", "role", new Start.At(2))),
                timing);
        Graphic graphic = graphic(bar()).withPhases(in, new Loop(0, List.of()), new Out(List.of()));
        assertThat(length(graphic)).isEqualTo(50);
        assertThat(length(MoveEdits.retime(graphic, PhaseName.IN, wanted, MoveEditsTest::length)))
                .as("to the frame, but for what cannot be shared out in whole frames")
                .isBetween(wanted - 1, wanted + 1);
    }

    @Test
    void who_waited_for_moves_that_are_removed_waits_for_what_they_waited_for() {
        List<Move> moves = List.of(
                fade("plate in", "plate", new Start.At(20)),
                fade("name in", "name", new Start.After("plate in", 5)),
                fade("name grows", "name", new Start.After("plate in", 1)),
                fade("role in", "role", new Start.AfterPart("name", 3)));
        Graphic graphic = graphic(moves, new Loop(0, List.of()), List.of(), bar());
        Graphic left = MoveEdits.remove(graphic, PhaseName.IN, List.of("name in", "name grows"));
        assertThat(left.in().moves().get(1).start()).isEqualTo(new Start.After("plate in", 1));
        Graphic without = PartEdits.remove(graphic, List.of("name"), Map.of(), false);
        assertThat(without.in().moves().get(1).start()).isEqualTo(new Start.After("plate in", 1));
    }

    @Test
    void what_waited_for_a_group_that_is_taken_apart_begins_at_the_same_frame() {
        List<Move> moves = List.of(
                fade("name in", "name", new Start.At(7)),
                fade("role in", "role", new Start.At(13)),
                fade("plate in", "plate", new Start.AfterPart("group", 3)),
                fade("plate grows", "plate", new Start.WithPart("group", 1)));
        Graphic grouped = GroupEdits.group(
                graphic(List.of(), new Loop(0, List.of()), List.of(), bar()), List.of("name", "role"), Map.of());
        Graphic graphic = grouped.withPhases(new In(moves), grouped.loop(), grouped.out());
        Graphic apart = PartEdits.ungroup(graphic, "group", Map.of());
        assertThat(starts(apart))
                .isEqualTo(starts(graphic))
                .containsEntry("plate in", 26)
                .containsEntry("plate grows", 8);
    }

    private static Map<String, Integer> starts(Graphic graphic) {
        Map<String, Integer> starts = new HashMap<>();
        for (Bar bar : ReelMaker.make(graphic, VALUES, new MonoTypesetter()).bars())
            starts.put(bar.move(), bar.start());
        return starts;
    }

    @RepeatedTest(300)
    void moves_of_its_own_of_a_mirrored_out_equal_it_on_every_frame(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Graphic random = RandomGraphic.of(seed);
        Graphic graphic = random.withVariants(List.of())
                .withCases(List.of())
                // Long enough for both to keep their lengths.
                .withFrame(new Frame(1920, 1080, random.frame().rate(), 5_000))
                .withPhases(random.in(), random.loop(), new Out(List.of(), Timing.NONE, true));
        Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
        WorkedOut mirrored = ReelMaker.make(graphic, values, new MonoTypesetter());
        Map<String, Integer> starts = new HashMap<>();
        Map<String, Integer> ends = new HashMap<>();
        int length = 0;
        for (Bar bar : mirrored.bars()) {
            if (bar.phase() != PhaseName.IN) continue;
            starts.put(bar.move(), bar.start());
            ends.put(bar.move(), bar.start() + bar.length());
            length = Math.max(length, bar.start() + bar.length());
        }
        Reel own = ReelMaker.make(OutEdits.own(graphic, starts, ends, length), values, new MonoTypesetter())
                .reel();
        // What the in waits at its beginning is nothing at the end of an out: it ends when nothing moves any more.
        assertThat(own.out()).isLessThanOrEqualTo(mirrored.reel().out());
        for (int i = 0; i < own.layers().size(); i++) {
            List<Track> had = out(mirrored.reel().layers().get(i));
            List<Track> has = out(own.layers().get(i));
            assertThat(has).hasSameSizeAs(had);
            for (int t = 0; t < had.size(); t++) {
                for (int frame = 0; frame <= mirrored.reel().out(); frame++) {
                    assertThat(all(has.get(t), frame))
                            .as(
                                    "graphic %s, %s %s, frame %s",
                                    seed, own.layers().get(i).part(), had.get(t).channel(), frame)
                            .containsExactly(all(had.get(t), frame), within(ROUNDED));
                }
            }
        }
    }

    /** Of a dealt text that gets longer after its out was made its own. */
    @RepeatedTest(200)
    void moves_of_its_own_wait_for_what_waited_for_them(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Graphic random = RandomGraphic.of(seed);
        Graphic graphic = OutEdits.mirror(random.withVariants(List.of())
                .withCases(List.of())
                .withFrame(new Frame(1920, 1080, random.frame().rate(), 5_000)));
        Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
        Map<String, Bar> in = bars(graphic, values, PhaseName.IN);
        Map<String, Integer> starts = new HashMap<>();
        Map<String, Integer> ends = new HashMap<>();
        in.forEach((key, bar) -> {
            starts.put(key, bar.start());
            ends.put(key, bar.start() + bar.length());
        });
        int length = ends.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        Graphic own = OutEdits.own(graphic, starts, ends, length);
        Map<String, String> longer = new HashMap<>(values);
        longer.replaceAll((field, text) -> text.isBlank() ? text : text + " " + text + " " + text);
        for (Map<String, String> filled : List.of(values, longer)) {
            Map<String, Bar> out = bars(own, filled, PhaseName.OUT);
            for (Move move : graphic.in().moves()) {
                if (!(move.start() instanceof Start.After after) || !in.containsKey(move.key())) continue;
                if (!in.containsKey(after.move()) || !out.containsKey(after.move())) continue;
                Bar gone = out.get(move.key());
                Bar waits = out.get(after.move());
                boolean late = ends.get(move.key()) < followersEnd(graphic, after.move(), ends);
                if (gone == null || late) continue;
                int apart = starts.get(move.key()) - ends.get(after.move());
                assertThat(waits.start())
                        .as("graphic %s, %s", seed, after.move())
                        .isEqualTo(Math.max(0, gone.start() + gone.length() + apart));
            }
        }
    }

    /** When the last of what waits for a move has come. */
    private static int followersEnd(Graphic graphic, String key, Map<String, Integer> ends) {
        return graphic.in().moves().stream()
                .filter(move -> !(move.start() instanceof Start.At))
                .filter(move -> ends.containsKey(move.key()))
                .filter(move -> waits(graphic, move, key))
                .mapToInt(move -> ends.get(move.key()))
                .max()
                .orElse(0);
    }

    private static boolean waits(Graphic graphic, Move move, String key) {
        if (move.start() instanceof Start.After after) return after.move().equals(key);
        return move.start() instanceof Start.AfterPart after
                && graphic.in().moves().stream()
                        .anyMatch(one -> one.key().equals(key) && one.part().equals(after.part()));
    }

    private static Map<String, Bar> bars(Graphic graphic, Map<String, String> values, PhaseName phase) {
        Map<String, Bar> bars = new HashMap<>();
        for (Bar bar : ReelMaker.make(graphic, values, new MonoTypesetter()).bars())
            if (bar.phase() == phase) bars.put(bar.move(), bar);
        return bars;
    }

    private static List<Track> out(Layer layer) {
        return layer.tracks().stream()
                .filter(track -> track.phase() == PhaseName.OUT)
                .toList();
    }

    /** Of every letter, or of all of it. */
    private static double[] all(Track track, int frame) {
        if (!track.overLetters()) return new double[] {track.at(frame)};
        double[] values = new double[track.dealt().starts().length];
        for (int unit = 0; unit < values.length; unit++) values[unit] = track.at(frame, unit);
        return values;
    }
}
