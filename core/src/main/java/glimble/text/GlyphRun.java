package glimble.text;

/**
 * Glyphs of one font.
 *
 * @param font id of the font
 * @param scale px per unit of the font's em
 * @param glyphs glyph ids
 * @param x where each begins, px from the left end of the line
 * @param y where each stands, px below the baseline
 */
public record GlyphRun(String font, double scale, int[] glyphs, double[] x, double[] y) {}
