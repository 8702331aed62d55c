package glimble.rest;

import static glimble.Sketch.LINE;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.left;
import static glimble.Sketch.stack;
import static glimble.Sketch.text;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.graphic.Align;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.StackPart;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class StackTest {

    private static Graphic rows(StackPart stack) {
        Place in = new Place.Stacked(stack.key());
        Part tag = text("side", hang(Edge.START, "name", Edge.END, 5), hang(Edge.START, "name", Edge.START, 0));
        return graphic(stack, text("name", left(), in), text("role", left(), in), tag);
    }

    private static Rest solve(StackPart stack, Map<String, String> values) {
        return RestSolver.solve(rows(stack), values, new MonoTypesetter());
    }

    @Test
    void a_gap_keeps_within_its_limits() {
        double[] rows = {20, 20, 20};
        assertThat(StackSpacing.gap(100, rows, 4, 30)).isEqualTo(20);
        assertThat(StackSpacing.gap(100, rows, 4, 12)).isEqualTo(12);
        assertThat(StackSpacing.gap(62, rows, 4, 12)).isEqualTo(4);
        assertThat(StackSpacing.gap(62, new double[] {20}, 4, 12)).isEqualTo(12);
    }

    @Test
    void a_full_stack_has_its_usual_gap_and_stands_where_it_is_aligned() {
        Map<String, String> both = Map.of("name", "Wu", "role", "Flyer");
        double extent = LINE + 10 + LINE;
        assertThat(solve(stack("rows", 200, Align.START, 2, 10, 40), both)
                        .box("name")
                        .y())
                .isZero();
        assertThat(solve(stack("rows", 200, Align.CENTRE, 2, 10, 40), both)
                        .box("name")
                        .y())
                .isEqualTo((200 - extent) / 2);
        Rest end = solve(stack("rows", 200, Align.END, 2, 10, 40), both);
        assertThat(end.box("role").bottom()).isEqualTo(200);
        assertThat(end.box("role").y() - end.box("name").bottom()).isEqualTo(10);
    }

    @Test
    void rows_close_up_wherever_one_is_blank() {
        Rest rest = solve(stack("rows", 200, Align.START, 2, 10, 10), Map.of("role", "Flyer"));
        assertThat(rest.box("role").y()).isZero();
        assertThat(solve(stack("rows", 200, Align.START, 2, 10, 10), Map.of()).isPresent("rows"))
                .isFalse();
    }

    @Test
    void what_hung_on_an_absent_row_is_left_at_the_beginning_of_the_stack() {
        Rest rest = solve(stack("rows", 200, Align.START, 2, 10, 10), Map.of("role", "Flyer", "side", "x"));
        assertThat(rest.box("side").y()).isZero();
        assertThat(rest.box("side").x()).isZero();
    }

    @Test
    void rows_that_do_not_fit_keep_the_least_gap_and_are_reported() {
        Rest rest = solve(stack("rows", 30, Align.CENTRE, 2, 10, 10), Map.of("name", "Wu", "role", "Flyer"));
        assertThat(rest.box("role").y() - rest.box("name").bottom()).isEqualTo(2);
        assertThat(rest.box("name").y()).isZero();
        assertThat(rest.notes())
                .containsExactly(new Note("rows", "its rows need 42 px and have 30", 12, Note.Kind.ROOM));
    }

    @RepeatedTest(200)
    void rows_never_leave_their_area_unless_it_is_reported(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        double least = random.nextInt(20);
        double usual = least + random.nextInt(20);
        Align align = Align.values()[random.nextInt(3)];
        StackPart stack = stack("rows", random.nextInt(120), align, least, usual, usual + random.nextInt(40));
        Map<String, String> values = random.nextBoolean() ? Map.of("name", "Wu", "role", "x") : Map.of("role", "x");
        Rest rest = solve(stack, values);
        boolean inside = rest.parts().values().stream()
                .allMatch(part -> part.box().bottom() <= rest.box("rows").bottom() + 1e-9
                        && part.box().y() >= 0);
        assertThat(inside).isEqualTo(rest.notes().isEmpty());
    }
}
