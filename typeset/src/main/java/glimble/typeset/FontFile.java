package glimble.typeset;

import glimble.text.FontFace;
import glimble.text.Ink;
import glimble.text.ShapedPiece;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.LineMetrics;
import java.awt.font.TextAttribute;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.CRC32;

/**
 * A font loaded at a size of its units per em: one px is one unit, so that nothing is rounded, and any size is a scale of
 * it. Kerning and ligatures are on, metrics fractional. Safe for several threads.
 */
final class FontFile implements FontFace {
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    /** Ids the JDK gives to characters without a glyph, such as direction marks. */
    private static final int INVISIBLE = 0xFFFE;
    /** The end of Latin Extended-A: letters up to here are usual. */
    private static final int LAST_USUAL = 0x017F;

    private final Font font;
    private final Font unligated;
    private final int unitsPerEm;
    private final String edition;
    private final double ascent;
    private final double descent;
    private final Map<Integer, Ink> inks = new ConcurrentHashMap<>();

    /** @throws FontFormatException if it cannot be read */
    FontFile(byte[] file) throws FontFormatException {
        unitsPerEm = new FontTables(file).unitsPerEm();
        edition = edition(file);
        try {
            // The JDK draws a font of this size without hinting, since its metrics are fractional.
            font = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(file))
                    .deriveFont(Map.of(
                            TextAttribute.SIZE, (float) unitsPerEm,
                            TextAttribute.KERNING, TextAttribute.KERNING_ON,
                            TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        unligated = font.deriveFont(Map.of(TextAttribute.LIGATURES, 0));
        LineMetrics metrics = font.getLineMetrics("x", EXACT);
        Rectangle2D letters = inkOfUsualLetters();
        ascent = Math.max(metrics.getAscent(), -letters.getMinY());
        descent = Math.max(metrics.getDescent(), letters.getMaxY());
    }

    /**
     * The box around the letters of European names. Fonts state an ascent and descent that some of their own letters pass by
     * a few units; a line that grew by those would make its box jump between one name and the next.
     */
    private Rectangle2D inkOfUsualLetters() {
        Rectangle2D box = new Rectangle2D.Double();
        for (int point = '!'; point <= LAST_USUAL; point++) {
            if (!Character.isLetterOrDigit(point) || !font.canDisplay(point)) continue;
            GlyphVector letter = font.createGlyphVector(EXACT, new String(Character.toChars(point)));
            box = box.createUnion(outline(letter.getGlyphCode(0)).getBounds2D());
        }
        return box;
    }

    static String edition(byte[] file) {
        CRC32 sum = new CRC32();
        sum.update(file);
        return Long.toHexString(sum.getValue());
    }

    /** Another one for another file. */
    String edition() {
        return edition;
    }

    @Override
    public int unitsPerEm() {
        return unitsPerEm;
    }

    @Override
    public double ascent() {
        return ascent;
    }

    @Override
    public double descent() {
        return descent;
    }

    int glyphCount() {
        return font.getNumGlyphs();
    }

    @Override
    public boolean has(int point) {
        return font.canDisplay(point);
    }

    @Override
    public ShapedPiece shape(String text, int from, int to, boolean rightToLeft, boolean ligatures) {
        int direction = rightToLeft ? Font.LAYOUT_RIGHT_TO_LEFT : Font.LAYOUT_LEFT_TO_RIGHT;
        GlyphVector shaped =
                (ligatures ? font : unligated).layoutGlyphVector(EXACT, text.toCharArray(), from, to, direction);
        int count = shaped.getNumGlyphs();
        int[] glyphs = new int[count];
        int[] chars = new int[count];
        double[] x = new double[count];
        double[] y = new double[count];
        double[] advances = new double[count];
        int seen = 0;
        for (int i = 0; i < count; i++) {
            if (shaped.getGlyphCode(i) >= INVISIBLE) continue;
            Point2D at = shaped.getGlyphPosition(i);
            glyphs[seen] = shaped.getGlyphCode(i);
            chars[seen] = shaped.getGlyphCharIndex(i);
            x[seen] = at.getX();
            y[seen] = at.getY();
            advances[seen] = shaped.getGlyphMetrics(i).getAdvanceX();
            seen++;
        }
        return new ShapedPiece(
                Arrays.copyOf(glyphs, seen),
                Arrays.copyOf(chars, seen),
                Arrays.copyOf(x, seen),
                Arrays.copyOf(y, seen),
                Arrays.copyOf(advances, seen),
                shaped.getGlyphPosition(count).getX());
    }

    /** The outline of a glyph, units, its origin on the baseline, y downwards. */
    Shape outline(int glyph) {
        return font.createGlyphVector(EXACT, new int[] {glyph}).getGlyphOutline(0);
    }

    @Override
    public Ink ink(int glyph) {
        return inks.computeIfAbsent(glyph, id -> {
            Rectangle2D box = outline(id).getBounds2D();
            if (box.isEmpty()) return Ink.NONE;
            return new Ink(box.getMinX(), box.getMinY(), box.getMaxX(), box.getMaxY());
        });
    }
}
