package glimble.edit;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomGraphic;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Whatever a graphic names of its house is called otherwise everywhere, and nothing else changes. */
class RenamedTest {
    private static final int GRAPHICS = 150;

    private static Map<String, String> others(Set<String> names) {
        Map<String, String> others = new LinkedHashMap<>();
        for (String name : names) others.put(name, name + " 2");
        return others;
    }

    private static Map<String, String> back(Map<String, String> others) {
        return others.entrySet().stream().collect(Collectors.toMap(Map.Entry::getValue, Map.Entry::getKey));
    }

    @Test
    void every_name_is_another_one_and_the_picture_is_the_same() {
        int colours = 0;
        int pictures = 0;
        for (int seed = 0; seed < GRAPHICS; seed++) {
            Graphic graphic = Dialled.settled(RandomGraphic.of(seed));
            Uses uses = Uses.of(graphic);
            Renamed rule = new Renamed(others(uses.colours()), others(uses.pictures()), Map.of("mono", "mono 2"));
            Graphic renamed = rule.of(graphic);
            colours += uses.colours().size();
            pictures += uses.pictures().size();
            assertThat(Uses.of(renamed).colours())
                    .containsExactlyInAnyOrderElementsOf(rule.colours().values());
            assertThat(Uses.of(renamed).pictures())
                    .containsExactlyInAnyOrderElementsOf(rule.pictures().values());
            assertThat(GraphicReader.read(GraphicWriter.write(renamed), Set.of("mono 2"))
                            .problems())
                    .as("graphic %s", seed)
                    .isEmpty();
            Renamed returns = new Renamed(back(rule.colours()), back(rule.pictures()), Map.of("mono 2", "mono"));
            assertThat(returns.of(renamed)).as("graphic %s", seed).isEqualTo(graphic);

            Graphic recoloured = new Renamed(rule.colours(), Map.of(), Map.of()).of(graphic);
            assertThat(Coloured.of(recoloured, palette(rule.colours(), true), Map.of())
                            .parts())
                    .isEqualTo(Coloured.of(graphic, palette(rule.colours(), false), Map.of())
                            .parts());
        }
        assertThat(colours).isGreaterThan(GRAPHICS);
        assertThat(pictures).isGreaterThan(GRAPHICS / 10);
    }

    /** Each name with a colour of its own. */
    private static Palette palette(Map<String, String> others, boolean renamed) {
        Map<String, String> colours = new HashMap<>();
        int number = 0;
        for (Map.Entry<String, String> entry : others.entrySet()) {
            colours.put(renamed ? entry.getValue() : entry.getKey(), String.format("#%06X", 0x101010 + 7 * number++));
        }
        return new Palette(colours);
    }
}
