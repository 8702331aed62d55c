package glimble.graphic;

import java.util.List;

/**
 * A stretch of motion about the rest picture. What kind it is decides where its moves meet rest, so a phase that loses
 * the rest picture cannot be written down.
 */
public sealed interface Phase permits In, Loop, Out {

    List<Move> moves();

    Timing timing();

    String word();
}
