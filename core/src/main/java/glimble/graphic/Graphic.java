package glimble.graphic;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * One name bar, title or board: the design, with its fields. An immutable document; an edit makes a new one.
 *
 * @param name what people call it
 * @param frame size, rate and default length of the picture
 * @param fields what an operator fills in, in the order of the form
 * @param parts everything drawn, back to front
 * @param in how the parts come to rest
 * @param loop what moves while the graphic stands
 * @param out how the parts leave rest
 * @param swap what happens when it gets other values while it stands
 * @param mirror when it stands mirrored; empty for never
 * @param trials the values it is tried with, the first being its sample
 * @param tags words it is found by on the shelf
 * @param guides lines to design by
 * @param variants further versions of its phases
 * @param cases which variants answer which values, the first that fits; without any the phases themselves do
 * @param proof what is said of its proof
 * @param language BCP 47, of its texts where a field says no other; empty for none in particular
 * @param berth where on the output it stands
 * @param dials what operators may set beside the fields, in the order of the form
 * @param light that falls on what has depth
 * @param colours made from others, each from what is above it
 * @param grade of all its colours at the end
 */
public record Graphic(
        String name,
        Frame frame,
        List<Field> fields,
        List<Part> parts,
        In in,
        Loop loop,
        Out out,
        Swap swap,
        Optional<Mirror> mirror,
        List<Trial> trials,
        List<String> tags,
        Guides guides,
        List<Variant> variants,
        List<Case> cases,
        ProofRules proof,
        String language,
        String berth,
        List<Dial> dials,
        Light light,
        List<MadeColour> colours,
        Grade grade) {

    /** The berth of a graphic that names none. */
    public static final String USUAL_BERTH = "main";

    public Graphic {
        fields = List.copyOf(fields);
        parts = List.copyOf(parts);
        trials = List.copyOf(trials);
        tags = List.copyOf(tags);
        variants = List.copyOf(variants);
        cases = List.copyOf(cases);
        dials = List.copyOf(dials);
        colours = List.copyOf(colours);
    }

    /** One without variants. */
    public Graphic(
            String name,
            Frame frame,
            List<Field> fields,
            List<Part> parts,
            In in,
            Loop loop,
            Out out,
            Optional<Mirror> mirror,
            List<Trial> trials,
            List<String> tags,
            Guides guides) {
        this(
                name,
                frame,
                fields,
                parts,
                in,
                loop,
                out,
                Swap.USUAL,
                mirror,
                trials,
                tags,
                guides,
                List.of(),
                List.of(),
                ProofRules.USUAL,
                "",
                USUAL_BERTH,
                List.of(),
                Light.USUAL,
                List.of(),
                Grade.NONE);
    }

    public Optional<Part> part(String key) {
        // Asked for so often that a stream would cost more than the search.
        for (Part part : parts) if (part.key().equals(key)) return Optional.of(part);
        return Optional.empty();
    }

    /**
     * The field whose key or label is a heading of a table, or else had that key before, whatever the case of its letters; empty if
     * there is none.
     */
    public Optional<Field> fieldCalled(String heading) {
        String name = heading.strip();
        return fields.stream()
                .filter(field ->
                        field.key().equalsIgnoreCase(name) || field.label().equalsIgnoreCase(name))
                .findFirst()
                .or(() -> fields.stream()
                        .filter(field -> field.former().stream().anyMatch(name::equalsIgnoreCase))
                        .findFirst());
    }

    /** The field that has a key now, or else had it when something was kept; empty if there is none. */
    public Optional<Field> fieldOnce(String key) {
        return field(key)
                .or(() -> fields.stream()
                        .filter(field -> field.former().contains(key))
                        .findFirst());
    }

    public Optional<Field> field(String key) {
        return fields.stream().filter(field -> field.key().equals(key)).findFirst();
    }

    /** All phases, halves of the swap last. */
    public List<Phase> phases() {
        return List.of(in, loop, out, swap.away(), swap.back());
    }

    public Phase phase(PhaseName which) {
        return switch (which) {
            case IN -> in;
            case LOOP -> loop;
            case OUT -> out;
            case AWAY -> swap.away();
            case BACK -> swap.back();
        };
    }

    public Graphic named(String other) {
        return new Graphic(
                other, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withFrame(Frame other) {
        return new Graphic(
                name, other, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withFields(List<Field> others) {
        return new Graphic(
                name, frame, others, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withParts(List<Part> others) {
        return new Graphic(
                name, frame, fields, others, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withMirror(Optional<Mirror> other) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, other, trials, tags, guides, variants, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withTrials(List<Trial> others) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, others, tags, guides, variants, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withGuides(Guides others) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, others, variants, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    /** The group that a part is in; empty if it is in none. */
    public Optional<GroupPart> groupOf(String key) {
        return parts.stream()
                .filter(part -> part instanceof GroupPart group && group.parts().contains(key))
                .map(GroupPart.class::cast)
                .findFirst();
    }

    public Graphic withPhases(In otherIn, Loop otherLoop, Out otherOut) {
        return new Graphic(
                name, frame, fields, parts, otherIn, otherLoop, otherOut, swap, mirror, trials, tags, guides, variants,
                cases, proof, language, berth, dials, light, colours, grade);
    }

    public Graphic withSwap(Swap other) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, other, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    /** The same with another phase in the place of the one of that name. */
    public Graphic withPhase(Phase other) {
        if (other instanceof In otherIn) return withPhases(otherIn, loop, out);
        if (other instanceof Loop otherLoop) return withPhases(in, otherLoop, out);
        if (other instanceof Out otherOut) return withPhases(in, loop, otherOut);
        return withSwap(other instanceof Away away ? swap.withAway(away) : swap.withBack((Back) other));
    }

    public Graphic withVariants(List<Variant> others) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, others, cases, proof,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withCases(List<Case> others) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, others, proof,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withProof(ProofRules other) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, other,
                language, berth, dials, light, colours, grade);
    }

    public Graphic withDials(List<Dial> others) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, others, light, colours, grade);
    }

    public Graphic withLight(Light other) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, dials, other, colours, grade);
    }

    public Graphic withColours(List<MadeColour> others) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, dials, light, others, grade);
    }

    public Graphic withGrade(Grade other) {
        return new Graphic(
                name, frame, fields, parts, in, loop, out, swap, mirror, trials, tags, guides, variants, cases, proof,
                language, berth, dials, light, colours, other);
    }

    /** The same with every place that a dial sets called otherwise. */
    public Graphic withPlaces(UnaryOperator<String> rule) {
        return withDials(dials.stream().map(dial -> dial.withPlaces(rule)).toList());
    }

    /** A variant of a phase by its name; empty if there is none. */
    public Optional<Variant> variant(PhaseName phase, String variantName) {
        return variants.stream()
                .filter(variant ->
                        variant.phase().name() == phase && variant.name().equals(variantName))
                .findFirst();
    }

    /** Every phase, those of variants too, changed by a rule that keeps its kind. */
    public Graphic withPhases(UnaryOperator<Phase> rule) {
        return withPhases((In) rule.apply(in), (Loop) rule.apply(loop), (Out) rule.apply(out))
                .withSwap(swap.withAway((Away) rule.apply(swap.away())).withBack((Back) rule.apply(swap.back())))
                .withVariants(variants.stream()
                        .map(variant -> variant.withPhase(rule.apply(variant.phase())))
                        .toList());
    }

    /** The timing of every phase, those of variants too, changed by the same rule. */
    public Graphic withTiming(UnaryOperator<Timing> rule) {
        return withPhases((Phase phase) -> phase.with(phase.moves(), rule.apply(phase.timing())));
    }

    /** Every list of moves, those of variants too, changed by the same rule. */
    public Graphic withMoves(UnaryOperator<List<Move>> rule) {
        return withPhases((Phase phase) -> phase.withMoves(rule.apply(phase.moves())));
    }
}
