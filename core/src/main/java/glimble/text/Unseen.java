package glimble.text;

import java.util.Locale;
import java.util.Optional;

/**
 * Characters that nobody sees and that do something all the same: controls (general category Cc of Unicode) but for tabs and ends of lines,
 * and those that turn or embed the direction of what follows (U+202A to U+202E; isolates, which end with what they hold, are no matter).
 */
public final class Unseen {
    private static final int FIRST_TURN = 0x202A;
    private static final int LAST_TURN = 0x202E;

    private Unseen() {}

    private static boolean isOne(int letter) {
        if (letter == '\n' || letter == '\r' || letter == '\t') return false;
        return Character.getType(letter) == Character.CONTROL || letter >= FIRST_TURN && letter <= LAST_TURN;
    }

    /** A text without them. */
    public static String without(String text) {
        if (text.codePoints().noneMatch(Unseen::isOne)) return text;
        return text.codePoints()
                .filter(letter -> !isOne(letter))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** What is wrong with a text that has one; empty for one that has none. */
    public static Optional<String> problem(String text) {
        return text.codePoints()
                .filter(Unseen::isOne)
                .mapToObj(letter ->
                        String.format(Locale.ROOT, "has a character that nobody sees (U+%04X); take it out", letter))
                .findFirst();
    }
}
