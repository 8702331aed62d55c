package glimble;

import glimble.text.DirectedRun;
import glimble.text.Writing;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** A letter is a character with the marks after it; lines break after spaces and hyphens. Enough for tests of what counts letters. */
public final class PlainWriting implements Writing {

    @Override
    public int[] clusters(String text) {
        return ends(text, at -> {
            int type = Character.getType(text.codePointAt(at));
            return type != Character.NON_SPACING_MARK
                    && type != Character.ENCLOSING_MARK
                    && !Character.isLowSurrogate(text.charAt(at));
        });
    }

    @Override
    public int[] breaks(String text) {
        return ends(text, at -> " -\u00AD".indexOf(text.charAt(at - 1)) >= 0 && text.charAt(at) != ' ');
    }

    private static int[] ends(String text, java.util.function.IntPredicate begins) {
        return IntStream.rangeClosed(1, text.length())
                .filter(at -> at == text.length() || begins.test(at))
                .toArray();
    }

    @Override
    public String capitals(String text, String language) {
        return text.toUpperCase(Locale.forLanguageTag(language));
    }

    @Override
    public List<DirectedRun> directions(String text) {
        return List.of(new DirectedRun(0, text.length(), false));
    }

    @Override
    public boolean joins(int point) {
        return false;
    }
}
