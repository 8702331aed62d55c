package glimble.proof;

import glimble.graphic.Field;
import glimble.text.Blank;

/** Texts to try a field with: of so many letters, of a certain kind. */
final class TrialTexts {

    /** Kinds of letters that are troublesome, each in its own way. */
    enum Letters {
        PLAIN("Ingeborg Halvorsen and Tiago Escarpa of the North Strand Box Kite Society "),
        WIDE("W. W. Wimmering Mammoth WOMQ "),
        NARROW("illi il fitti jill'l "),
        TALL("ŞÜKRÜ ÅNGSTRÖM-ÇELİKjgpqy Ế"),
        RIGHT_TO_LEFT("ليلى الصقّار من جزيرة سكيري "),
        MIXED("Oona Журавлёва ليلى Αγγελική Þór "),
        UNBROKEN("Kitesurfmeisterschaftsrichterinnenversammlungshaus"),
        BROKEN("Oona\nVarga\nof Skerry\n");

        private final String source;

        Letters(String source) {
            this.source = source;
        }

        String word() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
        }
    }

    /** How long a text is. */
    enum Length {
        BLANK,
        ONE,
        SAMPLE,
        LONG,
        LONGEST;

        String word() {
            return this == ONE ? "one letter" : name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** What stands for the longest of a field that has no limit. */
    private static final int UNLIMITED = 40;

    private TrialTexts() {}

    static String of(Field field, Length length, Letters letters) {
        if (length == Length.BLANK) return "";
        String sample = Blank.isBlank(field.sample()) ? "Oona Varga" : field.sample();
        boolean asIs = length == Length.SAMPLE && letters == Letters.PLAIN;
        return asIs
                ? cut(sample, letters(field, Length.LONGEST, sample))
                : made(letters.source, letters(field, length, sample));
    }

    private static int letters(Field field, Length length, String sample) {
        int longest = field.longest() > 0 ? field.longest() : UNLIMITED;
        int usual = sample.codePointCount(0, sample.length());
        return switch (length) {
            case BLANK -> 0;
            case ONE -> 1;
            case SAMPLE -> Math.min(longest, usual);
            case LONG -> Math.min(longest, Math.max(usual * 3 / 2, longest * 2 / 3));
            case LONGEST -> longest;
        };
    }

    /** So many letters of a source that is repeated; not blank at its end. */
    private static String made(String source, int letters) {
        StringBuilder text = new StringBuilder();
        while (text.codePointCount(0, text.length()) < letters) text.append(source);
        String cut = cut(text.toString(), letters);
        String kept = cut.strip();
        return kept.length() == cut.length() ? cut : kept + source.substring(0, 1);
    }

    /** The first so many characters; one of two halves is not torn. */
    static String cut(String text, int letters) {
        int count = text.codePointCount(0, text.length());
        return text.substring(0, text.offsetByCodePoints(0, Math.min(letters, count)));
    }
}
