package glimble.text;

import java.util.Optional;

/**
 * Reads numbers as people type them: {@code 1 234,5}, {@code −3}, {@code 1'000}, {@code 1,234.5}. One reading: spaces and apostrophes group
 * thousands. Of points and commas the last one comes before the fraction, unless the same one stands more than once: then it groups
 * too. So {@code 1,234} is a little more than one, and {@code 1,234,567} more than a million.
 */
public final class TypedNumber {
    private static final int LONGEST = 40;

    private TypedNumber() {}

    /** Empty if it is no number. */
    public static Optional<Double> read(String text) {
        String line = Blank.oneLine(text);
        if (line.isEmpty() || line.length() > LONGEST) return Optional.empty();
        int mark = mark(line);
        StringBuilder plain = new StringBuilder();
        boolean digit = false;
        for (int at = 0; at < line.length(); at++) {
            char c = line.charAt(at);
            boolean between = digit && at + 1 < line.length() && isDigit(line.charAt(at + 1));
            if (isDigit(c)) plain.append((char) ('0' + Character.digit(c, 10)));
            else if (at == 0 && isMinus(c)) plain.append('-');
            else if (at == 0 && c == '+') continue;
            else if (at == mark && at + 1 < line.length() && isDigit(line.charAt(at + 1))) plain.append('.');
            else if (!(between && (mark < 0 || at < mark) && isGroup(c))) return Optional.empty();
            digit = isDigit(c);
        }
        boolean any = plain.chars().anyMatch(c -> c >= '0' && c <= '9');
        return any ? Optional.of(Double.parseDouble(plain.toString())) : Optional.empty();
    }

    /** Where the fraction begins; -1 without one. */
    private static int mark(String line) {
        int point = line.lastIndexOf('.');
        int comma = line.lastIndexOf(',');
        int last = Math.max(point, comma);
        if (last < 0) return -1;
        boolean again = line.indexOf(line.charAt(last)) != last;
        return again ? -1 : last;
    }

    private static boolean isDigit(char c) {
        return Character.isDigit(c);
    }

    private static boolean isMinus(char c) {
        return c == '-' || c == '−' || c == '–';
    }

    private static boolean isGroup(char c) {
        return Character.isSpaceChar(c) || c == '\'' || c == '’' || c == '.' || c == ',';
    }
}
