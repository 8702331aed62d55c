package glimble.rest;

import static glimble.Sketch.box;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.px;
import static glimble.Sketch.text;
import static glimble.Sketch.union;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.edit.PartEdits;
import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Fit;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What hung on a part that is blank, or removed, takes its place: by the same edge, on what that hung on. */
class ClosingUpTest {
    private static final Map<String, String> BLANK = Map.of("role", "Flyer");
    private static final Map<String, String> FILLED = Map.of("name", "Oona Varga", "role", "Flyer");

    private static Part plate() {
        Place at = hang(Edge.START, Place.FRAME, Edge.START, 100);
        return box("plate", px(400), at, px(80), hang(Edge.START, Place.FRAME, Edge.START, 370));
    }

    private static Rest solve(Graphic graphic, Map<String, String> values) {
        return RestSolver.solve(graphic, values, new MonoTypesetter());
    }

    private static Graphic along(Axis axis, Place name, Place role) {
        Place other = hang(Edge.START, "plate", Edge.START, 0);
        return graphic(
                plate(),
                text("name", axis == Axis.X ? name : other, axis == Axis.Y ? name : other),
                text("role", axis == Axis.X ? role : other, axis == Axis.Y ? role : other));
    }

    /** A name of 100 × 20 px in a plate of 400 × 80 at 100, 370; a role of 50 × 20. */
    @ParameterizedTest
    @CsvSource({
        // name hangs by, role on name by, along y: where role then begins
        "START, BASELINE, BASELINE, Y, 370",
        "CENTRE, BASELINE, BASELINE, Y, 400",
        "END, BASELINE, BASELINE, Y, 430",
        "START, START, END, Y, 370",
        "CENTRE, START, END, Y, 400",
        "END, START, END, Y, 430",
        "START, START, END, X, 100",
        "CENTRE, START, END, X, 275",
        "END, START, END, X, 450",
        "END, END, START, X, 450",
        "END, END, END, X, 450",
        "START, END, END, X, 100"
    })
    void role_begins_where_name_would(Edge held, Edge own, Edge at, Axis axis, double begins) {
        Graphic graphic = along(axis, hang(held, "plate", held, 0), hang(own, "name", at, 0));
        assertThat(solve(graphic, BLANK).box("role").start(axis)).isEqualTo(begins);
    }

    @Test
    void a_gap_goes_and_an_indent_from_the_held_edge_stays() {
        Place name = hang(Edge.START, "plate", Edge.START, 0);
        assertThat(solve(along(Axis.X, name, hang(Edge.START, "name", Edge.START, 24)), BLANK)
                        .box("role")
                        .x())
                .isEqualTo(124);
        assertThat(solve(along(Axis.X, name, hang(Edge.START, "name", Edge.END, 24)), BLANK)
                        .box("role")
                        .x())
                .isEqualTo(100);
        Place ends = hang(Edge.END, "plate", Edge.END, 0);
        assertThat(solve(along(Axis.X, ends, hang(Edge.START, "name", Edge.START, 24)), BLANK)
                        .box("role")
                        .x())
                .as("an indent from the other end would stand out of the plate")
                .isEqualTo(450);
    }

    @ParameterizedTest
    @CsvSource({"START, START, 24", "START, END, 24", "BASELINE, BASELINE, 5", "END, START, -7", "CENTRE, CENTRE, 3"})
    void a_part_that_is_removed_closes_up_as_one_that_is_blank(Edge own, Edge at, double plus) {
        for (Edge held : new Edge[] {Edge.START, Edge.CENTRE, Edge.END}) {
            Graphic graphic = along(Axis.Y, hang(held, "plate", held, 9), hang(own, "name", at, plus));
            Map<String, Rect> boxes = new HashMap<>();
            solve(graphic, FILLED).parts().forEach((key, part) -> boxes.put(key, part.box()));
            Graphic removed = PartEdits.remove(graphic, List.of("name"), boxes, false);
            assertThat(solve(removed, FILLED).box("role"))
                    .isEqualTo(solve(graphic, BLANK).box("role"));
        }
    }

    @Test
    void an_edge_that_would_make_a_size_follow_itself_is_not_taken_over() {
        // The frame is as wide as the two texts stand apart, and one of them hangs on the frame itself.
        Place onName = hang(Edge.START, "name", Edge.END, 10);
        Part round =
                box("round", union(0, 0, "role", "free"), onName, px(20), hang(Edge.START, Place.FRAME, Edge.START, 0));
        Graphic graphic = graphic(
                plate(),
                text("name", hang(Edge.END, "plate", Edge.END, 0), hang(Edge.START, "plate", Edge.START, 0)),
                round,
                text("role", hang(Edge.START, "round", Edge.START, 0), hang(Edge.START, "round", Edge.START, 0)),
                text("free", hang(Edge.START, Place.FRAME, Edge.START, 600), hang(Edge.START, "round", Edge.START, 0)));
        assertThat(Relations.cycle(graphic)).isEmpty();
        assertThat(solve(graphic, BLANK).isPresent("round")).isTrue();
    }

    @Test
    void a_room_that_follows_an_absent_part_is_what_that_part_follows() {
        Fit fit = new Fit(new Size.Matches("tag", 1, -40), 1, 0.1, false, "");
        Place left = hang(Edge.START, Place.FRAME, Edge.START, 0);
        Part tag = box("tag", new Size.Matches("plate", 0.5, 0), left, px(20), left);
        Part needy = tag.withBase(tag.base().withNeeds(java.util.List.of("name")));
        Graphic graphic = graphic(plate(), needy, text("role", left, left, Optional.of(fit)));
        String long30 = "n".repeat(30);
        Rest with = solve(graphic, Map.of("name", "x", "role", long30));
        Rest without = solve(graphic, Map.of("role", long30));
        assertThat(with.box("role").width()).isEqualTo(160);
        assertThat(without.box("role").width()).isEqualTo(160);
    }

    @Test
    void a_room_that_follows_nothing_any_more_lets_a_text_be_as_it_is() {
        Fit fit = new Fit(new Size.Matches("name", 1, 0), 1, 0.1, false, "");
        Place left = hang(Edge.START, Place.FRAME, Edge.START, 0);
        Graphic graphic = graphic(text("name", left, left), text("role", left, left, Optional.of(fit)));
        assertThat(solve(graphic, Map.of("role", "n".repeat(30))).box("role").width())
                .isEqualTo(300);
    }
}
