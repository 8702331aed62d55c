package glimble.text;

import glimble.graphic.TextLayout.LetterCase;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Letters as people count them: grapheme clusters that show something. A letter with its marks is one, so is an emoji of several
 * characters; white space and what shows nothing are none. Limits of fields, conditions, dealing and reading time all count so.
 */
public final class Letters {
    /** Small words inside names that keep the case they are typed in. */
    private static final Set<String> PARTICLES = Set.of(
            "af", "al", "av", "bin", "da", "das", "de", "degli", "dei", "del", "della", "den", "der", "des", "di", "do",
            "dos", "du", "e", "el", "la", "le", "of", "op", "ten", "ter", "und", "van", "von", "y", "zu", "zum", "zur");

    private Letters() {}

    public static int count(String text, Writing writing) {
        int count = 0;
        int from = 0;
        for (int to : writing.clusters(text)) {
            if (!Blank.isBlank(text.substring(from, to))) count++;
            from = to;
        }
        return count;
    }

    /** The text up to and with so many of its letters. */
    public static String cut(String text, int letters, Writing writing) {
        int count = 0;
        int from = 0;
        for (int to : writing.clusters(text)) {
            if (!Blank.isBlank(text.substring(from, to)) && ++count > letters) return text.substring(0, from);
            from = to;
        }
        return text;
    }

    /** @param language BCP 47, by which letters are capitals; empty for none in particular */
    public static String shown(String text, LetterCase letters, String language, Writing writing) {
        return switch (letters) {
            case AS_TYPED -> text;
            case CAPITALS -> writing.capitals(text, language);
            case TITLE -> title(text, language, writing);
        };
    }

    /**
     * The first letter of every word in capitals. A word that begins with a digit, or has a capital already, stays as it is typed: {@code
     * 3rd}, {@code McKay}. So does a small word inside a name, {@code van der}, unless the text begins with it and has no capital at all.
     */
    private static String title(String text, String language, Writing writing) {
        boolean hasCapital = text.codePoints().anyMatch(Character::isUpperCase);
        StringBuilder shown = new StringBuilder();
        boolean first = true;
        for (String word : words(text)) {
            boolean particle = PARTICLES.contains(word) && (hasCapital || !first);
            shown.append(particle ? word : capitalised(word, language, writing));
            first &= Blank.isBlank(word);
        }
        return shown.toString();
    }

    /** Words, and what parts them; an apostrophe or a mark inside a word begins no new one. */
    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        int from = 0;
        boolean inside = false;
        for (int at = 0; at < text.length(); ) {
            int point = text.codePointAt(at);
            boolean belongs = isOfWord(point);
            if (belongs != inside && at > from) {
                words.add(text.substring(from, at));
                from = at;
            }
            inside = belongs;
            at += Character.charCount(point);
        }
        if (from < text.length()) words.add(text.substring(from));
        return words;
    }

    private static boolean isGeorgian(int point) {
        return point >= 0x10A0 && point <= 0x10FF
                || point >= 0x1C90 && point <= 0x1CBF
                || point >= 0x2D00 && point <= 0x2D2F;
    }

    private static boolean isOfWord(int point) {
        int type = Character.getType(point);
        return Character.isLetterOrDigit(point)
                || point == '\''
                || point == '’'
                || type == Character.NON_SPACING_MARK
                || type == Character.COMBINING_SPACING_MARK;
    }

    private static String capitalised(String word, String language, Writing writing) {
        int letter = 0;
        while (letter < word.length() && !Character.isLetterOrDigit(word.codePointAt(letter))) letter++;
        boolean asTyped = letter == word.length()
                || !Character.isLetter(word.codePointAt(letter))
                || word.codePoints().anyMatch(Character::isUpperCase);
        if (asTyped) return word;
        int point = word.codePointAt(letter);
        // Its capitals are for whole lines only, and one version of Unicode does not have them that another has.
        if (isGeorgian(point)) return word;
        int end = letter + Character.charCount(point);
        int title = Character.toTitleCase(point);
        String own = word.substring(letter, end);
        String capital = writing.capitals(own, language);
        // Letters like dž have a form of their own for the beginning of a word; ß has none and stays.
        boolean single = capital.codePointCount(0, capital.length()) == 1;
        String shown = single && title == Character.toUpperCase(point) ? capital : new String(Character.toChars(title));
        return word.substring(0, letter) + shown + word.substring(end);
    }
}
