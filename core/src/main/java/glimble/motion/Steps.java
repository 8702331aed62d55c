package glimble.motion;

import glimble.graphic.In;
import glimble.graphic.Move;
import glimble.graphic.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/**
 * Where an in waits. A step stands before the first move of its part. What is of that part comes after it, and before the next step; any
 * other move comes after it if it begins at that frame or later. What comes before a step has ended when it is reached: if need be,
 * everything after it begins so much later.
 *
 * @param starts first frame by key of move, in the order of the phase
 * @param points in the order of time
 */
public record Steps(Map<String, Integer> starts, List<Point> points) {

    /** A point where the in waits for the operator, before a part enters. */
    public record Point(String part, int frame) {}

    /** A point as it is asked for: where it is reached at the earliest, and how much later than that it shall stand. */
    private record Wanted(String part, int frame, int later) {}

    /**
     * @param starts first frame by key of move, as if there were no steps
     * @param length frames a move takes
     * @param absent tells of a part's key whether the part is absent
     */
    public static Steps of(
            In in, Map<String, Integer> starts, Members members, ToIntFunction<Move> length, Predicate<String> absent) {
        List<Wanted> wanted = new ArrayList<>();
        for (Step step : in.steps()) {
            List<String> parts = members.of(step.part());
            if (absent.test(step.part())) continue;
            in.moves().stream()
                    .filter(move -> parts.contains(move.part()) && starts.containsKey(move.key()))
                    .mapToInt(move -> starts.get(move.key()))
                    .min()
                    .ifPresent(first -> wanted.add(new Wanted(
                            step.part(), Math.max(0, first + Math.min(0, step.plus())), Math.max(0, step.plus()))));
        }
        if (wanted.isEmpty()) return new Steps(starts, List.of());
        wanted.sort(Comparator.comparingInt(Wanted::frame));
        return shifted(in, starts, members, length, wanted);
    }

    private static Steps shifted(
            In in, Map<String, Integer> starts, Members members, ToIntFunction<Move> length, List<Wanted> wanted) {
        Map<String, Integer> after = new LinkedHashMap<>();
        for (Move move : in.moves()) {
            if (starts.containsKey(move.key())) after.put(move.key(), after(move, starts, members, wanted));
        }
        Map<String, Integer> later = new LinkedHashMap<>(starts);
        List<Point> points = new ArrayList<>();
        int shift = 0;
        for (int step = 0; step < wanted.size(); step++) {
            Wanted point = wanted.get(step);
            int reached = point.frame() + shift;
            for (Move move : in.moves()) {
                if (after.getOrDefault(move.key(), Integer.MAX_VALUE) <= step) {
                    reached = Math.max(reached, later.get(move.key()) + length.applyAsInt(move));
                }
            }
            reached += point.later();
            int begins = point.frame();
            for (Map.Entry<String, Integer> of : after.entrySet()) {
                if (of.getValue() > step) begins = Math.min(begins, starts.get(of.getKey()));
            }
            shift = reached - begins;
            for (Map.Entry<String, Integer> of : after.entrySet()) {
                if (of.getValue() > step) later.put(of.getKey(), starts.get(of.getKey()) + shift);
            }
            points.add(new Point(point.part(), reached));
        }
        return new Steps(later, points);
    }

    /** How many steps a move comes after. */
    private static int after(Move move, Map<String, Integer> starts, Members members, List<Wanted> wanted) {
        int start = starts.get(move.key());
        int after = 0;
        for (int step = 0; step < wanted.size(); step++) {
            if (members.holds(wanted.get(step).part(), move.part())) return step + 1;
            if (start >= wanted.get(step).frame()) after = step + 1;
        }
        return after;
    }
}
