package glimble.graphic;

import glimble.number.Whole;
import java.util.List;

/**
 * Away from rest: every move begins at rest and ends away. As long as its last move.
 *
 * @param mirrorsIn whether it is the in backwards, for any text; then it has no moves of its own
 * @param pace how quick it is then; of no account otherwise
 */
public record Out(List<Move> moves, Timing timing, boolean mirrorsIn, Pace pace) implements Phase {
    /** How quick an out is that is the in backwards: all of it in proportion. */
    public sealed interface Pace {
        /** Frame by frame. */
        Pace AS_IN = new Share(1);

        /** @param in frames of the in */
        int length(int in);
    }

    /** @param count frames it takes, however long the in is; 1 or more */
    public record Frames(int count) implements Pace {
        @Override
        public int length(int in) {
            return in == 0 ? 0 : count;
        }
    }

    /** @param share of the frames of the in; more than 0 */
    public record Share(double share) implements Pace {
        @Override
        public int length(int in) {
            return in == 0 ? 0 : Math.max(1, (int) Whole.nearest(in * share));
        }
    }

    public Out {
        moves = List.copyOf(moves);
    }

    public Out(List<Move> moves, Timing timing, boolean mirrorsIn) {
        this(moves, timing, mirrorsIn, Pace.AS_IN);
    }

    public Out(List<Move> moves) {
        this(moves, Timing.NONE, false);
    }

    @Override
    public Out with(List<Move> otherMoves, Timing otherTiming) {
        return new Out(otherMoves, otherTiming, mirrorsIn, pace);
    }

    /** The in backwards, so quick. */
    public static Out backwards(Pace pace) {
        return new Out(List.of(), Timing.NONE, true, pace);
    }

    /** Whether it is the in backwards in a length of its own. */
    public boolean isPaced() {
        return mirrorsIn && !pace.equals(Pace.AS_IN);
    }

    @Override
    public PhaseName name() {
        return PhaseName.OUT;
    }
}
