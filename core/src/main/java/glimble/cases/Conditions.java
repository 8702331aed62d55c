package glimble.cases;

import glimble.graphic.Condition;
import glimble.text.Blank;
import java.util.Map;
import java.util.Optional;

/** Whether a condition holds, and how it is said. */
public final class Conditions {
    private Conditions() {}

    public static boolean holds(
            Condition condition, Map<String, String> values, Condition.Standing onAir, Widths widths) {
        if (condition instanceof Condition.OnAir air) return air.standing() == onAir;
        String field = condition.about().orElseThrow();
        String value = values.getOrDefault(field, "");
        if (condition instanceof Condition.Filled filled) return Blank.isBlank(value) != filled.filled();
        if (condition instanceof Condition.OneOf one) return one.texts().contains(value.strip());
        if (condition instanceof Condition.Longer longer) return letters(value) > longer.letters();
        if (condition instanceof Condition.Number number) {
            return number(value)
                    .map(given -> number.atLeast() ? given >= number.bound() : given <= number.bound())
                    .orElse(false);
        }
        Condition.Wider wider = (Condition.Wider) condition;
        if (Blank.isBlank(value)) return false;
        if (wider.part().isEmpty()) return widths.ofField(field, values) > wider.px();
        double width = widths.ofField(field, values);
        return widths.ofPart(wider.part(), values).orElse(Double.POSITIVE_INFINITY) < width;
    }

    /** Letters of a text without white space at its ends, a letter with its marks being one. */
    static int letters(String text) {
        return (int) Blank.oneLine(text)
                .codePoints()
                .filter(point -> Character.getType(point) != Character.NON_SPACING_MARK
                        && Character.getType(point) != Character.ENCLOSING_MARK)
                .count();
    }

    /** With a point or a comma before its fraction; empty if it is no number. */
    static Optional<Double> number(String text) {
        String plain = text.strip().replace(',', '.');
        return plain.matches("[-+]?\\d{1,15}(\\.\\d{1,15})?")
                ? Optional.of(Double.parseDouble(plain))
                : Optional.empty();
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
            return field + (one.texts().size() == 1 ? " is ‘" : " is one of ‘") + String.join("’, ‘", one.texts())
                    + "’";
        }
        if (condition instanceof Condition.Longer longer) {
            return field + " is longer than " + longer.letters() + " letters";
        }
        if (condition instanceof Condition.Number number) {
            return field + (number.atLeast() ? " is at least " : " is at most ") + plain(number.bound());
        }
        Condition.Wider wider = (Condition.Wider) condition;
        return field + " is wider than " + (wider.part().isEmpty() ? plain(wider.px()) + " px" : wider.part());
    }

    static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
    }
}
