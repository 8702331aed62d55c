package glimble.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Letters as they stand, and {@code {field}} where the value of a field goes. */
public final class TextPattern {
    private TextPattern() {}

    /** The keys of the fields in a pattern, in order; a brace that is never closed is a letter like any other. */
    public static List<String> fields(String pattern) {
        List<String> keys = new ArrayList<>();
        for (int open = pattern.indexOf('{'); open >= 0; open = pattern.indexOf('{', open + 1)) {
            int close = pattern.indexOf('}', open);
            if (close < 0) break;
            keys.add(pattern.substring(open + 1, close));
            open = close;
        }
        return keys;
    }

    /**
     * The line of text for some values. Blank when the pattern asks for fields and all of them are blank, however many
     * letters stand between them.
     */
    public static String fill(String pattern, Map<String, String> values) {
        return Blank.oneLine(filled(pattern, values));
    }

    /** The same with the line breaks that its values have: a list of lines, without blank ones. */
    public static List<String> fillLines(String pattern, Map<String, String> values) {
        return Blank.lines(filled(pattern, values)).stream()
                .map(Blank::oneLine)
                .filter(line -> !line.isEmpty())
                .toList();
    }

    private static String filled(String pattern, Map<String, String> values) {
        List<String> keys = fields(pattern);
        boolean asked = !keys.isEmpty();
        if (asked && keys.stream().allMatch(key -> Blank.isBlank(values.getOrDefault(key, "")))) return "";
        StringBuilder text = new StringBuilder();
        int from = 0;
        for (String key : keys) {
            String piece = "{" + key + "}";
            int open = pattern.indexOf(piece, from);
            text.append(pattern, from, open).append(values.getOrDefault(key, ""));
            from = open + piece.length();
        }
        return text.append(pattern.substring(from)).toString();
    }
}
