package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Part;
import java.util.HashMap;
import java.util.Map;

/**
 * Sizes that parts have at least.
 *
 * @param widths px by key of part
 * @param heights px by key of part
 */
public record Least(Map<String, Double> widths, Map<String, Double> heights) {
    public static final Least NONE = new Least(Map.of(), Map.of());

    /** Every part as large as in either of two rests. */
    public static Least of(Rest one, Rest other) {
        Map<String, Double> widths = new HashMap<>();
        Map<String, Double> heights = new HashMap<>();
        for (Rest rest : new Rest[] {one, other}) {
            for (PartRest part : rest.parts().values()) {
                widths.merge(part.key(), part.box().width(), Math::max);
                heights.merge(part.key(), part.box().height(), Math::max);
            }
        }
        return new Least(widths, heights);
    }

    Reckoning size(Part part, Axis axis, Reckoning size) {
        double least = (axis == Axis.X ? widths : heights).getOrDefault(part.key(), 0.0);
        if (least <= size.value()) return size;
        return Reckoning.sum(size.what(), size, Reckoning.given("as large as before or after", least - size.value()));
    }
}
