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
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Loop;
import glimble.graphic.Part;
import glimble.graphic.Start;
import glimble.graphic.Travel;
import glimble.reel.Layer;
import glimble.reel.ReelMaker;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class GroupEditsTest {
    private static final Graphic BAR = graphic(bar());
    private static final Graphic GROUPED = GroupEdits.group(BAR, List.of("name", "role"), Map.of());

    private static void assertSound(Graphic graphic) {
        assertThat(GraphicReader.read(GraphicWriter.write(Dialled.settled(graphic)), Set.of("mono"))
                        .graphic())
                .hasValue(graphic);
    }

    private static List<String> keys(Graphic graphic) {
        return graphic.parts().stream().map(Part::key).toList();
    }

    private static List<String> members(Graphic graphic, String key) {
        return ((GroupPart) graphic.part(key).orElseThrow()).parts();
    }

    @Test
    void a_group_is_made_in_front_of_its_parts() {
        assertSound(GROUPED);
        assertThat(keys(GROUPED)).containsExactly("plate", "name", "role", "group");
    }

    @Test
    void a_part_is_in_one_group_only_and_an_empty_group_goes() {
        Graphic again = GroupEdits.group(GROUPED, List.of("role", "plate"), Map.of());
        assertSound(again);
        assertThat(members(again, "group")).containsExactly("name");
        assertThat(members(again, "group 2")).containsExactly("role", "plate");
        Graphic taken = GroupEdits.group(GROUPED, List.of("name", "role"), Map.of());
        assertThat(keys(taken)).doesNotContain("group");
    }

    @Test
    void a_group_that_is_removed_leaves_its_parts_in_its_place() {
        Graphic removed = PartEdits.ungroup(GROUPED, "group", Map.of());
        assertThat(removed).isEqualTo(BAR);
        Graphic nested = GroupEdits.group(GROUPED, List.of("group", "plate"), Map.of());
        assertThat(GroupEdits.all(nested, "group 2")).containsExactly("group 2", "group", "name", "role", "plate");
        assertThat(members(PartEdits.ungroup(nested, "group", Map.of()), "group 2"))
                .containsExactly("name", "role", "plate");
    }

    @Test
    void removing_the_last_part_removes_the_group() {
        Graphic one = PartEdits.remove(GROUPED, List.of("name"), Map.of(), false);
        assertThat(members(one, "group")).containsExactly("role");
        assertThat(keys(PartEdits.remove(one, List.of("role"), Map.of(), false)))
                .containsExactly("plate");
    }

    @Test
    void a_copy_of_a_group_copies_its_parts_which_refer_to_each_other() {
        Graphic whole = GroupEdits.group(BAR, List.of("plate", "name", "role"), Map.of());
        Graphic copied = PartEdits.duplicate(whole, "group");
        assertSound(copied);
        assertThat(members(copied, "group 2")).containsExactly("plate 2", "name 2", "role 2");
        assertThat(copied.part("name 2").orElseThrow().masks().get(0).by()).isEqualTo("plate 2");
        assertThat(copied.part("name").orElseThrow().masks().get(0).by()).isEqualTo("plate");
    }

    @Test
    void a_group_that_is_renamed_keeps_its_parts_and_a_part_its_group() {
        assertThat(members(PartEdits.rename(GROUPED, "role", "job"), "group")).containsExactly("name", "job");
        assertThat(members(PartEdits.rename(GROUPED, "group", "lines"), "lines"))
                .containsExactly("name", "role");
    }

    @Test
    void layers_of_a_group_move_with_it_and_never_are_cut_by_it() {
        Graphic moving = GroupEdits.group(
                graphic(
                        List.of(),
                        new Loop(0, List.of()),
                        List.of(move("goes", "plate", Channel.X, new Travel.Px(9), new Start.At(0), 5)),
                        bar()),
                List.of("name", "role"),
                Map.of());
        List<Layer> layers = ReelMaker.make(moving, Map.of("name", "Wu", "role", "Flyer"), new MonoTypesetter())
                .reel()
                .layers();
        assertThat(layers).extracting(Layer::part).containsExactly("plate", "name", "role", "group");
        assertThat(layers).extracting(Layer::within).containsExactly(-1, 3, 3, -1);
        assertThat(layers.get(1).masks()).containsExactly(new Layer.MaskBy(0, true, 0));
    }
}
