package glimble.text;

import java.util.ArrayList;
import java.util.List;

/** What counts as nothing: white space of any kind, and characters that show nothing. */
public final class Blank {
    private Blank() {}

    public static boolean isBlank(String text) {
        return text.codePoints().allMatch(Blank::showsNothing);
    }

    /** A text without what shows nothing at either end. */
    public static String stripped(String text) {
        int first = 0;
        int last = text.length();
        while (first < last && showsNothing(text.codePointAt(first))) {
            first += Character.charCount(text.codePointAt(first));
        }
        while (last > first && showsNothing(text.codePointBefore(last))) {
            last -= Character.charCount(text.codePointBefore(last));
        }
        return text.substring(first, last);
    }

    /** One line of text without what shows nothing at either end; line breaks, tabs and controls inside become spaces. */
    public static String oneLine(String text) {
        // A carriage return with its line feed is one break.
        int[] points = stripped(text).replace("\r\n", "\n").codePoints().toArray();
        StringBuilder line = new StringBuilder();
        for (int point : points) line.appendCodePoint(breaksLine(point) ? ' ' : point);
        return line.toString();
    }

    /** The lines of a text, empty ones too. Source: UTS 18, line boundaries. */
    public static List<String> lines(String text) {
        List<String> lines = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char at = text.charAt(i);
            boolean ends = at >= '\n' && at <= '\r' || at == 0x85 || at == 0x2028 || at == 0x2029;
            if (!ends) continue;
            lines.add(text.substring(from, i));
            if (at == '\r' && i + 1 < text.length() && text.charAt(i + 1) == '\n') i++;
            from = i + 1;
        }
        lines.add(text.substring(from));
        return lines;
    }

    private static boolean showsNothing(int point) {
        // Of plain letters it is known without the tables of Unicode, which take their time to load in a browser.
        if (point < 0x7F) return point <= ' ';
        return Character.isWhitespace(point)
                || Character.isSpaceChar(point)
                || Character.isISOControl(point)
                || point == 0x00AD // soft hyphen
                || point == 0x034F // combining grapheme joiner
                || point == 0x115F // fillers of Hangul
                || point == 0x1160
                || point == 0x3164
                || point == 0xFFA0
                || point == 0x2800 // the empty Braille cell
                || (point >= 0x180B && point <= 0x180F)
                || (point >= 0x200B && point <= 0x200F) // zero width, direction marks
                || (point >= 0x202A && point <= 0x202E)
                || (point >= 0x2060 && point <= 0x206F)
                || (point >= 0xFE00 && point <= 0xFE0F) // variation selectors
                || point == 0xFEFF
                || (point >= 0xE0000 && point <= 0xE0FFF);
    }

    private static boolean breaksLine(int point) {
        return Character.isISOControl(point) || point == 0x2028 || point == 0x2029;
    }
}
