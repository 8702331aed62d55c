package glimble.text;

import java.util.List;

/**
 * A line of shaped text. Origin: its left end on the baseline; y downwards; all in px.
 *
 * @param advance width by which the line advances
 * @param ascent from the top of the line to the baseline: the same for all usual letters of a font, more only where ink stands
 *     higher
 * @param descent from the baseline to the bottom of the line, likewise
 * @param ink the smallest box around what is drawn
 * @param runs glyphs from left to right, a run for each font
 */
public record TypesetLine(double advance, double ascent, double descent, Ink ink, List<GlyphRun> runs) {

    public TypesetLine {
        runs = List.copyOf(runs);
    }
}
