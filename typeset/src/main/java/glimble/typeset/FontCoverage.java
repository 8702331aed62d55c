package glimble.typeset;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/** Which code points a font has glyphs for. */
final class FontCoverage {
    private FontCoverage() {}

    /** First and last of each range, in order. */
    static int[] of(IntPredicate has) {
        List<Integer> ends = new ArrayList<>();
        boolean inside = false;
        for (int point = 0; point <= Character.MAX_CODE_POINT + 1; point++) {
            boolean here = point <= Character.MAX_CODE_POINT && has.test(point);
            if (here == inside) continue;
            ends.add(here ? point : point - 1);
            inside = here;
        }
        return ends.stream().mapToInt(Integer::intValue).toArray();
    }
}
