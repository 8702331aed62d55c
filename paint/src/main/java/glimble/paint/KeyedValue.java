package glimble.paint;

import glimble.document.Tree;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/** A value over frames as a property of a vector animation: with as few keys as it takes, straight between them. */
final class KeyedValue {
    private KeyedValue() {}

    /**
     * @param values one a frame, all of the same length
     * @param tolerance by how much any number of them may be missed at any frame
     */
    static Tree.Obj of(double[][] values, double tolerance) {
        return of(values, tolerance, KeyedValue::numbers);
    }

    /** @param written how the numbers of a frame are written */
    static Tree.Obj of(double[][] values, double tolerance, Function<double[], Tree> written) {
        List<Integer> keys = keys(values, tolerance);
        if (keys.size() == 1) {
            return Tree.object().put("a", 0).put("k", written.apply(values[0])).made();
        }
        List<Tree> list = new ArrayList<>();
        for (int key : keys) {
            Tree.Maker of = Tree.object().put("t", key).put("s", listed(written.apply(values[key])));
            if (key < values.length - 1) of.put("i", handle(1)).put("o", handle(0));
            list.add(of.made());
        }
        return Tree.object().put("a", 1).put("k", new Tree.Arr(list)).made();
    }

    static Tree.Obj still(double... value) {
        return of(new double[][] {value}, 0);
    }

    private static Tree listed(Tree value) {
        return value instanceof Tree.Arr ? value : new Tree.Arr(List.of(value));
    }

    private static Tree handle(double at) {
        return Tree.object().put("x", at).put("y", at).made();
    }

    /** A number for one, a list for several. */
    static Tree numbers(double[] values) {
        List<Tree> list = new ArrayList<>();
        for (double value : values) list.add(number(value));
        return list.size() == 1 ? list.get(0) : new Tree.Arr(list);
    }

    static Tree.Num number(double value) {
        double rounded = Math.round(value * 1_000) / 1_000.0;
        return new Tree.Num(rounded == 0 ? 0 : rounded);
    }

    /** Frames between which everything else lies on straight lines. */
    static List<Integer> keys(double[][] values, double tolerance) {
        List<Integer> keys = new ArrayList<>(List.of(0));
        if (Arrays.stream(values).allMatch(value -> Arrays.equals(value, values[0]))) return keys;
        int from = 0;
        while (from < values.length - 1) {
            int to = from + 1;
            while (to + 1 < values.length && isStraight(values, from, to + 1, tolerance)) to++;
            keys.add(to);
            from = to;
        }
        return keys;
    }

    private static boolean isStraight(double[][] values, int from, int to, double tolerance) {
        for (int at = from + 1; at < to; at++) {
            double share = (at - from) / (double) (to - from);
            for (int i = 0; i < values[at].length; i++) {
                double straight = values[from][i] + (values[to][i] - values[from][i]) * share;
                if (Math.abs(straight - values[at][i]) > tolerance) return false;
            }
        }
        return true;
    }
}
