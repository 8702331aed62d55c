package glimble.graphic;

import java.util.List;

/** Away from rest: every move begins at rest and ends away. As long as its last move. */
public record Out(List<Move> moves) implements Phase {

    public Out {
        moves = List.copyOf(moves);
    }

    @Override
    public String word() {
        return "out";
    }
}
