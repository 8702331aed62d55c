package glimble.edit;

import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Phase;
import glimble.graphic.ProofRules;
import glimble.graphic.Span;
import glimble.graphic.Step;
import glimble.graphic.TextPart;
import glimble.graphic.Variant;
import glimble.rest.Rect;
import glimble.text.TextPattern;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** What variants, cases, steps and the rules of the proof say of parts and fields. */
final class CaseReferences {
    private CaseReferences() {}

    /** Every part that is named under another name. */
    static Graphic renamed(Graphic graphic, UnaryOperator<String> name) {
        Graphic stepped = graphic.withPhases((Phase phase) -> steps(
                phase,
                steps -> steps.stream()
                        .map(step -> new Step(name.apply(step.part()), step.plus()))
                        .toList()));
        List<Variant> variants = stepped.variants().stream()
                .map(variant -> variant.withStands(variant.stands().stream()
                        .map(stand -> new Variant.Stand(
                                name.apply(stand.part()), stand.axis(), Renaming.span(stand.span(), name)))
                        .toList()))
                .toList();
        List<ProofRules.Accepted> accepted = graphic.proof().accepted().stream()
                .map(one -> one.named(name.apply(one.part()), one.against().map(against -> renamed(against, name))))
                .toList();
        return conditions(stepped.withVariants(variants), condition -> renamed(condition, name))
                .withProof(new ProofRules(graphic.proof().limits(), accepted));
    }

    /** A field under another key, in conditions and in what is accepted for some of its values. */
    static Graphic withField(Graphic graphic, String key, String to) {
        List<ProofRules.Accepted> accepted = graphic.proof().accepted().stream()
                .map(one -> one.withReach(one.reach().withField(key, to)))
                .toList();
        return conditions(graphic, condition -> of(condition, key, to))
                .withProof(new ProofRules(graphic.proof().limits(), accepted));
    }

    private static Condition of(Condition condition, String key, String to) {
        if (!condition.about().map(key::equals).orElse(false)) return condition;
        if (condition instanceof Condition.Filled filled) return new Condition.Filled(to, filled.filled());
        if (condition instanceof Condition.OneOf one) return new Condition.OneOf(to, one.texts());
        if (condition instanceof Condition.Longer longer) return new Condition.Longer(to, longer.letters());
        if (condition instanceof Condition.Wider wider) return new Condition.Wider(to, wider.part(), wider.px());
        Condition.Number number = (Condition.Number) condition;
        return new Condition.Number(to, number.atLeast(), number.bound());
    }

    /** What a fault stands against is a part, its edge, or no part at all. */
    private static String renamed(String against, UnaryOperator<String> name) {
        if (!against.endsWith(ProofRules.EDGE)) return name.apply(against);
        return name.apply(against.substring(0, against.length() - ProofRules.EDGE.length())) + ProofRules.EDGE;
    }

    private static Condition renamed(Condition condition, UnaryOperator<String> name) {
        if (!(condition instanceof Condition.Wider wider) || wider.part().isEmpty()) return condition;
        return new Condition.Wider(wider.field(), name.apply(wider.part()), wider.px());
    }

    /**
     * Without a part that is gone: its steps go, and what was compared with its width is compared with the px it has now.
     *
     * @param box where it rests now; null if it is absent
     * @throws EditRefused if a case compares with it while it is absent
     */
    static Graphic withoutPart(Graphic graphic, String gone, Rect box) {
        Graphic stepped = graphic.withPhases((Phase phase) -> steps(
                phase,
                steps ->
                        steps.stream().filter(step -> !step.part().equals(gone)).toList()));
        List<ProofRules.Accepted> accepted = graphic.proof().accepted().stream()
                .filter(one -> !one.part().equals(gone)
                        && !one.against().map(gone::equals).orElse(false))
                .toList();
        List<String> measuring = cases(graphic, condition -> measures(condition, gone));
        if (box == null && !measuring.isEmpty()) {
            throw new EditRefused(said(measuring) + " compares with the width of " + gone
                    + ", which is not there for these values; take that condition away first, or fill in what " + gone
                    + " needs");
        }
        return conditions(
                        stepped,
                        condition -> measures(condition, gone)
                                ? new Condition.Wider(((Condition.Wider) condition).field(), "", box.width())
                                : condition)
                .withProof(new ProofRules(graphic.proof().limits(), accepted));
    }

    private static boolean measures(Condition condition, String part) {
        return condition instanceof Condition.Wider wider && wider.part().equals(part);
    }

    /** @throws EditRefused if a case compares the width of a field that no text shows any more */
    static void checkWidthsAreShown(Graphic graphic, String gone) {
        for (Case row : graphic.cases()) {
            for (Condition condition : row.when()) {
                if (!(condition instanceof Condition.Wider wider)) continue;
                boolean shown = graphic.parts().stream()
                        .anyMatch(part -> part instanceof TextPart text
                                && TextPattern.fields(text.text()).contains(wider.field()));
                if (shown) continue;
                throw new EditRefused("the case ‘" + row.name() + "’ asks how wide " + wider.field() + " is, and "
                        + gone + " is the last text that shows it; take that condition away first");
            }
        }
    }

    /**
     * Nothing is taken out of cases without asking: one without its condition would answer more than before.
     *
     * @throws EditRefused if a case asks for the field, or for the width of what shows it
     */
    static void checkNoCaseAsks(Graphic graphic, String field) {
        List<String> asking =
                cases(graphic, condition -> condition.about().map(field::equals).orElse(false));
        if (asking.isEmpty()) return;
        throw new EditRefused(said(asking) + " asks for " + field
                + "; change or remove that condition first, since the case would answer more without it");
    }

    /**
     * What conditions ask of a field for in other words.
     *
     * @param now what stands for a text; empty for nothing
     * @throws EditRefused if a condition is left with nothing to ask for
     */
    static Graphic withTexts(Graphic graphic, String field, UnaryOperator<String> now) {
        List<String> left = cases(
                graphic,
                condition -> isOneOf(condition, field) && texts(condition, now).isEmpty());
        if (!left.isEmpty()) {
            throw new EditRefused(said(left) + " asks for an option of " + field
                    + " that goes; say what stands for it, or change that condition first");
        }
        return conditions(
                graphic,
                condition -> isOneOf(condition, field) ? new Condition.OneOf(field, texts(condition, now)) : condition);
    }

    private static boolean isOneOf(Condition condition, String field) {
        return condition instanceof Condition.OneOf one && one.field().equals(field);
    }

    /** What one that {@link #isOneOf} asks for in other words, without those for which nothing stands. */
    private static List<String> texts(Condition oneOf, UnaryOperator<String> now) {
        return ((Condition.OneOf) oneOf)
                .texts().stream()
                        .map(now)
                        .filter(text -> !text.isEmpty())
                        .distinct()
                        .toList();
    }

    private static List<String> cases(Graphic graphic, Predicate<Condition> which) {
        return graphic.cases().stream()
                .filter(row -> row.when().stream().anyMatch(which))
                .map(Case::name)
                .toList();
    }

    private static String said(List<String> cases) {
        return (cases.size() == 1 ? "the case ‘" : "each of the cases ‘") + String.join("’, ‘", cases) + "’";
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
}
