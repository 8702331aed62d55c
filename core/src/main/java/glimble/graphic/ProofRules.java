package glimble.graphic;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * What the animator says of the proof of a graphic.
 *
 * @param limits by the word of a check, in that check's unit; one that is missing is as usual
 * @param accepted faults that are meant
 */
public record ProofRules(Map<String, Double> limits, List<Accepted> accepted) {
    /** After the key of a part, where something stands against its edge. */
    public static final String EDGE = " edge";

    public static final ProofRules USUAL = new ProofRules(Map.of(), List.of());

    public ProofRules {
        limits = java.util.Collections.unmodifiableMap(new TreeMap<>(limits));
        accepted = List.copyOf(accepted);
    }

    /**
     * A fault that is meant, as far as it went when it was accepted.
     *
     * @param check word of the check
     * @param part key of the part; empty for every part, or for the graphic as a whole where it is said what it stands against
     * @param against what it stands against: another part, a safe area, a field, or nothing, which is an empty word; empty for whatever
     *     it is
     * @param phase in which it is seen, {@code BACK} for a change; empty for any
     * @param measured in the unit of the check; what is worse is not accepted; empty for however much
     * @param reach what the fillings it is accepted for are like
     * @param reason why it is meant, for whoever reads the proof
     */
    public record Accepted(
            String check,
            String part,
            Optional<String> against,
            Optional<PhaseName> phase,
            OptionalDouble measured,
            Reach reach,
            String reason) {

        /** The same of another part, against something else. */
        public Accepted named(String other, Optional<String> otherAgainst) {
            return new Accepted(check, other, otherAgainst, phase, measured, reach, reason);
        }

        /** The same for other fillings. */
        public Accepted withReach(Reach other) {
            return new Accepted(check, part, against, phase, measured, other, reason);
        }

        /** However much of it there is, and whatever is filled in. */
        public static Accepted all(String check, String part, String reason) {
            return new Accepted(
                    check, part, Optional.empty(), Optional.empty(), OptionalDouble.empty(), Reach.ANY, reason);
        }
    }
}
