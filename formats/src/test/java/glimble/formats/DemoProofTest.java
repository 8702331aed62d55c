package glimble.formats;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.cases.CaseMap;
import glimble.cases.Widths;
import glimble.graphic.Check;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Prover;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.rest.Pictures;
import glimble.typeset.JdkTypesetter;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class DemoProofTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Palette PALETTE =
            new Palette(Map.of("ink", "#1F1A2B", "foam", "#F4F1EA", "apricot", "#F2A65A", "plum", "#5B3A6B"));

    private static Graphic graphic(String json) {
        return GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
    }

    private static List<Filling> fillings(Graphic graphic) {
        return Fillings.of(graphic, TYPESETTER, Pictures.NONE);
    }

    private static Set<Check> found(Graphic graphic) {
        Prover prover = new Prover(graphic, PALETTE, TYPESETTER, Pictures.NONE);
        Set<Check> found = new HashSet<>();
        for (Filling filling : fillings(graphic)) {
            prover.faults(filling).forEach(fault -> found.add(fault.check()));
        }
        return found;
    }

    @Test
    void the_wind_strap_is_sound_and_its_faulty_revision_has_five_faults() {
        assertThat(found(graphic(DemoGraphics.named("wind-strap")))).isEmpty();
        assertThat(found(graphic(DemoGraphics.faulty())))
                .containsExactlyInAnyOrder(Check.BOX, Check.ENDS, Check.LATE, Check.CASES, Check.CONTRAST);
    }

    @Test
    void the_cases_of_the_wind_strap_are_complete() {
        Graphic strap = graphic(DemoGraphics.named("wind-strap"));
        CaseMap map = CaseMap.of(strap, Widths.of(strap, TYPESETTER, Pictures.NONE));
        assertThat(map.hasGap()).isFalse();
        assertThat(map.rows()).extracting(CaseMap.Row::reach).containsOnly(CaseMap.Reach.ANSWERS);
    }

    @Test
    void every_row_of_the_heat_board_is_a_step_unless_it_is_blank() {
        Graphic board = graphic(DemoGraphics.named("heat-board"));
        Map<String, String> values = new TreeMap<>(board.trials().get(0).values());
        assertThat(steps(board, values)).containsExactly("row 1", "row 2", "row 3", "row 4", "row 5");
        for (String blank : List.of("name 1", "score 1", "name 3", "score 3")) values.put(blank, " ");
        assertThat(steps(board, values)).containsExactly("row 2", "row 4", "row 5");
    }

    private static List<String> steps(Graphic graphic, Map<String, String> values) {
        return ReelMaker.make(graphic, values, TYPESETTER).reel().steps().stream()
                .map(Reel.Pause::part)
                .toList();
    }

    @Test
    void fillings_hold_every_pair_of_lengths_and_letters() {
        Graphic strap = graphic(DemoGraphics.named("wind-strap"));
        List<Filling> fillings = fillings(strap);
        assertThat(fillings).hasSizeBetween(50, 200);
        // The longest allowed of each, together in one filling.
        assertThat(fillings).anySatisfy(filling -> {
            assertThat(filling.values().getOrDefault("tag", "")).hasSizeBetween(14, 15);
            assertThat(filling.values().getOrDefault("message", "")).hasSizeBetween(84, 85);
        });
        assertThat(fillings)
                .anySatisfy(filling ->
                        assertThat(filling.values().getOrDefault("tag", "")).isBlank());
        assertThat(new HashSet<>(fillings.stream().map(Filling::values).toList()))
                .hasSameSizeAs(fillings);
    }
}
