package glimble.edit;

import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Phase;
import glimble.graphic.Place;
import glimble.graphic.ProofRules;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Step;
import glimble.graphic.Variant;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** What variants, cases, steps and the rules of the proof say of parts and fields. */
final class CaseReferences {
    private CaseReferences() {}

    /** Every part that is named under another name. */
    static Graphic renamed(
            Graphic graphic, UnaryOperator<String> name, UnaryOperator<Size> size, UnaryOperator<Place> place) {
        Graphic stepped = graphic.withPhases((Phase phase) -> steps(
                phase,
                steps -> steps.stream()
                        .map(step -> new Step(name.apply(step.part()), step.plus()))
                        .toList()));
        List<Variant> variants = stepped.variants().stream()
                .map(variant -> variant.withStands(variant.stands().stream()
                        .map(stand -> new Variant.Stand(
                                name.apply(stand.part()),
                                stand.axis(),
                                new Span(
                                        size.apply(stand.span().size()),
                                        place.apply(stand.span().place()))))
                        .toList()))
                .toList();
        List<ProofRules.Accepted> accepted = graphic.proof().accepted().stream()
                .map(one -> new ProofRules.Accepted(one.check(), name.apply(one.part()), one.reason()))
                .toList();
        return conditions(stepped.withVariants(variants), condition -> renamed(condition, name))
                .withProof(new ProofRules(graphic.proof().limits(), accepted));
    }

    private static Condition renamed(Condition condition, UnaryOperator<String> name) {
        if (!(condition instanceof Condition.Wider wider) || wider.part().isEmpty()) return condition;
        return new Condition.Wider(wider.field(), name.apply(wider.part()), wider.px());
    }

    /** Without a part that is gone: what stood by it stands as it does anyway, its steps go, and conditions on its width. */
    static Graphic withoutPart(Graphic graphic, String gone) {
        Graphic stepped = graphic.withPhases((Phase phase) -> steps(
                phase,
                steps ->
                        steps.stream().filter(step -> !step.part().equals(gone)).toList()));
        List<Variant> variants = stepped.variants().stream()
                .map(variant -> variant.withStands(variant.stands().stream()
                        .filter(stand -> !names(stand, gone))
                        .toList()))
                .toList();
        List<ProofRules.Accepted> accepted = graphic.proof().accepted().stream()
                .filter(one -> !one.part().equals(gone))
                .toList();
        return only(
                        stepped.withVariants(variants),
                        condition -> !(condition instanceof Condition.Wider wider
                                && wider.part().equals(gone)))
                .withProof(new ProofRules(graphic.proof().limits(), accepted));
    }

    private static boolean names(Variant.Stand stand, String part) {
        Span span = stand.span();
        if (stand.part().equals(part)) return true;
        if (span.size() instanceof Size.Matches matches && matches.part().equals(part)) return true;
        if (span.size() instanceof Size.Wraps wraps && wraps.parts().contains(part)) return true;
        if (span.place() instanceof Place.Stacked in && in.stack().equals(part)) return true;
        return span.place() instanceof Place.Hang hang && hang.on().equals(part);
    }

    /** Without a field: conditions on it go. */
    static Graphic withoutField(Graphic graphic, String field) {
        return only(graphic, condition -> !condition.about().map(field::equals).orElse(false));
    }

    /** Every size and place of variants changed, and every px of conditions. */
    static Graphic rescaled(Graphic graphic, UnaryOperator<Span> span, UnaryOperator<Double> px) {
        List<Variant> variants = graphic.variants().stream()
                .map(variant -> variant.withStands(variant.stands().stream()
                        .map(stand -> new Variant.Stand(stand.part(), stand.axis(), span.apply(stand.span())))
                        .toList()))
                .toList();
        return conditions(
                graphic.withVariants(variants),
                condition -> condition instanceof Condition.Wider wider
                        ? new Condition.Wider(wider.field(), wider.part(), px.apply(wider.px()))
                        : condition);
    }

    private static Phase steps(Phase phase, UnaryOperator<List<Step>> rule) {
        return phase instanceof In in ? in.withSteps(rule.apply(in.steps())) : phase;
    }

    private static Graphic conditions(Graphic graphic, UnaryOperator<Condition> rule) {
        return graphic.withCases(graphic.cases().stream()
                .map(row -> new Case(row.name(), row.when().stream().map(rule).toList(), row.played(), row.alone()))
                .toList());
    }

    private static Graphic only(Graphic graphic, Predicate<Condition> kept) {
        return graphic.withCases(graphic.cases().stream()
                .map(row ->
                        new Case(row.name(), row.when().stream().filter(kept).toList(), row.played(), row.alone()))
                .toList());
    }
}
