package glimble.proof;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.dial.Settings;
import glimble.document.Dialled;
import glimble.graphic.Dial;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.Trial;
import glimble.rest.Pictures;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class DialProofTest {
    private static final MonoTypesetter TYPESETTER = new MonoTypesetter();

    private static Prover prover(Graphic graphic) {
        return new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
    }

    @Test
    void every_end_of_every_dial_is_tried_with_every_trial_and_in_changes() {
        for (int seed = 0; seed < 60; seed++) {
            Graphic graphic = RandomGraphic.of(seed).withTrials(List.of(new Trial("usual", Map.of("name", "Wu"))));
            List<Filling> made =
                    Fillings.made(graphic, TYPESETTER, Pictures.NONE).fillings();
            for (Dial dial : graphic.dials()) {
                for (String end : Settings.ends(dial)) {
                    Map<String, String> set = Map.of(dial.key(), end);
                    assertThat(made)
                            .anyMatch(filling -> !filling.isChange()
                                    && filling.dials().equals(set)
                                    && filling.values().equals(Map.of("name", "Wu")));
                    assertThat(made)
                            .anyMatch(filling -> filling.isChange()
                                    && filling.dials().equals(set)
                                    && filling.then().get(0).dials().isEmpty());
                    assertThat(made)
                            .anyMatch(filling -> filling.isChange()
                                    && filling.dials().isEmpty()
                                    && filling.then().get(0).dials().equals(set));
                }
            }
        }
    }

    @Test
    void ends_stand_together_with_every_length_of_every_text() {
        Graphic graphic = RandomGraphic.of(3);
        for (int seed = 4;
                graphic.dials().isEmpty()
                        || Settings.ends(graphic.dials().get(0)).isEmpty();
                seed++) {
            graphic = RandomGraphic.of(seed);
        }
        Dial dial = graphic.dials().get(0);
        List<Filling> made = Fillings.of(graphic, TYPESETTER, Pictures.NONE);
        for (String end : Settings.ends(dial)) {
            Set<Integer> lengths = made.stream()
                    .filter(filling -> end.equals(filling.dials().get(dial.key())))
                    .map(filling -> filling.values().getOrDefault("name", "").length())
                    .collect(Collectors.toSet());
            assertThat(lengths).hasSizeGreaterThan(2);
        }
    }

    /** A filling that sets dials shows what the graphic shows that is designed so. */
    @Test
    void what_is_set_is_proved_as_if_it_were_designed_so() {
        Random random = new Random(8);
        int tried = 0;
        for (int seed = 0; seed < 60; seed++) {
            Graphic graphic = RandomGraphic.of(seed);
            Map<String, String> set = new HashMap<>();
            for (Dial dial : graphic.dials()) {
                List<String> ends = Settings.ends(dial);
                if (!ends.isEmpty()) set.put(dial.key(), ends.get(random.nextInt(ends.size())));
            }
            if (set.isEmpty()) continue;
            tried++;
            Map<String, String> values = RandomGraphic.values(graphic, random);
            Filling plain = new Filling("plain", values);
            assertThat(prover(graphic).faults(plain.withDials(set)))
                    .isEqualTo(prover(Dialled.of(graphic, set)).faults(plain));
        }
        assertThat(tried).isGreaterThan(8);
    }
}
