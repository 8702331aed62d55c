package glimble.graphic;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Kinds of fillings, in words.
 *
 * @param fields by the key of a field what its value is like: one of these; a field that is missing may be anything
 * @param dials likewise by the key of a dial
 */
public record Reach(Map<String, List<String>> fields, Map<String, List<String>> dials) {
    public static final Reach ANY = new Reach(Map.of(), Map.of());

    public Reach {
        fields = copy(fields);
        dials = copy(dials);
    }

    private static Map<String, List<String>> copy(Map<String, List<String>> of) {
        Map<String, List<String>> copy = new TreeMap<>();
        of.forEach((key, words) -> copy.put(key, List.copyOf(words)));
        return Collections.unmodifiableMap(copy);
    }

    /** The same kinds of fillings, with a field under another key. */
    public Reach withField(String key, String to) {
        if (!fields.containsKey(key)) return this;
        Map<String, List<String>> others = new TreeMap<>(fields);
        others.put(to, others.remove(key));
        return new Reach(others, dials);
    }

    /** For people: <i>name is long or longest, role is blank</i>; empty for any filling. */
    public String words() {
        List<String> words = new ArrayList<>();
        fields.forEach((field, like) -> words.add(field + " is " + String.join(" or ", like)));
        dials.forEach((dial, like) -> words.add(dial + " is " + String.join(" or ", like)));
        return String.join(", ", words);
    }
}
