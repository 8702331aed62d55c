package glimble.document;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.longest;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.edit.EditRefused;
import glimble.edit.FieldEdits;
import glimble.edit.PartEdits;
import glimble.edit.Rescale;
import glimble.graphic.Axis;
import glimble.graphic.Case;
import glimble.graphic.Channel;
import glimble.graphic.Condition;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Out;
import glimble.graphic.Place;
import glimble.graphic.Played;
import glimble.graphic.ProofRules;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.Step;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import glimble.graphic.Variant;
import glimble.rest.Rect;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CasesReadTest {
    private static final Span LEFT =
            new Span(longest(5, 7, "name", "role"), hang(Edge.START, Place.FRAME, Edge.START, 40));

    private static In in() {
        return new In(List.of(move("fades", "name", Channel.OPACITY, new Travel.Factor(0), new Start.At(0), 9)))
                .withSteps(List.of(new Step("name", 0), new Step("role", -3)));
    }

    private static Graphic full() {
        List<Condition> when = List.of(
                new Condition.Filled("role", false),
                new Condition.OneOf("side", List.of("left")),
                new Condition.OneOf("name", List.of("Wu", "Oona")),
                new Condition.Longer("name", 20),
                new Condition.Wider("name", "", 300),
                new Condition.Wider("role", "plate", 0),
                new Condition.OnAir(Condition.Standing.SAME));
        return graphic(bar())
                .withPhases(in(), new Loop(9, List.of()), new Out(List.of()))
                .withVariants(List.of(
                        new Variant("alone", in(), List.of(new Variant.Stand("plate", Axis.X, LEFT))),
                        new Variant("quick", new Loop(5, List.of()), List.of()),
                        new Variant("back", new Out(List.of(), Timing.NONE, true), List.of())))
                .withCases(List.of(
                        new Case("all of it", when, new Played("alone", "quick", "back"), true),
                        new Case("any", List.of(), Played.PLAIN, false)))
                .withProof(new ProofRules(
                        Map.of("read", 25.0), List.of(ProofRules.Accepted.all("box", "name", "it is meant to touch"))));
    }

    private static Reading read(Graphic graphic) {
        return GraphicReader.read(GraphicWriter.write(graphic), Set.of("mono"));
    }

    @Test
    void variants_cases_steps_and_rules_are_read_back_the_same() {
        assertThat(read(full()).problems()).isEmpty();
        assertThat(read(full()).graphic()).hasValue(full());
    }

    @Test
    void what_refers_to_nothing_is_refused_at_its_path() {
        Graphic wrong = full().withCases(List.of(
                        new Case("a", List.of(new Condition.Filled("none", true)), new Played("gone", "", ""), false),
                        new Case("b", List.of(new Condition.Number("name", true, 3)), Played.PLAIN, false),
                        new Case("c", List.of(new Condition.Wider("side", "", 9)), Played.PLAIN, false)))
                .withProof(new ProofRules(Map.of("hue", 1.0), List.of()));
        assertThat(read(wrong).problems())
                .extracting(Problem::path)
                .containsExactlyInAnyOrder(
                        "$.cases[0].in",
                        "$.cases[0].when[0].field",
                        "$.cases[1].when[0]",
                        "$.cases[2].when[0].widerThan",
                        "$.proof.limits.hue");
    }

    @Test
    void a_variant_is_judged_as_it_is_played() {
        Variant lost = new Variant(
                "lost",
                new In(List.of(move("a", "nobody", Channel.X, new Travel.Px(1), new Start.At(0), 1))),
                List.of());
        Variant round = new Variant(
                "round",
                new In(List.of()),
                List.of(new Variant.Stand(
                        "name",
                        Axis.X,
                        new Span(longest(0, 0, "plate"), hang(Edge.START, "plate", Edge.INNER_START, 0)))));
        List<Problem> problems = read(full().withCases(List.of()).withVariants(List.of(lost, round)))
                .problems();
        assertThat(problems).anySatisfy(problem -> {
            assertThat(problem.path()).isEqualTo("$.variants[0].moves[0].part");
            assertThat(problem.sentence()).contains("nobody");
        });
        assertThat(problems).anySatisfy(problem -> {
            assertThat(problem.path()).isEqualTo("$.variants[1].stands");
            assertThat(problem.sentence()).contains("plate · width");
        });
    }

    @Test
    void variants_that_are_played_together_must_agree_where_parts_rest() {
        Span elsewhere = new Span(longest(5, 7, "name", "role"), hang(Edge.START, Place.FRAME, Edge.START, 90));
        Graphic quarrel = full().withVariants(List.of(
                full().variants().get(0),
                full().variants().get(1).withStands(List.of(new Variant.Stand("plate", Axis.X, elsewhere))),
                full().variants().get(2)));
        assertThat(read(quarrel).problems()).singleElement().satisfies(problem -> {
            assertThat(problem.path()).isEqualTo("$.cases[0]");
            assertThat(problem.sentence()).contains("plate");
        });
    }

    @Test
    void a_part_under_another_name_keeps_its_steps_variants_and_conditions() {
        Graphic renamed = PartEdits.rename(PartEdits.rename(full(), "plate", "ground"), "name", "person");
        assertThat(read(renamed).problems()).isEmpty();
        assertThat(renamed.variants().get(0).stands().get(0).part()).isEqualTo("ground");
        assertThat(renamed.in().steps().get(0).part()).isEqualTo("person");
        assertThat(renamed.cases().get(0).when()).contains(new Condition.Wider("role", "ground", 0));
        assertThat(renamed.proof().accepted().get(0).part()).isEqualTo("person");
    }

    @Test
    void without_a_part_its_stands_and_steps_go_and_its_width_stays_as_px() {
        Graphic without =
                PartEdits.remove(full(), List.of("plate"), Map.of("plate", new Rect(100, 200, 112, 40)), false);
        assertThat(read(without).problems()).isEmpty();
        assertThat(without.variants().get(0).stands()).isEmpty();
        assertThat(without.cases().get(0).when()).contains(new Condition.Wider("role", "", 112));
    }

    @Test
    void what_would_let_a_case_answer_more_is_refused_and_names_the_case() {
        assertThatThrownBy(() -> PartEdits.remove(full(), List.of("plate"), Map.of(), false))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("all of it")
                .hasMessageContaining("plate");
        assertThatThrownBy(() -> FieldEdits.remove(full(), "side"))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("all of it")
                .hasMessageContaining("side");
    }

    @Test
    void px_of_variants_and_conditions_are_rescaled_with_the_raster() {
        Graphic twice = Rescale.to(full(), 2000, 1000);
        assertThat(twice.variants().get(0).stands().get(0).span().place())
                .isEqualTo(hang(Edge.START, Place.FRAME, Edge.START, 80));
        assertThat(twice.cases().get(0).when()).contains(new Condition.Wider("name", "", 600));
    }
}
