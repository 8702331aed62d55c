package glimble.reel;

import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.motion.Curves;
import glimble.motion.MoveOrder;
import glimble.motion.MoveWords;
import glimble.motion.Travels;
import glimble.rest.Rect;
import glimble.rest.Rest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;

/** The moves of one phase, worked out for a rest picture. */
final class PhaseMotion {
    private final PhaseName name;
    private final Phase phase;
    private final Graphic graphic;
    private final Rest rest;
    private final List<Move> present;
    private final Map<String, Integer> starts;
    private final Map<String, Start> waits;
    private final Map<String, List<Move>> movesOfPart = new LinkedHashMap<>();

    PhaseMotion(PhaseName name, Phase phase, Graphic graphic, Rest rest) {
        this.name = name;
        this.phase = phase;
        this.graphic = graphic;
        this.rest = rest;
        starts = MoveOrder.starts(phase, part -> !rest.isPresent(part));
        waits = MoveOrder.closedUp(phase.moves(), part -> !rest.isPresent(part));
        present = phase.moves().stream()
                .filter(move -> starts.containsKey(move.key()))
                .toList();
        for (Move move : present) {
            movesOfPart.computeIfAbsent(move.part(), part -> new ArrayList<>()).add(move);
        }
    }

    /** Frames from the first to the last of the phase; a loop is at least as long as it says. */
    int length() {
        int longest = phase instanceof Loop loop && !present.isEmpty() ? loop.length() : 0;
        for (Move move : present) longest = Math.max(longest, end(move));
        return longest;
    }

    private int start(Move move) {
        return starts.get(move.key());
    }

    private int end(Move move) {
        return start(move) + move.length();
    }

    List<Bar> bars() {
        return present.stream().map(this::bar).toList();
    }

    private Bar bar(Move move) {
        Start start = waits.get(move.key());
        return new Bar(
                name,
                move.key(),
                move.part(),
                start(move),
                move.length(),
                Rounding.of(move.channel(), away(move)),
                MoveOrder.waits(start),
                start instanceof Start.After,
                MoveWords.of(move));
    }

    private double away(Move move) {
        return Travels.away(move, graphic.part(move.part()).orElseThrow(), rest, graphic.frame());
    }

    /** What moves of a part can share a track: the same channel, about the same pivot, opening the same way. */
    private record TrackKey(Channel channel, Pivot pivot, Toward toward) {}

    List<Track> tracks(Part part) {
        Map<TrackKey, List<Move>> together = new LinkedHashMap<>();
        for (Move move : movesOfPart.getOrDefault(part.key(), List.of())) {
            TrackKey key = new TrackKey(move.channel(), move.pivot(), move.toward());
            together.computeIfAbsent(key, none -> new ArrayList<>()).add(move);
        }
        List<Track> tracks = new ArrayList<>();
        together.forEach((key, moves) -> tracks.add(track(key, moves, rest.box(part.key()))));
        return tracks;
    }

    private Track track(TrackKey key, List<Move> moves, Rect box) {
        int first = moves.stream().mapToInt(this::start).min().orElseThrow();
        int last = moves.stream().mapToInt(this::end).max().orElseThrow();
        double[] values = new double[last - first + 1];
        Arrays.fill(values, key.channel().rest());
        for (Move move : moves) {
            DoubleUnaryOperator curve = Curves.of(move.ease());
            double away = away(move);
            for (int i = 0; i < values.length; i++) {
                double passed = (first + i - start(move)) / (double) move.length();
                values[i] = Travels.together(
                        key.channel(), values[i], value(key.channel().rest(), away, passed, curve));
            }
        }
        for (int i = 0; i < values.length; i++) values[i] = Rounding.of(key.channel(), values[i]);
        return new Track(
                name,
                key.channel(),
                Rounding.px(box.x() + key.pivot().x() * box.width()),
                Rounding.px(box.y() + key.pivot().y() * box.height()),
                key.toward(),
                first,
                values);
    }

    /**
     * The value of a move: an in comes from away to rest, an out goes from rest to away, a loop goes and comes back. Exactly
     * rest and exactly away outside the move, whatever the curve.
     *
     * @param passed share of the move's time that has passed; under 0 before it, over 1 after it
     */
    private double value(double rest, double away, double passed, DoubleUnaryOperator curve) {
        return switch (name) {
            case IN -> between(away, rest, passed, curve);
            case OUT -> between(rest, away, passed, curve);
            case LOOP -> between(rest, away, passed < 0.5 ? 2 * passed : 2 - 2 * passed, curve);
        };
    }

    private static double between(double from, double to, double passed, DoubleUnaryOperator curve) {
        if (passed <= 0) return from;
        if (passed >= 1) return to;
        return from + (to - from) * curve.applyAsDouble(passed);
    }
}
