package glimble.text;

import java.util.Arrays;

/**
 * The letters of a line as people count them. White space, and what shows nothing, is no letter. Letters of joined scripts are one piece
 * as long as they are joined, since drawn apart they would be torn.
 */
final class LetterUnits {
    private final int[] ofChars;
    private final int[] words;
    private final int[] pieces;
    private int count;

    LetterUnits(String text, Writing writing) {
        ofChars = new int[text.length()];
        words = new int[text.length()];
        pieces = new int[text.length()];
        int word = 0;
        boolean spaced = false;
        boolean joined = false;
        int from = 0;
        for (int to : writing.clusters(text)) {
            int point = text.codePointAt(from);
            if (Blank.isBlank(text.substring(from, to))) {
                Arrays.fill(ofChars, from, to, -1);
                boolean space = isSpace(point);
                spaced |= space;
                joined &= !space;
            } else {
                if (spaced && count > 0) word++;
                spaced = false;
                boolean joins = writing.joins(point);
                words[count] = word;
                pieces[count] = joined && joins ? pieces[count - 1] : count;
                joined = joins;
                Arrays.fill(ofChars, from, to, count++);
            }
            from = to;
        }
    }

    static boolean isSpace(int point) {
        return Character.isWhitespace(point) || Character.isSpaceChar(point);
    }

    /** For each char the number of its letter, in the order of reading; -1 for none. */
    int[] ofChars() {
        return ofChars;
    }

    int count() {
        return count;
    }

    /** How many words stand before that of a letter. */
    int wordOf(int letter) {
        return words[letter];
    }

    /** The first letter of those that are joined with it. */
    int pieceOf(int letter) {
        return pieces[letter];
    }
}
