package glimble.typeset;

import java.text.BreakIterator;
import java.util.Arrays;
import java.util.Locale;

/**
 * Splits a line into what people see as single letters: grapheme clusters, but letters of joined scripts stay together as long as
 * they are joined, since drawn apart they would be torn. White space is no letter; it parts words.
 */
final class LetterUnits {
    private final int[] ofChars;
    private final int[] words;
    private int count;

    LetterUnits(String text) {
        ofChars = new int[text.length()];
        words = new int[text.length()];
        BreakIterator clusters = BreakIterator.getCharacterInstance(Locale.ROOT);
        clusters.setText(text);
        int word = 0;
        boolean spaced = false;
        boolean joined = false;
        for (int from = 0, to = clusters.next(); to != BreakIterator.DONE; from = to, to = clusters.next()) {
            int point = text.codePointAt(from);
            if (Character.isWhitespace(point) || Character.isSpaceChar(point)) {
                Arrays.fill(ofChars, from, to, -1);
                spaced = true;
                joined = false;
                continue;
            }
            if (spaced && count > 0) word++;
            spaced = false;
            boolean joins = joins(point);
            if (!(joined && joins)) words[count++] = word;
            joined = joins;
            Arrays.fill(ofChars, from, to, count - 1);
        }
    }

    private static boolean joins(int point) {
        Character.UnicodeScript script = Character.UnicodeScript.of(point);
        return Character.isLetter(point)
                && (script == Character.UnicodeScript.ARABIC
                        || script == Character.UnicodeScript.SYRIAC
                        || script == Character.UnicodeScript.NKO
                        || script == Character.UnicodeScript.MONGOLIAN
                        || script == Character.UnicodeScript.DEVANAGARI
                        || script == Character.UnicodeScript.BENGALI);
    }

    /** For each char the number of its unit, in the order of reading; -1 for white space. */
    int[] ofChars() {
        return ofChars;
    }

    int count() {
        return count;
    }

    /** How many words stand before that of a unit. */
    int wordOf(int unit) {
        return words[unit];
    }
}
