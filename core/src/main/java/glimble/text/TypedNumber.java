package glimble.text;

import java.util.Optional;

/**
 * Reads numbers as people type them, in the digits of any script: {@code 1 234,5}, {@code −3}, {@code 1'000}, {@code 1,234.5}, {@code ٣٫٥}. One
 * reading: spaces, apostrophes and the Arabic separator of thousands group; the Arabic decimal separator begins the fraction. Of points and
 * commas the last one does, unless the same one stands more than once: then it groups too. So {@code 1,234} is a little more than one, and
 * {@code 1,234,567} more than a million. Groups have three digits, or two before the last one, as in {@code 12,34,567}; {@code 1.2.3} is no number.
 */
public final class TypedNumber {
    private static final int LONGEST = 40;
    private static final char DECIMAL = '\u066B';
    private static final char THOUSANDS = '\u066C';
    private static final char NONE = 0;

    private TypedNumber() {}

    /** Empty if it is no number. */
    public static Optional<Double> read(String text) {
        String line = Blank.oneLine(text);
        if (line.isEmpty() || line.length() > LONGEST) return Optional.empty();
        StringBuilder plain = new StringBuilder();
        line.codePoints().map(TypedNumber::plain).forEach(plain::appendCodePoint);
        String all = plain.toString();
        boolean minus = all.charAt(0) == '-';
        if (minus || all.charAt(0) == '+') all = all.substring(1);
        int mark = mark(all);
        String whole = grouped(mark < 0 ? all : all.substring(0, mark));
        String fraction = mark < 0 ? "" : all.substring(mark + 1);
        boolean is = whole != null && areDigits(fraction) && (mark < 0 ? !whole.isEmpty() : !fraction.isEmpty());
        return is
                ? Optional.of(Double.parseDouble((minus ? "-" : "") + "0" + whole + "." + fraction + "0"))
                : Optional.empty();
    }

    /** A character as if it were typed in plain digits and signs; what is no part of a number stays. */
    private static int plain(int point) {
        int digit = Character.digit(point, 10);
        if (digit >= 0) return '0' + digit;
        return switch (point) {
            case '−', '–', '\uFF0D' -> '-';
            case '’' -> '\'';
            case '\uFF0E' -> '.';
            case '\uFF0C' -> ',';
            default -> Character.isSpaceChar(point) ? ' ' : point;
        };
    }

    /** Where the fraction begins; -1 without one. */
    private static int mark(String all) {
        int decimal = all.indexOf(DECIMAL);
        if (decimal >= 0) return decimal;
        int last = Math.max(all.lastIndexOf('.'), all.lastIndexOf(','));
        if (last < 0) return -1;
        boolean again = all.indexOf(all.charAt(last)) != last;
        return again ? -1 : last;
    }

    /** The digits of a whole number in groups that are parted alike; null if it is none. */
    private static String grouped(String whole) {
        StringBuilder digits = new StringBuilder();
        char by = NONE;
        int group = 0;
        int shortest = 3;
        for (int at = 0; at < whole.length(); at++) {
            char c = whole.charAt(at);
            if (isDigit(c)) {
                digits.append(c);
                group++;
                continue;
            }
            boolean groups = c == ' ' || c == '\'' || c == '.' || c == ',' || c == THOUSANDS;
            if (!groups || by != NONE && by != c || group == 0 || group > 3) return null;
            if (by != NONE) shortest = Math.min(shortest, group);
            by = c;
            group = 0;
        }
        return by == NONE || group == 3 && shortest >= 2 ? digits.toString() : null;
    }

    private static boolean areDigits(String text) {
        return text.chars().allMatch(c -> isDigit((char) c));
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }
}
