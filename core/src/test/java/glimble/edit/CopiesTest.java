package glimble.edit;

import static glimble.Sketch.graphic;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.Sketch;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Loop;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.RibbonPart;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import glimble.graphic.Trial;
import glimble.reel.Bar;
import glimble.reel.ReelMaker;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Rows that are copied: what they ask for, how they are called, when they come. */
class CopiesTest {
    private static final Place ROW = new Place.Stacked("rows");

    /** A stack with one row: a bar that wraps a name and is its mask, grouped; the bar comes, and the name after it. */
    private static Graphic board() {
        TextPart name = Sketch.text(
                "name 1",
                Sketch.hang(Edge.INNER_START, "bar 1", Edge.INNER_START, 0),
                Sketch.hang(Edge.CENTRE, "bar 1", Edge.CENTRE, 0),
                new Mask("bar 1", true));
        TextPart asking = new TextPart(
                name.base().withNeeds(List.of("name 1")),
                "{name 1}",
                name.style(),
                name.layout(),
                name.fit(),
                name.look());
        Part bar = Sketch.box("bar 1", Sketch.longest(4, 4, "name 1"), Sketch.left(), Sketch.px(30), ROW);
        List<Move> in = List.of(
                Sketch.move("bar 1 grows", "bar 1", Channel.SCALE_X, new Travel.Factor(0), new Start.At(0), 10),
                Sketch.move(
                        "name 1 rises", "name 1", Channel.Y, new Travel.Px(9), new Start.After("bar 1 grows", 2), 8));
        Field field = new Field("name 1", "Name 1", Field.Kind.TEXT, false, 30, List.of(), "Oona Varga");
        Graphic graphic = graphic(
                        in,
                        new Loop(0, List.of()),
                        List.of(),
                        Sketch.stack("rows", 300, glimble.graphic.Align.START, 4, 10, 10),
                        bar,
                        asking)
                .withFields(List.of(field))
                .withTrials(List.of(new Trial("one", Map.of("name 1", "Wu"))));
        Graphic grouped = GroupEdits.group(graphic, List.of("bar 1", "name 1"), Map.of());
        return PartEdits.rename(grouped, "group", "row 1");
    }

    private static void assertSound(Graphic graphic) {
        assertThat(GraphicReader.read(GraphicWriter.write(Dialled.settled(graphic)), new MonoTypesetter().fonts())
                        .problems())
                .isEmpty();
    }

    private static Map<String, Integer> starts(Graphic graphic, Map<String, String> values) {
        Map<String, Integer> starts = new HashMap<>();
        for (Bar bar : ReelMaker.make(graphic, values, new MonoTypesetter()).bars())
            starts.put(bar.move(), bar.start());
        return starts;
    }

    @Test
    void names_count_up_and_moves_are_called_after_the_copy() {
        Graphic copied = PartEdits.duplicate(board(), "row 1");
        assertSound(copied);
        assertThat(copied.parts())
                .extracting(Part::key)
                .containsExactly("rows", "bar 1", "name 1", "row 1", "bar 2", "name 2", "row 2");
        assertThat(copied.in().moves())
                .extracting(Move::key)
                .containsExactly("bar 1 grows", "name 1 rises", "bar 2 grows", "name 2 rises");
        assertThat(copied.in().moves().get(3).start()).isEqualTo(new Start.After("bar 2 grows", 2));
        assertThat(copied.fields()).hasSize(1);
    }

    @Test
    void with_new_fields_text_needs_label_and_trials_follow() {
        Graphic copied = PartEdits.rows(board(), "row 1", 2, 0, Map.of());
        assertSound(copied);
        TextPart name = (TextPart) copied.part("name 2").orElseThrow();
        assertThat(name.text()).isEqualTo("{name 2}");
        assertThat(name.base().needs()).containsExactly("name 2");
        Field field = copied.field("name 2").orElseThrow();
        assertThat(field.label()).isEqualTo("Name 2");
        assertThat(field.sample()).isEqualTo("Oona Varga");
        assertThat(field.longest()).isEqualTo(30);
        assertThat(copied.trials().get(0).values()).containsEntry("name 2", "Wu");
        assertThat(((TextPart) copied.part("name 1").orElseThrow()).text()).isEqualTo("{name 1}");
    }

    @Test
    void fields_that_are_copied_to_each_others_names_are_not_mixed_up() {
        Graphic twice = PartEdits.rows(PartEdits.rows(board(), "row 1", 2, 0, Map.of()), "row 1", 2, 0, Map.of());
        assertSound(twice);
        assertThat(twice.fields()).extracting(Field::key).containsExactly("name 1", "name 3", "name 2");
        assertThat(((TextPart) twice.part("name 3").orElseThrow()).text()).isEqualTo("{name 3}");
        assertThat(((TextPart) twice.part("name 2").orElseThrow()).text()).isEqualTo("{name 2}");
    }

    @Test
    void a_row_copied_as_rows_gives_the_same_timing_to_each_and_blank_ones_take_none() {
        Graphic board = PartEdits.rows(board(), "row 1", 5, 6, Map.of());
        assertSound(board);
        assertThat(board.fields())
                .extracting(Field::key)
                .containsExactly("name 1", "name 2", "name 3", "name 4", "name 5");
        assertThat(board.in().timing().staggers())
                .containsExactly(new Timing.Stagger(List.of("row 1", "row 2", "row 3", "row 4", "row 5"), 6));
        Map<String, String> values = new HashMap<>();
        for (int row = 1; row <= 5; row++) values.put("name " + row, "Wu");
        Map<String, Integer> starts = starts(board, values);
        for (int row = 1; row <= 5; row++) {
            assertThat(starts).containsEntry("bar " + row + " grows", 6 * (row - 1));
            assertThat(starts).containsEntry("name " + row + " rises", 6 * (row - 1) + 12);
        }
        values.put("name 1", "");
        values.put("name 3", "");
        starts = starts(board, values);
        assertThat(starts)
                .containsEntry("bar 2 grows", 0)
                .containsEntry("bar 4 grows", 6)
                .containsEntry("bar 5 grows", 12);
        Rest rest = RestSolver.solve(board, values, new MonoTypesetter(), Pictures.NONE);
        List<Double> tops = new ArrayList<>();
        for (int row : new int[] {2, 4, 5}) tops.add(rest.box("bar " + row).y());
        assertThat(tops).isSorted();
        assertThat(tops.get(1) - tops.get(0)).isEqualTo(tops.get(2) - tops.get(1));
    }

    @Test
    void rows_wait_one_for_another_as_the_ones_before_do() {
        Graphic two = PartEdits.rows(board(), "row 1", 2, 0, Map.of());
        Graphic waiting = two.withMoves(moves -> moves.stream()
                .map(move ->
                        move.key().equals("bar 2 grows") ? move.withStart(new Start.After("bar 1 grows", 5)) : move)
                .toList());
        Graphic four = PartEdits.rows(waiting, "row 2", 3, 0, Map.of());
        assertSound(four);
        Map<String, String> values = Map.of("name 1", "Wu", "name 2", "Wu", "name 3", "Wu", "name 4", "Wu");
        assertThat(starts(four, values))
                .containsEntry("bar 2 grows", 15)
                .containsEntry("bar 3 grows", 30)
                .containsEntry("bar 4 grows", 45);
    }

    @Test
    void rows_of_a_group_stand_in_that_group() {
        Graphic grouped = GroupEdits.group(board(), List.of("row 1"), Map.of());
        Graphic rows = PartEdits.rows(grouped, "row 1", 3, 0, Map.of());
        assertSound(rows);
        assertThat(rows.part("group").orElseThrow())
                .isInstanceOfSatisfying(
                        GroupPart.class, group -> assertThat(group.parts()).containsExactly("row 1", "row 2", "row 3"));
    }

    /** Whatever it is that is copied: rows stand below each other, each with a sample, and those that are blank take no room. */
    @RepeatedTest(200)
    void rows_of_what_is_in_no_stack_stand_below_each_other(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Graphic graphic = RandomGraphic.of(seed).withCases(List.of()).withVariants(List.of());
        if (graphic.parts().stream().anyMatch(part -> part instanceof glimble.graphic.StackPart)) return;
        Map<String, String> values = new HashMap<>(RandomGraphic.values(graphic, new Random(seed)));
        values.replaceAll((key, value) -> value.isBlank() ? "Wu" : value);
        Rest rest = RestSolver.solve(graphic, values, new MonoTypesetter(), Pictures.NONE);
        if (rest.mirrored()) return;
        Map<String, Rect> boxes = new HashMap<>();
        rest.parts().forEach((key, part) -> boxes.put(key, part.box()));
        for (Part part : graphic.parts()) {
            // A ribbon is spaced by its length and breadth, whatever its bends make of it.
            boolean bent = GroupEdits.all(graphic, part.key()).stream()
                    .anyMatch(key -> graphic.part(key).orElseThrow() instanceof RibbonPart);
            if (bent) continue;
            Graphic rows;
            try {
                rows = PartEdits.rows(graphic, part.key(), 3, 4, boxes);
            } catch (EditRefused e) {
                assertThat(e).hasMessageMatching(".*(rides on a ribbon|copied together|hang it on).*");
                continue;
            }
            if (!GraphicReader.read(GraphicWriter.write(Dialled.settled(rows)), new MonoTypesetter().fonts())
                    .problems()
                    .isEmpty()) continue;
            Map<String, String> filled = new HashMap<>(values);
            for (Field field : rows.fields()) {
                filled.putIfAbsent(field.key(), values.getOrDefault(original(graphic, rows, field), "Wu"));
            }
            Rest now = RestSolver.solve(rows, filled, new MonoTypesetter(), Pictures.NONE);
            List<Part> root = rows.parts().stream()
                    .filter(one -> one.span(Axis.Y).place() instanceof Place.Stacked)
                    .toList();
            if (root.isEmpty()) continue;
            assertThat(root).as("%s of graphic %s", part.key(), seed).hasSize(3);
            if (!root.stream().allMatch(one -> now.isPresent(one.key()))) continue;
            Graphic made = rows;
            if (part instanceof GroupPart) {
                // With all that is in them.
                List<Rect> groups = rows.parts().stream()
                        .filter(one -> one.key().equals(part.key())
                                || one instanceof GroupPart
                                        && graphic.part(one.key()).isEmpty())
                        .filter(one -> GroupEdits.all(made, one.key()).stream()
                                .anyMatch(key ->
                                        root.stream().anyMatch(r -> r.key().equals(key))))
                        .map(one -> now.box(one.key()))
                        .sorted(Comparator.comparingDouble(Rect::y))
                        .toList();
                for (int row = 1; row < groups.size(); row++)
                    assertThat(groups.get(row).y())
                            .as("row %s of %s of graphic %s", row, part.key(), seed)
                            .isGreaterThanOrEqualTo(groups.get(row - 1).end(Axis.Y) - 0.51);
            }
            for (int row = 1; row < 3; row++) {
                assertThat(now.box(root.get(row).key()).y())
                        .as("row %s of %s of graphic %s", row, part.key(), seed)
                        .isGreaterThanOrEqualTo(now.box(root.get(row - 1).key()).end(Axis.Y) - 0.51);
            }
        }
    }

    private static String original(Graphic graphic, Graphic rows, Field copy) {
        return graphic.fields().stream()
                .filter(field ->
                        copy.key().startsWith(field.key().replaceAll(" \\d+$", "")) && field.kind() == copy.kind())
                .map(Field::key)
                .findFirst()
                .orElse("");
    }

    @Test
    void a_row_of_a_stagger_brings_its_copy_into_it() {
        Graphic rows = PartEdits.rows(board(), "row 1", 3, 6, Map.of());
        Graphic more = PartEdits.rows(rows, "row 2", 2, 0, Map.of());
        assertThat(more.in().timing().staggers().get(0).parts()).containsExactly("row 1", "row 2", "row 4", "row 3");
        assertThat(PartEdits.rows(rows, "row 1", 2, 0, Map.of())
                        .in()
                        .timing()
                        .staggers()
                        .get(0)
                        .by())
                .isEqualTo(6);
    }

    @Test
    void a_group_goes_past_its_neighbours_as_a_whole_and_past_groups_as_a_whole() {
        Graphic board = PartEdits.rows(board(), "row 1", 3, 0, Map.of());
        assertThat(PartEdits.reorder(board, "row 1", 1).parts())
                .extracting(Part::key)
                .containsExactly(
                        "rows", "bar 2", "name 2", "row 2", "bar 1", "name 1", "row 1", "bar 3", "name 3", "row 3");
        assertThat(PartEdits.reorder(board, "row 3", -99).parts())
                .extracting(Part::key)
                .startsWith("bar 3", "name 3", "row 3", "rows", "bar 1");
        assertThat(PartEdits.reorder(PartEdits.reorder(board, "row 2", 1), "row 2", -1))
                .isEqualTo(board);
        // Within its group a part goes past one part at a time.
        assertThat(PartEdits.reorder(board, "bar 2", 1).parts())
                .extracting(Part::key)
                .containsSubsequence("row 1", "name 2", "bar 2", "row 2", "bar 3");
        assertThat(PartEdits.reorder(board, "rows", 2).parts())
                .extracting(Part::key)
                .containsSubsequence("row 1", "bar 2", "name 2", "row 2", "rows", "bar 3");
    }

    @Test
    void a_group_is_put_next_to_another_part_or_the_group_around_that() {
        Graphic board = PartEdits.rows(board(), "row 1", 3, 0, Map.of());
        assertThat(PartEdits.place(board, "row 3", "bar 1", false).parts())
                .extracting(Part::key)
                .startsWith("rows", "bar 3", "name 3", "row 3", "bar 1", "name 1", "row 1");
        assertThat(PartEdits.place(board, "row 1", "name 2", true).parts())
                .extracting(Part::key)
                .startsWith("rows", "bar 2", "name 2", "row 2", "bar 1", "name 1", "row 1", "bar 3");
        assertThat(PartEdits.place(board, "rows", "row 3", true).parts().get(9).key())
                .isEqualTo("rows");
        assertThat(PartEdits.place(board, "bar 2", "name 2", true).parts())
                .extracting(Part::key)
                .containsSubsequence("row 1", "name 2", "bar 2", "row 2");
        assertThat(PartEdits.place(board, "row 2", "name 2", true)).isEqualTo(board);
    }
}
