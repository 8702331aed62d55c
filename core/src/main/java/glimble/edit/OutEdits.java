package glimble.edit;

import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.motion.Retiming;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Edits of the out as the in backwards. */
public final class OutEdits {
    private OutEdits() {}

    /** The out as the mirror image in time of the in, for any text; moves that it had are gone. */
    public static Graphic mirror(Graphic graphic) {
        return graphic.withPhases(graphic.in(), graphic.loop(), Out.backwards(Out.Pace.AS_IN));
    }

    /** An out that is the in backwards, so quick. */
    public static Graphic paced(Graphic graphic, Out.Pace pace) {
        Out out = graphic.out();
        return graphic.withPhase(new Out(out.moves(), out.timing(), out.mirrorsIn(), pace));
    }

    /**
     * An out with moves of its own that is just what its mirror image of the in is for some values; from then on the two have nothing
     * to do with each other. What came after another move goes before it, and that one waits for it.
     *
     * @param starts first frame of each move of the in for these values, by key; those of absent parts may be missing
     * @param ends last frame of each, likewise
     * @param length frames of the in for these values
     */
    public static Graphic own(Graphic graphic, Map<String, Integer> starts, Map<String, Integer> ends, int length) {
        Ties ties = new Ties(graphic.in().moves(), starts, ends, length);
        List<Move> moves = graphic.in().moves().stream()
                .map(move -> backwards(move).withStart(ties.start(move)))
                .toList();
        List<Timing.TimeSpan> spans = graphic.in().timing().spans();
        List<Timing.TimeSpan> backwards = spans.isEmpty() ? spans : Retiming.backwards(spans, length);
        Timing timing = new Timing(List.of(), List.of(), backwards);
        return graphic.withPhases(graphic.in(), graphic.loop(), new Out(moves, timing, false));
    }

    /** Moves of the in, and which of them came because of which. */
    private record Ties(List<Move> moves, Map<String, Integer> starts, Map<String, Integer> ends, int length) {

        /** Backwards in time a move begins when what waited for it is gone; without anything that did, at a frame. */
        Start start(Move move) {
            Optional<Move> came = follower(move, true);
            if (came.isPresent()) return new Start.After(came.get().key(), begin(came.get()) - end(move));
            Optional<Move> with = follower(move, false);
            if (with.isPresent()) return new Start.With(with.get().key(), end(with.get()) - end(move));
            return new Start.At(Math.max(0, length - end(move)));
        }

        /** Of the moves that waited for one, the one that ends last. */
        private Optional<Move> follower(Move move, boolean forEnd) {
            Optional<Move> last = Optional.empty();
            for (Move other : moves) {
                if (!waits(other, move, forEnd) || !starts.containsKey(other.key())) continue;
                if (last.isEmpty() || end(other) > end(last.get())) last = Optional.of(other);
            }
            return last;
        }

        private boolean waits(Move other, Move move, boolean forEnd) {
            Start start = other.start();
            if (forEnd && start instanceof Start.After after)
                return after.move().equals(move.key());
            if (forEnd && start instanceof Start.AfterPart after)
                return after.part().equals(move.part()) && isLastOfPart(move);
            return !forEnd && start instanceof Start.With with && with.move().equals(move.key());
        }

        private boolean isLastOfPart(Move move) {
            return moves.stream()
                    .filter(other -> other.part().equals(move.part()))
                    .allMatch(other -> end(other) <= end(move));
        }

        private int begin(Move move) {
            return starts.getOrDefault(move.key(), 0);
        }

        private int end(Move move) {
            return ends.getOrDefault(move.key(), begin(move) + move.length());
        }
    }

    /** The same way backwards in time. */
    private static Move backwards(Move move) {
        List<Move.Key> keys = new ArrayList<>();
        List<Move.Key> had = move.keys();
        for (int i = had.size() - 1; i >= 0; i--) {
            // The curve from a key on is, backwards, that of what came before it.
            Ease before = i == 0 ? move.ease() : had.get(i - 1).ease();
            keys.add(new Move.Key(1 - had.get(i).at(), had.get(i).near(), before.backwards()));
        }
        Ease first = had.isEmpty() ? move.ease() : had.get(had.size() - 1).ease();
        return move.unlinked()
                .withEase(first.backwards(), keys)
                .withDeal(move.deal().map(Deal::turnedBack));
    }
}
