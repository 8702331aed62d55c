package glimble.edit;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.graphic.BoxPart;
import glimble.graphic.Corners;
import glimble.graphic.Graphic;
import glimble.graphic.Look;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.rest.Note;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ColouredTest {
    private static final Palette PALETTE = new Palette(Map.of("ink", "#1F1A2B", "foam", "#F4F1EA80"));

    private static Graphic painted(Paint fill) {
        Part[] parts = bar();
        Look look =
                new Look(Optional.of(new Look.Stroke("foam", 2)), Optional.of(new Look.Shadow("#00000080", 0, 4, 8)));
        parts[0] = new BoxPart(parts[0].base(), fill, Corners.all(4), 0, look);
        return graphic(parts);
    }

    @Test
    void names_become_colours_and_colours_stay() {
        BoxPart box = (BoxPart) Coloured.of(painted(new Paint.Linear("ink", "#FFFFFF", 30)), PALETTE, Map.of())
                .parts()
                .get(0);
        assertThat(box.fill()).isEqualTo(new Paint.Linear("#1F1A2B", "#FFFFFF", 30));
        assertThat(box.look().stroke()).hasValue(new Look.Stroke("#F4F1EA80", 2));
        assertThat(box.look().shadow().orElseThrow().colour()).isEqualTo("#00000080");
    }

    @Test
    void a_name_that_is_missing_is_seen_and_named() {
        Graphic graphic = painted(new Paint.Colour("kelp"));
        assertThat(((BoxPart) Coloured.of(graphic, PALETTE, Map.of()).parts().get(0)).fill())
                .isEqualTo(new Paint.Colour(Palette.MISSING));
        assertThat(Coloured.missing(graphic, PALETTE, Map.of()))
                .containsExactly(new Note("plate", "its colour 'kelp' is not in the palette"));
        assertThat(Uses.of(graphic).colours()).containsExactly("kelp", "foam");
    }

    @Test
    void changing_an_entry_recolours_what_uses_it_and_nothing_else() {
        Graphic graphic = painted(new Paint.Colour("ink"));
        Palette changed = new Palette(Map.of("ink", "#000000", "foam", "#F4F1EA80"));
        assertThat(Coloured.of(graphic, changed, Map.of())).isNotEqualTo(Coloured.of(graphic, PALETTE, Map.of()));
        assertThat(Coloured.of(graphic(bar()), changed, Map.of())).isEqualTo(graphic(bar()));
    }
}
