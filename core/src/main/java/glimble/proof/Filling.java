package glimble.proof;

import glimble.graphic.Condition;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a graphic is proved with.
 *
 * @param name for people
 * @param values text by field key; a missing one is blank
 * @param onAir what is on air when it is taken
 * @param dials what is set, by key; what is missing is as designed
 * @param then other values that come while it stands, one after the other; with some, what is proved is the last change
 */
public record Filling(
        String name, Map<String, String> values, Condition.Standing onAir, Map<String, String> dials, List<Then> then) {

    public Filling {
        values = Collections.unmodifiableMap(new TreeMap<>(values));
        dials = Collections.unmodifiableMap(new TreeMap<>(dials));
        then = List.copyOf(then);
    }

    public Filling(String name, Map<String, String> values, Condition.Standing onAir, List<Then> then) {
        this(name, values, onAir, Map.of(), then);
    }

    public Filling(String name, Map<String, String> values, Condition.Standing onAir) {
        this(name, values, onAir, List.of());
    }

    public Filling(String name, Map<String, String> values) {
        this(name, values, Condition.Standing.NOTHING);
    }

    /**
     * A change.
     *
     * @param at at what moment of the in, or of the change before
     * @param dials what is set then, by key; what is missing is as designed
     */
    public record Then(Map<String, String> values, At at, Map<String, String> dials) {
        public Then {
            values = Collections.unmodifiableMap(new TreeMap<>(values));
            dials = Collections.unmodifiableMap(new TreeMap<>(dials));
        }

        public Then(Map<String, String> values, At at) {
            this(values, at, Map.of());
        }
    }

    /** A moment of an in, or of a change. */
    public enum At {
        FIRST("at once"),
        MIDDLE("half-way"),
        /** At rest. */
        LAST("at rest");

        private final String word;

        At(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        /** @param length frames of the in, or of the change */
        public int frame(int length) {
            return this == FIRST ? 0 : this == MIDDLE ? length / 2 : length;
        }
    }

    public boolean isChange() {
        return !then.isEmpty();
    }

    /** The same with other settings. */
    Filling withDials(Map<String, String> others) {
        return new Filling(name, values, onAir, others, then);
    }

    /** Every filling of it, as they come. */
    List<Map<String, String>> all() {
        List<Map<String, String>> all = new java.util.ArrayList<>(List.of(values));
        then.forEach(next -> all.add(next.values()));
        return all;
    }

    /** The same with other fillings, as many as it has. */
    Filling withAll(List<Map<String, String>> others) {
        List<Then> next = new java.util.ArrayList<>();
        for (int i = 0; i < then.size(); i++)
            next.add(new Then(others.get(i + 1), then.get(i).at(), then.get(i).dials()));
        return new Filling(name, others.get(0), onAir, dials, next);
    }
}
