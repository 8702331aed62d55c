package glimble.cases;

import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * Values for regions of a map. Where conditions ask for widths, several fields may have to do with each other: then values are sought
 * for which the case really answers, among the examples of each kind, and a region without any is one that does not come about.
 */
final class Examples {
    /** Values that are tried for one region, and for all of them. */
    private static final int TRIES = 300;

    private static final int ALL_TRIES = 40_000;

    private final Graphic graphic;
    private final List<Kinds> kinds;
    private final Widths widths;
    private final boolean certain;
    /** What the fields are filled with that no condition is about. */
    private final List<Map<String, String>> contexts;

    private int tries;

    record Example(Map<String, String> values, Condition.Standing onAir) {}

    Examples(Graphic graphic, List<Kinds> kinds, Widths widths) {
        this.graphic = graphic;
        this.kinds = kinds;
        this.widths = widths;
        contexts = TriedValues.contexts(Kinds.sample(graphic), graphic.fields());
        certain = kinds.stream().noneMatch(of -> of.conditions().stream().anyMatch(Condition.Wider.class::isInstance));
    }

    /** @param row the case that answers; -1 for none */
    Optional<Example> of(Region region, int row) {
        return found(region, example -> CaseTable.row(graphic, example.values(), example.onAir(), widths) == row);
    }

    /** Values for which two cases fit. */
    Optional<Example> both(Region region, int first, int second) {
        return found(region, example -> fits(first, example) && fits(second, example));
    }

    private boolean fits(int row, Example example) {
        return CaseTable.fits(graphic.cases().get(row), example.values(), example.onAir(), widths);
    }

    private Optional<Example> found(Region region, Predicate<Example> fits) {
        int[] kind = region.first();
        int[] example = new int[kind.length];
        widths.budget().spend(20L + 10L * contexts.get(0).size(), CaseMap.TOO_ENTANGLED);
        if (certain) return Optional.of(example(contexts.get(0), kind, example));
        List<int[]> ways = ways(region);
        for (Map<String, String> context : contexts) {
            Optional<Example> found = found(context, kind, example, ways, fits);
            if (found.isPresent()) return found;
        }
        return Optional.empty();
    }

    private Optional<Example> found(
            Map<String, String> context, int[] kind, int[] example, List<int[]> ways, Predicate<Example> fits) {
        Optional<Example> first = tried(context, kind, example, fits);
        if (first.isPresent()) return first;
        int left = Math.min(TRIES, ALL_TRIES - tries);
        // One dimension after the other, then two at a time: a stated number of them.
        for (int[] one : ways) {
            if (left-- <= 0) return Optional.empty();
            Optional<Example> found = tried(context, kind, example, fits, one);
            if (found.isPresent()) return found;
        }
        for (int[] one : ways) {
            for (int[] other : ways) {
                if (other[0] <= one[0]) continue;
                if (left-- <= 0) return Optional.empty();
                Optional<Example> found = tried(context, kind, example, fits, one, other);
                if (found.isPresent()) return found;
            }
        }
        return Optional.empty();
    }

    /** Every dimension, kind of it in the region, and example of that. */
    private List<int[]> ways(Region region) {
        List<int[]> ways = new ArrayList<>();
        for (int dimension = 0; dimension < kinds.size(); dimension++) {
            var side = region.sides().get(dimension);
            for (int kind = side.nextSetBit(0); kind >= 0; kind = side.nextSetBit(kind + 1)) {
                int examples = kinds.get(dimension).kinds().get(kind).examples().size();
                for (int i = 0; i < examples; i++) ways.add(new int[] {dimension, kind, i});
            }
        }
        return ways;
    }

    private Optional<Example> tried(
            Map<String, String> context, int[] kind, int[] example, Predicate<Example> fits, int[]... ways) {
        tries++;
        widths.budget().spend(20L + 10L * context.size(), CaseMap.TOO_ENTANGLED);
        int[] kinds = kind.clone();
        int[] examples = example.clone();
        for (int[] way : ways) {
            kinds[way[0]] = way[1];
            examples[way[0]] = way[2];
        }
        return Optional.of(example(context, kinds, examples)).filter(fits);
    }

    private Example example(Map<String, String> context, int[] kind, int[] example) {
        Map<String, String> values = new TreeMap<>(context);
        Condition.Standing onAir = Condition.Standing.NOTHING;
        for (int i = 0; i < kind.length; i++) {
            Kinds of = kinds.get(i);
            String value = of.kinds().get(kind[i]).examples().get(example[i]);
            if (of.field().isEmpty()) onAir = Condition.Standing.named(value);
            else values.put(of.field(), value);
        }
        return new Example(values, onAir);
    }
}
