package glimble.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.edit.Rescale;
import glimble.edit.SmallLetters;
import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.graphic.Trial;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Track;
import glimble.rest.Rect;
import glimble.typeset.JdkTypesetter;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RescaleTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    static Stream<Graphic> all() {
        return DemoGraphics.all().stream()
                .map(json ->
                        GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow());
    }

    @ParameterizedTest
    @MethodSource("all")
    void at_twice_the_raster_everything_is_drawn_at_twice_the_size(Graphic graphic) {
        Graphic twice = Rescale.to(graphic, 3840, 2160);
        assertThat(GraphicJson.read(GraphicJson.write(twice), TYPESETTER.fonts())
                        .graphic())
                .hasValue(twice);
        for (Trial trial : graphic.trials()) {
            Reel small = ReelMaker.make(graphic, trial.values(), TYPESETTER).reel();
            Reel large = ReelMaker.make(twice, trial.values(), TYPESETTER).reel();
            assertThat(large.in()).isEqualTo(small.in());
            for (int i = 0; i < small.layers().size(); i++)
                assertTwice(small.layers().get(i), large.layers().get(i));
        }
    }

    private static void assertTwice(Layer small, Layer large) {
        // What is seen of a ribbon decides where it stands, and its facets miss its edge by up to a fifth of a px.
        boolean bent = small.ribbon() != null || small.rides() >= 0;
        assertTwice(small.box(), large.box(), bent ? 0.4 : 0.003);
        assertTwice(small.ink(), large.ink(), bent ? 0.4 : 0.003);
        assertThat(large.corners().topLeft()).isCloseTo(2 * small.corners().topLeft(), within(0.003));
        for (int i = 0; i < small.tracks().size(); i++) {
            Track slow = small.tracks().get(i);
            Track wide = large.tracks().get(i);
            var measure = slow.channel().measure();
            boolean px = measure == Channel.Measure.DISTANCE || measure == Channel.Measure.BLUR;
            for (int frame = 0; frame < slow.values().length; frame++) {
                assertThat(wide.values()[frame]).isCloseTo((px ? 2 : 1) * slow.values()[frame], within(0.003));
            }
        }
    }

    private static void assertTwice(Rect small, Rect large, double off) {
        assertThat(large.x()).isCloseTo(2 * small.x(), within(off));
        assertThat(large.y()).isCloseTo(2 * small.y(), within(off));
        assertThat(large.width()).isCloseTo(2 * small.width(), within(off));
        assertThat(large.height()).isCloseTo(2 * small.height(), within(off));
    }

    @ParameterizedTest
    @MethodSource("all")
    void there_and_back_is_the_same_graphic(Graphic graphic) {
        assertThat(Rescale.to(Rescale.to(graphic, 3840, 2160), 1920, 1080)).isEqualTo(graphic);
    }

    @ParameterizedTest
    @MethodSource("all")
    void a_raster_of_other_proportions_is_scaled_by_what_is_chosen_and_small_letters_are_told(Graphic wide) {
        Graphic tall = Rescale.to(wide, 1080, 1920, Rescale.By.SMALLER);
        for (Part part : wide.parts()) {
            if (!(part instanceof TextPart text)) continue;
            assertThat(size(tall, part)).isEqualTo(text.style().size());
            assertThat(size(Rescale.to(wide, 1080, 1920, Rescale.By.WIDTH), part))
                    .isCloseTo(text.style().size() * 1080 / 1920, within(1e-9));
            assertThat(size(Rescale.to(wide, 1080, 1920, Rescale.By.HEIGHT), part))
                    .isCloseTo(text.style().size() * 1920 / 1080, within(1e-9));
        }
        assertThat(SmallLetters.of(wide, tall, 30)).isEmpty();
        Graphic small = Rescale.to(wide, 1080, 1920, Rescale.By.WIDTH);
        long below = small.parts().stream()
                .filter(part -> part instanceof TextPart text && text.style().size() < 30)
                .filter(part -> size(wide, part) >= 30)
                .count();
        assertThat(SmallLetters.of(wide, small, 30))
                .hasSize((int) below)
                .allMatch(said -> said.contains("less than 30"));
    }

    private static double size(Graphic graphic, Part part) {
        return ((TextPart) graphic.part(part.key()).orElseThrow()).style().size();
    }
}
