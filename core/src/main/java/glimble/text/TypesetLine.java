package glimble.text;

import java.util.ArrayList;
import java.util.List;

/**
 * Shaped text: a line, or several set below each other. Origin: its left end on the (first) baseline; y downwards; all in px.
 *
 * @param advance width by which the line advances; of several, the widest
 * @param ascent from the top to the (first) baseline: the same for all usual letters of a font, more only where ink stands
 *     higher
 * @param descent from the (first) baseline to the bottom, likewise
 * @param ink the smallest box around what is drawn
 * @param runs glyphs from left to right, a run for each font
 * @param units its letters in the order of reading
 * @param missing letters that no font can draw, each once
 */
public record TypesetLine(
        double advance,
        double ascent,
        double descent,
        Ink ink,
        List<GlyphRun> runs,
        List<TextUnit> units,
        List<String> missing) {

    public TypesetLine {
        runs = List.copyOf(runs);
        units = List.copyOf(units);
        missing = List.copyOf(missing);
    }

    public double height() {
        return ascent + descent;
    }

    /**
     * What is drawn as one: letters, and those that are joined or a ligature together, in the order of reading. The piece of each is the
     * number of its first letter.
     */
    public List<TextUnit> pieces() {
        List<TextUnit> pieces = new ArrayList<>();
        for (int i = 0; i < units.size(); i++) {
            TextUnit unit = units.get(i);
            boolean begins = pieces.isEmpty() || pieces.get(pieces.size() - 1).piece() != unit.piece();
            if (begins) pieces.add(unit);
            else pieces.set(pieces.size() - 1, pieces.get(pieces.size() - 1).with(unit));
        }
        return pieces;
    }

    /** For each letter the number of its piece in {@link #pieces}. */
    public int[] pieceOfLetters() {
        int[] pieces = new int[units.size()];
        for (int i = 1; i < pieces.length; i++) {
            pieces[i] =
                    pieces[i - 1] + (units.get(i).piece() == units.get(i - 1).piece() ? 0 : 1);
        }
        return pieces;
    }

    /** As wide or as high as its ink only; with nothing drawn it stays as it is. */
    public TypesetLine trimmed(boolean alongX, boolean alongY) {
        if (ink.isNone() || !(alongX || alongY)) return this;
        double width = alongX ? ink.right() - ink.left() : advance;
        TypesetLine moved = alongX ? moved(-ink.left(), 0) : this;
        return new TypesetLine(
                width,
                alongY ? -ink.top() : ascent,
                alongY ? ink.bottom() : descent,
                moved.ink,
                moved.runs,
                moved.units,
                missing);
    }

    /** The same moved by so many px. Only the glyphs move; its width, ascent and descent stay. */
    public TypesetLine moved(double x, double y) {
        if (x == 0 && y == 0) return this;
        List<GlyphRun> moved = new ArrayList<>();
        for (GlyphRun run : runs) moved.add(run.placed(1, 1, x, y));
        return new TypesetLine(advance, ascent, descent, ink.placed(1, 1, x, y), moved, placed(1, 1, x, y), missing);
    }

    /** The same at another size: {@code x} times as wide, {@code y} times as high. */
    public TypesetLine scaled(double x, double y) {
        if (x == 1 && y == 1) return this;
        List<GlyphRun> scaled = new ArrayList<>();
        for (GlyphRun run : runs) scaled.add(run.placed(x, y, 0, 0));
        return new TypesetLine(
                advance * x, ascent * y, descent * y, ink.placed(x, y, 0, 0), scaled, placed(x, y, 0, 0), missing);
    }

    private List<TextUnit> placed(double timesX, double timesY, double plusX, double plusY) {
        return units.stream()
                .map(unit -> unit.placed(timesX, timesY, plusX, plusY))
                .toList();
    }
}
