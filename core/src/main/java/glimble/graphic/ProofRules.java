package glimble.graphic;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What the animator says of the proof of a graphic.
 *
 * @param limits by the word of a check, in that check's unit; one that is missing is as usual
 * @param accepted faults that are meant
 */
public record ProofRules(Map<String, Double> limits, List<Accepted> accepted) {
    public static final ProofRules USUAL = new ProofRules(Map.of(), List.of());

    public ProofRules {
        limits = java.util.Collections.unmodifiableMap(new TreeMap<>(limits));
        accepted = List.copyOf(accepted);
    }

    /**
     * @param check word of the check
     * @param part key of the part; empty for every part
     * @param reason why it is meant, for whoever reads the proof
     */
    public record Accepted(String check, String part, String reason) {}
}
