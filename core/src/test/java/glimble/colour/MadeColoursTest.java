package glimble.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.graphic.MadeColour;
import glimble.graphic.Palette;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

class MadeColoursTest {
    private static final Palette PALETTE = new Palette(Map.of("kelp", "#2E7D6B", "foam", "#F4F1EA80"));

    private static MadeColour made(String of, double lighter, double vivid, double turned) {
        return new MadeColour("made", of, Optional.empty(), lighter, vivid, turned);
    }

    private static String of(MadeColour... colours) {
        String last = colours[colours.length - 1].key();
        return MadeColours.among(List.of(colours), PALETTE, UnaryOperator.identity())
                .colours()
                .get(last);
    }

    private static Oklab lab(String colour) {
        return Oklab.of(Rgba.of(colour));
    }

    @Test
    void the_ends_are_white_black_and_grey() {
        assertThat(of(made("kelp", 1, 0, 0))).isEqualTo("#FFFFFF");
        assertThat(of(made("kelp", -1, 0, 0))).isEqualTo("#000000");
        Rgba grey = Rgba.of(of(made("kelp", 0, -1, 0)));
        assertThat(grey.red()).isEqualTo(grey.green()).isEqualTo(grey.blue());
        assertThat(of(made("kelp", 0, 0, 360))).isEqualTo("#2E7D6B");
        assertThat(of(made("foam", 0, 0, 0))).isEqualTo("#F4F1EA80");
    }

    @Test
    void colours_that_can_be_shown_come_back() {
        Random random = new Random(1);
        for (int i = 0; i < 2_000; i++) {
            String colour = String.format("#%06X", random.nextInt(1 << 24));
            assertThat(lab(colour).shown().text()).isEqualTo(colour);
        }
    }

    /** Lightness and hue are kept to what an eye does not see, whatever is asked for. */
    @Test
    void what_cannot_be_shown_loses_chroma_only() {
        Random random = new Random(2);
        int cut = 0;
        for (int i = 0; i < 2_000; i++) {
            double light = 0.15 + 0.7 * random.nextDouble();
            Oklab asked = Oklab.polar(light, random.nextDouble() * 0.4, (random.nextDouble() - 0.5) * 2 * Math.PI);
            Oklab shown = Oklab.of(asked.shown());
            if (shown.chroma() < asked.chroma() - 0.03) cut++;
            assertThat(shown.light()).isCloseTo(light, within(0.025));
            assertThat(shown.chroma()).isLessThan(asked.chroma() + 0.025);
            double off = Math.sin(shown.hue() - asked.hue()) * shown.chroma();
            assertThat(off).isCloseTo(0, within(0.025));
        }
        assertThat(cut).isGreaterThan(500);
    }

    @Test
    void lighter_and_turned_are_steps_in_oklch() {
        double light = lab("#2E7D6B").light();
        assertThat(lab(of(made("kelp", 0.5, -0.5, 0))).light()).isCloseTo((light + 1) / 2, within(0.004));
        assertThat(lab(of(made("kelp", -0.5, -0.5, 0))).light()).isCloseTo(light / 2, within(0.004));
        double turned = lab(of(made("kelp", 0, 0, 40))).hue() - lab("#2E7D6B").hue();
        // Hues of 8 bits that are so far from grey are a degree or two apart.
        assertThat(Math.IEEEremainder(Math.toDegrees(turned), 360)).isCloseTo(40, within(2.5));
    }

    @Test
    void mixed_weighs_by_alpha() {
        MadeColour half = new MadeColour("made", "kelp", Optional.of(new MadeColour.Mixed("foam", 0.5)), 0, 0, 0);
        Rgba mixed = Rgba.of(of(half));
        assertThat(mixed.alpha()).isCloseTo((1 + 128 / 255.0) / 2, within(0.003));
        // Half of an alpha of a half is a third of what is seen.
        double light = lab("#2E7D6B").light() * 2 / 3 + lab("#F4F1EA").light() / 3;
        assertThat(Oklab.of(mixed).light()).isCloseTo(light, within(0.006));
    }

    @Test
    void one_is_made_from_those_above_and_never_from_what_is_missing() {
        MadeColour main = new MadeColour("main", "kelp");
        MadeColour deep = new MadeColour("deep", "main", Optional.empty(), -0.4, 0, 0);
        assertThat(of(main, deep)).isEqualTo(of(made("kelp", -0.4, 0, 0)));
        assertThat(of(new MadeColour("main", "gone"), deep)).isEqualTo(Palette.MISSING);
        MadeColour mixed = new MadeColour("made", "kelp", Optional.of(new MadeColour.Mixed("gone", 0.5)), 0, 0, 0);
        assertThat(of(mixed)).isEqualTo(Palette.MISSING);
    }
}
