package glimble.rest;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * How a number came about, as a tree: the value is what {@code how} makes of the values of its terms.
 *
 * @param what the name of the number, for people
 * @param value px
 * @param how how the terms give the value
 * @param terms none for a number that was given or measured
 */
public record Reckoning(String what, double value, How how, List<Reckoning> terms) {

    /** How terms give a value. */
    public enum How {
        /** Stands in the document. */
        GIVEN("given"),
        /** Measured in the text. */
        MEASURED("measured"),
        /** The terms added up. */
        SUM("sum"),
        /** The largest of the terms. */
        LONGEST("longest"),
        /** The terms multiplied. */
        TIMES("times");

        private final String word;

        How(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public static Reckoning given(String what, double value) {
        return new Reckoning(what, value, How.GIVEN, List.of());
    }

    public static Reckoning measured(String what, double value) {
        return new Reckoning(what, value, How.MEASURED, List.of());
    }

    /** Terms of nothing are left out, unless all are nothing. */
    public static Reckoning sum(String what, Reckoning... terms) {
        double value = 0;
        List<Reckoning> telling = new ArrayList<>(terms.length);
        for (Reckoning term : terms) {
            value += term.value;
            if (term.value != 0) telling.add(term);
        }
        return new Reckoning(what, value, How.SUM, Collections.unmodifiableList(telling));
    }

    public static Reckoning longest(String what, List<Reckoning> terms) {
        double value = terms.stream().mapToDouble(Reckoning::value).max().orElse(0);
        return new Reckoning(what, value, How.LONGEST, List.copyOf(terms));
    }

    public static Reckoning times(String what, double factor, Reckoning number) {
        return new Reckoning(what, factor * number.value, How.TIMES, List.of(given("factor", factor), number));
    }
}
