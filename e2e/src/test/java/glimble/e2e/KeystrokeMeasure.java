package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * How long it takes from a keystroke to the changed picture: from the input event to the frame after the picture was drawn. Not
 * a test of the suite, since its name does not end in IT; {@code bin/bench} runs it.
 */
class KeystrokeMeasure {
    private static final int KEYSTROKES = 120;
    private static final int WARMING_UP = 20;
    /** As many as the strip shows. */
    private static final int TRIALS = 8;

    @Test
    void measure() {
        try (Browser browser = new Browser()) {
            FloorPage floor = FloorPage.open(browser.page(), "Flyer bar");
            Page page = floor.page();
            for (int trial = page.locator("ul button canvas").count(); trial < TRIALS; trial++) {
                floor.button("Keep as new trial").click();
                page.waitForCondition(locator(page, trial + 1));
            }
            List<Double> times = times(page);
            assertThat(times).hasSize(KEYSTROKES);
            System.out.printf(
                    "keystroke to picture: median %.1f ms, 95 %% within %.1f ms (%d keystrokes, %s trials in the strip)%n",
                    times.get(KEYSTROKES / 2),
                    times.get(KEYSTROKES * 95 / 100),
                    KEYSTROKES,
                    page.locator("ul button canvas").count());
        }
    }

    private static java.util.function.BooleanSupplier locator(Page page, int count) {
        return () -> page.locator("ul button canvas").count() == count;
    }

    /** ms, in ascending order. */
    @SuppressWarnings("unchecked")
    private static List<Double> times(Page page) {
        List<Number> times =
                (List<Number>) page.evaluate("""
                async ({keystrokes, warmingUp}) => {
                  const input = document.querySelector('form input');
                  const canvas = document.querySelector('section canvas');
                  const letters = 'Ingeborg Þórhallsdóttir-Halvorsen ';
                  const times = [];
                  for (let i = 0; i < keystrokes + warmingUp; i++) {
                    const drawn = new Promise((resolve) => {
                      const watch = new MutationObserver(() => { watch.disconnect(); resolve(); });
                      watch.observe(canvas, {attributeFilter: ['data-drawn']});
                    });
                    const text = letters.slice(0, 1 + i % letters.length) + Math.floor(i / letters.length);
                    const began = performance.now();
                    input.value = text;
                    input.dispatchEvent(new Event('input', {bubbles: true}));
                    await drawn;
                    await new Promise(requestAnimationFrame);
                    if (i >= warmingUp) times.push(performance.now() - began);
                  }
                  return times.sort((a, b) => a - b);
                }
                """, java.util.Map.of("keystrokes", KEYSTROKES, "warmingUp", WARMING_UP));
        return times.stream().map(Number::doubleValue).toList();
    }
}
