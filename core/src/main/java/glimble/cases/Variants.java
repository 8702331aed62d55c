package glimble.cases;

import glimble.graphic.Axis;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Played;
import glimble.graphic.Span;
import glimble.graphic.Variant;
import java.util.ArrayList;
import java.util.List;

/** Puts variants in the place of what they are variants of. */
public final class Variants {
    private Variants() {}

    /**
     * The graphic with the variants that are played for its phases, and its parts as they rest with them. A name that no variant has
     * stands for the phase itself.
     */
    public static Graphic played(Graphic graphic, Played played) {
        if (played.equals(Played.PLAIN)) return graphic;
        List<Variant> chosen = chosen(graphic, played);
        if (chosen.isEmpty()) return graphic;
        Graphic phased = graphic;
        for (Variant variant : chosen) phased = phased.withPhase(variant.phase());
        List<Part> parts = graphic.parts();
        if (chosen.stream().anyMatch(variant -> !variant.stands().isEmpty())) {
            parts = parts.stream().map(part -> standing(part, chosen)).toList();
        }
        return phased.withParts(parts);
    }

    private static List<Variant> chosen(Graphic graphic, Played played) {
        List<Variant> chosen = new ArrayList<>();
        for (PhaseName phase : PhaseName.values()) {
            graphic.variant(phase, played.of(phase)).ifPresent(chosen::add);
        }
        return chosen;
    }

    private static Part standing(Part part, List<Variant> chosen) {
        Span x = standing(part, chosen, Axis.X);
        Span y = standing(part, chosen, Axis.Y);
        return part.withBase(part.base().withSpans(x, y));
    }

    private static Span standing(Part part, List<Variant> chosen, Axis axis) {
        return chosen.stream()
                .flatMap(variant -> variant.stand(part.key(), axis).stream())
                .findFirst()
                .orElse(part.span(axis));
    }

    /** Key of a part that two of the variants that are played together have rest differently; empty if there is none. */
    public static java.util.Optional<String> quarrel(Graphic graphic, Played played) {
        List<Variant.Stand> all = chosen(graphic, played).stream()
                .flatMap(variant -> variant.stands().stream())
                .toList();
        return all.stream()
                .filter(one -> all.stream()
                        .anyMatch(other -> one.part().equals(other.part())
                                && one.axis() == other.axis()
                                && !one.span().equals(other.span())))
                .map(Variant.Stand::part)
                .findFirst();
    }
}
