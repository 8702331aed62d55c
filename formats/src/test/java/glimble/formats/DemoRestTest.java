package glimble.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.proof.RestFaults;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Reckoning;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** That the rest pictures of the demo graphics are right, whatever is filled in. */
class DemoRestTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Pictures PICTURES = key ->
            DemoGraphics.pictures().containsKey(key) ? Optional.of(new Pictures.Extent(120, 160)) : Optional.empty();
    private static final Graphic JUDGE = demo("judge-bar");
    private static final Graphic BOARD = demo("heat-board");
    private static final int ROWS = 5;

    private static Graphic demo(String name) {
        return GraphicJson.read(DemoGraphics.named(name), TYPESETTER.fonts())
                .graphic()
                .orElseThrow();
    }

    private static Rest solve(Graphic graphic, Map<String, String> values) {
        return RestSolver.solve(graphic, values, TYPESETTER, PICTURES);
    }

    /** Every name and role of the scenario, with a crest or without one, on either side. */
    static Stream<Map<String, String>> judges() {
        List<Map<String, String>> all = new ArrayList<>();
        for (String name : RandomTexts.NAMES) {
            for (String role : RandomTexts.ROLES) {
                for (String crest : List.of("north strand", "")) {
                    for (String side : List.of("left", "right")) {
                        all.add(Map.of("name", name, "class", role, "crest", crest, "side", side));
                    }
                }
            }
        }
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("judges")
    void the_judge_bar_is_right_for_every_scenario_value(Map<String, String> values) {
        Rest rest = solve(JUDGE, values);
        assertThat(RestFaults.of(JUDGE, rest)).isEmpty();
        boolean crest = !values.get("crest").isEmpty();
        assertThat(rest.isPresent("tile")).isEqualTo(crest);
        Rect plate = rest.box("plate");
        // What stands outermost keeps to the title-safe line of its side, the other grows inwards.
        Rect outer = crest ? rest.box("tile") : plate;
        boolean left = values.get("side").equals("left");
        assertThat(left ? outer.x() : 1920 - outer.right()).isCloseTo(96, within(1e-6));
        assertThat(plate.bottom()).isCloseTo(1026, within(1e-6));
        if (crest) {
            assertThat(rest.box("tile").width()).isEqualTo(128);
            double gap = left ? plate.x() - outer.right() : outer.x() - plate.right();
            assertThat(gap).isCloseTo(8, within(1e-6));
        }
        double longest = Stream.of("name", "class")
                .filter(rest::isPresent)
                .mapToDouble(text -> rest.box(text).width())
                .max()
                .orElse(0);
        assertThat(plate.width()).isCloseTo(Math.max(320, Math.min(1500, 28 + longest + 56)), within(1e-6));
    }

    /** Every subset of the five rows blank. */
    static Stream<Integer> subsets() {
        return IntStream.range(0, 1 << ROWS).boxed();
    }

    @ParameterizedTest
    @MethodSource("subsets")
    void the_heat_board_closes_up_for_any_subset_of_rows(int blank) {
        for (int shift = 0; shift < RandomTexts.NAMES.size(); shift++) {
            Map<String, String> values = new HashMap<>(Map.of("headline", "Fighter kites · heat 4 of 11"));
            List<Integer> rows = new ArrayList<>();
            for (int row = 1; row <= ROWS; row++) {
                boolean isBlank = (blank & 1 << (row - 1)) != 0;
                String name = RandomTexts.NAMES.get((row + shift) % RandomTexts.NAMES.size());
                values.put("name " + row, isBlank ? "   " : name);
                values.put("score " + row, "9" + row + ".5");
                if (!isBlank) rows.add(row);
            }
            assertBoard(values, rows);
        }
    }

    private static void assertBoard(Map<String, String> values, List<Integer> rows) {
        Rest rest = solve(BOARD, values);
        assertThat(RestFaults.of(BOARD, rest)).as("%s", values).isEmpty();
        double before = Double.NaN;
        double gap = Double.NaN;
        for (int row = 1; row <= ROWS; row++) {
            for (String part : List.of("bar ", "name ", "score ")) {
                assertThat(rest.isPresent(part + row)).as("%s", values).isEqualTo(rows.contains(row));
            }
            if (!rows.contains(row)) continue;
            Rect bar = rest.box("bar " + row);
            Rect area = rest.box("rows");
            assertThat(bar.y()).isGreaterThanOrEqualTo(area.y() - 1e-6);
            assertThat(bar.bottom()).isLessThanOrEqualTo(area.bottom() + 1e-6);
            if (!Double.isNaN(gap)) assertThat(bar.y() - before).isCloseTo(gap, within(1e-6));
            else if (!Double.isNaN(before)) gap = bar.y() - before;
            before = bar.bottom();
        }
        double[] squeezes = rows.stream()
                .map(row -> rest.part("name " + row))
                .mapToDouble(name -> name.line().orElseThrow().runs().get(0).scaleX()
                        / name.line().orElseThrow().runs().get(0).scaleY())
                .distinct()
                .toArray();
        for (double squeeze : squeezes) assertThat(squeeze).isCloseTo(squeezes[0], within(1e-9));
    }

    @Test
    void a_board_without_anything_on_it_shows_no_ground() {
        assertThat(solve(BOARD, Map.of()).parts()).isEmpty();
        Rest headline = solve(BOARD, Map.of("headline", "Night kites"));
        assertThat(headline.isPresent("ground")).isTrue();
        assertThat(headline.isPresent("rows")).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"flyer-bar", "twin-bar", "place-and-hour", "judge-bar", "heat-board", "next-up"})
    void the_terms_of_every_reckoning_give_its_value(String demo) {
        Graphic graphic = demo(demo);
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            Map<String, String> values = new HashMap<>();
            for (Field field : graphic.fields()) values.put(field.key(), value(field, random));
            for (PartRest part : solve(graphic, values).parts().values()) {
                for (Reckoning number : List.of(part.x(), part.y(), part.width(), part.height())) {
                    assertThat(madeOf(number)).as("%s %s", part.key(), values).isCloseTo(number.value(), within(1e-9));
                }
            }
        }
    }

    private static String value(Field field, Random random) {
        return switch (field.kind()) {
            case CHOICE -> field.options().get(random.nextInt(field.options().size()));
            case PICTURE -> random.nextBoolean() ? "kite mark" : "";
            default -> RandomTexts.text(random);
        };
    }

    private static double madeOf(Reckoning number) {
        double[] terms =
                number.terms().stream().mapToDouble(DemoRestTest::madeOf).toArray();
        return switch (number.how()) {
            case GIVEN, MEASURED -> number.value();
            case SUM -> java.util.Arrays.stream(terms).sum();
            case LONGEST -> java.util.Arrays.stream(terms).max().orElse(0);
            case TIMES -> java.util.Arrays.stream(terms).reduce(1, (a, b) -> a * b);
        };
    }
}
