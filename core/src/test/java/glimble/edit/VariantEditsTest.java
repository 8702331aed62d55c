package glimble.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.RandomGraphic;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.graphic.Played;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Variants and the cases that play them. */
class VariantEditsTest {
    private static Graphic played(PhaseName phase) {
        Graphic plain = RandomGraphic.of(3).withVariants(List.of()).withCases(List.of());
        Graphic two = VariantEdits.add(VariantEdits.add(plain, phase, "tag only"), phase, "other");
        Case plays = new Case(
                "short",
                List.of(new Condition.Filled(plain.fields().get(0).key(), false)),
                Played.PLAIN.with(phase, "tag only"),
                false);
        return two.withCases(List.of(plays));
    }

    @ParameterizedTest
    @EnumSource(
            value = PhaseName.class,
            names = {"IN", "LOOP", "OUT", "AWAY"})
    void one_that_a_case_plays_stays_and_names_are_taken_once(PhaseName phase) {
        Graphic graphic = played(phase);
        assertThatThrownBy(() -> VariantEdits.remove(graphic, phase, "tag only"))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("the case ‘short’")
                .hasMessageContaining("play another variant first");
        assertThat(VariantEdits.remove(graphic, phase, "other").variants())
                .isNotEmpty()
                .allMatch(variant -> variant.name().equals("tag only"));
        assertThatThrownBy(() -> VariantEdits.add(graphic, phase, "other")).hasMessageContaining("‘other’ already");
        assertThatThrownBy(() -> VariantEdits.rename(graphic, phase, "other", "tag only"))
                .hasMessageContaining("‘tag only’ already");
        assertThat(VariantEdits.rename(graphic, phase, "tag only", "tag only")).isEqualTo(graphic);
        Graphic renamed = VariantEdits.rename(graphic, phase, "tag only", "tag alone");
        assertThat(renamed.cases().get(0).played().of(phase)).isEqualTo("tag alone");
    }
}
