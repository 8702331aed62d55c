package glimble.graphic;

import java.util.Map;
import java.util.TreeMap;

/**
 * A set of values to try a graphic with.
 *
 * @param name what it tries, for instance {@code very long}
 * @param values text by field key; a field that is missing is blank
 */
public record Trial(String name, Map<String, String> values) {

    public Trial {
        values = java.util.Collections.unmodifiableMap(new TreeMap<>(values));
    }
}
