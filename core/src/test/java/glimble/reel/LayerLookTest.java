package glimble.reel;

import static glimble.Sketch.hang;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Look;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Paint;
import glimble.graphic.Place;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LayerLookTest {
    private static final Look LOOK =
            new Look(Optional.of(new Look.Stroke("#F4F1EA", 3)), Optional.of(new Look.Shadow("#00000080", 5, 8, 20)));

    /** 200 × 100 px at 100, 50. */
    private static BoxPart box(Paint fill, double radius, double slant) {
        Place at = hang(Edge.START, Place.FRAME, Edge.START, 100);
        Place down = hang(Edge.START, Place.FRAME, Edge.START, 50);
        Span x = new Span(Sketch.px(200), at);
        Span y = new Span(Sketch.px(100), down);
        return new BoxPart(new Base("plate", "", List.of(), x, y, List.of()), fill, radius, slant, LOOK);
    }

    private static Graphic graphic(BoxPart box, Move... out) {
        return Sketch.mirrored(Sketch.graphic(List.of(), new Loop(0, List.of()), List.of(out), box));
    }

    private static WorkedOut make(Graphic graphic, String side) {
        return ReelMaker.make(graphic, Map.of("side", side), new MonoTypesetter());
    }

    private static Layer layer(BoxPart box, String side) {
        return make(graphic(box), side).reel().layers().get(0);
    }

    @Test
    void a_gradient_runs_from_edge_to_edge_and_the_other_way_in_a_mirror() {
        BoxPart box = box(new Paint.Linear("#000000", "#FFFFFF", 0), 0, 0);
        assertThat(layer(box, "left").fill())
                .isEqualTo(new Layer.Fill("#000000", "#FFFFFF", false, 100, 100, 300, 100));
        assertThat(layer(box, "right").fill())
                .isEqualTo(new Layer.Fill("#000000", "#FFFFFF", false, 900, 100, 700, 100));
        BoxPart down = box(new Paint.Linear("#000000", "#FFFFFF", 90), 0, 0);
        assertThat(layer(down, "left").fill())
                .isEqualTo(new Layer.Fill("#000000", "#FFFFFF", false, 200, 50, 200, 150));
        BoxPart outwards = box(new Paint.Radial("#000000", "#FFFFFF"), 0, 0);
        assertThat(layer(outwards, "left").fill())
                .isEqualTo(new Layer.Fill("#000000", "#FFFFFF", true, 200, 100, 300, 150));
    }

    @Test
    void corners_and_slants_keep_within_the_box_and_lean_the_other_way_in_a_mirror() {
        BoxPart box = box(Sketch.INK, 80, 30);
        assertThat(layer(box, "left").radius()).isEqualTo(50);
        assertThat(layer(box, "left").slant()).isEqualTo(30);
        assertThat(layer(box, "right").slant()).isEqualTo(-30);
        assertThat(layer(box(Sketch.INK, 0, 999), "left").slant()).isEqualTo(200);
    }

    @Test
    void a_shadow_falls_to_the_other_side_in_a_mirror() {
        assertThat(layer(box(Sketch.INK, 0, 0), "left").shadow())
                .isEqualTo(new Layer.ThrownShadow("#00000080", 5, 8, 20));
        assertThat(layer(box(Sketch.INK, 0, 0), "right").shadow().x()).isEqualTo(-5);
    }

    @Test
    void clear_of_the_frame_takes_stroke_and_shadow_along() {
        Move left = move("left", "plate", Channel.X, new Travel.ClearOfFrame(Toward.LEFT), new Start.At(0), 2);
        Move up = move("up", "plate", Channel.Y, new Travel.ClearOfFrame(Toward.UP), new Start.At(0), 2);
        Move down = move("down", "plate", Channel.Y, new Travel.ClearOfFrame(Toward.DOWN), new Start.At(0), 2);
        Graphic graphic = graphic(box(Sketch.INK, 0, 0), left, up, down);
        // Behind: 3 px of stroke, 20 px of blur, and 5 or 8 px of offset for or against.
        assertThat(make(graphic, "left").bars()).extracting(Bar::away).containsExactly(-328.0, -181.0, 465.0);
        // In the mirror left is right, and so is the shadow.
        assertThat(make(graphic, "right").bars().get(0).away()).isEqualTo(328);
    }

    @Test
    void looks_are_written_and_read_back_the_same() {
        for (Paint paint : List.of(
                new Paint.Linear("#000000", "#FFFFFF80", 45),
                new Paint.Radial("#000000", "#FFFFFF"),
                new Paint.Colour("#7AD3C0"))) {
            Graphic graphic = graphic(box(paint, 7, -12));
            assertThat(GraphicReader.read(GraphicWriter.write(graphic), Set.of("mono"))
                            .graphic())
                    .hasValue(graphic);
        }
    }
}
