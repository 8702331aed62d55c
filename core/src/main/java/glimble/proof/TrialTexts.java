package glimble.proof;

import glimble.graphic.Field;
import glimble.spoken.ShownValues;
import glimble.text.Blank;
import glimble.text.Letters;
import glimble.text.Writing;

/** Texts to try a field with: of so many letters, of a certain kind. */
final class TrialTexts {

    /** Kinds of letters that are troublesome, each in its own way. */
    enum Kind {
        PLAIN("Ingeborg Halvorsen and Tiago Escarpa of the North Strand Box Kite Society "),
        WIDE("W. W. Wimmering Mammoth WOMQ "),
        NARROW("illi il fitti jill'l "),
        TALL("ŞÜKRÜ ÅNGSTRÖM-ÇELİKjgpqy Ế"),
        RIGHT_TO_LEFT("ليلى الصقّار من جزيرة سكيري "),
        MIXED("Oona Журавлёва ليلى Αγγελική Þór "),
        UNBROKEN("Kitesurfmeisterschaftsrichterinnenversammlungshaus"),
        BROKEN("Oona\nVarga\nof Skerry\n");

        private final String source;

        Kind(String source) {
            this.source = source;
        }

        String source() {
            return source;
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

    static String of(Field field, Length length, Kind letters, Writing writing) {
        if (length == Length.BLANK) return "";
        String sample = Blank.isBlank(field.sample()) ? "Oona Varga" : field.sample();
        boolean asIs = length == Length.SAMPLE && letters == Kind.PLAIN;
        boolean marked = field.kind() == Field.Kind.SPOKEN || field.series().isPresent();
        if (asIs && marked) return sample;
        return asIs
                ? Letters.cut(sample, letters(field, Length.LONGEST, sample, writing), writing)
                : made(letters.source, letters(field, length, sample, writing), writing);
    }

    private static int letters(Field field, Length length, String sample, Writing writing) {
        int longest = field.longest() > 0 ? field.longest() : UNLIMITED;
        int usual = ShownValues.letters(field, sample, writing);
        return switch (length) {
            case BLANK -> 0;
            case ONE -> 1;
            case SAMPLE -> Math.min(longest, usual);
            case LONG -> Math.min(longest, Math.max(usual * 3 / 2, longest * 2 / 3));
            case LONGEST -> longest;
        };
    }

    /** So many letters of a source that is repeated. */
    private static String made(String source, int letters, Writing writing) {
        StringBuilder text = new StringBuilder();
        while (Letters.count(text.toString(), writing) < letters) text.append(source);
        return Letters.cut(text.toString(), letters, writing).strip();
    }
}
