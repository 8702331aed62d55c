package glimble.rest;

import static glimble.Sketch.LETTER;
import static glimble.Sketch.LINE;
import static glimble.Sketch.box;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.left;
import static glimble.Sketch.px;
import static glimble.Sketch.text;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.PlainWriting;
import glimble.graphic.Edge;
import glimble.graphic.Fit;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.TextLayout.LetterCase;
import glimble.text.Letters;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class FitTest {

    private static Fit fit(double room, int lines, double least, boolean both, String together) {
        return new Fit(px(room), lines, least, both, together);
    }

    private static Graphic texts(Fit name, Fit role) {
        return graphic(
                text("name", left(), left(), Optional.of(name)), text("role", left(), left(), Optional.of(role)));
    }

    private static Rest solve(Graphic graphic, String name, String role) {
        return RestSolver.solve(graphic, Map.of("name", name, "role", role), new MonoTypesetter());
    }

    @Test
    void text_is_squeezed_only_as_much_as_it_needs() {
        Graphic graphic = texts(fit(80, 1, 0.5, false, ""), fit(80, 1, 0.5, true, ""));
        Rest rest = solve(graphic, "0123456789", "0123456789");
        assertThat(rest.box("name").width()).isCloseTo(80, within(1e-9));
        assertThat(rest.box("name").height()).isEqualTo(LINE);
        assertThat(rest.box("role").height()).isCloseTo(0.8 * LINE, within(1e-9));
        assertThat(rest.part("role").drawn().height()).isCloseTo(0.8 * LINE, within(1e-9));
        assertThat(solve(graphic, "Wu", "").box("name").width()).isEqualTo(2 * LETTER);
    }

    @Test
    void text_is_never_squeezed_below_its_least_and_what_remains_is_reported() {
        Rest rest = solve(texts(fit(80, 1, 0.9, false, ""), fit(80, 1, 1, false, "")), "0123456789", "Wu");
        assertThat(rest.box("name").width()).isCloseTo(90, within(1e-9));
        assertThat(rest.notes())
                .containsExactly(new Note(
                        "name",
                        "its letters, squeezed as far as they may be, need 90 px and have 80",
                        10,
                        Note.Kind.ROOM));
    }

    @Test
    void texts_squeezed_together_are_all_squeezed_as_the_worst() {
        Rest rest = solve(texts(fit(80, 1, 0.5, false, "rows"), fit(80, 1, 0.4, false, "rows")), "0123456789", "Wu");
        assertThat(rest.box("role").width()).isCloseTo(0.8 * 2 * LETTER, within(1e-9));
    }

    @RepeatedTest(100)
    void squeezing_together_gives_one_factor_within_the_limits(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        double least = 0.3 + random.nextDouble() / 2;
        Fit name = fit(20 + random.nextInt(100), 1, least, false, "rows");
        Fit role = fit(20 + random.nextInt(100), 1, 0.2, false, "rows");
        String first = "x".repeat(1 + random.nextInt(30));
        String second = "x".repeat(1 + random.nextInt(30));
        Rest rest = solve(texts(name, role), first, second);
        double factor = rest.box("name").width() / (first.length() * LETTER);
        assertThat(rest.box("role").width() / (second.length() * LETTER)).isCloseTo(factor, within(1e-9));
        assertThat(factor).isBetween(least - 1e-9, 1.0);
        if (rest.notes().isEmpty()) {
            assertThat(rest.box("name").width()).isLessThanOrEqualTo(((Size.Fixed) name.room()).px() + 1e-6);
        }
    }

    @Test
    void text_is_broken_to_lines_before_it_is_squeezed() {
        Graphic graphic = texts(fit(100, 3, 0.5, false, ""), fit(60, 2, 0.5, false, ""));
        Rest rest = solve(graphic, "flying resumes on the half hour", "one two three four");
        // flying / resumes on / the half hour is 13 letters: squeezed to 10.
        assertThat(rest.box("name").height()).isEqualTo(3 * LINE);
        assertThat(rest.box("name").width()).isCloseTo(100, within(1e-9));
        // Two lines are not enough at 60 px: the longer one is 10 letters, and squeezed.
        assertThat(rest.box("role").height()).isEqualTo(2 * LINE);
        assertThat(rest.box("role").width()).isCloseTo(60, within(1e-9));
    }

    @Test
    void line_breaks_that_are_typed_count_where_lines_are_allowed() {
        Graphic graphic = texts(fit(500, 2, 1, false, ""), fit(500, 1, 1, false, ""));
        Rest rest = solve(graphic, "Oona\n \nVarga", "Oona\nVarga");
        assertThat(rest.box("name").height()).isEqualTo(2 * LINE);
        assertThat(rest.box("name").width()).isEqualTo(5 * LETTER);
        assertThat(rest.box("role").width()).isEqualTo(10 * LETTER);
    }

    @Test
    void a_box_may_wrap_text_that_is_squeezed_into_a_share_of_the_frame() {
        Size room = new Size.Share(0.1, Place.TITLE_SAFE, -10);
        Part name = text("name", left(), left(), Optional.of(new Fit(room, 1, 0.1, false, "")));
        Part plate = box(
                "plate",
                new Size.Wraps(java.util.List.of("name"), Size.Take.LONGEST, 5, 5, 60, 85),
                hang(Edge.START, Place.FRAME, Edge.START, 0),
                px(20),
                left());
        assertThat(solve(graphic(plate, name), "0123456789", "").box("name").width())
                .isCloseTo(80, within(1e-9));
        assertThat(solve(graphic(plate, name), "0123456789", "").box("plate").width())
                .isEqualTo(85);
        assertThat(solve(graphic(plate, name), "Wu", "").box("plate").width()).isEqualTo(60);
    }

    @Test
    void a_text_whose_room_is_the_box_that_wraps_it_is_a_circle() {
        Part name =
                text("name", left(), left(), Optional.of(new Fit(new Size.Matches("plate", 1, 0), 1, 0.5, false, "")));
        Part plate = box("plate", glimble.Sketch.longest(0, 0, "name"), left(), px(1), left());
        assertThat(Relations.cycle(graphic(plate, name)))
                .get()
                .asString()
                .contains("name · width follows plate · width");
    }

    @Test
    void letters_are_shown_in_their_case() {
        assertThat(Letters.shown("Oona d’Arc", LetterCase.CAPITALS, "", new PlainWriting()))
                .isEqualTo("OONA D’ARC");
        assertThat(Letters.shown("oona d’arc-varga ŞÜ", LetterCase.TITLE, "", new PlainWriting()))
                .isEqualTo("Oona D’arc-Varga ŞÜ");
        assertThat(Letters.shown("straße", LetterCase.AS_TYPED, "", new PlainWriting()))
                .isEqualTo("straße");
    }
}
