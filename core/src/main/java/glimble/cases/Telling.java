package glimble.cases;

import glimble.graphic.Condition;
import java.util.ArrayList;
import java.util.List;

/** Of conditions that all hold for a value, those that are worth saying: who is longer than 9 letters is longer than 3 as well. */
final class Telling {
    /** Parts that a text is wider than are named one by one up to so many. */
    private static final int PARTS = 4;

    private int letters;
    private double px;
    private double atLeast = Double.NEGATIVE_INFINITY;
    private double atMost = Double.POSITIVE_INFINITY;
    private int parts;

    private Telling() {}

    static List<Condition> of(List<Condition> hold) {
        Telling telling = new Telling();
        hold.forEach(telling::bound);
        List<Condition> told = new ArrayList<>();
        for (Condition condition : hold) if (telling.says(condition)) told.add(condition);
        return told;
    }

    /** Finds the narrowest bounds. */
    private void bound(Condition condition) {
        if (condition instanceof Condition.Longer longer) letters = Math.max(letters, longer.letters());
        if (condition instanceof Condition.Wider wider && wider.part().isEmpty()) px = Math.max(px, wider.px());
        if (!(condition instanceof Condition.Number number)) return;
        if (number.atLeast()) atLeast = Math.max(atLeast, number.bound());
        else atMost = Math.min(atMost, number.bound());
    }

    private boolean says(Condition condition) {
        if (condition instanceof Condition.Longer longer) return longer.letters() == letters;
        if (condition instanceof Condition.Wider wider)
            return wider.part().isEmpty() ? wider.px() == px : parts++ < PARTS;
        if (condition instanceof Condition.Number number)
            return number.bound() == (number.atLeast() ? atLeast : atMost);
        return true;
    }
}
