package glimble.edit;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.RandomGraphic;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.BoxPart;
import glimble.graphic.Dial;
import glimble.graphic.Grade;
import glimble.graphic.Graphic;
import glimble.graphic.MadeColour;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.rest.Note;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ColourEditsTest {
    private static final Palette PALETTE = new Palette(Map.of("kelp", "#2E7D6B", "foam", "#F4F1EA"));
    private static final MadeColour MAIN = new MadeColour("main", "kelp");
    private static final MadeColour DEEP = new MadeColour("deep", "main", Optional.empty(), -0.5, 0, 0);

    private static Graphic painted(String fill) {
        Part[] parts = bar();
        parts[0] = ((BoxPart) parts[0]).withFill(new Paint.Colour(fill));
        return graphic(parts).withColours(List.of(MAIN, DEEP));
    }

    private static String fill(Graphic graphic) {
        return ((Paint.Colour) ((BoxPart) graphic.parts().get(0)).fill()).colour();
    }

    private static String drawn(Graphic graphic) {
        return fill(Coloured.of(graphic, PALETTE, Map.of()));
    }

    @Test
    void changing_the_one_changes_all_that_are_made_from_it() {
        Graphic graphic = painted("deep");
        Graphic other = graphic.withColours(List.of(new MadeColour("main", "#C03060"), DEEP));
        assertThat(drawn(graphic)).isNotEqualTo(drawn(other)).isNotEqualTo(drawn(painted("main")));
        assertThat(drawn(painted("main"))).isEqualTo("#2E7D6B");
        assertThat(Uses.of(graphic).colours()).containsExactly("kelp");
    }

    @Test
    void what_it_is_made_from_is_looked_for_too() {
        Graphic graphic = painted("deep").withColours(List.of(new MadeColour("main", "gone"), DEEP));
        assertThat(Coloured.missing(graphic, PALETTE, Map.of()))
                .containsExactly(new Note("", "the colour 'main' is made with 'gone', which is not in the palette"));
        assertThat(drawn(graphic)).isEqualTo(Palette.MISSING);
    }

    @Test
    void a_grade_changes_every_colour_but_the_one_that_is_missing() {
        Grade dark = new Grade(0.5, 1, 1, 0, Optional.empty());
        assertThat(drawn(painted("main").withGrade(dark))).isEqualTo("#173F36");
        assertThat(drawn(painted("gone").withGrade(dark))).isEqualTo(Palette.MISSING);
    }

    /** What goes without saying is written where a dial sets it. */
    @Test
    void a_dial_sets_what_a_colour_is_made_from_and_a_grade_that_changes_nothing_yet() {
        Dial main = new Dial(
                "main",
                "Main",
                Dial.Kind.COLOUR,
                "kelp",
                0,
                0,
                1,
                "",
                List.of("kelp", "foam"),
                List.of("colours/main/of"));
        Dial grey =
                new Dial("grey", "Grey", Dial.Kind.NUMBER, "1", 0, 2, 0.5, "", List.of(), List.of("grade/saturation"));
        Graphic graphic = painted("main").withDials(List.of(main, grey));
        assertThat(GraphicReader.read(GraphicWriter.write(graphic), Set.of("mono"))
                        .graphic())
                .hasValue(graphic);
        Graphic set = Dialled.of(graphic, Map.of("main", "foam", "grey", "0"));
        assertThat(set.grade().saturation()).isZero();
        assertThat(drawn(set)).isEqualTo("#F1F1F1");
        Graphic renamed = ColourEdits.rename(graphic, "main", "team");
        assertThat(renamed.dials().get(0).sets()).containsExactly("colours/team/of");
    }

    @Test
    void renamed_or_removed_nothing_that_is_drawn_changes_for_want_of_it() {
        Graphic graphic = painted("main");
        Graphic renamed = ColourEdits.rename(graphic, "main", "team");
        assertThat(fill(renamed)).isEqualTo("team");
        assertThat(renamed.colours().get(1).of()).isEqualTo("team");
        assertThat(Coloured.of(renamed, PALETTE, Map.of()).parts())
                .isEqualTo(Coloured.of(graphic, PALETTE, Map.of()).parts());
        Graphic removed = ColourEdits.remove(graphic, "main");
        assertThat(fill(removed)).isEqualTo("kelp");
        assertThat(removed.colours()).extracting(MadeColour::of).containsExactly("kelp");
        assertThatThrownBy(() -> ColourEdits.rename(graphic, "main", "deep")).isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> ColourEdits.remove(graphic, "plum")).isInstanceOf(EditRefused.class);
    }

    /** Of random graphics: what is left can be read, and names nothing that is gone. */
    @Test
    void any_can_be_renamed_and_removed() {
        int removed = 0;
        for (int seed = 0; seed < 200; seed++) {
            Graphic graphic = RandomGraphic.of(seed);
            for (MadeColour made : graphic.colours()) {
                Graphic renamed = Dialled.settled(ColourEdits.rename(graphic, made.key(), "another"));
                Graphic left = Dialled.settled(ColourEdits.remove(graphic, made.key()));
                for (Graphic edited : List.of(renamed, left)) {
                    assertThat(GraphicReader.read(GraphicWriter.write(edited), Set.of("mono"))
                                    .problems())
                            .as("graphic %s", seed)
                            .isEmpty();
                    assertThat(Uses.of(edited).colours()).doesNotContain(made.key(), "another");
                }
                removed++;
            }
        }
        assertThat(removed).isGreaterThan(50);
    }
}
