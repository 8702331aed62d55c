package glimble.typeset;

import java.text.Normalizer;
import java.util.Locale;

/** Names as every system takes them: small letters without marks, digits, and dashes between. */
public final class PlainWord {
    private PlainWord() {}

    /** @return empty where nothing is left of the name */
    public static String of(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFKD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\p{M}+", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
    }
}
