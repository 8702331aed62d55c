package glimble.text;

import glimble.graphic.Align;
import glimble.graphic.TextStyle;
import java.util.ArrayList;
import java.util.List;

/** Lays text in several lines. */
public final class TextBlock {
    /** To a four-thousandth of the span is close enough. */
    private static final int HALVINGS = 12;

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
            for (TextUnit unit : placed.units()) units.add(unit.after(words, i));
            ink = ink.around(placed.ink());
            bottom = Math.max(bottom, baseline + line.descent());
        }
        return new TypesetLine(widest, first.ascent(), bottom, ink, runs, units);
    }

    /**
     * Breaks a text at its spaces so that each line fits its room, in as few lines as will do and at most {@code most}. If that
     * is not enough, it is broken so that the longest line is about as short as can be.
     *
     * @param room px
     */
    public static List<String> broken(String text, double room, int most, TextStyle style, Typesetter typesetter) {
        if (most < 2 || width(text, style, typesetter) <= room) return List.of(text);
        String[] words = text.split(" +");
        // Each word is measured once, so the cost grows with the text and not with its square.
        double[] widths = new double[words.length];
        for (int i = 0; i < words.length; i++) widths[i] = width(words[i], style, typesetter);
        double space = width("n n", style, typesetter) - 2 * width("n", style, typesetter);
        List<String> lines = greedy(words, widths, space, room);
        if (lines.size() <= most) return lines;
        // The least width in which so many lines are enough lies between the room and the whole text.
        double low = room;
        double high = width(text, style, typesetter) + space;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (greedy(words, widths, space, middle).size() <= most) high = middle;
            else low = middle;
        }
        return greedy(words, widths, space, high);
    }

    private static List<String> greedy(String[] words, double[] widths, double space, double room) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        double width = 0;
        for (int i = 0; i < words.length; i++) {
            boolean begins = line.length() == 0;
            if (!begins && width + space + widths[i] > room) {
                lines.add(line.toString());
                line.setLength(0);
                begins = true;
            }
            width = begins ? widths[i] : width + space + widths[i];
            line.append(begins ? "" : " ").append(words[i]);
        }
        lines.add(line.toString());
        return lines;
    }

    private static double width(String text, TextStyle style, Typesetter typesetter) {
        return typesetter
                .set(text, style.font(), style.size(), style.tracking())
                .advance();
    }
}
