package glimble.typeset;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import glimble.text.DirectedRun;
import glimble.text.Writing;
import java.text.Bidi;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;

/** The rules of writing by ICU, which keeps up with Unicode; those of the JDK are old but for directions. Safe for several threads. */
final class IcuWriting implements Writing {
    private final ThreadLocal<BreakIterator> letters = each(() -> BreakIterator.getCharacterInstance(ULocale.ROOT));
    private final ThreadLocal<BreakIterator> lines = each(() -> BreakIterator.getLineInstance(ULocale.ROOT));

    private static ThreadLocal<BreakIterator> each(Supplier<BreakIterator> made) {
        return ThreadLocal.withInitial(made);
    }

    @Override
    public int[] clusters(String text) {
        return ends(letters.get(), text);
    }

    @Override
    public int[] breaks(String text) {
        return ends(lines.get(), text);
    }

    private static int[] ends(BreakIterator iterator, String text) {
        iterator.setText(text);
        int[] ends = new int[text.length()];
        int count = 0;
        iterator.first();
        for (int end = iterator.next(); end != BreakIterator.DONE; end = iterator.next()) ends[count++] = end;
        // The text is not kept longer than it is needed.
        iterator.setText("");
        return Arrays.copyOf(ends, count);
    }

    @Override
    public String capitals(String text, String language) {
        return UCharacter.toUpperCase(language.isEmpty() ? ULocale.ROOT : ULocale.forLanguageTag(language), text);
    }

    @Override
    public List<DirectedRun> directions(String text) {
        Bidi bidi = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        int count = bidi.getRunCount();
        byte[] levels = new byte[count];
        DirectedRun[] runs = new DirectedRun[count];
        for (int i = 0; i < count; i++) {
            levels[i] = (byte) bidi.getRunLevel(i);
            runs[i] = new DirectedRun(bidi.getRunStart(i), bidi.getRunLimit(i), levels[i] % 2 == 1);
        }
        Bidi.reorderVisually(levels, 0, runs, 0, count);
        return List.of(runs);
    }

    @Override
    public boolean joins(int point) {
        if (!Character.isLetter(point)) return false;
        return switch (Character.UnicodeScript.of(point)) {
            case ARABIC, SYRIAC, NKO, MONGOLIAN, MANDAIC, ADLAM, DEVANAGARI, BENGALI, GURMUKHI -> true;
            default -> false;
        };
    }
}
