package glimble;

import glimble.text.GlyphRun;
import glimble.text.Ink;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import java.util.List;
import java.util.Set;

/** Every letter is half an em wide and inks all of it; ascent 0.8 em, descent 0.2 em. Figures can be checked by hand. */
public final class MonoTypesetter implements Typesetter {

    @Override
    public Set<String> fonts() {
        return Set.of("mono");
    }

    @Override
    public TypesetLine set(String text, String font, double size, double tracking) {
        int count = text.length();
        double width = count * size / 2;
        double[] x = new double[count];
        for (int i = 0; i < count; i++) x[i] = i * size / 2;
        int[] glyphs = text.chars().toArray();
        Ink ink = count == 0 ? Ink.NONE : new Ink(0, -0.8 * size, width, 0.2 * size);
        List<GlyphRun> runs = List.of(new GlyphRun(font, size / 1000, size / 1000, glyphs, x, new double[count]));
        return new TypesetLine(width, 0.8 * size, 0.2 * size, ink, runs);
    }
}
