package glimble.edit;

import glimble.graphic.Case;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.graphic.Variant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Edits of variants, and of the cases that play them. */
public final class VariantEdits {
    private VariantEdits() {}

    /** A further variant of a phase that begins as a copy of it; of a half of a swap, of both halves. */
    public static Graphic add(Graphic graphic, PhaseName phase, String name) {
        List<Variant> variants = new ArrayList<>(graphic.variants());
        for (PhaseName half : phase.isSwap() ? List.of(PhaseName.AWAY, PhaseName.BACK) : List.of(phase)) {
            variants.add(new Variant(name, graphic.phase(half), List.of()));
        }
        return graphic.withVariants(variants);
    }

    /** Without a variant; cases that played it play the phase itself. */
    public static Graphic remove(Graphic graphic, PhaseName phase, String name) {
        return played(graphic, phase, played -> played.equals(name) ? "" : played)
                .withVariants(graphic.variants().stream()
                        .filter(variant -> !is(variant, phase, name))
                        .toList());
    }

    /** A variant under another name, in every case that plays it too. */
    public static Graphic rename(Graphic graphic, PhaseName phase, String name, String to) {
        return played(graphic, phase, played -> played.equals(name) ? to : played)
                .withVariants(graphic.variants().stream()
                        .map(variant ->
                                is(variant, phase, name) ? new Variant(to, variant.phase(), variant.stands()) : variant)
                        .toList())
                .withPlaces(DialPlaces.ofVariant(phase, name, to));
    }

    private static boolean is(Variant variant, PhaseName phase, String name) {
        PhaseName of = variant.phase().name();
        // The halves of a swap share their name.
        return (of == phase || of.isSwap() && phase.isSwap()) && variant.name().equals(name);
    }

    private static Graphic played(Graphic graphic, PhaseName phase, UnaryOperator<String> rule) {
        return graphic.withCases(graphic.cases().stream()
                .map(row -> new Case(
                        row.name(),
                        row.when(),
                        row.played().with(phase, rule.apply(row.played().of(phase))),
                        row.alone()))
                .toList());
    }
}
