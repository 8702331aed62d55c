package glimble.text;

import java.util.Set;

/** Names that nothing has yet. */
public final class FreshName {
    /** Characters a name may have. */
    public static final int LONGEST = 60;

    private FreshName() {}

    /**
     * {@code word}, or the first of {@code word 2}, {@code word 3} … that is not taken; after {@code row 1} comes {@code row 2}. A word that is
     * too long is cut. It is taken then.
     */
    public static String take(Set<String> taken, String word) {
        String name = within(word, "");
        if (taken.add(name)) return name;
        int digits = digits(word);
        String stem = digits == 0 ? word : word.substring(0, word.length() - digits - 1);
        int next = digits == 0 ? 2 : Integer.parseInt(word.substring(word.length() - digits)) + 1;
        for (name = within(stem, " " + next); !taken.add(name); name = within(stem, " " + next)) next++;
        return name;
    }

    /** How many digits stand at the end of a word after a space; 0 if none do, or more than anybody counts to. */
    private static int digits(String word) {
        int from = word.length();
        while (from > 0 && word.charAt(from - 1) >= '0' && word.charAt(from - 1) <= '9') from--;
        int digits = word.length() - from;
        return digits <= 4 && from > 1 && word.charAt(from - 1) == ' ' ? digits : 0;
    }

    private static String within(String word, String end) {
        int room = LONGEST - end.length();
        return (word.length() <= room ? word : word.substring(0, room).strip()) + end;
    }
}
