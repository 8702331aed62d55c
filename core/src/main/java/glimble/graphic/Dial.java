package glimble.graphic;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A setting that the animator offers to operators. Settings are texts, as values of fields are: a number as it is typed, a colour of the
 * palette, one of the options, {@code on} or {@code off}.
 *
 * @param key what settings are kept by
 * @param label how a form names it
 * @param value as designed
 * @param least of a number or a length
 * @param most of a number or a length
 * @param step of a number or a length: settings are the least and so many steps more
 * @param unit of a number, for people; empty for none. What is in px scales with the frame
 * @param options of a colour or a choice
 * @param sets places of the document, from its root down: names of members, and of items by their key, with a slash between
 */
public record Dial(
        String key,
        String label,
        Kind kind,
        String value,
        double least,
        double most,
        double step,
        String unit,
        List<String> options,
        List<String> sets) {

    /** What is set. */
    public enum Kind {
        NUMBER("number"),
        /** Frames, whole. */
        LENGTH("length"),
        /** Names of colours of the palette. */
        COLOUR("colour"),
        CHOICE("choice"),
        SWITCH("switch");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        public boolean isNumber() {
            return this == NUMBER || this == LENGTH;
        }

        /** Whether a text stands in the document. */
        public boolean isText() {
            return this == COLOUR || this == CHOICE;
        }
    }

    public static final String ON = "on";
    public static final String OFF = "off";
    /** The unit of numbers that scale with the frame. */
    public static final String PX = "px";

    public Dial {
        options = kind == Kind.SWITCH ? List.of(ON, OFF) : List.copyOf(options);
        sets = List.copyOf(sets);
    }

    public boolean isNumber() {
        return kind.isNumber();
    }

    public Dial withSets(List<String> others) {
        return new Dial(key, label, kind, value, least, most, step, unit, options, others);
    }

    /** The same with every place called otherwise. */
    public Dial withPlaces(UnaryOperator<String> rule) {
        return withSets(sets.stream().map(rule).toList());
    }
}
