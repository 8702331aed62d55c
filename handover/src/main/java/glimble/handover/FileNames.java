package glimble.handover;

import glimble.typeset.PlainWord;
import java.text.Normalizer;
import java.util.Locale;

/** Names of files that every system takes. */
public final class FileNames {
    private static final int LONGEST = 60;

    private FileNames() {}

    /**
     * Small letters of any script with their marks, digits and dashes: what tells people apart stays.
     *
     * @return never empty: {@code graphic} where nothing is left of the name
     */
    static String ofPerson(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFC)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        String composed = Normalizer.normalize(plain, Normalizer.Form.NFC);
        int letters = composed.codePointCount(0, composed.length());
        String cut = letters > LONGEST ? composed.substring(0, composed.offsetByCodePoints(0, LONGEST)) : composed;
        return cut.isEmpty() ? "graphic" : cut;
    }

    /**
     * Small letters without marks, digits and dashes.
     *
     * @return never empty: {@code graphic} where nothing is left of the name
     */
    public static String of(String name) {
        String plain = PlainWord.of(name);
        String cut = plain.length() > LONGEST ? plain.substring(0, LONGEST) : plain;
        return cut.isEmpty() ? "graphic" : cut;
    }
}
