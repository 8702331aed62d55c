package glimble.cases;

import glimble.budget.Budget;
import glimble.budget.TooLaborious;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which case answers which combination of everything that conditions tell apart. Computed on the conditions themselves: each case is a
 * region of combinations, and answers what the ones above it left of that region. So it is exact whatever the number of fields; only
 * the list of single combinations has an end.
 *
 * @param dimensions what is told apart
 * @param combinations how many there are
 * @param entries every combination that was found to come about if there are at most {@link #LISTED}, otherwise regions of them
 * @param rows of each case what comes of it
 * @param overlaps cases that fit the same values although one is meant to be alone
 */
public record CaseMap(
        List<Dimension> dimensions, long combinations, List<Entry> entries, List<Row> rows, List<Overlap> overlaps) {

    /** More combinations than this are not listed one by one: as many as twelve fields make, each blank or filled. */
    public static final int LISTED = 4096;

    /** Regions that a map is made of at most. */
    private static final int REGIONS = 20_000;

    private static final int STEPS_PER_REGION = 20;

    /** Of cases whose conditions overlap in so many ways that nobody could follow the map, nor wait for it. */
    static final String TOO_ENTANGLED =
            "the cases overlap in too many ways to be told apart; give them fewer conditions, or put the most special first";

    /**
     * @param field key; empty for what is on air
     * @param kinds what can be told apart about it, in words
     * @param examples a value for each
     */
    public record Dimension(String field, List<String> kinds, List<String> examples) {}

    /**
     * @param kinds of each dimension the kinds it is about
     * @param row the case that answers; -1 for none
     * @param values an example; only fields that conditions are about, and samples
     * @param onAir an example
     */
    public record Entry(List<List<Integer>> kinds, int row, Map<String, String> values, Condition.Standing onAir) {}

    /** What comes of a case. */
    public enum Reach {
        ANSWERS,
        /** Its own conditions never hold together. */
        NEVER,
        /** The cases above it answer first, always. */
        HIDDEN
    }

    /**
     * @param combinations that it answers
     * @param by of a hidden one, which cases hide it
     */
    public record Row(Reach reach, long combinations, List<Integer> by) {}

    /** @param values for which both fit */
    public record Overlap(int first, int second, Map<String, String> values) {}

    /** Whether some values have no case. */
    public boolean hasGap() {
        return entries.stream().anyMatch(entry -> entry.row() < 0);
    }

    /** @throws TooLaborious if it would have too many regions, or take more than the budget of the widths */
    public static CaseMap of(Graphic graphic, Widths widths) {
        List<Kinds> kinds = kinds(graphic, widths);
        return new Maker(graphic, kinds, widths).map();
    }

    private static List<Kinds> kinds(Graphic graphic, Widths widths) {
        Map<String, Set<Condition>> byField = new LinkedHashMap<>();
        for (Field field : graphic.fields()) byField.put(field.key(), new LinkedHashSet<>());
        byField.put("", new LinkedHashSet<>());
        for (Case row : graphic.cases()) {
            for (Condition condition : row.when()) {
                byField.get(condition.about().orElse("")).add(condition);
            }
        }
        List<Kinds> kinds = new ArrayList<>();
        byField.forEach((field, of) -> {
            if (of.isEmpty()) return;
            List<Condition> conditions = List.copyOf(of);
            kinds.add(
                    field.isEmpty()
                            ? Kinds.onAir(conditions)
                            : Kinds.of(graphic, graphic.field(field).orElseThrow(), conditions, widths));
        });
        return kinds;
    }

    /** The work of making one. */
    private static final class Maker {
        private final Graphic graphic;
        private final List<Kinds> kinds;
        private final Examples examples;
        private final Budget budget;
        private final List<Region> boxes = new ArrayList<>();
        private final List<Entry> entries = new ArrayList<>();
        private final List<Row> rows = new ArrayList<>();

        Maker(Graphic graphic, List<Kinds> kinds, Widths widths) {
            this.graphic = graphic;
            this.kinds = kinds;
            budget = widths.budget();
            examples = new Examples(graphic, kinds, widths);
            for (Case row : graphic.cases()) boxes.add(box(row.when()));
        }

        private Region box(List<Condition> when) {
            return new Region(kinds.stream()
                    .map(of -> of.where(when.stream()
                            .filter(condition -> condition.about().orElse("").equals(of.field()))
                            .toList()))
                    .toList());
        }

        CaseMap map() {
            Region everything = box(List.of());
            boolean single = everything.size() <= LISTED;
            List<Region> left = List.of(everything);
            for (int row = 0; row < boxes.size(); row++) {
                List<Region> beyond = new ArrayList<>();
                long answered = 0;
                for (Region region : left) {
                    budget.spend(STEPS_PER_REGION * (long) kinds.size(), TOO_ENTANGLED);
                    Region of = region.and(boxes.get(row));
                    if (!of.isEmpty()) {
                        answered += of.size();
                        enter(of, row, single);
                    }
                    beyond.addAll(region.minus(boxes.get(row)));
                    if (beyond.size() > REGIONS) throw new TooLaborious(TOO_ENTANGLED);
                }
                rows.add(row(row, answered));
                left = beyond;
            }
            if (!boxes.isEmpty()) {
                for (Region region : left) enter(region, -1, single);
            }
            return new CaseMap(dimensions(), everything.size(), entries, rows, overlaps());
        }

        private Row row(int row, long answered) {
            if (boxes.get(row).isEmpty()) return new Row(Reach.NEVER, 0, List.of());
            if (answered > 0) return new Row(Reach.ANSWERS, answered, List.of());
            List<Integer> by = new ArrayList<>();
            for (int above = 0; above < row; above++) {
                if (!boxes.get(above).and(boxes.get(row)).isEmpty()) by.add(above);
            }
            return new Row(Reach.HIDDEN, 0, by);
        }

        private void enter(Region region, int row, boolean single) {
            if (region.isEmpty()) return;
            if (!single) {
                add(region, row);
                return;
            }
            for (int[] taken : region.all()) {
                List<BitSet> sides = new ArrayList<>();
                for (int kind : taken) {
                    BitSet side = new BitSet();
                    side.set(kind);
                    sides.add(side);
                }
                add(new Region(sides), row);
            }
        }

        /** Kinds that never come together are no combination, so nothing is said of one without an example. */
        private void add(Region region, int row) {
            examples.of(region, row).ifPresent(example -> {
                List<List<Integer>> taken = region.sides().stream()
                        .map(side -> side.stream().boxed().toList())
                        .toList();
                entries.add(new Entry(taken, row, example.values(), example.onAir()));
            });
        }

        private List<Overlap> overlaps() {
            List<Overlap> overlaps = new ArrayList<>();
            for (int first = 0; first < boxes.size(); first++) {
                for (int second = first + 1; second < boxes.size(); second++) {
                    boolean meant = graphic.cases().get(first).alone()
                            || graphic.cases().get(second).alone();
                    Region both = boxes.get(first).and(boxes.get(second));
                    if (!meant || both.isEmpty()) continue;
                    int other = second;
                    int one = first;
                    examples.both(both, one, other)
                            .ifPresent(example -> overlaps.add(new Overlap(one, other, example.values())));
                }
            }
            return overlaps;
        }

        private List<Dimension> dimensions() {
            return kinds.stream()
                    .map(of -> new Dimension(
                            of.field(),
                            of.kinds().stream().map(of::words).toList(),
                            of.kinds().stream().map(Kinds.Kind::example).toList()))
                    .toList();
        }
    }
}
