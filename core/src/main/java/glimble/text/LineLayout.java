package glimble.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Lays out one line: splits it into runs of one direction (Unicode bidirectional algorithm) and one font, shapes each, and
 * sets them side by side from left to right.
 */
public final class LineLayout {
    /** px; far less than anyone sees. */
    private static final double ROUNDING = 1e-6;

    private final List<String> chain;
    private final Function<String, FontFace> files;
    private final Writing writing;
    private final String first;
    private final double size;
    private final double tracking;

    private final List<GlyphRun> runs = new ArrayList<>();
    private final List<TextUnit> units = new ArrayList<>();
    private final Set<String> missing = new LinkedHashSet<>();
    /** For each char the letter it is in; -1 for none. */
    private int[] unitOf = {};
    /** For each letter, from where to where its glyphs advance, px; null for one without a glyph. */
    private double[][] extents = {};
    /** For each letter the first of those that are drawn as one with it. */
    private int[] pieceOf = {};

    private double pen;
    private Ink ink = Ink.NONE;

    /**
     * @param chain ids of fonts, the preferred one first
     * @param files loads one of them; only those that are needed are asked for
     * @param tracking px between letters
     */
    public LineLayout(
            List<String> chain, Function<String, FontFace> files, Writing writing, double size, double tracking) {
        this.chain = chain;
        this.files = files;
        this.writing = writing;
        this.size = size;
        this.tracking = tracking;
        first = chain.get(0);
    }

    public TypesetLine set(String text) {
        double ascent = files.apply(first).ascent() * scale(first);
        double descent = files.apply(first).descent() * scale(first);
        if (!text.isEmpty()) {
            List<Piece> pieces = pieces(text);
            LetterUnits split = new LetterUnits(text, writing);
            unitOf = split.ofChars();
            extents = new double[split.count()][];
            pieceOf = IntStream.range(0, split.count()).map(split::pieceOf).toArray();
            for (Piece piece : pieces) {
                shape(text, piece);
                divide(piece);
            }
            for (int i = 0; i < extents.length; i++) {
                double[] extent = extents[i] == null ? new double[] {pen, pen} : extents[i];
                units.add(new TextUnit(extent[0], extent[1] - extent[0], 0, pieceOf[i], split.wordOf(i), 0));
            }
        }
        List<String> lacking = List.copyOf(missing);
        if (ink.isNone()) return new TypesetLine(pen, ascent, descent, Ink.NONE, runs, units, lacking);
        // Ink that stands out of the line, as stacked accents do, makes the line taller: no box may cut it.
        return new TypesetLine(pen, orInk(ascent, -ink.top()), orInk(descent, ink.bottom()), ink, runs, units, lacking);
    }

    /** Letters without a glyph of their own are part of the ligature before them: they share its extent evenly. */
    private void divide(Piece piece) {
        int from = -1;
        int to = -1;
        for (int at = piece.from(); at < piece.to(); at++) {
            int letter = unitOf[at];
            if (letter < 0 || letter < to) continue;
            if (from < 0 || extents[letter] != null) {
                share(from, to, piece.rightToLeft());
                from = letter;
            }
            to = letter + 1;
        }
        share(from, to, piece.rightToLeft());
    }

    private void share(int from, int to, boolean rightToLeft) {
        if (from < 0 || to - from < 2 || extents[from] == null) return;
        double[] whole = extents[from];
        double each = (whole[1] - whole[0]) / (to - from);
        for (int letter = from; letter < to; letter++) {
            int place = rightToLeft ? to - 1 - letter : letter - from;
            extents[letter] = new double[] {whole[0] + place * each, whole[0] + (place + 1) * each};
            pieceOf[letter] = pieceOf[from];
        }
    }

    /** The ink where it stands out by more than rounding does. */
    private static double orInk(double metric, double ink) {
        return ink > metric + ROUNDING ? ink : metric;
    }

    private double scale(String font) {
        return size / files.apply(font).unitsPerEm();
    }

    /** Letters of one direction and one font. */
    private record Piece(int from, int to, boolean rightToLeft, String font) {}

    /** The pieces of a line in the order in which they stand, from left to right. */
    private List<Piece> pieces(String text) {
        String[] fonts = fonts(text);
        List<Piece> pieces = new ArrayList<>();
        for (DirectedRun run : writing.directions(text)) {
            List<Piece> ofRun = split(fonts, run.from(), run.to(), run.rightToLeft());
            if (run.rightToLeft()) Collections.reverse(ofRun);
            pieces.addAll(ofRun);
        }
        return pieces;
    }

    private static List<Piece> split(String[] fonts, int from, int to, boolean rightToLeft) {
        List<Piece> pieces = new ArrayList<>();
        for (int start = from, i = from + 1; i <= to; i++) {
            if (i == to || !fonts[i].equals(fonts[start])) {
                pieces.add(new Piece(start, i, rightToLeft, fonts[start]));
                start = i;
            }
        }
        return pieces;
    }

    /** The font of each letter. A letter and its combining marks stay in one font: the first that has all of them. */
    private String[] fonts(String text) {
        String[] fonts = new String[text.length()];
        int from = 0;
        for (int to : writing.clusters(text)) {
            Arrays.fill(fonts, from, to, font(text.substring(from, to)));
            from = to;
        }
        return fonts;
    }

    private String font(String cluster) {
        if (Blank.isBlank(cluster)) return first;
        for (String font : chain) {
            if (cluster.codePoints()
                    .allMatch(point -> isMute(point) || files.apply(font).has(point))) return font;
        }
        missing.add(cluster);
        int base = cluster.codePointAt(0);
        return chain.stream()
                .filter(font -> files.apply(font).has(base))
                .findFirst()
                .orElse(first);
    }

    /** Joiners, direction marks and the like: they are shaped with their neighbours and have no glyph of their own. */
    private static boolean isMute(int point) {
        return Character.getType(point) == Character.FORMAT || (point >= 0xFE00 && point <= 0xFE0F);
    }

    private void shape(String text, Piece piece) {
        FontFace font = files.apply(piece.font());
        double scale = scale(piece.font());
        // Scripts from right to left are joined; letters drawn apart would be torn.
        double track = piece.rightToLeft() ? 0 : tracking;
        ShapedPiece shaped =
                font.shape(text, piece.from(), piece.to(), piece.rightToLeft(), tracking == 0 || piece.rightToLeft());
        int[] ordinals = ordinals(text.substring(piece.from(), piece.to()));
        int count = shaped.glyphs().length;
        int[] glyphs = new int[count];
        double[] x = new double[count];
        double[] y = new double[count];
        int[] unit = new int[count];
        int seen = 0;
        for (int i = 0; i < count; i++) {
            int letter = shaped.chars()[i];
            // Whether spaces have a glyph is up to the shaper; they draw nothing.
            if (unitOf[piece.from() + letter] < 0 || isMute(text.charAt(piece.from() + letter))) continue;
            glyphs[seen] = shaped.glyphs()[i];
            x[seen] = pen + shaped.x()[i] * scale + track * ordinals[letter];
            y[seen] = shaped.y()[i] * scale;
            unit[seen] = unitOf[piece.from() + letter];
            extend(unit[seen], x[seen], x[seen] + shaped.advances()[i] * scale);
            ink = ink.around(font.ink(glyphs[seen]).placed(scale, scale, x[seen], y[seen]));
            seen++;
        }
        if (seen > 0) {
            runs.add(new GlyphRun(
                    piece.font(),
                    scale,
                    scale,
                    Arrays.copyOf(glyphs, seen),
                    Arrays.copyOf(x, seen),
                    Arrays.copyOf(y, seen),
                    Arrays.copyOf(unit, seen)));
        }
        int letterCount = ordinals[ordinals.length - 1];
        boolean last = piece.to() == text.length();
        int gaps = last ? Math.max(0, letterCount - 1) : letterCount;
        pen += shaped.advance() * scale + track * gaps;
    }

    private void extend(int unit, double from, double to) {
        if (unit < 0) return;
        double[] known = extents[unit];
        extents[unit] = known == null
                ? new double[] {from, to}
                : new double[] {Math.min(known[0], from), Math.max(known[1], to)};
    }

    /** For each char of a piece, and beyond its last one, how many letters and spaces stand before its own; what shows nothing is none. */
    private int[] ordinals(String piece) {
        int[] ordinals = new int[piece.length() + 1];
        int from = 0;
        int ordinal = 0;
        for (int to : writing.clusters(piece)) {
            Arrays.fill(ordinals, from, to, ordinal);
            String cluster = piece.substring(from, to);
            if (!Blank.isBlank(cluster) || LetterUnits.isSpace(cluster.codePointAt(0))) ordinal++;
            from = to;
        }
        ordinals[ordinals.length - 1] = ordinal;
        return ordinals;
    }
}
