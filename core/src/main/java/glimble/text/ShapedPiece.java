package glimble.text;

/**
 * Glyphs of a piece of text, from left to right, in units of the em.
 *
 * @param glyphs their ids; characters without one are not among them
 * @param chars from which char of the piece each comes
 * @param x where each begins
 * @param y where each stands, below the baseline
 * @param advances by how much each advances
 * @param advance by how much all of them do
 */
public record ShapedPiece(int[] glyphs, int[] chars, double[] x, double[] y, double[] advances, double advance) {}
