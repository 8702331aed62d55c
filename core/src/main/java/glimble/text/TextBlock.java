package glimble.text;

import glimble.graphic.Align;
import java.util.ArrayList;
import java.util.List;

/** Sets lines of text below each other. */
public final class TextBlock {
    private TextBlock() {}

    /**
     * Lines set below each other.
     *
     * @param leading from one baseline to the next, as a factor of the height of a line
     */
    public static TypesetLine stacked(List<TypesetLine> lines, double leading, Align align) {
        if (lines.size() == 1) return lines.get(0);
        double widest = lines.stream().mapToDouble(TypesetLine::advance).max().orElse(0);
        TypesetLine first = lines.get(0);
        List<GlyphRun> runs = new ArrayList<>();
        List<TextUnit> units = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        Ink ink = Ink.NONE;
        double baseline = 0;
        double bottom = first.descent();
        for (int i = 0; i < lines.size(); i++) {
            TypesetLine line = lines.get(i);
            if (i > 0) baseline += Math.max(leading * line.height(), 0);
            TypesetLine placed = line.moved((widest - line.advance()) * align.share(), baseline);
            int before = units.size();
            int words = units.isEmpty() ? 0 : units.get(before - 1).word() + 1;
            for (GlyphRun run : placed.runs()) runs.add(run.after(before));
            for (TextUnit unit : placed.units()) units.add(unit.after(before, words, i));
            missing.addAll(placed.missing());
            ink = ink.around(placed.ink());
            bottom = Math.max(bottom, baseline + line.descent());
        }
        return new TypesetLine(
                widest,
                first.ascent(),
                bottom,
                ink,
                runs,
                units,
                missing.stream().distinct().toList());
    }
}
