package glimble.cases;

import glimble.graphic.Condition;
import glimble.text.Blank;
import glimble.text.NumberWords;
import glimble.text.TypedNumber;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Whether a condition holds, and how it is said. */
public final class Conditions {
    /** Texts that are named one by one, and letters of each. */
    private static final int NAMED = 6;

    private static final int LETTERS = 40;

    private Conditions() {}

    public static boolean holds(
            Condition condition, Map<String, String> values, Condition.Standing onAir, Widths widths) {
        if (condition instanceof Condition.OnAir air) return air.standing() == onAir;
        String field = condition.about().orElseThrow();
        String value = values.getOrDefault(field, "");
        if (condition instanceof Condition.Filled filled) return Blank.isBlank(value) != filled.filled();
        if (condition instanceof Condition.OneOf one) return one.texts().contains(Blank.stripped(value));
        if (condition instanceof Condition.Longer longer) return widths.letters(value) > longer.letters();
        if (condition instanceof Condition.Number number) {
            return TypedNumber.read(value)
                    .map(given -> number.atLeast() ? given >= number.bound() : given <= number.bound())
                    .orElse(false);
        }
        Condition.Wider wider = (Condition.Wider) condition;
        if (Blank.isBlank(value)) return false;
        if (wider.part().isEmpty()) return widths.ofField(field, values) > wider.px();
        double width = widths.ofField(field, values);
        return widths.ofPart(wider.part(), values).orElse(Double.POSITIVE_INFINITY) < width;
    }

    /** Like {@code tag is blank}. */
    public static String words(Condition condition) {
        if (condition instanceof Condition.OnAir air) {
            return switch (air.standing()) {
                case NOTHING -> "nothing is on air";
                case SAME -> "this graphic is on air";
                case ANOTHER -> "another graphic is on air";
            };
        }
        String field = condition.about().orElseThrow();
        if (condition instanceof Condition.Filled filled) return field + (filled.filled() ? " is filled" : " is blank");
        if (condition instanceof Condition.OneOf one) {
            return field + (one.texts().size() == 1 ? " is " : " is one of ") + quoted(one.texts());
        }
        if (condition instanceof Condition.Longer longer) {
            return field + " is longer than " + longer.letters() + " letters";
        }
        if (condition instanceof Condition.Number number) {
            return field + (number.atLeast() ? " is at least " : " is at most ") + NumberWords.of(number.bound());
        }
        Condition.Wider wider = (Condition.Wider) condition;
        return field + " is wider than " + (wider.part().isEmpty() ? NumberWords.of(wider.px()) + " px" : wider.part());
    }

    /** The first of them, if they are many, and the beginnings of long ones. */
    private static String quoted(List<String> texts) {
        String named = texts.stream()
                .limit(NAMED)
                .map(text -> "‘" + beginning(text) + "’")
                .collect(Collectors.joining(", "));
        return texts.size() <= NAMED ? named : named + " or " + (texts.size() - NAMED) + " more";
    }

    private static String beginning(String text) {
        if (text.length() <= LETTERS) return text;
        int end = Character.isHighSurrogate(text.charAt(LETTERS - 1)) ? LETTERS - 1 : LETTERS;
        return text.substring(0, end) + "…";
    }
}
