package glimble.text;

import java.util.Set;

/** Names that nothing has yet. */
public final class FreshName {
    /** Characters a name may have. */
    public static final int LONGEST = 60;

    private FreshName() {}

    /** {@code word}, or the first of {@code word 2}, {@code word 3} … that is not taken; a word that is too long is cut. It is taken then. */
    public static String take(Set<String> taken, String word) {
        String name = within(word, "");
        for (int i = 2; !taken.add(name); i++) name = within(word, " " + i);
        return name;
    }

    private static String within(String word, String end) {
        int room = LONGEST - end.length();
        return (word.length() <= room ? word : word.substring(0, room).strip()) + end;
    }
}
