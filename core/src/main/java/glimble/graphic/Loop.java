package glimble.graphic;

import java.util.List;

/**
 * While it stands: every move leaves rest and is back at rest at its end, so the loop closes without a seam.
 *
 * @param length frames of one round; 0 for none
 */
public record Loop(int length, List<Move> moves, Timing timing) implements Phase {

    public Loop {
        moves = List.copyOf(moves);
    }

    public Loop(int length, List<Move> moves) {
        this(length, moves, Timing.NONE);
    }

    @Override
    public Loop with(List<Move> otherMoves, Timing otherTiming) {
        return new Loop(length, otherMoves, otherTiming);
    }

    @Override
    public PhaseName name() {
        return PhaseName.LOOP;
    }
}
