package glimble.cases;

import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Played;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads the case table: from top to bottom, the first row of which all conditions hold answers. */
public final class CaseTable {
    private CaseTable() {}

    /**
     * @param row index of the case that answers; -1 if none does
     * @param name of that case; empty if none does, or the graphic has none
     * @param played what is played: the phases themselves if no case answers
     * @param earlier why each row above did not answer
     * @param also further rows that fit, of cases that are meant to be alone in it, or of which this one is
     * @param needed whether the graphic has cases at all
     */
    public record Answer(
            int row, String name, Played played, List<String> earlier, List<Integer> also, boolean needed) {

        /** Whether there are cases and none of them answers. */
        public boolean missing() {
            return needed && row < 0;
        }

        /** The same, but with something else played. */
        public Answer playing(Played other) {
            return new Answer(row, name, other, earlier, also, needed);
        }
    }

    /** Index of the case that answers; -1 if none does. */
    static int row(Graphic graphic, Map<String, String> values, Condition.Standing onAir, Widths widths) {
        List<Case> cases = graphic.cases();
        for (int i = 0; i < cases.size(); i++) {
            if (fits(cases.get(i), values, onAir, widths)) return i;
        }
        return -1;
    }

    static boolean fits(Case row, Map<String, String> values, Condition.Standing onAir, Widths widths) {
        widths.budget().spend(5L * row.when().size(), "cases have too many conditions; give them fewer");
        return row.when().stream().allMatch(condition -> Conditions.holds(condition, values, onAir, widths));
    }

    public static Answer answer(Graphic graphic, Map<String, String> values, Condition.Standing onAir, Widths widths) {
        List<String> earlier = new ArrayList<>();
        List<Case> cases = graphic.cases();
        int found = -1;
        List<Integer> also = new ArrayList<>();
        for (int i = 0; i < cases.size(); i++) {
            Case row = cases.get(i);
            if (found >= 0 && !(row.alone() || cases.get(found).alone())) continue;
            Optional<Condition> against = row.when().stream()
                    .filter(condition -> !Conditions.holds(condition, values, onAir, widths))
                    .findFirst();
            if (found >= 0) {
                if (against.isEmpty()) also.add(i);
            } else if (against.isEmpty()) {
                found = i;
            } else {
                earlier.add(row.name() + " needs that " + Conditions.words(against.get()));
            }
        }
        boolean needed = !cases.isEmpty();
        if (found < 0) return new Answer(-1, "", Played.PLAIN, earlier, also, needed);
        Case row = cases.get(found);
        return new Answer(found, row.name(), row.played(), earlier, also, needed);
    }
}
