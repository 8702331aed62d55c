package glimble.reel;

import static glimble.Sketch.LINE;
import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.move;
import static glimble.Sketch.text;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.graphic.Channel;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ReelMakerTest {
    private static final Loop STILL = new Loop(0, List.of());

    private static WorkedOut make(Graphic graphic, String name, String role) {
        return ReelMaker.make(graphic, Map.of("name", name, "role", role), new MonoTypesetter());
    }

    private static Track only(Reel reel, String part) {
        Layer layer = reel.layers().stream()
                .filter(any -> any.part().equals(part))
                .findFirst()
                .orElseThrow();
        assertThat(layer.tracks()).hasSize(1);
        return layer.tracks().get(0);
    }

    private static double away(Travel travel, Channel channel, Part... parts) {
        Move move = move("goes", "name", channel, travel, new Start.At(0), 10);
        return make(graphic(List.of(), STILL, List.of(move), parts), "Wu", "Flyer")
                .bars()
                .get(0)
                .away();
    }

    @Test
    void an_in_comes_from_away_to_rest_and_an_out_goes_from_rest_to_away() {
        Move comes = move("comes", "name", Channel.Y, new Travel.OwnHeight(2), new Start.At(3), 4);
        Move goes = move("goes", "name", Channel.OPACITY, new Travel.Factor(0), new Start.At(2), 4);
        Reel in =
                make(graphic(List.of(comes), STILL, List.of(), bar()), "Wu", "").reel();
        assertThat(only(in, "name").values()).containsExactly(40, 30, 20, 10, 0);
        assertThat(only(in, "name").at(0)).isEqualTo(40);
        assertThat(only(in, "name").at(99)).isZero();
        assertThat(in.in()).isEqualTo(7);
        Reel out =
                make(graphic(List.of(), STILL, List.of(goes), bar()), "Wu", "").reel();
        assertThat(only(out, "name").values()).containsExactly(1, 0.75, 0.5, 0.25, 0);
        assertThat(only(out, "name").at(0)).isEqualTo(1);
    }

    @Test
    void a_loop_leaves_rest_and_is_back_at_its_end() {
        Move breath = move("breath", "name", Channel.SCALE_X, new Travel.Factor(3), new Start.At(1), 4);
        Reel reel = make(graphic(List.of(), new Loop(8, List.of(breath)), List.of(), bar()), "Wu", "")
                .reel();
        assertThat(reel.loop()).isEqualTo(8);
        assertThat(only(reel, "name").values()).containsExactly(1, 2, 3, 2, 1);
        assertThat(only(reel, "name").at(8)).isEqualTo(1);
    }

    @Test
    void moves_of_one_channel_add_up_or_multiply() {
        Move one = move("one", "name", Channel.X, new Travel.Px(8), new Start.At(0), 2);
        Move two = move("two", "name", Channel.X, new Travel.Px(2), new Start.At(2), 2);
        Reel reel = make(graphic(List.of(one, two), STILL, List.of(), bar()), "Wu", "")
                .reel();
        assertThat(only(reel, "name").values()).containsExactly(10, 6, 2, 1, 0);
    }

    @Test
    void clear_of_the_frame_is_measured_from_where_the_text_rests() {
        Part name =
                text("name", hang(Edge.START, Place.FRAME, Edge.START, 60), hang(Edge.END, Place.FRAME, Edge.END, -30));
        assertThat(away(new Travel.ClearOfFrame(Toward.LEFT), Channel.X, name)).isEqualTo(-80.002);
        assertThat(away(new Travel.ClearOfFrame(Toward.RIGHT), Channel.X, name)).isEqualTo(940.002);
        assertThat(away(new Travel.ClearOfFrame(Toward.DOWN), Channel.Y, name)).isEqualTo(50.002);
        assertThat(away(new Travel.ClearOfFrame(Toward.UP), Channel.Y, name)).isEqualTo(-470.002);
    }

    @Test
    void clear_of_its_mask_is_just_so_far_that_nothing_is_seen_inside() {
        double height = 3 + LINE + 2 + LINE + 4;
        assertThat(away(new Travel.ClearOfMask(Toward.DOWN), Channel.Y, bar())).isEqualTo(height - 3 + 0.002);
        assertThat(away(new Travel.ClearOfMask(Toward.UP), Channel.Y, bar())).isEqualTo(-(3 + LINE) - 0.002);
        assertThat(away(new Travel.OwnWidth(-1.5), Channel.X, bar())).isEqualTo(-30);
    }

    @Test
    void an_absent_part_has_no_layer_no_bar_and_shortens_the_phase() {
        List<Move> in = List.of(
                move("name in", "name", Channel.Y, new Travel.Px(9), new Start.At(0), 10),
                move("role in", "role", Channel.Y, new Travel.Px(9), new Start.After("name in", 0), 10));
        WorkedOut worked = make(graphic(in, STILL, List.of(), bar()), "Wu", " ");
        assertThat(worked.reel().in()).isEqualTo(10);
        assertThat(worked.reel().layers()).extracting(Layer::part).containsExactly("plate", "name");
        assertThat(worked.bars()).extracting(Bar::move).containsExactly("name in");
    }

    @Test
    void masks_point_at_the_layer_that_is_their_shape() {
        Reel reel = make(graphic(bar()), "Wu", "Flyer").reel();
        assertThat(reel.layers().get(1).masks()).containsExactly(new Layer.MaskBy(0, true, 0));
        assertThat(reel.layers().get(0).tracks()).isEmpty();
    }

    @Test
    void work_is_counted_before_it_is_done() {
        long few = ReelEffort.of(graphic(bar()), Map.of("name", "Wu"), 250).steps();
        long many = ReelEffort.of(graphic(bar()), Map.of("name", "W".repeat(2_000)), 250)
                .steps();
        assertThat(many).isGreaterThan(few * 50);
        assertThat(ReelEffort.of(Sketch.graphic(), Map.of(), 250).steps()).isZero();
    }
}
