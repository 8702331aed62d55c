package glimble.graphic;

import java.util.List;

/**
 * A stretch of motion about the rest picture. What kind it is decides where its moves meet rest, so a phase that loses
 * the rest picture cannot be written down.
 */
public sealed interface Phase permits In, Loop, Out, Away, Back {

    List<Move> moves();

    Timing timing();

    /** Which it is. */
    PhaseName name();

    /** The same kind of phase with other moves at other times. */
    Phase with(List<Move> otherMoves, Timing otherTiming);

    default Phase withMoves(List<Move> others) {
        return with(others, timing());
    }
}
