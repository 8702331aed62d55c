package glimble.text;

import glimble.graphic.TextLayout.LetterCase;
import java.util.Locale;

/** The case in which letters are shown, the same on every machine. */
public final class Letters {
    private Letters() {}

    public static String shown(String text, LetterCase letters) {
        return switch (letters) {
            case AS_TYPED -> text;
            case CAPITALS -> text.toUpperCase(Locale.ROOT);
            case TITLE -> title(text);
        };
    }

    private static String title(String text) {
        StringBuilder shown = new StringBuilder();
        boolean first = true;
        for (int point : text.codePoints().toArray()) {
            boolean letter = Character.isLetter(point);
            shown.appendCodePoint(letter && first ? Character.toTitleCase(point) : point);
            // An apostrophe inside a word begins no new one.
            first = !letter && point != '\'' && point != '’' && Character.getType(point) != Character.NON_SPACING_MARK;
        }
        return shown.toString();
    }
}
