package glimble.cue;

import glimble.dial.Settings;
import glimble.edit.Coloured;
import glimble.graphic.Check;
import glimble.graphic.Condition;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Finding;
import glimble.proof.Findings;
import glimble.proof.Prover;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.spoken.ShownValues;
import glimble.text.Blank;
import glimble.text.TypedNumber;
import glimble.text.Unseen;
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
    /**
     * @param field key of the field it is said at, or of the dial
     * @param dial whether it is a dial
     */
    public record Wrong(String field, String sentence, boolean dial) {
        /** With the label that the form has. */
        public String said(Graphic graphic) {
            String label = dial
                    ? graphic.dials().stream()
                            .filter(one -> one.key().equals(field))
                            .map(Dial::label)
                            .findFirst()
                            .orElse(field)
                    : graphic.field(field).map(Field::label).orElse(field);
            return label + " " + sentence;
        }
    }

    /** What of a house can be named by what is filled in. */
    public record House(Palette palette, Pictures pictures) {}

    /** Texts by field, and what is set of dials. */
    public record Set(Map<String, String> values, Map<String, String> dials) {}

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
     * @param before what stands of the same graphic when it is taken; empty if it comes in
     * @param prover of the graphic as designed
     */
    public static CueCheck of(Set cue, Optional<Set> before, Prover prover, House house, Writing writing) {
        Graphic graphic = prover.graphic();
        List<Filling> fillings = fillings(cue, before);
        Findings found = new Findings(graphic, fillings);
        for (int i = 0; i < fillings.size(); i++) found.add(i, prover.faults(fillings.get(i)));
        // Only what is blank takes anything away, so that filled ones need not be worked out once more.
        boolean blank = graphic.fields().stream()
                .anyMatch(field -> Blank.isBlank(cue.values().getOrDefault(field.key(), "")));
        if (blank && prover.showsNothing(fillings.get(0))) found.add(0, List.of(nothing(graphic)));
        List<Finding> open = found.all().stream()
                .filter(finding -> finding.accepted().isEmpty())
                .toList();
        List<Wrong> wrong = new ArrayList<>(wrong(graphic, cue.values(), house, writing));
        wrong.addAll(wrongDials(graphic, cue.dials()));
        return new CueCheck(wrong, open);
    }

    private static Fault nothing(Graphic graphic) {
        return new Fault(
                Check.EMPTY,
                "",
                "",
                PhaseName.LOOP,
                0,
                0,
                0,
                "nothing of it is seen with what is blank",
                "fill in what is blank, or leave the cue out",
                new Rect(0, 0, graphic.frame().width(), graphic.frame().height()));
    }

    /** What a cue is proved with: itself, and its change from what stands before it. */
    public static List<Filling> fillings(Set cue, Optional<Set> before) {
        Condition.Standing nothing = Condition.Standing.NOTHING;
        List<Filling> fillings = new ArrayList<>();
        fillings.add(new Filling("cue", cue.values(), nothing, cue.dials(), List.of()));
        before.ifPresent(stands -> {
            Filling.Then then = new Filling.Then(cue.values(), Filling.At.LAST, cue.dials());
            fillings.add(new Filling("change", stands.values(), nothing, stands.dials(), List.of(then)));
        });
        return fillings;
    }

    /** What dials cannot be set to, in the order of the form. */
    public static List<Wrong> wrongDials(Graphic graphic, Map<String, String> dials) {
        List<Wrong> wrong = new ArrayList<>();
        for (Dial dial : graphic.dials()) {
            String setting = dials.getOrDefault(dial.key(), "");
            Settings.problem(dial, setting).ifPresent(said -> wrong.add(new Wrong(dial.key(), said, true)));
        }
        return wrong;
    }

    /** What keeps a graphic from being filled with these values, in the order of the form. */
    public static List<Wrong> wrong(Graphic graphic, Map<String, String> values, House house, Writing writing) {
        List<Wrong> wrong = new ArrayList<>();
        Palette known = Coloured.known(graphic, house.palette(), values);
        for (Field field : graphic.fields()) {
            String value = values.getOrDefault(field.key(), "");
            sentence(field, value, known, house.pictures(), writing)
                    .ifPresent(said -> wrong.add(new Wrong(field.key(), said, false)));
        }
        return wrong;
    }

    private static Optional<String> sentence(
            Field field, String value, Palette colours, Pictures pictures, Writing writing) {
        Optional<String> unseen = Unseen.problem(value);
        if (unseen.isPresent()) return unseen;
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
        String plain = Blank.stripped(value);
        return switch (field.kind()) {
            case SWITCH -> plain.equals(Dial.ON) ? Optional.empty() : Optional.of("must be on, or left blank");
            case COLOUR ->
                Palette.isColour(plain) || colours.colours().containsKey(plain)
                        ? Optional.empty()
                        : Optional.of("must be a colour like #2F5D50, or one of the house: "
                                + String.join(", ", colours.colours().keySet()));
            case PICTURE ->
                pictures.extent(plain).isPresent()
                        ? Optional.empty()
                        : Optional.of("must be a picture of the house; choose one, or add it there");
            default -> Optional.empty();
        };
    }
}
