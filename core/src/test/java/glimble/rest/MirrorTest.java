package glimble.rest;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.mirrored;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Phase;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.motion.MirroredMoves;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MirrorTest {
    private static final Map<String, String> LEFT = Map.of("name", "Oona Varga", "role", "Flyer", "side", "left");
    private static final Map<String, String> RIGHT = Map.of("name", "Oona Varga", "role", "Flyer", "side", "right");
    private static final List<Move> GOES = List.of(
            move("a", "name", Channel.X, new Travel.ClearOfMask(Toward.LEFT), new Start.At(0), 2),
            move("b", "role", Channel.X, new Travel.Px(7), new Start.At(0), 2),
            move("c", "plate", Channel.TURN, new Travel.Degrees(30), new Start.At(0), 2),
            move("d", "role", Channel.Y, new Travel.OwnHeight(2), new Start.At(0), 2));

    private static Graphic sided() {
        return mirrored(graphic(List.of(), new Loop(0, List.of()), GOES, bar()));
    }

    @Test
    void every_box_is_seen_in_a_mirror_and_grows_the_other_way() {
        Rest left = RestSolver.solve(sided(), LEFT, new MonoTypesetter());
        Rest right = RestSolver.solve(sided(), RIGHT, new MonoTypesetter());
        for (String part : left.parts().keySet()) {
            assertThat(right.box(part).right()).isCloseTo(1000 - left.box(part).x(), within(1e-9));
            assertThat(right.box(part).y()).isEqualTo(left.box(part).y());
            assertThat(ReckoningsTest.madeOf(right.part(part).x()))
                    .isEqualTo(right.box(part).x());
        }
    }

    @Test
    void letters_are_not_mirrored() {
        Reel left = ReelMaker.make(sided(), LEFT, new MonoTypesetter()).reel();
        Reel right = ReelMaker.make(sided(), RIGHT, new MonoTypesetter()).reel();
        for (int i = 0; i < left.layers().size(); i++) {
            Layer one = left.layers().get(i);
            Layer other = right.layers().get(i);
            for (int run = 0; run < one.runs().size(); run++) {
                assertThat(other.runs().get(run).x())
                        .containsExactly(one.runs().get(run).x());
            }
        }
    }

    @Test
    void motion_goes_the_other_way_along_x_and_about_but_not_along_y() {
        List<Double> left = aways(LEFT);
        List<Double> right = aways(RIGHT);
        assertThat(right).containsExactly(-left.get(0), -7.0, -30.0, 2 * Sketch.LINE);
    }

    private static List<Double> aways(Map<String, String> values) {
        return ReelMaker.make(sided(), values, new MonoTypesetter()).bars().stream()
                .map(bar -> bar.away())
                .toList();
    }

    @Test
    void a_mirror_of_a_mirror_is_the_original() {
        Phase out = new Out(GOES);
        assertThat(MirroredMoves.of(out)).isNotEqualTo(out);
        assertThat(MirroredMoves.of(MirroredMoves.of(out))).isEqualTo(out);
    }
}
