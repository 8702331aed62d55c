package glimble.cue;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.proof.Filling;
import glimble.proof.Finding;
import glimble.proof.Findings;
import glimble.proof.Prover;
import glimble.spoken.ShownValues;
import glimble.text.Blank;
import glimble.text.TypedNumber;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the check of a cue came to.
 *
 * @param wrong what keeps it from being filled: with any it is not fillable
 * @param findings of its own picture and motion, and of the change from the cue before, that are not accepted
 */
public record CueCheck(List<Wrong> wrong, List<Finding> findings) {
    /** @param field key of the field it is said at */
    public record Wrong(String field, String sentence) {}

    public enum Standing {
        SOUND,
        DOUBTFUL,
        NOT_FILLABLE
    }

    public CueCheck {
        wrong = List.copyOf(wrong);
        findings = List.copyOf(findings);
    }

    public Standing standing() {
        if (!wrong.isEmpty()) return Standing.NOT_FILLABLE;
        return findings.isEmpty() ? Standing.SOUND : Standing.DOUBTFUL;
    }

    /**
     * @param before values of the same graphic that stand when it is taken; empty if it comes in
     */
    public static CueCheck of(
            Graphic graphic,
            Map<String, String> values,
            Optional<Map<String, String>> before,
            Prover prover,
            Writing writing) {
        Findings found = new Findings(graphic.proof());
        found.add(0, prover.faults(new Filling("cue", values)));
        if (before.isPresent()) {
            Filling plain = new Filling("change", before.get());
            Filling.Then then = new Filling.Then(values, Filling.At.LAST);
            found.add(1, prover.faults(new Filling("change", before.get(), plain.onAir(), List.of(then))));
        }
        List<Finding> open = found.all().stream()
                .filter(finding -> finding.accepted().isEmpty())
                .toList();
        return new CueCheck(wrong(graphic, values, writing), open);
    }

    /** What keeps a graphic from being filled with these values, in the order of the form. */
    public static List<Wrong> wrong(Graphic graphic, Map<String, String> values, Writing writing) {
        List<Wrong> wrong = new ArrayList<>();
        for (Field field : graphic.fields()) {
            String value = values.getOrDefault(field.key(), "");
            sentence(field, value, writing).ifPresent(said -> wrong.add(new Wrong(field.key(), said)));
        }
        return wrong;
    }

    private static Optional<String> sentence(Field field, String value, Writing writing) {
        if (Blank.isBlank(value)) {
            return field.required() ? Optional.of("is needed; fill it in") : Optional.empty();
        }
        int letters = ShownValues.letters(field, value, writing);
        if (field.longest() > 0 && letters > field.longest()) {
            return Optional.of("has " + letters + " letters; at most " + field.longest() + " are let through");
        }
        if (field.kind() == Field.Kind.CHOICE && !field.options().contains(value)) {
            return Optional.of("must be one of " + String.join(", ", field.options()));
        }
        if (field.kind() == Field.Kind.NUMBER && TypedNumber.read(value).isEmpty()) {
            return Optional.of("must be a number, like 12 or 94.5");
        }
        return Optional.empty();
    }
}
