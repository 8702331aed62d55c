package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import glimble.colour.Grading;
import glimble.colour.MadeColours;
import glimble.colour.Rgba;
import glimble.graphic.Grade;
import glimble.graphic.MadeColour;
import glimble.graphic.Palette;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The colours of a browser's own CSS are those that are made and graded here. */
class ColoursIT {
    private static final int COLOURS = 400;
    private static Browser browser;
    private static Page page;

    @BeforeAll
    static void launch() {
        browser = new Browser();
        page = browser.page();
        page.setContent("<!doctype html><p>colours</p>");
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
    }

    /** What a colour of CSS is in sRGB, 0–1, beyond that too, and its alpha. */
    @SuppressWarnings("unchecked")
    private static List<Number> srgb(String css) {
        return (List<Number>) page.evaluate("""
                css => {
                  const p = document.querySelector('p');
                  p.style.color = '';
                  p.style.color = `color(from ${css} srgb r g b)`;
                  const told = getComputedStyle(p).color;
                  if (!told.startsWith('color(srgb')) throw new Error(css + ' is ' + told);
                  const [r, g, b, , a] = told.slice(11, -1).split(' ').map(Number);
                  return [r, g, b, a ?? 1];
                }
                """, css);
    }

    private static Rgba made(MadeColour colour) {
        Palette palette = MadeColours.among(List.of(colour), new Palette(Map.of()), UnaryOperator.identity());
        return Rgba.of(palette.colour(colour.key()));
    }

    private static boolean isIn(List<Number> parts) {
        return parts.stream().allMatch(part -> part.doubleValue() >= 0 && part.doubleValue() <= 1);
    }

    private static void same(Rgba here, List<Number> there, String as) {
        double[] parts = {here.red(), here.green(), here.blue(), here.alpha()};
        for (int i = 0; i < parts.length; i++) {
            assertThat(parts[i]).as(as).isCloseTo(there.get(i).doubleValue(), within(1.01 / 255));
        }
    }

    @Test
    void colours_that_are_made_are_those_of_oklch_and_color_mix() {
        Random random = new Random(15);
        int shown = 0;
        for (int i = 0; i < COLOURS; i++) {
            String of = String.format("#%06X", random.nextInt(1 << 24));
            String with = String.format("#%08X", random.nextInt());
            double share = random.nextInt(101) / 100.0;
            double lighter = random.nextInt(101) / 100.0;
            double vivid = random.nextInt(151) / 100.0 - 1;
            double turned = random.nextInt(721) - 360;
            String mixed = String.format(Locale.ROOT, "color-mix(in oklab, %s, %s %.0f%%)", of, with, share * 100);
            List<Number> between = srgb(mixed);
            if (isIn(between)) {
                same(
                        made(new MadeColour("made", of, Optional.of(new MadeColour.Mixed(with, share)), 0, 0, 0)),
                        between,
                        mixed);
            }
            String css = String.format(
                    Locale.ROOT,
                    "oklch(from %s calc(l + (1 - l) * %s) calc(c * %s) calc(h + %s))",
                    of,
                    lighter,
                    1 + vivid,
                    turned);
            List<Number> there = srgb(css);
            // A browser leaves it to the screen what cannot be shown.
            if (!isIn(there)) continue;
            shown++;
            same(made(new MadeColour("made", of, Optional.empty(), lighter, vivid, turned)), there, css);
        }
        assertThat(shown).isGreaterThan(COLOURS / 3);
    }

    /** One by one: a filter rounds to whole steps between its functions. */
    @Test
    void lightness_contrast_and_saturation_are_those_of_filters() {
        Random random = new Random(16);
        for (int i = 0; i < COLOURS; i++) {
            String colour = String.format("#%06X", random.nextInt(1 << 24));
            double factor = random.nextInt(31) / 10.0;
            same(new Grade(factor, 1, 1, 0, Optional.empty()), "brightness(" + factor + ")", colour);
            same(new Grade(1, factor, 1, 0, Optional.empty()), "contrast(" + factor + ")", colour);
            same(new Grade(1, 1, factor, 0, Optional.empty()), "saturate(" + factor + ")", colour);
        }
    }

    @SuppressWarnings("unchecked")
    private static void same(Grade grade, String filter, String colour) {
        List<Number> there = (List<Number>) page.evaluate("""
                ([colour, filter]) => {
                  const canvas = document.createElement('canvas');
                  const context = canvas.getContext('2d');
                  context.filter = filter;
                  context.fillStyle = colour;
                  context.fillRect(0, 0, 9, 9);
                  return [...context.getImageData(4, 4, 1, 1).data].map((part) => part / 255);
                }
                """, List.of(colour, filter));
        same(Rgba.of(new Grading(grade).of(colour)), there, filter + " of " + colour);
    }
}
