package glimble.cases;

import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.text.TypedNumber;
import java.util.ArrayList;
import java.util.BitSet;
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

    private static final int STEPS_PER_VALUE = 60;
    private static final int STEPS_PER_CONDITION = 3;
    private static final String TOO_MANY = "conditions tell too many values apart; give the cases fewer of them";

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
        List<Map<String, String>> contexts = contexts(sample, graphic.fields(), field.key(), conditions, widths);
        Set<String> tried = TriedValues.of(field, conditions, contexts, widths);
        for (Map<String, String> context : contexts) {
            for (String value : tried) {
                Map<String, String> values = new TreeMap<>(context);
                values.put(field.key(), value);
                widths.budget().spend(STEPS_PER_VALUE + conditions.size() * STEPS_PER_CONDITION, TOO_MANY);
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

    /** Values of the other fields, of which one may stand for all that differ in nothing the conditions ask for. */
    private static List<Map<String, String>> contexts(
            Map<String, String> sample, List<Field> fields, String field, List<Condition> conditions, Widths widths) {
        List<Condition.Wider> wider = conditions.stream()
                .filter(Condition.Wider.class::isInstance)
                .map(Condition.Wider.class::cast)
                .toList();
        if (wider.isEmpty()) return List.of(sample);
        List<Map<String, String>> all = TriedValues.contexts(sample, fields);
        if (wider.stream().anyMatch(condition -> !condition.part().isEmpty())) return all;
        Map<Map<String, String>, Map<String, String>> different = new LinkedHashMap<>();
        for (Map<String, String> context : all) {
            Map<String, String> counting = new TreeMap<>(context);
            counting.keySet().retainAll(widths.shownWith(field));
            counting.remove(field);
            different.putIfAbsent(counting, context);
        }
        return List.copyOf(different.values());
    }

    /** Samples of all fields, something for those that have none. */
    static Map<String, String> sample(Graphic graphic) {
        Map<String, String> values = new TreeMap<>();
        for (Field field : graphic.fields()) values.put(field.key(), TriedValues.filled(field));
        return values;
    }

    /** Numbers of the kinds for which all of these conditions hold. */
    BitSet where(List<Condition> when) {
        int[] asked = when.stream()
                .mapToInt(conditions::indexOf)
                .filter(index -> index >= 0)
                .toArray();
        BitSet where = new BitSet();
        for (int i = 0; i < kinds.size(); i++) {
            boolean all = true;
            for (int index : asked) all &= kinds.get(i).holds().get(index);
            if (all) where.set(i);
        }
        return where;
    }

    /** What is true of a kind, in words: what holds and says the most, or else what does not. */
    String words(Kind kind) {
        List<Condition> hold = new ArrayList<>();
        for (int i = 0; i < conditions.size(); i++) {
            if (kind.holds().get(i)) hold.add(conditions.get(i));
        }
        List<String> told = Telling.of(hold).stream().map(Conditions::words).toList();
        if (!told.isEmpty()) return String.join(", ", told);
        if (field.isEmpty()) return Conditions.words(new Condition.OnAir(Condition.Standing.named(kind.example())));
        if (TypedNumber.read(kind.example()).isPresent()) return field + " is a number like " + kind.example();
        return kind.example().isBlank() ? field + " is blank" : field + " is anything else";
    }
}
