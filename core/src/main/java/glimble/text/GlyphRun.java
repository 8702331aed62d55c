package glimble.text;

import java.util.Arrays;

/**
 * Glyphs of one font.
 *
 * @param font id of the font
 * @param scaleX px per unit of the font's em, across
 * @param scaleY px per unit of the font's em, downwards; another one only for squeezed text
 * @param glyphs glyph ids
 * @param x where each begins, px from the left end of the line
 * @param y where each stands, px below the baseline
 * @param units to which unit of the text each belongs, in the order of reading; -1 for none
 */
public record GlyphRun(String font, double scaleX, double scaleY, int[] glyphs, double[] x, double[] y, int[] units) {

    GlyphRun placed(double timesX, double timesY, double plusX, double plusY) {
        double[] placedX = new double[x.length];
        double[] placedY = new double[y.length];
        for (int i = 0; i < x.length; i++) {
            placedX[i] = x[i] * timesX + plusX;
            placedY[i] = y[i] * timesY + plusY;
        }
        return new GlyphRun(font, scaleX * timesX, scaleY * timesY, glyphs, placedX, placedY, units);
    }

    GlyphRun after(int count) {
        int[] later =
                Arrays.stream(units).map(unit -> unit < 0 ? unit : unit + count).toArray();
        return new GlyphRun(font, scaleX, scaleY, glyphs, x, y, later);
    }
}
