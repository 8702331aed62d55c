package glimble.graphic;

import java.util.List;

/**
 * Away from rest: every move begins at rest and ends away. As long as its last move.
 *
 * @param mirrorsIn whether it is the in backwards, frame by frame, for any text; then it has no moves of its own
 */
public record Out(List<Move> moves, Timing timing, boolean mirrorsIn) implements Phase {

    public Out {
        moves = List.copyOf(moves);
    }

    public Out(List<Move> moves) {
        this(moves, Timing.NONE, false);
    }

    @Override
    public Out with(List<Move> otherMoves, Timing otherTiming) {
        return new Out(otherMoves, otherTiming, mirrorsIn);
    }

    @Override
    public PhaseName name() {
        return PhaseName.OUT;
    }
}
