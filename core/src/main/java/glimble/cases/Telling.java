package glimble.cases;

import glimble.graphic.Condition;
import java.util.ArrayList;
import java.util.List;

/** Of conditions that all hold for a value, those that are worth saying: who is longer than 9 letters is longer than 3 as well. */
final class Telling {
    /** Parts that a text is wider than are named one by one up to so many. */
    private static final int PARTS = 4;

    private Telling() {}

    static List<Condition> of(List<Condition> hold) {
        List<Condition> told = new ArrayList<>();
        int parts = 0;
        for (Condition condition : hold) {
            if (condition instanceof Condition.Wider wider && !wider.part().isEmpty()) {
                if (parts++ < PARTS) told.add(condition);
            } else if (hold.stream().noneMatch(other -> saysMore(other, condition))) {
                told.add(condition);
            }
        }
        return told;
    }

    /** Whether one of the same kind has the narrower bound. */
    private static boolean saysMore(Condition other, Condition condition) {
        if (condition instanceof Condition.Longer longer) {
            return other instanceof Condition.Longer more && more.letters() > longer.letters();
        }
        if (condition instanceof Condition.Wider wider) {
            return other instanceof Condition.Wider more && more.part().isEmpty() && more.px() > wider.px();
        }
        if (condition instanceof Condition.Number number) {
            return other instanceof Condition.Number more
                    && more.atLeast() == number.atLeast()
                    && (number.atLeast() ? more.bound() > number.bound() : more.bound() < number.bound());
        }
        return false;
    }
}
