package glimble.runtime;

import org.teavm.jso.JSByRef;
import org.teavm.jso.JSObject;

/** What JavaScript supplies: fonts, and the rules of writing. */
interface Texts extends JSObject {
    String[] fonts();

    /** A font and those it falls back to. */
    String[] chain(String font);

    Face face(String font);

    @JSByRef
    int[] clusters(String text);

    @JSByRef
    int[] breaks(String text);

    String capitals(String text, String language);

    /** First, end, and 1 if it goes from right to left, of each run. */
    @JSByRef
    int[] directions(String text);

    boolean joins(int point);

    /** A font, as {@link glimble.text.FontFace} has it. */
    interface Face extends JSObject {
        int unitsPerEm();

        double ascent();

        double descent();

        boolean has(int point);

        Shaped shape(String text, int from, int to, boolean rightToLeft, boolean ligatures);

        /** Left, top, right and bottom; empty for none. */
        @JSByRef
        double[] ink(int glyph);
    }

    /** Glyphs of a piece, as {@link glimble.text.ShapedPiece} has them. */
    interface Shaped extends JSObject {
        @JSByRef
        int[] glyphs();

        @JSByRef
        int[] chars();

        @JSByRef
        double[] x();

        @JSByRef
        double[] y();

        @JSByRef
        double[] advances();

        double advance();
    }
}
