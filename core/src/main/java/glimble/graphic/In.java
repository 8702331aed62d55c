package glimble.graphic;

import java.util.List;

/**
 * Towards rest: every move begins away and ends at rest. As long as its last move.
 *
 * @param steps points where it waits for the operator
 */
public record In(List<Move> moves, Timing timing, List<Step> steps) implements Phase {

    public In {
        moves = List.copyOf(moves);
        steps = List.copyOf(steps);
    }

    public In(List<Move> moves, Timing timing) {
        this(moves, timing, List.of());
    }

    public In(List<Move> moves) {
        this(moves, Timing.NONE, List.of());
    }

    @Override
    public In with(List<Move> otherMoves, Timing otherTiming) {
        return new In(otherMoves, otherTiming, steps);
    }

    public In withSteps(List<Step> others) {
        return new In(moves, timing, others);
    }

    @Override
    public PhaseName name() {
        return PhaseName.IN;
    }
}
