package glimble.cases;

import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Limits;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Values on every side of every threshold that conditions have for a field, as far as the field lets them through: every bound of a
 * number, what lies between two and beyond them; texts of every count of letters that is told apart, in narrow and wide letters and
 * mixed so that they stand on either side of every width.
 */
final class TriedValues {
    private static final String NARROW = "i";
    private static final String WIDE = "W";
    private static final String USUAL = "Oona Varga";
    /** Counts of letters times widths that are tried; beyond it only the shortest and the longest of each count are. */
    private static final int MIXED = 2_000;

    private final Field field;
    private final List<Condition> conditions;
    private final Widths widths;
    private final Set<String> tried = new LinkedHashSet<>();

    private TriedValues(Field field, List<Condition> conditions, Widths widths) {
        this.field = field;
        this.conditions = conditions;
        this.widths = widths;
    }

    /** @param contexts values of the other fields with which widths are measured */
    static Set<String> of(Field field, List<Condition> conditions, List<Map<String, String>> contexts, Widths widths) {
        TriedValues values = new TriedValues(field, conditions, widths);
        values.add(contexts);
        int longest = field.longest();
        values.tried.removeIf(value -> longest > 0 && widths.letters(value) > longest);
        return values.tried;
    }

    /** What a field is filled with when nothing is said of it. */
    static String filled(Field field) {
        if (!field.sample().isBlank()) return field.sample();
        return switch (field.kind()) {
            case CHOICE -> field.options().get(0);
            case SWITCH -> "on";
            case NUMBER -> "7";
            case COLOUR -> "#7AD3C0";
            default -> field.longest() > 0 && field.longest() < USUAL.length() ? "Wu" : USUAL;
        };
    }

    private void add(List<Map<String, String>> contexts) {
        tried.add(filled(field));
        if (!field.required()) tried.add("");
        for (Condition condition : conditions) {
            if (condition instanceof Condition.OneOf one) tried.addAll(one.texts());
        }
        switch (field.kind()) {
            case CHOICE -> tried.addAll(field.options());
            case SWITCH -> tried.add("on");
            case NUMBER -> addNumbers();
            case COLOUR -> tried.add(unnamed("#7AD3C0", "#F2A65A", "#5B3A6B", "#010203"));
            case PICTURE -> tried.add(unnamed("mark", "crest", "a picture", "another picture"));
            default -> addTexts(contexts);
        }
    }

    private void addNumbers() {
        TreeSet<Double> bounds = new TreeSet<>();
        for (Condition condition : conditions) {
            if (condition instanceof Condition.Number number) bounds.add(number.bound());
        }
        tried.add("7");
        TreeSet<Integer> counts = counts();
        // Somebody may type what is no number, as long as any.
        for (int count : counts) tried.add(unnamed("?".repeat(count), "-".repeat(count), "x".repeat(count)));
        tried.addAll(TriedNumbers.of(bounds, named(), counts));
    }

    /** Texts that conditions name. */
    private Set<String> named() {
        Set<String> named = new LinkedHashSet<>();
        for (Condition condition : conditions) if (condition instanceof Condition.OneOf one) named.addAll(one.texts());
        return named;
    }

    /** The first of some texts that no condition names; the last if all are. */
    private String unnamed(String... texts) {
        Set<String> named = named();
        for (String text : texts) if (!named.contains(text)) return text;
        return texts[texts.length - 1];
    }

    private void addTexts(List<Map<String, String>> contexts) {
        TreeSet<Integer> counts = counts();
        List<Condition.Wider> wider = conditions.stream()
                .filter(Condition.Wider.class::isInstance)
                .map(Condition.Wider.class::cast)
                .toList();
        for (int count : counts) {
            tried.add(NARROW.repeat(count));
            tried.add(WIDE.repeat(count));
            tried.add(unnamed("n".repeat(count), "o".repeat(count), "e".repeat(count)));
        }
        for (Map<String, String> context : contexts) {
            for (Condition.Wider condition : wider) {
                double px = condition.part().isEmpty()
                        ? condition.px()
                        : widths.ofPart(condition.part(), context).orElse(Double.POSITIVE_INFINITY);
                if (px == Double.POSITIVE_INFINITY) continue;
                addJustWide(context, px, NARROW, counts.last());
                addJustWide(context, px, WIDE, counts.last());
                if ((long) counts.size() * wider.size() > MIXED) continue;
                for (int count : counts) addMixed(context, px, count);
            }
        }
    }

    /** Counts of letters next to every threshold, and the shortest and the longest there may be. */
    private TreeSet<Integer> counts() {
        int longest = field.longest() > 0 ? field.longest() : Limits.TEXT;
        TreeSet<Integer> counts = new TreeSet<>(List.of(1, 2));
        for (Condition condition : conditions) {
            if (!(condition instanceof Condition.Longer longer)) continue;
            counts.add(longer.letters());
            counts.add(longer.letters() + 1);
        }
        counts.add(Math.min(longest, 60));
        counts.removeIf(count -> count < 1 || count > longest);
        if (counts.isEmpty()) counts.add(1);
        return counts;
    }

    /** The shortest text of one letter that is wider, and one letter less. */
    private void addJustWide(Map<String, String> context, double px, String letter, int most) {
        int longest = field.longest() > 0 ? field.longest() : Limits.TEXT;
        int wide = least(Math.max(most, longest), count -> letter.repeat(count), context, px);
        if (wide > 1) tried.add(letter.repeat(wide - 1));
        if (wide > 0) tried.add(letter.repeat(wide));
    }

    /** So many letters, as many of them wide as are just enough, and one less. */
    private void addMixed(Map<String, String> context, double px, int count) {
        int wide = least(count, many -> WIDE.repeat(many) + NARROW.repeat(count - many), context, px);
        if (wide > 0) {
            tried.add(WIDE.repeat(wide) + NARROW.repeat(count - wide));
            tried.add(WIDE.repeat(wide - 1) + NARROW.repeat(count - wide + 1));
        }
    }

    private interface Text {
        String of(int count);
    }

    /**
     * The least count from 1 on with which a text is wider than so many px; 0 if none is. Each letter more adds about as much as the second
     * did: from where that leads it is sought in growing steps, then by halving.
     */
    private int least(int most, Text text, Map<String, String> context, double px) {
        double one = width(text.of(1), context);
        if (one > px) return 1;
        double step = most < 2 ? 0 : width(text.of(2), context) - one;
        int near = step <= 0 ? 1 : (int) Math.max(1, Math.min(most, 2 + (px - one) / step));
        int low;
        int high;
        if (width(text.of(near), context) > px) {
            high = near;
            low = near;
            for (int back = 1; low > 1 && width(text.of(low), context) > px; back *= 2) {
                high = low;
                low = Math.max(1, low - back);
            }
        } else {
            low = near;
            high = near;
            for (int on = 1; width(text.of(high), context) <= px; on *= 2) {
                if (high == most) return 0;
                low = high;
                high = Math.min(most, high + on);
            }
        }
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (width(text.of(middle), context) > px) high = middle;
            else low = middle;
        }
        return high;
    }

    private double width(String value, Map<String, String> context) {
        Map<String, String> values = new TreeMap<>(context);
        values.put(field.key(), value);
        return widths.ofField(field.key(), values);
    }

    /** Samples of all fields; the same with the other fields blank; and with long ones. */
    static List<Map<String, String>> contexts(Map<String, String> sample, List<Field> fields) {
        List<Map<String, String>> contexts = new ArrayList<>(List.of(sample));
        Map<String, String> blank = new TreeMap<>();
        Map<String, String> long40 = new TreeMap<>();
        for (Field other : fields) {
            boolean text = other.isText();
            int letters = other.longest() > 0 ? Math.min(40, other.longest()) : 40;
            String given = sample.getOrDefault(other.key(), "");
            blank.put(other.key(), other.required() ? given : "");
            long40.put(other.key(), text ? WIDE.repeat(letters) : given);
        }
        contexts.add(blank);
        contexts.add(long40);
        return contexts;
    }
}
