package glimble.text;

/**
 * A font as the layout of a line sees it. Everything is in units of its em, at which nothing is rounded; y downwards, from the baseline.
 */
public interface FontFace {

    int unitsPerEm();

    /** From the top of a line to its baseline: room for every usual letter. */
    double ascent();

    /** From the baseline to the bottom of a line: room for every usual letter. */
    double descent();

    /** Whether it has a glyph of its own for a code point. */
    boolean has(int point);

    /**
     * Shapes a piece of text of one direction.
     *
     * @param from of which char
     * @param to before which char
     * @param ligatures whether those that are a matter of taste are made
     */
    ShapedPiece shape(String text, int from, int to, boolean rightToLeft, boolean ligatures);

    /** The box around the points of an outline; none for a space. */
    Ink ink(int glyph);
}
