package glimble.edit;

import static glimble.Sketch.graphic;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.Sketch;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** What a new part makes of the parts that are chosen when it is added. */
class TakingUpTest {
    private static final Graphic TEXTS = graphic(
            Sketch.text("name", Sketch.left(), Sketch.hang(Edge.START, "frame", Edge.START, 300)),
            Sketch.text("role", Sketch.left(), Sketch.hang(Edge.START, "name", Edge.END, 4)));

    private static Rest rest(Graphic graphic, Map<String, String> values) {
        return RestSolver.solve(graphic, values, new MonoTypesetter());
    }

    private static Map<String, Rect> boxes(Graphic graphic) {
        Map<String, String> values = new HashMap<>();
        graphic.fields().forEach(field -> values.put(field.key(), "Oona Varga"));
        return boxes(graphic, values);
    }

    private static Map<String, Rect> boxes(Graphic graphic, Map<String, String> values) {
        Map<String, Rect> boxes = new HashMap<>();
        for (PartRest part : rest(graphic, values).parts().values()) boxes.put(part.key(), part.box());
        return boxes;
    }

    private static Graphic added(String kind, String... chosen) {
        return PartEdits.add(TEXTS, kind, "mono", List.of(chosen), boxes(TEXTS));
    }

    private static List<String> keys(Graphic graphic) {
        return graphic.parts().stream().map(Part::key).toList();
    }

    @Test
    void a_box_wraps_what_is_chosen_and_stands_behind_it() {
        Graphic graphic = added("box", "role", "name");
        assertThat(keys(graphic)).containsExactly("box", "name", "role");
        Map<String, Rect> boxes = boxes(graphic);
        Rect both = boxes.get("name").around(boxes.get("role"));
        assertThat(boxes.get("box"))
                .isEqualTo(new Rect(both.x() - 28, both.y() - 14, both.width() + 56, both.height() + 28));
    }

    @Test
    void a_line_goes_under_what_is_chosen_as_wide_as_that() {
        Map<String, Rect> boxes = boxes(added("line", "name", "role"));
        assertThat(boxes.get("line").y()).isEqualTo(boxes.get("role").bottom() + 10);
        assertThat(boxes.get("line").width())
                .isEqualTo(boxes.get("name").around(boxes.get("role")).width());
    }

    @Test
    void a_text_goes_below_the_last_text_in_its_style() {
        Graphic graphic = added("text");
        TextPart text = (TextPart) graphic.part("text").orElseThrow();
        assertThat(text.style()).isEqualTo(((TextPart) graphic.part("role").orElseThrow()).style());
        Map<String, Rect> boxes = boxes(graphic);
        assertThat(boxes.get("text").y()).isEqualTo(boxes.get("role").bottom() + 10);
        assertThat(boxes.get("text").x()).isEqualTo(boxes.get("role").x());
    }

    @Test
    void a_stack_holds_what_is_chosen_from_top_to_bottom() {
        Map<String, Rect> boxes = boxes(added("stack", "role", "name"));
        assertThat(boxes.get("name").y()).isEqualTo(boxes.get("stack").y());
        assertThat(boxes.get("role").y())
                .isGreaterThanOrEqualTo(boxes.get("name").bottom());
    }

    @Test
    void without_any_chosen_it_stands_in_the_middle() {
        Rect box = boxes(added("box")).get("box");
        assertThat(box.x() + box.width() / 2).isEqualTo(TEXTS.frame().width() / 2.0);
    }

    @RepeatedTest(100)
    void whatever_is_chosen_the_document_is_read_again_or_names_a_circle(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        Graphic graphic = RandomGraphic.of(info.getCurrentRepetition());
        Map<String, String> values = RandomGraphic.values(graphic, random);
        List<String> chosen = new ArrayList<>(keys(graphic));
        chosen.removeIf(key -> random.nextInt(3) > 0);
        for (String kind : List.of("text", "box", "line", "stack", "picture", "scrim", "ribbon")) {
            Graphic edited = PartEdits.add(graphic, kind, "mono", chosen, boxes(graphic, values));
            assertThat(edited.parts()).hasSize(graphic.parts().size() + 1);
            var reading =
                    GraphicReader.read(GraphicWriter.write(Dialled.settled(edited)), new MonoTypesetter().fonts());
            assertThat(reading.problems())
                    .allSatisfy(problem -> assertThat(problem.sentence()).containsAnyOf("circle", "follow"));
        }
    }
}
