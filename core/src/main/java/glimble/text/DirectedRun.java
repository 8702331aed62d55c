package glimble.text;

/** Chars of one direction, from the first to before the last. */
public record DirectedRun(int from, int to, boolean rightToLeft) {}
