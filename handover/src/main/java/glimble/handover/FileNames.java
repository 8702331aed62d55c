package glimble.handover;

import glimble.typeset.PlainWord;

/** Names of files that every system takes: small letters without marks, digits and dashes. */
public final class FileNames {
    private static final int LONGEST = 60;

    private FileNames() {}

    /** @return never empty: {@code graphic} where nothing is left of the name */
    public static String of(String name) {
        String plain = PlainWord.of(name);
        String cut = plain.length() > LONGEST ? plain.substring(0, LONGEST) : plain;
        return cut.isEmpty() ? "graphic" : cut;
    }
}
