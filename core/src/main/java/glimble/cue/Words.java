package glimble.cue;

import java.util.LinkedHashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words of a text, as a dictionary has them. */
public final class Words {
    /** Letters with their marks, and apostrophes within. */
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}]+(?:['’][\\p{L}\\p{M}]+)*");
    /** Digits beside letters make a code, not a word. */
    private static final Pattern CODE = Pattern.compile("[\\p{L}\\p{M}\\p{Nd}'’]*\\p{Nd}[\\p{L}\\p{M}\\p{Nd}'’]*");

    private Words() {}

    /** Each once, in their order, with straight apostrophes; without single letters and words beside digits. */
    public static Set<String> of(String text) {
        Set<String> words = new LinkedHashSet<>();
        Matcher word = WORD.matcher(CODE.matcher(text).replaceAll(" "));
        while (word.find()) {
            String found = word.group().replace('’', '\'');
            if (found.codePointCount(0, found.length()) > 1) words.add(found);
        }
        return words;
    }
}
