package glimble.cases;

import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * What conditions can tell apart about one field, or about what is on air: values of one kind fulfil the same conditions. Found by
 * trying values around every threshold, so a kind that no value has is not among them.
 *
 * <p>Whether a text is wider than a part depends on other fields too; both are then taken as possible, and the example is the best that
 * was found.
 *
 * @param field key; empty for what is on air
 * @param conditions about it, each once
 * @param kinds in the order in which they were found
 */
record Kinds(String field, List<Condition> conditions, List<Kind> kinds) {

    /**
     * @param holds of each condition whether it holds
     * @param example a value of that kind; the word of what is on air
     */
    record Kind(List<Boolean> holds, String example) {}

    private static final int LONGEST_TRIED = 400;
    private static final String USUAL = "Oona Varga";

    static Kinds onAir(List<Condition> conditions) {
        List<Kind> kinds = new ArrayList<>();
        for (Condition.Standing standing : Condition.Standing.values()) {
            List<Boolean> holds = conditions.stream()
                    .map(condition -> ((Condition.OnAir) condition).standing() == standing)
                    .toList();
            if (kinds.stream().noneMatch(kind -> kind.holds().equals(holds))) {
                kinds.add(new Kind(holds, standing.word()));
            }
        }
        return new Kinds("", conditions, kinds);
    }

    static Kinds of(Graphic graphic, Field field, List<Condition> conditions, Widths widths) {
        Map<List<Boolean>, String> found = new LinkedHashMap<>();
        Map<String, String> sample = sample(graphic);
        for (String value : tried(field, conditions, sample, widths)) {
            Map<String, String> values = new TreeMap<>(sample);
            values.put(field.key(), value);
            List<Boolean> holds = new ArrayList<>();
            for (Condition condition : conditions) {
                holds.add(Conditions.holds(condition, values, Condition.Standing.NOTHING, widths));
            }
            found.putIfAbsent(holds, value);
        }
        for (int i = 0; i < conditions.size(); i++) {
            if (conditions.get(i) instanceof Condition.Wider wider
                    && !wider.part().isEmpty()) either(found, i);
        }
        List<Kind> kinds = new ArrayList<>();
        found.forEach((holds, value) -> kinds.add(new Kind(holds, value)));
        return new Kinds(field.key(), conditions, kinds);
    }

    /** Whatever is filled may be wider than the part, or not. */
    private static void either(Map<List<Boolean>, String> found, int condition) {
        Map<List<Boolean>, String> other = new LinkedHashMap<>();
        found.forEach((holds, value) -> {
            if (glimble.text.Blank.isBlank(value)) return;
            List<Boolean> turned = new ArrayList<>(holds);
            turned.set(condition, !turned.get(condition));
            other.put(turned, value);
        });
        other.forEach(found::putIfAbsent);
    }

    /** Samples of all fields, something for those that have none. */
    static Map<String, String> sample(Graphic graphic) {
        Map<String, String> values = new TreeMap<>();
        for (Field field : graphic.fields()) values.put(field.key(), filled(field));
        return values;
    }

    private static String filled(Field field) {
        if (!field.sample().isBlank()) return field.sample();
        return switch (field.kind()) {
            case CHOICE -> field.options().get(0);
            case SWITCH -> "on";
            case NUMBER -> "7";
            case COLOUR -> "#7AD3C0";
            default -> field.longest() > 0 && field.longest() < USUAL.length() ? "Wu" : USUAL;
        };
    }

    /** Values on every side of every threshold, as far as the field lets them through. */
    private static Set<String> tried(
            Field field, List<Condition> conditions, Map<String, String> sample, Widths widths) {
        Set<String> tried = new LinkedHashSet<>();
        tried.add(filled(field));
        if (!field.required()) tried.add("");
        switch (field.kind()) {
            case CHOICE -> tried.addAll(field.options());
            case SWITCH -> tried.add("on");
            case PICTURE, COLOUR -> conditions.forEach(condition -> addNamed(tried, condition));
            case NUMBER -> {
                tried.add("7");
                for (Condition condition : conditions) {
                    addNamed(tried, condition);
                    if (condition instanceof Condition.Number number) {
                        for (int step = -1; step <= 1; step++) tried.add(NumberWords.of(number.bound() + step));
                    }
                    addLong(tried, field, condition, sample, widths, "7");
                }
            }
            default -> {
                for (Condition condition : conditions) {
                    addNamed(tried, condition);
                    addLong(tried, field, condition, sample, widths, "i");
                    addLong(tried, field, condition, sample, widths, "W");
                }
                tried.add("Wu");
                tried.add("ii");
                tried.add("W".repeat(field.longest() > 0 ? field.longest() : 60));
            }
        }
        tried.removeIf(value -> field.longest() > 0 && value.length() > field.longest());
        return tried;
    }

    private static void addNamed(Set<String> tried, Condition condition) {
        if (condition instanceof Condition.OneOf one) tried.addAll(one.texts());
    }

    private static void addLong(
            Set<String> tried,
            Field field,
            Condition condition,
            Map<String, String> sample,
            Widths widths,
            String letter) {
        if (condition instanceof Condition.Longer longer && longer.letters() < LONGEST_TRIED) {
            if (longer.letters() > 0) tried.add(letter.repeat(longer.letters()));
            tried.add(letter.repeat(longer.letters() + 1));
        }
        if (!(condition instanceof Condition.Wider wider)) return;
        double wanted = wider.part().isEmpty()
                ? wider.px()
                : widths.ofPart(wider.part(), sample).orElse(0);
        Map<String, String> values = new TreeMap<>(sample);
        for (int count = 1; count <= LONGEST_TRIED; count = Math.max(count + 1, count * 5 / 4)) {
            values.put(field.key(), letter.repeat(count));
            boolean wide = widths.ofField(field.key(), values) > wanted;
            if (wide) {
                addJustWide(tried, field, values, widths, letter, count, wanted);
                return;
            }
        }
    }

    /** The narrowest that is wider, and one letter less. */
    private static void addJustWide(
            Set<String> tried,
            Field field,
            Map<String, String> values,
            Widths widths,
            String letter,
            int wide,
            double wanted) {
        int count = wide;
        while (count > 1) {
            values.put(field.key(), letter.repeat(count - 1));
            if (widths.ofField(field.key(), values) <= wanted) break;
            count--;
        }
        if (count > 1) tried.add(letter.repeat(count - 1));
        tried.add(letter.repeat(count));
    }

    /** Numbers of the kinds for which all of these conditions hold. */
    java.util.BitSet where(List<Condition> when) {
        java.util.BitSet where = new java.util.BitSet();
        for (int i = 0; i < kinds.size(); i++) {
            boolean all = true;
            for (Condition condition : when) {
                int index = conditions.indexOf(condition);
                if (index >= 0) all &= kinds.get(i).holds().get(index);
            }
            if (all) where.set(i);
        }
        return where;
    }

    /** What is true of a kind, in words: what holds, or else what does not. */
    String words(Kind kind) {
        List<String> told = new ArrayList<>();
        for (int i = 0; i < conditions.size(); i++) {
            if (kind.holds().get(i)) told.add(Conditions.words(conditions.get(i)));
        }
        if (!told.isEmpty()) return String.join(", ", told);
        if (field.isEmpty()) return Conditions.words(new Condition.OnAir(Condition.Standing.named(kind.example())));
        return kind.example().isBlank() ? field + " is blank" : field + " is anything else";
    }
}
