package glimble.air;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.change.Take;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Place;
import glimble.reel.Reel;
import glimble.rest.Pictures;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CoversTest {
    private static final Map<String, String> VALUES = Map.of("name", "Wu", "role", "Flyer");

    private static Reel reel(Graphic graphic, Map<String, String> values) {
        return Take.of(graphic, values, new MonoTypesetter(), Pictures.NONE)
                .worked()
                .reel();
    }

    private static Place at(double px) {
        return Sketch.hang(Edge.START, Place.FRAME, Edge.START, px);
    }

    /** A name at the left and a role 500 px further on. */
    private static final Reel NAMES =
            reel(Sketch.graphic(Sketch.text("name", at(0), at(0)), Sketch.text("role", at(500), at(0))), VALUES);

    private static Reel box(double x, double width) {
        return reel(Sketch.graphic(Sketch.box("plate", Sketch.px(width), at(x), Sketch.px(100), at(0))), VALUES);
    }

    @Test
    void letters_below_something_are_covered_where_both_are() {
        assertThat(Covers.texts(NAMES, box(0, 100))).containsExactly("name");
        assertThat(Covers.texts(NAMES, box(490, 300))).containsExactly("role");
        assertThat(Covers.texts(NAMES, box(0, 900))).containsExactly("name", "role");
        assertThat(Covers.texts(NAMES, box(200, 100))).isEmpty();
        // Letters over letters can be read no better.
        assertThat(Covers.texts(NAMES, NAMES)).containsExactly("name", "role");
    }

    @Test
    void what_is_blank_or_has_no_letters_is_not_covered() {
        Reel blank = reel(
                Sketch.graphic(Sketch.text("name", at(0), at(0)), Sketch.text("role", at(500), at(0))),
                Map.of("name", "", "role", "Flyer"));
        assertThat(Covers.texts(blank, box(0, 900))).containsExactly("role");
        assertThat(Covers.texts(box(0, 900), NAMES)).isEmpty();
        assertThat(Covers.texts(NAMES, blank)).containsExactly("role");
    }
}
