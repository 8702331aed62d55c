package glimble.text;

import java.util.ArrayList;
import java.util.List;

/** Words of a text: what white space of any kind parts. What shows nothing is no word. */
public final class Words {
    private static final int ZERO_WIDTH_JOINER = 0x200D;

    private Words() {}

    /** In the order of reading. */
    public static List<String> of(String text) {
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int at = 0; at < text.length(); ) {
            int point = text.codePointAt(at);
            at += Character.charCount(point);
            if (!LetterUnits.isSpace(point)) {
                word.appendCodePoint(point);
                if (at < text.length()) continue;
            }
            if (!Blank.isBlank(word.toString())) words.add(word.toString());
            word.setLength(0);
        }
        return words;
    }

    /**
     * Letters of a word, nearly as people count them: told by the kinds of its characters alone, so that it needs no tables of clusters. Marks,
     * colours of skin, and what is joined to what stands before it, count with that; two signs of a flag are one.
     */
    public static int letters(String word) {
        int letters = 0;
        boolean joined = false;
        boolean flag = false;
        for (int at = 0; at < word.length(); ) {
            int point = word.codePointAt(at);
            at += Character.charCount(point);
            boolean half = point >= 0x1F1E6 && point <= 0x1F1FF;
            boolean goesOn = joined || isMark(point) || half && flag;
            boolean shows = !Blank.isBlank(new String(Character.toChars(point)));
            if (shows && !goesOn) letters++;
            flag = half && !(half && flag);
            joined = point == ZERO_WIDTH_JOINER && letters > 0;
        }
        return letters;
    }

    private static boolean isMark(int point) {
        // Of plain letters it is known without the tables of Unicode.
        if (point < 0x300) return false;
        int type = Character.getType(point);
        return type == Character.NON_SPACING_MARK
                || type == Character.COMBINING_SPACING_MARK
                || type == Character.ENCLOSING_MARK
                || point >= 0x1F3FB && point <= 0x1F3FF;
    }
}
