package glimble.cases;

import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.text.TypedNumber;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * What conditions can tell apart about one field, or about what is on air: values of one kind fulfil the same conditions. Found by
 * trying values around every threshold, so a kind that no value has is not among them.
 *
 * <p>How wide a text is may depend on other fields too, and so may the width of a part. Values are then tried with the others as their
 * samples, blank and long; whether kinds of several fields come together is told by an example for which they do.
 *
 * @param field key; empty for what is on air
 * @param conditions about it, each once
 * @param kinds in the order in which they were found
 */
record Kinds(String field, List<Condition> conditions, List<Kind> kinds) {

    /**
     * @param holds of each condition whether it holds
     * @param examples values of that kind, the first the plainest; the word of what is on air
     */
    record Kind(List<Boolean> holds, List<String> examples) {
        String example() {
            return examples.get(0);
        }
    }

    /** What is told apart of a value. */
    private record Told(List<Boolean> holds, boolean number) {}

    /** Examples of a kind that are kept: with other fields only some of them may be of it. */
    private static final int EXAMPLES = 12;

    static Kinds onAir(List<Condition> conditions) {
        List<Kind> kinds = new ArrayList<>();
        for (Condition.Standing standing : Condition.Standing.values()) {
            List<Boolean> holds = conditions.stream()
                    .map(condition -> ((Condition.OnAir) condition).standing() == standing)
                    .toList();
            if (kinds.stream().noneMatch(kind -> kind.holds().equals(holds))) {
                kinds.add(new Kind(holds, List.of(standing.word())));
            }
        }
        return new Kinds("", conditions, kinds);
    }

    static Kinds of(Graphic graphic, Field field, List<Condition> conditions, Widths widths) {
        boolean asksForNumbers = conditions.stream().anyMatch(Condition.Number.class::isInstance);
        Map<Told, List<String>> found = new LinkedHashMap<>();
        Map<String, String> sample = sample(graphic);
        List<Map<String, String>> contexts =
                isOfOthers(conditions) ? TriedValues.contexts(sample, graphic.fields()) : List.of(sample);
        Set<String> tried = TriedValues.of(field, conditions, contexts, widths);
        for (Map<String, String> context : contexts) {
            for (String value : tried) {
                Map<String, String> values = new TreeMap<>(context);
                values.put(field.key(), value);
                List<Boolean> holds = new ArrayList<>();
                for (Condition condition : conditions) {
                    holds.add(Conditions.holds(condition, values, Condition.Standing.NOTHING, widths));
                }
                // A number between two bounds is another thing than no number at all.
                boolean number = asksForNumbers && TypedNumber.read(value).isPresent();
                List<String> examples = found.computeIfAbsent(new Told(holds, number), none -> new ArrayList<>());
                if (examples.size() < EXAMPLES && !examples.contains(value)) examples.add(value);
            }
        }
        List<Kind> kinds = new ArrayList<>();
        found.forEach((told, values) -> kinds.add(new Kind(told.holds(), values)));
        return new Kinds(field.key(), conditions, kinds);
    }

    /** Whether it may depend on other fields, too, if they hold: a width that is of several fields or against a part. */
    private static boolean isOfOthers(List<Condition> conditions) {
        return conditions.stream().anyMatch(Condition.Wider.class::isInstance);
    }

    /** Samples of all fields, something for those that have none. */
    static Map<String, String> sample(Graphic graphic) {
        Map<String, String> values = new TreeMap<>();
        for (Field field : graphic.fields()) values.put(field.key(), TriedValues.filled(field));
        return values;
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
        if (TypedNumber.read(kind.example()).isPresent()) return field + " is a number like " + kind.example();
        return kind.example().isBlank() ? field + " is blank" : field + " is anything else";
    }
}
