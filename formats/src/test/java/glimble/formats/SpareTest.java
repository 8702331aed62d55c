package glimble.formats;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.budget.Budget;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.SafeAreas;
import glimble.proof.RestFaults;
import glimble.proof.Spare;
import glimble.rest.Pictures;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import glimble.typeset.JdkTypesetter;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How much more a field holds: as many letters as the rest picture bears, tried one by one. */
class SpareTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    private static Graphic demo(String name) {
        Graphic read = GraphicJson.read(DemoGraphics.named(name), TYPESETTER.fonts())
                .graphic()
                .orElseThrow();
        return read.withFrame(read.frame().of(SafeAreas.USUAL, true));
    }

    private static Spare spare(Graphic graphic, Map<String, String> values, String field) {
        Field of = graphic.field(field).orElseThrow();
        return Spare.of(graphic, values, of, TYPESETTER, Pictures.NONE, Budget.endless());
    }

    private static Graphic unlimited(Graphic graphic) {
        return graphic.withFields(graphic.fields().stream()
                .map(field -> new Field(
                        field.key(), field.label(), field.kind(), field.required(), 0, field.options(), field.sample()))
                .toList());
    }

    @ParameterizedTest
    @CsvSource({"Oona", "Wu", "W W", "illi", "ليلى"})
    void it_is_where_one_letter_more_would_be_too_many(String name) {
        Graphic bar = unlimited(demo("flyer-bar"));
        Spare spare = spare(bar, Map.of("name", name, "role", "Flyer"), "name");
        assertThat(spare.asIs()).isPositive().isLessThan(spare.squeezed());
        assertThat(spare.squeezed()).isLessThan(Spare.MOST);
        assertThat(spare.squeeze()).isBetween(0.5, 0.56);
        assertThat(spare.then()).startsWith("name: ");
        StringBuilder longer = new StringBuilder(name);
        int more = 0;
        while (faults(bar, longer.toString()) == 0 && more < 400) {
            longer.append(
                    name.replace(" ", "").charAt(more % name.replace(" ", "").length()));
            more++;
        }
        // Spaces between the words it is filled with take a little room.
        assertThat(spare.squeezed()).isBetween(more * 6 / 10, more + 1);
    }

    private static int faults(Graphic graphic, String name) {
        Map<String, String> values = new HashMap<>(Map.of("name", name, "role", "Flyer"));
        Rest rest = RestSolver.solve(graphic, values, TYPESETTER, Pictures.NONE);
        return RestFaults.of(graphic, rest).size();
    }

    @Test
    void wide_letters_have_less_room_and_a_limit_is_the_end_of_it() {
        Graphic bar = unlimited(demo("flyer-bar"));
        Field name = bar.field("name").orElseThrow();
        Spare.Holds holds =
                Spare.holds(bar, Map.of("role", "Flyer"), name, TYPESETTER, Pictures.NONE, Budget.endless());
        assertThat(holds.wide()).isLessThan(holds.usual());
        assertThat(holds.usual()).isLessThan(holds.narrow());
        Spare limited = spare(demo("flyer-bar"), Map.of("name", "Oona Varga"), "name");
        assertThat(limited.squeezed()).isEqualTo(31);
        assertThat(limited.then()).isEqualTo("the field holds 40 letters");
    }
}
