package glimble;

import glimble.text.GlyphRun;
import glimble.text.Ink;
import glimble.text.TextUnit;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Every letter is half an em wide and inks all of it; ascent 0.8 em, descent 0.2 em. Figures can be checked by hand. */
public final class MonoTypesetter implements Typesetter {
    /** The one letter that it cannot draw. */
    public static final String LACKING = "\u25A1";

    @Override
    public Set<String> fonts() {
        return Set.of("mono");
    }

    @Override
    public Writing writing() {
        return new PlainWriting();
    }

    @Override
    public TypesetLine set(String text, String font, double size, double tracking) {
        int count = text.length();
        double width = count * size / 2;
        double[] x = new double[count];
        for (int i = 0; i < count; i++) x[i] = i * size / 2;
        int[] glyphs = text.chars().toArray();
        int[] units = new int[count];
        List<TextUnit> letters = new ArrayList<>();
        int word = 0;
        for (int i = 0; i < count; i++) {
            boolean space = text.charAt(i) == ' ';
            if (!space && i > 0 && text.charAt(i - 1) == ' ') word++;
            units[i] = space ? -1 : letters.size();
            if (!space) letters.add(new TextUnit(x[i], size / 2, 0, letters.size(), word, 0));
        }
        Ink ink = count == 0 ? Ink.NONE : new Ink(0, -0.8 * size, width, 0.2 * size);
        List<GlyphRun> runs =
                List.of(new GlyphRun(font, size / 1000, size / 1000, glyphs, x, new double[count], units));
        return new TypesetLine(
                width,
                0.8 * size,
                0.2 * size,
                ink,
                runs,
                letters,
                text.contains(LACKING) ? List.of(LACKING) : List.of());
    }
}
