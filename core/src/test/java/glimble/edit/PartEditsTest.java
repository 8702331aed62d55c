package glimble.edit;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Channel;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartEditsTest {
    private static final Map<String, String> VALUES = Map.of("name", "Oona Varga", "role", "Flyer");
    private static final List<Move> IN = List.of(
            move("plate in", "plate", Channel.X, new Travel.Px(5), new Start.At(3), 5),
            move("name in", "name", Channel.X, new Travel.Px(5), new Start.After("plate in", 1), 5),
            move("role in", "role", Channel.X, new Travel.Px(5), new Start.With("name in", 4), 5));
    private static final Graphic BAR = graphic(IN, new Loop(0, List.of()), List.of(), bar());

    private static void assertSound(Graphic graphic) {
        assertThat(GraphicReader.read(GraphicWriter.write(Dialled.settled(graphic)), Set.of("mono"))
                        .problems())
                .isEmpty();
    }

    private static Rest solve(Graphic graphic) {
        return RestSolver.solve(graphic, VALUES, new MonoTypesetter());
    }

    private static Map<String, Rect> boxes(Graphic graphic) {
        Map<String, Rect> boxes = new HashMap<>();
        for (PartRest part : solve(graphic).parts().values()) boxes.put(part.key(), part.box());
        return boxes;
    }

    private static List<String> keys(Graphic graphic) {
        return graphic.parts().stream().map(Part::key).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"text", "box", "line", "picture", "scrim", "stack"})
    void a_new_part_stands_in_front_in_the_middle_under_a_name_of_its_own(String kind) {
        Graphic twice = PartEdits.add(PartEdits.add(BAR, kind, "mono"), kind, "mono");
        assertSound(twice);
        assertThat(keys(twice)).endsWith(kind, kind + " 2");
        if (kind.equals("stack")) return;
        // A text shows a field that no text shows yet, if there is one.
        Map<String, String> filled = new HashMap<>();
        twice.fields().forEach(field -> filled.put(field.key(), "Wu"));
        Rect box = RestSolver.solve(twice, filled, new MonoTypesetter()).box(kind);
        assertThat(box.x() + box.width() / 2).isEqualTo(500);
        assertThat(box.y() + box.height() / 2).isEqualTo(250);
    }

    @Test
    void a_renamed_part_is_renamed_in_everything_that_refers_to_it() {
        Graphic renamed = PartEdits.rename(PartEdits.rename(BAR, "plate", "ground"), "name", "who");
        assertSound(renamed);
        assertThat(solve(renamed).box("ground")).isEqualTo(solve(BAR).box("plate"));
        assertThat(renamed.in().moves()).extracting(Move::part).containsExactly("ground", "who", "role");
        assertThat(PartEdits.rename(PartEdits.rename(renamed, "who", "name"), "ground", "plate"))
                .isEqualTo(BAR);
    }

    @Test
    void a_new_picture_shows_the_first_field_for_pictures_that_nothing_shows() {
        Field crest = new Field("crest", "Crest", Field.Kind.PICTURE, false, 0, List.of(), "");
        Field flag = new Field("flag", "Flag", Field.Kind.PICTURE, false, 0, List.of(), "");
        List<Field> fields = new ArrayList<>(BAR.fields());
        fields.addAll(List.of(crest, flag));
        Graphic one = PartEdits.add(BAR.withFields(fields), "picture", "mono");
        Graphic two = PartEdits.add(one, "picture", "mono");
        Graphic three = PartEdits.add(two, "picture", "mono");
        assertThat(three.parts())
                .filteredOn(PicturePart.class::isInstance)
                .extracting(part -> ((PicturePart) part).picture())
                .startsWith("{crest}", "{flag}")
                .doesNotHaveDuplicates()
                .hasSize(3);
        assertSound(two);
    }

    @ParameterizedTest
    @ValueSource(strings = {"plate", "name", "role"})
    void without_any_one_part_the_document_is_still_sound(String key) {
        Graphic left = PartEdits.remove(BAR, List.of(key), boxes(BAR), false);
        assertSound(left);
        assertThat(keys(left)).hasSize(2).doesNotContain(key);
        assertThat(solve(left).parts()).hasSize(2);
    }

    @Test
    void what_hung_on_a_removed_part_and_what_waited_for_its_move_take_its_place() {
        Graphic left = PartEdits.remove(BAR, List.of("name"), boxes(BAR), false);
        assertThat(solve(left).box("role").y()).isEqualTo(203);
        assertThat(left.in().moves().get(1).start()).isEqualTo(new Start.After("plate in", 1));
    }

    @Test
    void what_hung_on_a_removed_box_hangs_on_what_the_box_hung_on() {
        Graphic left = PartEdits.remove(BAR, List.of("plate"), boxes(BAR), false);
        assertThat(solve(left).box("name").x()).isEqualTo(100);
        assertThat(left.part("name").orElseThrow().masks()).isEmpty();
        assertThat(left.in().moves().get(0).start()).isEqualTo(new Start.At(3));
    }

    @Test
    void what_wrapped_only_removed_parts_keeps_its_size_and_loses_its_inner_edges() {
        Graphic left = PartEdits.remove(
                PartEdits.remove(PartEdits.duplicate(BAR, "name"), List.of("name"), boxes(BAR), false),
                List.of("role"),
                boxes(BAR),
                false);
        assertSound(left);
        assertThat(solve(left).box("plate").width())
                .isEqualTo(boxes(BAR).get("plate").width());
        assertThat(solve(left).box("name 2").x()).isEqualTo(100);
    }

    @Test
    void what_was_to_go_clear_of_a_removed_mask_goes_clear_of_the_frame() {
        Move sinks = move("sinks", "name", Channel.Y, new Travel.ClearOfMask(Toward.DOWN), new Start.At(0), 5);
        Graphic left = PartEdits.remove(
                graphic(List.of(), new Loop(0, List.of()), List.of(sinks), bar()), List.of("plate"), boxes(BAR), false);
        assertSound(left);
        assertThat(left.out().moves().get(0).travel()).isEqualTo(new Travel.ClearOfFrame(Toward.DOWN));
    }

    @Test
    void a_copy_is_like_the_part_and_moves_like_it() {
        Graphic twice = PartEdits.duplicate(BAR, "name");
        assertSound(twice);
        assertThat(keys(twice)).containsExactly("plate", "name", "name 2", "role");
        assertThat(solve(twice).box("name 2")).isEqualTo(solve(twice).box("name"));
        assertThat(twice.in().moves())
                .extracting(Move::key)
                .containsExactly("plate in", "name in", "role in", "name 2 in");
        assertSound(PartEdits.duplicate(twice, "name"));
    }

    @Test
    void the_stacking_order_has_two_ends() {
        assertThat(keys(PartEdits.reorder(BAR, "plate", 1))).containsExactly("name", "plate", "role");
        assertThat(keys(PartEdits.reorder(BAR, "plate", 99))).containsExactly("name", "role", "plate");
        assertThat(keys(PartEdits.reorder(BAR, "role", -99))).containsExactly("role", "plate", "name");
    }

    @Test
    void a_removed_field_leaves_no_trace() {
        Graphic left = FieldEdits.remove(BAR, "role");
        assertSound(left);
        assertThat(left.field("role")).isEmpty();
        assertSound(FieldEdits.remove(glimble.Sketch.mirrored(BAR), "side"));
    }
}
