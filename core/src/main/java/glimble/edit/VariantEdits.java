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

    /**
     * A further variant of a phase that begins as a copy of it; of a half of a swap, of both halves.
     *
     * @throws EditRefused if one is called so
     */
    public static Graphic add(Graphic graphic, PhaseName phase, String name) {
        checkIsFree(graphic, phase, name);
        List<Variant> variants = new ArrayList<>(graphic.variants());
        for (PhaseName half : phase.isSwap() ? List.of(PhaseName.AWAY, PhaseName.BACK) : List.of(phase)) {
            variants.add(new Variant(name, graphic.phase(half), List.of()));
        }
        return graphic.withVariants(variants);
    }

    /**
     * Without a variant.
     *
     * @throws EditRefused if a case plays it
     */
    public static Graphic remove(Graphic graphic, PhaseName phase, String name) {
        List<String> cases = graphic.cases().stream()
                .filter(row -> row.played().of(phase).equals(name))
                .map(row -> "‘" + row.name() + "’")
                .toList();
        if (!cases.isEmpty())
            throw new EditRefused("‘" + name + "’ is played by the "
                    + (cases.size() > 1 ? "cases " : "case ") + String.join(", ", cases)
                    + "; let " + (cases.size() > 1 ? "them" : "it") + " play another variant first");
        return graphic.withVariants(graphic.variants().stream()
                .filter(variant -> !is(variant, phase, name))
                .toList());
    }

    private static void checkIsFree(Graphic graphic, PhaseName phase, String name) {
        if (graphic.variants().stream().anyMatch(variant -> is(variant, phase, name)))
            throw new EditRefused("there is a variant ‘" + name + "’ already; give it another name");
    }

    /**
     * A variant under another name, in every case that plays it too.
     *
     * @throws EditRefused if another one is called so
     */
    public static Graphic rename(Graphic graphic, PhaseName phase, String name, String to) {
        if (!to.equals(name)) checkIsFree(graphic, phase, to);
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
