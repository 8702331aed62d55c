package glimble.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Rounds;
import glimble.reel.Track;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Gestures of the loop: they begin and end at rest, and light is seen on its way only. */
class LoopGesturesTest {
    private static final MonoTypesetter TYPESETTER = new MonoTypesetter();

    @RepeatedTest(80)
    void every_one_begins_and_ends_at_rest_and_can_be_read_again(RepetitionInfo info) {
        Graphic graphic = RandomGraphic.of(info.getCurrentRepetition())
                .withVariants(List.of())
                .withCases(List.of());
        Map<String, String> values = RandomGraphic.values(graphic, new Random(info.getCurrentRepetition()));
        Rest rest = RestSolver.solve(graphic, values, TYPESETTER);
        for (Part part : graphic.parts()) {
            if (!rest.isPresent(part.key())) continue;
            for (String name : LoopGestures.of(part)) {
                Graphic edited = LoopGestures.add(graphic, part.key(), name, rest.box(part.key()));
                var reading = GraphicReader.read(GraphicWriter.write(Dialled.settled(edited)), TYPESETTER.fonts());
                assertThat(reading.problems()).as("%s of %s", name, part.key()).isEmpty();
                Reel reel = ReelMaker.make(edited, values, TYPESETTER).reel();
                assertThat(reel.loop()).isPositive();
                for (Layer layer : reel.layers()) {
                    for (Track track : layer.tracks()) {
                        boolean mine =
                                track.phase() == PhaseName.LOOP && layer.part().equals(part.key() + " light");
                        if (mine) assertThat(track.at(0)).isZero();
                        // Rounds that hardly ever meet are cut off after hours.
                        if (mine && reel.loop() < Rounds.MOST)
                            assertThat(track.at(reel.loop())).isZero();
                    }
                }
            }
        }
    }

    @Test
    void light_passes_over_all_of_a_part_and_is_not_seen_at_rest() {
        Graphic graphic = glimble.Sketch.graphic(glimble.Sketch.box(
                "plate", glimble.Sketch.px(400), glimble.Sketch.left(), glimble.Sketch.px(60), glimble.Sketch.left()));
        Rect plate = RestSolver.solve(graphic, Map.of(), TYPESETTER).box("plate");
        Graphic edited = LoopGestures.add(graphic, "plate", "glint along it", plate);
        Rect light = RestSolver.solve(edited, Map.of(), TYPESETTER).box("plate light");
        assertThat(light.right()).isEqualTo(plate.x());
        Track track = ReelMaker.make(edited, Map.of(), TYPESETTER).reel().layers().get(1).tracks().stream()
                .filter(one -> one.phase() == PhaseName.LOOP)
                .findFirst()
                .orElseThrow();
        double far = 0;
        for (int frame = 0; frame < 200; frame++) far = Math.max(far, track.at(frame));
        assertThat(light.x() + far).isGreaterThanOrEqualTo(plate.right());
        assertThatThrownBy(() -> LoopGestures.add(graphic, "plate", "slide", plate))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
