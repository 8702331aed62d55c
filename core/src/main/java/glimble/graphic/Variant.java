package glimble.graphic;

import java.util.List;
import java.util.Optional;

/**
 * A further version of a phase, played instead of it where a case says so.
 *
 * @param name unique among the variants of that phase
 * @param phase what is played instead; what kind it is says instead of which phase
 * @param stands parts that rest otherwise where this is played
 */
public record Variant(String name, Phase phase, List<Stand> stands) {

    public Variant {
        stands = List.copyOf(stands);
    }

    /** Size and place of a part along one axis, instead of its own. */
    public record Stand(String part, Axis axis, Span span) {}

    public Variant withPhase(Phase other) {
        return new Variant(name, other, stands);
    }

    public Variant withStands(List<Stand> others) {
        return new Variant(name, phase, others);
    }

    /** How a part stands along an axis; empty if as it does anyway. */
    public Optional<Span> stand(String part, Axis axis) {
        return stands.stream()
                .filter(stand -> stand.part().equals(part) && stand.axis() == axis)
                .map(Stand::span)
                .findFirst();
    }
}
