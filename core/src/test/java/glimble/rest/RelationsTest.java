package glimble.rest;

import static glimble.Sketch.bar;
import static glimble.Sketch.box;
import static glimble.Sketch.graphic;
import static glimble.Sketch.group;
import static glimble.Sketch.hang;
import static glimble.Sketch.left;
import static glimble.Sketch.longest;
import static glimble.Sketch.px;
import static glimble.Sketch.text;
import static glimble.Sketch.union;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class RelationsTest {

    @Test
    void texts_inside_the_box_that_wraps_them_are_no_circle() {
        assertThat(Relations.cycle(graphic(bar()))).isEmpty();
    }

    @Test
    void sizes_that_follow_each_other_are_named() {
        Part a = box("a", new Size.Matches("b", 1, 0), left(), px(1), left());
        Part b = box("b", longest(0, 0, "a"), left(), px(1), left());
        assertThat(Relations.cycle(graphic(a, b))).hasValue("a · width follows b · width follows a · width");
    }

    @Test
    void places_that_hang_on_each_other_are_named() {
        Part a = box("a", px(1), left(), px(1), hang(Edge.START, "b", Edge.END, 0));
        Part b = box("b", px(1), left(), px(1), hang(Edge.START, "a", Edge.END, 0));
        assertThat(Relations.cycle(graphic(a, b))).hasValue("a · y follows b · y follows a · y");
    }

    @Test
    void a_box_cannot_wrap_texts_that_hang_on_both_of_its_ends() {
        Part plate = box("plate", px(9), left(), union(0, 0, "name", "role"), left());
        Part name = text("name", left(), hang(Edge.START, "plate", Edge.INNER_START, 0));
        Part role = text("role", left(), hang(Edge.END, "plate", Edge.INNER_END, 0));
        assertThat(Relations.cycle(graphic(plate, name, role))).get().asString().contains("plate · height", "role · y");
    }

    @RepeatedTest(300)
    void random_graphs_either_solve_for_any_blanks_or_name_a_circle(RepetitionInfo repetition) {
        long seed = 9_000 + repetition.getCurrentRepetition();
        Random random = new Random(seed);
        Graphic graphic = graphic(randomParts(random));
        if (Relations.cycle(graphic).isPresent()) {
            assertThat(Relations.cycle(graphic).get()).as("seed " + seed).contains(" follows ");
            return;
        }
        for (Map<String, String> values : List.of(
                Map.of("name", "Wu", "role", "Flyer"),
                Map.of("name", "Wu"),
                Map.of("role", "x"),
                Map.<String, String>of())) {
            Rest rest = RestSolver.solve(graphic, values, new MonoTypesetter());
            for (PartRest part : rest.parts().values()) {
                assertThat(part.box().width()).as("seed " + seed).isFinite().isNotNegative();
                assertThat(part.box().height()).as("seed " + seed).isFinite().isNotNegative();
                for (Reckoning number : List.of(part.x(), part.y(), part.width(), part.height())) {
                    assertThat(ReckoningsTest.madeOf(number)).as("seed " + seed).isEqualTo(number.value());
                }
            }
        }
    }

    private static Part[] randomParts(Random random) {
        List<String> keys = new ArrayList<>(List.of("name", "role", "a", "b", "c", "group"));
        List<Part> parts = new ArrayList<>();
        for (String key : keys) {
            if (key.equals("group")) continue;
            Place x = randomPlace(random, key, keys);
            Place y = randomPlace(random, key, keys);
            if (key.equals("name") || key.equals("role")) parts.add(text(key, x, y));
            else parts.add(box(key, randomSize(random, keys), x, randomSize(random, keys), y));
        }
        parts.add(group("group", keys.get(random.nextInt(2)), "a"));
        return parts.toArray(Part[]::new);
    }

    private static Place randomPlace(Random random, String own, List<String> keys) {
        return random.nextInt(4) == 0 ? stays(randomHang(random, own, keys)) : randomHang(random, own, keys);
    }

    private static Place stays(Place place) {
        Place.Hang hang = (Place.Hang) place;
        return new Place.Hang(hang.edge(), hang.on(), hang.at(), hang.plus(), true);
    }

    private static Place randomHang(Random random, String own, List<String> keys) {
        Edge[] edges = {Edge.START, Edge.CENTRE, Edge.END};
        String on = random.nextInt(3) == 0 ? keys.get(random.nextInt(keys.size())) : Place.TITLE_SAFE;
        if (on.equals(own)) on = Place.FRAME;
        return hang(edges[random.nextInt(3)], on, edges[random.nextInt(3)], random.nextInt(9) - 4);
    }

    private static Size randomSize(Random random, List<String> keys) {
        String one = keys.get(random.nextInt(keys.size()));
        String other = keys.get(random.nextInt(keys.size()));
        return switch (random.nextInt(4)) {
            case 0 -> px(random.nextInt(50));
            case 1 -> longest(random.nextInt(9) - 4, 3, one, other);
            case 2 -> union(1, random.nextInt(9) - 4, one, other);
            default -> new Size.Matches(one, 0.5, random.nextInt(5));
        };
    }
}
