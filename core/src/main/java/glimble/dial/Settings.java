package glimble.dial;

import glimble.graphic.Dial;
import glimble.number.Whole;
import glimble.text.Blank;
import glimble.text.NumberWords;
import glimble.text.TypedNumber;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a dial may be set to, and what a setting means. */
public final class Settings {
    /** What stated numbers may differ by from those of the document. */
    private static final double EXACT = 1e-9;

    private Settings() {}

    /** What is wrong with a setting; empty if it may be set. A blank one is as designed. */
    public static Optional<String> problem(Dial dial, String setting) {
        if (Blank.isBlank(setting)) return Optional.empty();
        if (!dial.isNumber()) {
            return dial.options().contains(setting)
                    ? Optional.empty()
                    : Optional.of("must be one of " + String.join(", ", dial.options()));
        }
        Optional<Double> number = TypedNumber.read(setting);
        if (number.isEmpty()) return Optional.of("must be a number");
        boolean within = number.get() >= dial.least() - EXACT && number.get() <= dial.most() + EXACT;
        return within
                ? Optional.empty()
                : Optional.of("must be from " + NumberWords.of(dial.least()) + " to " + NumberWords.of(dial.most()));
    }

    /** Of a setting that may be set, the nearest there is a step for; the designed one is always as designed. */
    public static double number(Dial dial, String setting) {
        double given = TypedNumber.read(setting).orElse(dial.least());
        if (setting.equals(dial.value())) return given;
        double stepped = dial.least() + Whole.nearest((given - dial.least()) / dial.step()) * dial.step();
        // Sums of fractions of ten are not exact; nobody states more digits than these.
        double exact = TypedNumber.read(NumberWords.of(stepped)).orElse(stepped);
        return Math.max(dial.least(), Math.min(dial.most(), exact));
    }

    /** Settings with which it is proved beside the designed one: both ends of a number, every other option of anything else. */
    public static List<String> ends(Dial dial) {
        List<String> ends =
                dial.isNumber() ? List.of(NumberWords.of(dial.least()), NumberWords.of(dial.most())) : dial.options();
        return ends.stream().filter(end -> !end.equals(dial.value())).toList();
    }

    /** A dial that is designed otherwise, with its limits or options opened so far that this may be set. */
    public static Dial designed(Dial dial, String value) {
        double number = dial.isNumber() ? TypedNumber.read(value).orElse(dial.least()) : 0;
        List<String> options = dial.options();
        if (!dial.isNumber() && !options.contains(value)) {
            options = new ArrayList<>(options);
            options.add(value);
        }
        return new Dial(
                dial.key(),
                dial.label(),
                dial.kind(),
                value,
                Math.min(dial.least(), number),
                Math.max(dial.most(), number),
                dial.step(),
                dial.unit(),
                options,
                dial.sets());
    }

    /** A dial for a frame so many times as large: px scale, anything else stays. */
    public static Dial scaled(Dial dial, double factor) {
        if (!dial.isNumber() || !dial.unit().equals(Dial.PX)) return dial;
        String value = NumberWords.of(TypedNumber.read(dial.value()).orElse(0.0) * factor);
        return new Dial(
                dial.key(),
                dial.label(),
                dial.kind(),
                value,
                dial.least() * factor,
                dial.most() * factor,
                dial.step() * factor,
                dial.unit(),
                dial.options(),
                dial.sets());
    }
}
