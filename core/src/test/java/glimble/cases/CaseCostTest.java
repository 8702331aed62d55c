package glimble.cases;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.budget.NotWanted;
import glimble.budget.TooLaborious;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Played;
import glimble.rest.Pictures;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What conditions cost: little, and linear in how many they are; or they are refused. */
class CaseCostTest {
    private static final Place TOP = Sketch.hang(Edge.START, Place.FRAME, Edge.START, 0);

    /** Counts what it is asked to set. */
    private static final class Counting implements Typesetter {
        private final MonoTypesetter inner = new MonoTypesetter();
        private int asked;

        @Override
        public TypesetLine set(String text, String font, double size, double tracking) {
            asked++;
            return inner.set(text, font, size, tracking);
        }

        @Override
        public Set<String> fonts() {
            return inner.fonts();
        }

        @Override
        public Writing writing() {
            return inner.writing();
        }
    }

    private static Graphic cased(List<Condition> conditions) {
        List<Case> rows = new ArrayList<>();
        for (int i = 0; i < conditions.size(); i++) {
            rows.add(new Case("row " + i, List.of(conditions.get(i)), Played.PLAIN, false));
        }
        Field name = new Field("name", "Name", Field.Kind.TEXT, false, 0, List.of(), "Oona");
        Field role = new Field("role", "Role", Field.Kind.TEXT, false, 0, List.of(), "Flyer");
        return graphic(bar()).withFields(List.of(name, role)).withCases(rows);
    }

    private static List<Condition> widths(int count) {
        List<Condition> conditions = new ArrayList<>();
        for (int i = 0; i < count; i++) conditions.add(new Condition.Wider("name", "", 40 + 20 * i));
        return conditions;
    }

    @Test
    void a_filling_is_measured_once_however_many_conditions_ask() {
        Counting typesetter = new Counting();
        Graphic graphic = cased(widths(400));
        Widths widths = Widths.of(graphic, typesetter, Pictures.NONE);
        for (int filling = 0; filling < 10; filling++) {
            Answered.of(graphic, Map.of("name", "i".repeat(filling % 5)), Condition.Standing.NOTHING, widths);
        }
        assertThat(typesetter.asked).isLessThanOrEqualTo(5);
    }

    @ParameterizedTest
    @ValueSource(ints = {5, 20, 80})
    void kinds_of_widths_are_as_many_as_thresholds_and_cost_as_much(int count) {
        Graphic graphic = cased(widths(count));
        Counting typesetter = new Counting();
        CaseMap map = CaseMap.of(graphic, Widths.of(graphic, typesetter, Pictures.NONE));
        assertThat(map.dimensions().get(0).kinds()).hasSizeBetween(count, count + 3);
        assertThat(typesetter.asked).as("texts that are measured").isLessThan(60 * count);
    }

    @Test
    void of_what_holds_only_what_says_the_most_is_said() {
        Graphic graphic = cased(widths(80));
        CaseMap map = CaseMap.of(graphic, Widths.of(graphic, new MonoTypesetter(), Pictures.NONE));
        assertThat(map.dimensions().get(0).kinds())
                .contains("name is wider than 40 px", "name is wider than 60 px")
                .allSatisfy(words -> assertThat(words).hasSizeLessThan(60));
    }

    @Test
    void widths_against_many_parts_are_no_subsets_of_them() {
        List<Condition> conditions = new ArrayList<>();
        List<Part> parts = new ArrayList<>(List.of(bar()));
        for (int i = 0; i < 32; i++) {
            parts.add(Sketch.box("box " + i, Sketch.px(10 + 30 * i), TOP, Sketch.px(20), TOP));
            conditions.add(new Condition.Wider("name", "box " + i, 0));
        }
        Graphic graphic = cased(conditions).withParts(parts);
        CaseMap map = CaseMap.of(
                graphic,
                Widths.of(graphic, new MonoTypesetter(), Pictures.NONE, new Budget(20 * Effort.MOST, () -> true)));
        assertThat(map.dimensions().get(0).kinds()).hasSizeBetween(20, 40);
    }

    @Test
    void what_does_not_fit_into_the_budget_ends_and_says_what_to_make_smaller() {
        Graphic graphic = cased(widths(400));
        Widths widths = Widths.of(graphic, new MonoTypesetter(), Pictures.NONE, new Budget(50_000, () -> true));
        assertThatThrownBy(() -> CaseMap.of(graphic, widths))
                .isInstanceOf(TooLaborious.class)
                .hasMessageContaining("would take too long to work out: ")
                .hasMessageContaining(";");
    }

    @Test
    void what_nobody_wants_any_more_ends() {
        Graphic graphic = cased(widths(400));
        Widths widths = Widths.of(graphic, new MonoTypesetter(), Pictures.NONE, new Budget(Effort.MOST, () -> false));
        assertThatThrownBy(() -> CaseMap.of(graphic, widths)).isInstanceOf(NotWanted.class);
    }

    @Test
    void the_effort_of_an_answer_is_told_beforehand() {
        Map<String, String> values = Map.of("name", "W".repeat(1_000));
        long plain = CaseEffort.ofAnswer(cased(List.of()), values).steps();
        long measured = CaseEffort.ofAnswer(cased(widths(3)), values).steps();
        long solved = CaseEffort.ofAnswer(cased(List.of(new Condition.Wider("name", "plate", 0))), values)
                .steps();
        assertThat(plain).isZero();
        assertThat(measured).isGreaterThan(100_000);
        assertThat(solved).isGreaterThan(measured);
    }

    @Test
    void the_effort_of_a_map_grows_with_the_conditions() {
        long few = CaseEffort.ofMap(cased(widths(5))).steps();
        long many = CaseEffort.ofMap(cased(widths(400))).steps();
        assertThat(few).isPositive().isLessThan(Effort.MOST / 10);
        assertThat(many).isGreaterThan(50 * few);
    }
}
