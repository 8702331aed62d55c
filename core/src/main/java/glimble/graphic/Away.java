package glimble.graphic;

import java.util.List;

/**
 * The first half of a swap, for the letters, pictures and colours that are replaced: every move begins at rest and ends away.
 */
public record Away(List<Move> moves, Timing timing) implements Phase {

    public Away {
        moves = List.copyOf(moves);
    }

    public Away(List<Move> moves) {
        this(moves, Timing.NONE);
    }

    @Override
    public Away with(List<Move> otherMoves, Timing otherTiming) {
        return new Away(otherMoves, otherTiming);
    }

    @Override
    public PhaseName name() {
        return PhaseName.AWAY;
    }
}
