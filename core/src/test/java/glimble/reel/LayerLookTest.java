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
import glimble.graphic.Corners;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Paint;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.ScrimPart;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.rest.Pictures;
import glimble.rest.Rect;
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
        return new BoxPart(new Base("plate", "", List.of(), x, y, List.of()), fill, Corners.all(radius), slant, LOOK);
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
    void corners_and_slants_are_as_designed_and_lean_the_other_way_in_a_mirror() {
        BoxPart box = box(Sketch.INK, 80, 30);
        assertThat(layer(box, "left").corners()).isEqualTo(Corners.all(80));
        assertThat(layer(box, "left").slant()).isEqualTo(30);
        assertThat(layer(box, "right").slant()).isEqualTo(-30);
        // Whoever draws it has it lean no further than it is wide just then.
        assertThat(layer(box(Sketch.INK, 0, 999), "left").slant()).isEqualTo(999);
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
        // Behind: 30 px over which the blur of 20 fades, and 5 or 8 px of offset for or against; the stroke is inside.
        assertThat(make(graphic, "left").bars()).extracting(Bar::away).containsExactly(-335.002, -188.002, 472.002);
        // In the mirror left is right, and so is the shadow.
        assertThat(make(graphic, "right").bars().get(0).away()).isEqualTo(335.002);
    }

    @Test
    void corners_that_differ_change_sides_in_a_mirror_and_share_the_room_there_is() {
        BoxPart box = new BoxPart(box(Sketch.INK, 0, 0).base(), Sketch.INK, new Corners(80, 40, 0, 20), 0, LOOK);
        // 80 + 20 down the left have just the 100 px there are.
        assertThat(layer(box, "left").corners()).isEqualTo(new Corners(80, 40, 0, 20));
        assertThat(layer(box, "right").corners()).isEqualTo(new Corners(40, 80, 20, 0));
        assertThat(new Corners(80, 40, 0, 120).within(200, 100)).isEqualTo(new Corners(40, 20, 0, 60));
    }

    @Test
    void a_scrim_fades_from_its_side_and_changes_sides_in_a_mirror() {
        Base base = box(Sketch.INK, 0, 0).base();
        Graphic sided = Sketch.mirrored(Sketch.graphic(new ScrimPart(base, "#102030", 0.5, Optional.of(Toward.LEFT))));
        assertThat(make(sided, "left").reel().layers().get(0).fill())
                .isEqualTo(new Layer.Fill("#10203080", "#10203000", false, 100, 100, 300, 100));
        assertThat(make(sided, "right").reel().layers().get(0).fill())
                .isEqualTo(new Layer.Fill("#10203080", "#10203000", false, 900, 100, 700, 100));
        Graphic all = Sketch.graphic(new ScrimPart(base, "#10203080", 1, Optional.empty()));
        assertThat(make(all, "left").reel().layers().get(0).fill())
                .isEqualTo(new Layer.Fill("#10203080", "#10203000", true, 200, 100, 250, 100));
    }

    @Test
    void a_picture_keeps_its_proportion_inside_its_part_or_filling_it() {
        Pictures.Extent wide = new Pictures.Extent(400, 100);
        Rect box = new Rect(100, 50, 200, 100);
        assertThat(LayerLook.picture(wide, box, false)).isEqualTo(new Rect(100, 75, 200, 50));
        assertThat(LayerLook.picture(wide, box, true)).isEqualTo(new Rect(0, 50, 400, 100));
    }

    private static Look glowing() {
        return new Look(LOOK.stroke().filter(none -> false), LOOK.shadow(), Optional.of(new Look.Glow("foam", 9)), 0.5);
    }

    @Test
    void looks_are_written_and_read_back_the_same() {
        for (Paint paint : List.of(
                new Paint.Linear("#000000", "#FFFFFF80", 45),
                new Paint.Radial("#000000", "#FFFFFF"),
                new Paint.Picture("crest"),
                new Paint.Colour("#7AD3C0"))) {
            BoxPart box = box(paint, 7, -12);
            Graphic graphic = graphic(box)
                    .withParts(List.of(
                            box,
                            new BoxPart(box.base().withKey("b"), paint, new Corners(1, 2, 3, 4), 0, glowing()),
                            new LinePart(box.base().withKey("l"), paint, true, glowing()),
                            new PicturePart(box.base().withKey("p"), "{side}", true, Corners.all(3), glowing()),
                            new ScrimPart(box.base().withKey("s"), "kelp", 0.4, Optional.of(Toward.DOWN))));
            assertThat(GraphicReader.read(GraphicWriter.write(graphic), Set.of("mono"))
                            .graphic())
                    .hasValue(graphic);
        }
    }
}
