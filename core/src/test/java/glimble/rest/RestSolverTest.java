package glimble.rest;

import static glimble.Sketch.LETTER;
import static glimble.Sketch.LINE;
import static glimble.Sketch.bar;
import static glimble.Sketch.box;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.left;
import static glimble.Sketch.line;
import static glimble.Sketch.longest;
import static glimble.Sketch.px;
import static glimble.Sketch.text;
import static glimble.Sketch.union;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RestSolverTest {

    private static Rest solve(Graphic graphic, String name, String role) {
        return RestSolver.solve(graphic, Map.of("name", name, "role", role), new MonoTypesetter());
    }

    @Test
    void a_box_is_as_wide_as_the_longer_text_with_its_padding() {
        Rest rest = solve(graphic(bar()), "Wu", "Flyer");
        assertThat(rest.box("plate").width()).isEqualTo(5 * LETTER + 5 + 7);
        assertThat(solve(graphic(bar()), "Oona Varga", "Flyer").box("plate").width())
                .isEqualTo(10 * LETTER + 5 + 7);
    }

    @Test
    void texts_hang_on_the_inner_edges_so_padding_stands_in_one_place() {
        Rest rest = solve(graphic(bar()), "Wu", "Flyer");
        assertThat(rest.box("plate").x()).isEqualTo(100);
        assertThat(rest.box("name").x()).isEqualTo(105);
        assertThat(rest.box("name").y()).isEqualTo(203);
        assertThat(rest.box("role").y()).isEqualTo(203 + LINE + 2);
        assertThat(rest.box("plate").height()).isEqualTo(3 + LINE + 2 + LINE + 4);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "\u00a0", "\u200b", " \t\u2003\ufeff"})
    void a_blank_role_takes_its_line_away_and_the_box_closes_up(String blank) {
        Rest rest = solve(graphic(bar()), "Oona Varga", blank);
        assertThat(rest.isPresent("role")).isFalse();
        assertThat(rest.box("plate").height()).isEqualTo(3 + LINE + 4);
        assertThat(rest.box("plate").width()).isEqualTo(10 * LETTER + 12);
    }

    @Test
    void a_blank_name_lets_the_role_take_its_place_without_the_gap() {
        Rest rest = solve(graphic(bar()), " ", "Flyer");
        assertThat(rest.box("role").y()).isEqualTo(203);
        assertThat(rest.box("plate").height()).isEqualTo(3 + LINE + 4);
    }

    @Test
    void no_empty_box_and_no_line_as_wide_as_it_is_ever_left() {
        Part[] parts = {
            bar()[0], bar()[1], bar()[2], line("rule", new Size.Matches("plate", 1, 0), left(), px(3), left())
        };
        assertThat(solve(graphic(parts), "", "").parts()).isEmpty();
        assertThat(solve(graphic(parts), "Wu", "").parts()).containsOnlyKeys("plate", "name", "rule");
    }

    @Test
    void an_indent_stays_when_what_it_was_taken_from_is_absent() {
        Part[] parts = {
            text("name", hang(Edge.START, Place.FRAME, Edge.START, 30), left()),
            text("role", hang(Edge.START, "name", Edge.START, 8), hang(Edge.START, "name", Edge.END, 8))
        };
        Rest rest = solve(graphic(parts), "", "Flyer");
        assertThat(rest.box("role").x()).isEqualTo(38);
        assertThat(rest.box("role").y()).isZero();
    }

    @Test
    void longer_text_grows_away_from_the_edge_it_hangs_by() {
        for (String name : List.of("Wu", "Ingeborg Halvorsen")) {
            double width = name.length() * LETTER;
            Part right = text("name", hang(Edge.END, Place.FRAME, Edge.END, -10), left());
            assertThat(solve(graphic(right), name, "").box("name").right()).isEqualTo(990);
            Part centred = text("name", hang(Edge.CENTRE, Place.FRAME, Edge.CENTRE, 0), left());
            assertThat(solve(graphic(centred), name, "").box("name").x()).isEqualTo(500 - width / 2);
        }
    }

    @Test
    void safe_areas_stand_five_and_three_and_a_half_per_cent_inside() {
        Part title = box(
                "title",
                px(10),
                hang(Edge.START, Place.TITLE_SAFE, Edge.START, 0),
                px(10),
                hang(Edge.END, Place.TITLE_SAFE, Edge.END, 0));
        Part action = box(
                "action",
                px(10),
                hang(Edge.END, Place.ACTION_SAFE, Edge.END, 0),
                px(10),
                hang(Edge.CENTRE, Place.ACTION_SAFE, Edge.CENTRE, 0));
        Rest rest = solve(graphic(title, action), "", "");
        assertThat(rest.box("title").x()).isEqualTo(50);
        assertThat(rest.box("title").bottom()).isEqualTo(475);
        assertThat(rest.box("action").right()).isEqualTo(965);
        assertThat(rest.box("action").y()).isEqualTo(245);
    }

    @Test
    void baselines_can_be_lined_up() {
        Part[] parts = {
            text("name", left(), hang(Edge.BASELINE, Place.FRAME, Edge.END, -100)),
            text("role", hang(Edge.START, "name", Edge.END, 6), hang(Edge.BASELINE, "name", Edge.BASELINE, 0))
        };
        Rest rest = solve(graphic(parts), "Wu", "Flyer");
        assertThat(rest.part("name").baseline()).isEqualTo(400);
        assertThat(rest.part("role").baseline()).isEqualTo(400);
        assertThat(rest.box("role").x()).isEqualTo(26);
    }

    @Test
    void padding_more_negative_than_the_text_is_long_leaves_nothing_but_never_less() {
        Part box = box("plate", longest(-30, -30, "name"), left(), px(5), left());
        assertThat(solve(graphic(box, text("name", left(), left())), "Wu", "")
                        .box("plate")
                        .width())
                .isZero();
    }

    @Test
    void a_union_of_parts_that_stand_on_their_own_is_measured_where_they_stand() {
        Part[] parts = {
            box("ground", px(50), left(), union(1, 1, "name", "role"), left()),
            text("name", left(), hang(Edge.START, Place.FRAME, Edge.START, 40)),
            text("role", left(), hang(Edge.END, Place.FRAME, Edge.END, -40))
        };
        assertThat(solve(graphic(parts), "Wu", "Flyer").box("ground").height()).isEqualTo(500 - 80 + 2);
    }

    @Test
    void every_number_is_what_its_reckoning_makes_of_its_terms() {
        Rest rest = solve(graphic(bar()), "Oona Varga", "Flyer");
        for (PartRest part : rest.parts().values()) {
            for (Reckoning reckoning : List.of(part.x(), part.y(), part.width(), part.height())) {
                assertThat(ReckoningsTest.madeOf(reckoning)).isEqualTo(reckoning.value());
            }
        }
        assertThat(ReckoningWords.of(rest.part("plate").width()))
                .isEqualTo("112 = longest(name · width 100, role · width 50) + pad left 5 + pad right 7");
    }
}
