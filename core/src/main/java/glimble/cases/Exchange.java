package glimble.cases;

import glimble.graphic.Axis;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Played;
import glimble.graphic.Span;
import glimble.graphic.Variant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A design as it is looked at: the variants that are played stand in the place of their phases, and these in theirs; parts that rest
 * otherwise where they are played do so. Whatever is changed in it lands in the variant once it is {@link #back}.
 */
public final class Exchange {
    private Exchange() {}

    /** A name that no variant has stands for the phase itself. */
    public static Graphic of(Graphic design, Played played) {
        Graphic seen = design;
        for (PhaseName phase : phases(played)) seen = exchanged(seen, phase, played.of(phase));
        return seen;
    }

    /** The design of what is looked at; the other way round, so that parts which rest otherwise in two variants come back right. */
    public static Graphic back(Graphic seen, Played played) {
        Graphic design = seen;
        List<PhaseName> phases = phases(played);
        Collections.reverse(phases);
        for (PhaseName phase : phases) design = exchanged(design, phase, played.of(phase));
        return design;
    }

    private static List<PhaseName> phases(Played played) {
        List<PhaseName> phases = new ArrayList<>();
        for (PhaseName phase : PhaseName.values()) if (!played.of(phase).isEmpty()) phases.add(phase);
        return phases;
    }

    private static Graphic exchanged(Graphic graphic, PhaseName phase, String name) {
        Variant variant = graphic.variant(phase, name).orElse(null);
        if (variant == null) return graphic;
        List<Part> parts = new ArrayList<>(graphic.parts());
        List<Variant.Stand> before = new ArrayList<>();
        for (Variant.Stand stand : variant.stands()) before.add(exchanged(parts, stand));
        Phase plain = graphic.phase(phase);
        List<Variant> variants = graphic.variants().stream()
                .map(other -> other == variant ? new Variant(name, plain, before) : other)
                .toList();
        return graphic.withParts(parts)
                .withPhase(variant.phase())
                .withVariants(variants)
                .withPlaces(SeenPlaces.of(phase, variant)::now);
    }

    /** Puts how a part stands in the variant into the part, and gives how it stood. */
    private static Variant.Stand exchanged(List<Part> parts, Variant.Stand stand) {
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            if (!part.key().equals(stand.part())) continue;
            boolean across = stand.axis() == Axis.X;
            Span x = across ? stand.span() : part.span(Axis.X);
            Span y = across ? part.span(Axis.Y) : stand.span();
            parts.set(i, part.withBase(part.base().withSpans(x, y)));
            return new Variant.Stand(stand.part(), stand.axis(), part.span(stand.axis()));
        }
        return stand;
    }
}
