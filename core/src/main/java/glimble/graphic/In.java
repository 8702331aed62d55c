package glimble.graphic;

import java.util.List;

/** Towards rest: every move begins away and ends at rest. As long as its last move. */
public record In(List<Move> moves, Timing timing) implements Phase {

    public In {
        moves = List.copyOf(moves);
    }

    public In(List<Move> moves) {
        this(moves, Timing.NONE);
    }

    @Override
    public String word() {
        return "in";
    }
}
