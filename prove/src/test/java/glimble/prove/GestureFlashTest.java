package glimble.prove;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.edit.Gestures;
import glimble.edit.MoveEdits;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.graphic.Check;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.SafeAreas;
import glimble.graphic.TextPart;
import glimble.proof.Filling;
import glimble.proof.Prover;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.typeset.JdkTypesetter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Letters and words that come one by one bring no flash, however long the text is, and take no longer than they may. */
class GestureFlashTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Palette PALETTE = new Palette(Map.of("foam", "#F4F1EA", "ink", "#1F1A2B", "plum", "#5B3A6B"));
    private static final List<String> TEXTS = List.of(
            "Wu",
            "W. W. Wimmering Mammoth WOMQ W. W. Wimmering Mam",
            "Oona Журавлёва ليلى Αγγελική Þór Oona Журавлёва ليلى",
            "one two three four five six seven eight nine ten");

    @ParameterizedTest
    @CsvSource({
        "heat-board, letters in a row", "heat-board, words in a row",
        "wind-strap, letters in a row", "wind-strap, words in a row",
        "flyer-bar, letters in a row", "flyer-bar, words in a row"
    })
    void no_flash(String demo, String gesture) {
        Graphic read = GraphicJson.read(DemoGraphics.named(demo), TYPESETTER.fonts())
                .graphic()
                .orElseThrow();
        Graphic graphic = read.withFrame(read.frame().of(SafeAreas.USUAL, true))
                .withVariants(List.of())
                .withCases(List.of());
        for (Part part : graphic.parts()) {
            if (!(part instanceof TextPart)) continue;
            List<String> own = graphic.in().moves().stream()
                    .filter(move -> move.part().equals(part.key()))
                    .map(Move::key)
                    .toList();
            Graphic still = MoveEdits.remove(graphic, PhaseName.IN, own);
            Graphic moved = Gestures.add(still, part.key(), PhaseName.IN, gesture, new Rect(0, 0, 400, 60), 20);
            Prover prover = new Prover(moved, PALETTE, TYPESETTER, Pictures.NONE);
            for (String text : TEXTS) {
                Map<String, String> values = new HashMap<>();
                graphic.fields().forEach(field -> values.put(field.key(), text));
                assertThat(prover.faults(new Filling(text, values)))
                        .as("%s of %s: %s", part.key(), demo, text)
                        .noneMatch(fault -> fault.check() == Check.FLASH);
            }
        }
    }
}
