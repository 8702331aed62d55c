package glimble.cases;

import glimble.text.NumberWords;
import glimble.text.TypedNumber;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Numbers as they may be typed, for every bound of a number and every stretch between two, in every count of letters that is told apart: two of
 * each that no condition names, since it is not the number but what is typed that a condition names.
 */
final class TriedNumbers {
    /** Of each bound and stretch, and each count of letters. */
    private static final int EACH = 2;
    /** Decimals with which a number is looked for between two bounds. */
    private static final int DECIMALS = 6;
    /** Ways to write a number so long, at most. */
    private static final int WAYS = 12;

    private final Set<String> named;
    private final TreeSet<Integer> counts;
    private final Set<String> tried = new LinkedHashSet<>();

    private TriedNumbers(Set<String> named, TreeSet<Integer> counts) {
        this.named = named;
        this.counts = counts;
    }

    /**
     * @param bounds that conditions have
     * @param named texts that conditions name
     * @param counts of letters that are told apart
     */
    static Set<String> of(TreeSet<Double> bounds, Set<String> named, TreeSet<Integer> counts) {
        TriedNumbers numbers = new TriedNumbers(named, counts);
        double before = Double.NEGATIVE_INFINITY;
        for (double bound : bounds) {
            numbers.between(before, bound);
            numbers.add(List.of(NumberWords.of(bound)));
            before = bound;
        }
        numbers.between(before, Double.POSITIVE_INFINITY);
        return numbers.tried;
    }

    private void between(double low, double high) {
        List<String> shortest = new ArrayList<>();
        // Of few digits first: whole numbers next to nothing and next to the bounds, then with more and more decimals.
        for (double near : new double[] {0, low, high}) {
            if (Double.isInfinite(near)) continue;
            double perUnit = 1;
            for (int decimals = 0; decimals <= DECIMALS; decimals++, perUnit *= 10) {
                for (int by = -2; by <= 2; by++) {
                    double value = (Math.floor(near * perUnit) + by) / perUnit;
                    String text = NumberWords.of(value, decimals);
                    double typed = TypedNumber.read(text).orElse(Double.NaN);
                    if (typed > low && typed < high) shortest.add(text);
                }
            }
        }
        // Half-way, where two bounds are closer than that.
        if (shortest.isEmpty()) shortest.add(NumberWords.of((low + high) / 2));
        add(shortest);
    }

    /** Texts of numbers between the same bounds, and the same numbers written in every count of letters. */
    private void add(List<String> texts) {
        List<String> plain = texts.stream()
                .distinct()
                .sorted((one, other) -> one.length() - other.length())
                .toList();
        keep(plain);
        for (int count : counts) {
            List<String> written = new ArrayList<>();
            for (String text : plain) {
                if (written.size() >= WAYS) break;
                if (text.length() == count) written.add(text);
                if (text.length() < count) {
                    written.add(ahead(text, count));
                    if (text.length() + 2 <= count && text.indexOf('.') < 0)
                        written.add(text + "." + "0".repeat(count - text.length() - 1));
                    if (text.indexOf('.') >= 0) written.add(text + "0".repeat(count - text.length()));
                }
                // Somebody may leave a nought before the point away.
                String bare = text.startsWith("0.")
                        ? text.substring(1)
                        : text.startsWith("-0.") ? "-" + text.substring(2) : "";
                if (bare.length() == count) written.add(bare);
            }
            keep(written);
        }
    }

    /** With noughts before its first digit. */
    private static String ahead(String text, int count) {
        int sign = text.startsWith("-") ? 1 : 0;
        return text.substring(0, sign) + "0".repeat(count - text.length()) + text.substring(sign);
    }

    private void keep(List<String> texts) {
        texts.stream().filter(text -> !named.contains(text)).limit(EACH).forEach(tried::add);
    }
}
