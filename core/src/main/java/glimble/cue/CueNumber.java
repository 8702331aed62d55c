package glimble.cue;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The number of a cue, as operators say it: whole, or with up to three decimals, {@code 12.5}. Cues are in the order of their numbers.
 *
 * @param thousandths 1 to 99999999
 */
public record CueNumber(int thousandths) implements Comparable<CueNumber> {
    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,5})(?:[.,](\\d{1,3}))?");
    private static final int ONE = 1_000;
    /** Steps at which numbers look for room between two others, the roundest first. */
    private static final int[] STEPS = {ONE, 500, 100, 10, 1};

    private static final int MOST = 99_999_999;

    /** A comma counts as a point; empty if it is no number of a cue. */
    public static Optional<CueNumber> read(String text) {
        var written = WRITTEN.matcher(text.strip());
        if (!written.matches()) return Optional.empty();
        String decimals = written.group(2) == null ? "" : written.group(2);
        int thousandths =
                Integer.parseInt(written.group(1)) * ONE + Integer.parseInt((decimals + "000").substring(0, 3));
        return thousandths == 0 ? Optional.empty() : Optional.of(new CueNumber(thousandths));
    }

    /** The roundest number between two others, the nearest to the first; empty if there is none. */
    public static Optional<CueNumber> between(CueNumber before, CueNumber after) {
        for (int step : STEPS) {
            int next = (before.thousandths / step + 1) * step;
            if (next < after.thousandths) return Optional.of(new CueNumber(next));
        }
        return Optional.empty();
    }

    /** The next whole number; empty beyond the largest there is. */
    public Optional<CueNumber> next() {
        int next = (thousandths / ONE + 1) * ONE;
        return next > MOST ? Optional.empty() : Optional.of(new CueNumber(next));
    }

    @Override
    public int compareTo(CueNumber other) {
        return Integer.compare(thousandths, other.thousandths);
    }

    @Override
    public String toString() {
        String decimals = String.format(Locale.ROOT, "%03d", thousandths % ONE).replaceAll("0+$", "");
        return thousandths / ONE + (decimals.isEmpty() ? "" : "." + decimals);
    }
}
