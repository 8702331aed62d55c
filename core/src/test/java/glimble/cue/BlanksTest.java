package glimble.cue;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomGraphic;
import glimble.Sketch;
import glimble.change.Doing;
import glimble.change.PartChange;
import glimble.graphic.Align;
import glimble.graphic.Base;
import glimble.graphic.Graphic;
import glimble.graphic.Place;
import glimble.graphic.Span;
import glimble.graphic.TextPart;
import glimble.rest.Absent;
import glimble.text.Blank;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BlanksTest {
    @Test
    void a_blank_role_stays_away() {
        Graphic bar = Sketch.graphic(Sketch.bar());
        assertThat(Blanks.of(bar, Map.of("name", "Wu", "role", " ")))
                .containsExactly(new Blanks.Said("role", "role stays away"));
        assertThat(Blanks.of(bar, Map.of("name", "Wu", "role", "Flyer"))).isEmpty();
    }

    @Test
    void a_row_of_a_stack_closes_up() {
        TextPart role = Sketch.text("role", Sketch.left(), Sketch.left());
        Base base = role.base();
        Span stacked = new Span(base.y().size(), new Place.Stacked("rows"));
        Graphic board = Sketch.graphic(
                Sketch.stack("rows", 200, Align.START, 4, 10, 20), role.withBase(base.withSpans(base.x(), stacked)));
        assertThat(Blanks.of(board, Map.of("name", "Wu"))).containsExactly(new Blanks.Said("role", "role closes up"));
    }

    @Test
    void only_what_filling_it_in_would_bring_is_said() {
        for (long seed = 0; seed < 200; seed++) {
            Graphic graphic = RandomGraphic.of(seed);
            Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
            for (Blanks.Said said : Blanks.of(graphic, values)) {
                assertThat(Blank.isBlank(values.getOrDefault(said.field(), ""))).isTrue();
                assertThat(Absent.of(graphic, values)).isNotEmpty();
            }
        }
    }

    private static PartChange part(String key, Doing doing) {
        return new PartChange(key, doing, 0, 0, 0, 0, false, "", List.of());
    }

    @Test
    void a_change_is_told_by_what_its_parts_do() {
        assertThat(InWords.change(List.of(
                        part("plate", Doing.FLOWS),
                        part("name", Doing.SWAPS),
                        part("crest", Doing.STAYS),
                        part("class", Doing.LEAVES))))
                .isEqualTo("swaps name, lets plate flow, takes class away, leaves crest as it is");
        assertThat(InWords.change(List.of(part("name", Doing.STAYS)))).isEqualTo("changes nothing that is seen");
        List<PartChange> many = IntStream.range(0, 7)
                .mapToObj(i -> part("row " + i, Doing.SWAPS))
                .toList();
        assertThat(InWords.change(many)).isEqualTo("swaps row 0, row 1, row 2 and 4 more");
    }
}
