package glimble.reel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.edit.OutEdits;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Out;
import glimble.graphic.PhaseName;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** An out that is the in backwards, quicker or slower, over random graphics and values. */
class PacedOutTest {
    private static final double ROUNDED = 0.011;

    private static Graphic mirrored(int seed) {
        Graphic random = RandomGraphic.of(seed);
        return OutEdits.mirror(random.withVariants(List.of())
                .withCases(List.of())
                .withFrame(new Frame(1920, 1080, random.frame().rate(), 8_000)));
    }

    private static WorkedOut made(Graphic graphic, int seed) {
        return ReelMaker.make(graphic, RandomGraphic.values(graphic, new Random(seed)), new MonoTypesetter());
    }

    private static List<Track> tracks(Layer layer, PhaseName phase) {
        return layer.tracks().stream().filter(track -> track.phase() == phase).toList();
    }

    private static double[] all(Track track, int frame) {
        if (!track.overLetters()) return new double[] {track.at(frame)};
        double[] values = new double[track.dealt().starts().length];
        for (int unit = 0; unit < values.length; unit++) values[unit] = track.at(frame, unit);
        return values;
    }

    @RepeatedTest(200)
    void twice_as_slow_every_second_frame_is_one_of_the_in(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Graphic graphic = mirrored(seed);
        Reel had = made(graphic, seed).reel();
        Reel has = made(OutEdits.paced(graphic, new Out.Share(2)), seed).reel();
        assertThat(has.out()).isEqualTo(2 * had.out());
        for (int i = 0; i < had.layers().size(); i++) {
            List<Track> before = tracks(had.layers().get(i), PhaseName.OUT);
            List<Track> after = tracks(has.layers().get(i), PhaseName.OUT);
            assertThat(after).hasSameSizeAs(before);
            for (int t = 0; t < before.size(); t++) {
                for (int frame = 0; frame <= had.out(); frame++) {
                    assertThat(all(after.get(t), 2 * frame))
                            .as(
                                    "graphic %s, %s %s, frame %s",
                                    seed,
                                    had.layers().get(i).part(),
                                    before.get(t).channel(),
                                    frame)
                            .containsExactly(all(before.get(t), frame), within(ROUNDED));
                }
            }
        }
    }

    @RepeatedTest(200)
    void it_takes_the_frames_it_is_given_for_any_text_and_ends_as_the_in_begins(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Graphic graphic = mirrored(seed);
        Reel had = made(graphic, seed).reel();
        WorkedOut made = made(OutEdits.paced(graphic, new Out.Frames(22)), seed);
        Reel has = made.reel();
        assertThat(has.in()).isEqualTo(had.in());
        assertThat(has.out()).isEqualTo(had.in() == 0 ? 0 : 22);
        Map<String, Bar> in = new HashMap<>();
        for (Bar bar : made.bars()) if (bar.phase() == PhaseName.IN) in.put(bar.move(), bar);
        for (Bar bar : made.bars()) {
            if (bar.phase() != PhaseName.OUT) continue;
            Bar of = in.get(bar.move());
            double scale = 22.0 / had.in();
            assertThat((double) bar.start()).isCloseTo((had.in() - of.start() - of.length()) * scale, within(0.51));
            assertThat((double) bar.start() + bar.length()).isCloseTo((had.in() - of.start()) * scale, within(0.51));
        }
        for (Layer layer : has.layers()) {
            List<Track> comes = tracks(layer, PhaseName.IN);
            List<Track> goes = tracks(layer, PhaseName.OUT);
            assertThat(goes).hasSameSizeAs(comes);
            for (int t = 0; t < comes.size(); t++) {
                assertThat(all(goes.get(t), has.out()))
                        .as(
                                "graphic %s, %s %s",
                                seed, layer.part(), comes.get(t).channel())
                        .containsExactly(all(comes.get(t), 0), within(ROUNDED));
                assertThat(all(goes.get(t), 0)).containsExactly(all(comes.get(t), has.in()), within(ROUNDED));
            }
        }
    }
}
