package glimble.proof;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BiPredicate;

/**
 * Rows of levels such that every two levels of different dimensions stand together in one of them, with few rows: each row begins with a
 * pair that none has yet, and every further dimension takes the level that brings most new pairs. The same input gives the same rows.
 */
final class Pairs {
    private final int[] levels;
    private final boolean[][][][] missing;
    private final BiPredicate<int[], Integer> counts;
    private int row;

    /**
     * @param levels how many levels each dimension has
     * @param counts tells of a row whose dimensions may still be -1, and a dimension, whether its level shows in that row
     */
    private Pairs(int[] levels, BiPredicate<int[], Integer> counts) {
        this.levels = levels;
        this.counts = counts;
        missing = new boolean[levels.length][levels.length][][];
        for (int a = 0; a < levels.length; a++) {
            for (int b = a + 1; b < levels.length; b++) {
                missing[a][b] = new boolean[levels[a]][levels[b]];
                for (boolean[] of : missing[a][b]) Arrays.fill(of, true);
            }
        }
    }

    /** @param most rows after which pairs are left out */
    static List<int[]> covering(int[] levels, BiPredicate<int[], Integer> counts, int most) {
        Pairs pairs = new Pairs(levels, counts);
        List<int[]> rows = new ArrayList<>();
        for (int a = 0; a < levels.length; a++) {
            for (int b = a + 1; b < levels.length; b++) {
                for (int i = 0; i < levels[a]; i++) {
                    for (int j = 0; j < levels[b]; j++) {
                        if (rows.size() == most) return rows;
                        if (pairs.missing[a][b][i][j]) pairs.row(rows, a, i, b, j);
                    }
                }
            }
        }
        return rows;
    }

    private void row(List<int[]> rows, int a, int i, int b, int j) {
        int[] taken = new int[levels.length];
        Arrays.fill(taken, -1);
        taken[a] = i;
        taken[b] = j;
        // Two levels that never show together are no pair.
        missing[a][b][i][j] = false;
        if (!counts.test(taken, a) || !counts.test(taken, b)) return;
        for (int at = 0; at < levels.length; at++) if (taken[at] < 0) choose(taken, at, a, b);
        for (int first = 0; first < levels.length; first++) {
            for (int second = first + 1; second < levels.length; second++) {
                if (counts.test(taken, first) && counts.test(taken, second)) {
                    missing[first][second][taken[first]][taken[second]] = false;
                }
            }
        }
        rows.add(taken);
        row++;
    }

    private void choose(int[] taken, int at, int a, int b) {
        int best = -1;
        int most = -1;
        for (int turn = 0; turn < levels[at]; turn++) {
            // Where it makes no difference, each level has its turn.
            int level = (turn + row) % levels[at];
            taken[at] = level;
            if (!counts.test(taken, a) || !counts.test(taken, b)) continue;
            int brings = brings(taken, at);
            if (brings > most) {
                most = brings;
                best = level;
            }
        }
        taken[at] = Math.max(0, best);
    }

    private int brings(int[] taken, int at) {
        if (!counts.test(taken, at)) return 0;
        int brings = 0;
        for (int other = 0; other < levels.length; other++) {
            if (other == at || taken[other] < 0 || !counts.test(taken, other)) continue;
            boolean is = other < at
                    ? missing[other][at][taken[other]][taken[at]]
                    : missing[at][other][taken[at]][taken[other]];
            if (is) brings++;
        }
        return brings;
    }
}
