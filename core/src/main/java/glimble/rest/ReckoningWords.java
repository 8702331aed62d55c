package glimble.rest;

import glimble.rest.Reckoning.How;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.List;

/** A reckoning as one line: the number, and what it is made of. */
public final class ReckoningWords {
    private static final int LONGEST_NAMED = 6;

    private ReckoningWords() {}

    /** For instance {@code 404.94 = longest(name · width 297.04, role · width 324.94) + pad left 36 + pad right 44}. */
    public static String of(Reckoning reckoning) {
        String value = plain(reckoning.value());
        if (reckoning.how() == How.GIVEN) return value + " px, as given";
        if (reckoning.how() == How.MEASURED) return value + " px, as its letters measure";
        if (reckoning.terms().isEmpty()) return value + " px";
        if (reckoning.how() == How.TIMES) {
            Reckoning number = reckoning.terms().get(1);
            return value + " = " + plain(reckoning.terms().get(0).value()) + " × " + term(number);
        }
        StringBuilder words = new StringBuilder(value).append(" =");
        boolean first = true;
        for (Reckoning term : terms(reckoning)) {
            boolean minus = term.value() < 0 && term.how() != How.LONGEST;
            words.append(first ? (minus ? " −" : " ") : (minus ? " − " : " + ")).append(term(term));
            first = false;
        }
        return words.toString();
    }

    private static List<Reckoning> terms(Reckoning reckoning) {
        return reckoning.how() == How.SUM ? reckoning.terms() : List.of(reckoning);
    }

    private static String term(Reckoning term) {
        if (term.how() != How.LONGEST) return term.what() + " " + plain(Math.abs(term.value()));
        List<String> named = new ArrayList<>();
        for (Reckoning inner : term.terms()) {
            if (named.size() < LONGEST_NAMED) named.add(inner.what() + " " + plain(inner.value()));
        }
        int more = term.terms().size() - named.size();
        return "longest(" + String.join(", ", named) + (more > 0 ? ", and " + more + " more" : "") + ")";
    }

    /** At most two digits after the point. */
    static String plain(double number) {
        return NumberWords.of(number, 2);
    }
}
