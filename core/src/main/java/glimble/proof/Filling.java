package glimble.proof;

import glimble.graphic.Condition;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a graphic is proved with.
 *
 * @param name for people
 * @param values text by field key; a missing one is blank
 * @param onAir what is on air when it is taken
 */
public record Filling(String name, Map<String, String> values, Condition.Standing onAir) {

    public Filling {
        values = java.util.Collections.unmodifiableMap(new TreeMap<>(values));
    }

    public Filling(String name, Map<String, String> values) {
        this(name, values, Condition.Standing.NOTHING);
    }

    Filling with(Map<String, String> others) {
        return new Filling(name, others, onAir);
    }
}
