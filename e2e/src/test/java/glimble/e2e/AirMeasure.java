package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * How long it takes from a press to the output page, how far screens are apart, from a keystroke to the preview, when a lost line is
 * said, and whether an output page grows. Not a test of the suite, since its name does not end in IT; {@code bin/air} runs it. {@code -Dair.takes} says how many takes.
 */
class AirMeasure {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final int PRESSES = 120;
    private static final int SAMPLES = 200;
    private static final int KEYSTROKES = 100;
    private static final int CUTS = 6;
    private static final int WARMING_UP = 200;

    private final String address = Packaged.shared().address();

    /** Notes for each frame that a page paints when that was, what it showed, and of which event. */
    private static final String WATCH = """
            () => {
              const canvas = document.querySelector('SELECTOR');
              window.painted = [];
              const note = () => {
                requestAnimationFrame(note);
                const { frame, event } = canvas.dataset;
                window.painted.push([performance.timeOrigin + performance.now(), Number(frame), Number(event)]);
                if (window.painted.length > 4000) window.painted.splice(0, 2000);
              };
              note();
            }
            """;

    @Test
    void measure() throws Exception {
        try (Browser browser = new Browser()) {
            DeskPage desk = DeskPage.open(browser.page(), address, 1);
            Page output = browser.page();
            output.navigate(address + "output.html?output=1&width=960");
            assertThat(output.locator("canvas")).hasAttribute("data-frame", java.util.regex.Pattern.compile("\\d+"));
            output.evaluate(WATCH.replace("SELECTOR", "canvas"));
            presses(desk, output);
            drift(desk.page(), output);
            keystrokes(desk);
            lostLine(browser);
            takes(output);
        }
    }

    /** Takes of cue after cue of one berth, each when what was before it stands. */
    private void presses(DeskPage desk, Page output) throws IOException, InterruptedException {
        List<Double> times = new ArrayList<>();
        String[] cues = {"6", "7", "2", "3", "9", "10"};
        for (int i = 0; i < PRESSES; i++) {
            desk.recall(cues[i % cues.length]);
            // An operator looks at the preview before pressing.
            desk.page().waitForTimeout(400);
            long before = state().get("event").asLong();
            desk.page()
                    .evaluate("() => addEventListener('keydown', (event) => (window.pressed = performance.timeOrigin"
                            + " + event.timeStamp), { once: true, capture: true })");
            desk.press("Enter");
            JsonNode state = state();
            while (state.get("event").asLong() == before) state = state();
            long event = state.get("event").asLong();
            long from = since(state, event);
            output.waitForFunction(
                    "([event, from]) => window.painted.some(([, frame, of]) => of >= event && frame >= from)",
                    List.of((double) event, (double) from));
            double shown = ((Number) output.evaluate(
                            "([event, from]) => window.painted.find(([, frame, of]) => of >= event && frame >= from)[0]",
                            List.of((double) event, (double) from)))
                    .doubleValue();
            times.add(shown - ((Number) desk.page().evaluate("window.pressed")).doubleValue());
        }
        times.sort(null);
        System.out.printf(
                "press to output page: median %.0f ms, 99 %% within %.0f ms (%d presses)%n",
                times.get(PRESSES / 2), times.get(PRESSES * 99 / 100), PRESSES);
    }

    /** The frame at which something of an event is first seen: the out of what stood, a change, or a take. */
    private static long since(JsonNode state, long event) {
        for (JsonNode berth : state.get("berths")) {
            if (berth.get("event").asLong() != event) continue;
            JsonNode plays = berth.get("plays");
            JsonNode last = plays.get(plays.size() - 1);
            JsonNode earlier = plays.size() > 1 ? plays.get(plays.size() - 2) : last;
            boolean waits = earlier.hasNonNull("leaves")
                    && earlier.get("leaves").asLong() <= last.get("from").asLong();
            return waits ? earlier.get("leaves").asLong() : last.get("from").asLong();
        }
        return 0;
    }

    private void drift(Page desk, Page output) {
        String sample =
                "() => new Promise((done) => requestAnimationFrame(() => done([performance.timeOrigin + performance.now(),"
                        + " Number(document.querySelector('SELECTOR').dataset.frame)])))";
        List<Double> apart = new ArrayList<>();
        for (int i = 0; i < SAMPLES; i++) {
            List<Number> one = numbers(desk, sample.replace("SELECTOR", ".frame.air canvas"));
            List<Number> other = numbers(output, sample.replace("SELECTOR", "canvas"));
            double passed = (other.get(0).doubleValue() - one.get(0).doubleValue()) / 20;
            apart.add(Math.abs(other.get(1).doubleValue() - one.get(1).doubleValue() - passed));
        }
        apart.sort(null);
        System.out.printf(
                "screens apart: median %.2f frames, 99 %% within %.2f frames (%d samples)%n",
                apart.get(SAMPLES / 2), apart.get(SAMPLES * 99 / 100), SAMPLES);
    }

    @SuppressWarnings("unchecked")
    private static List<Number> numbers(Page page, String script) {
        return (List<Number>) page.evaluate(script);
    }

    private static void keystrokes(DeskPage desk) {
        desk.recall("7");
        List<Number> times = numbers(desk.page(), """
                async () => {
                  const input = document.querySelector('[data-field=name] input');
                  const canvas = document.querySelector('.frame.preview canvas');
                  const times = [];
                  for (let i = 0; i < KEYSTROKES; i++) {
                    const drawn = new Promise((done) => {
                      const watch = new MutationObserver(() => { watch.disconnect(); done(); });
                      watch.observe(canvas, { attributeFilter: ['data-drawn'] });
                    });
                    const began = performance.now();
                    input.value = 'Ingeborg Halvorsen'.slice(0, 4 + (i % 14)) + i;
                    input.dispatchEvent(new Event('input', { bubbles: true }));
                    await drawn;
                    await new Promise((done) => requestAnimationFrame(done));
                    times.push(performance.now() - began);
                    await new Promise((done) => setTimeout(done, 60));
                  }
                  return times;
                }
                """.replace("KEYSTROKES", String.valueOf(KEYSTROKES)));
        List<Double> sorted =
                new ArrayList<>(times.stream().map(Number::doubleValue).toList());
        sorted.sort(null);
        System.out.printf(
                "keystroke to preview: median %.1f ms, 95 %% within %.1f ms (%d keystrokes)%n",
                sorted.get(KEYSTROKES / 2), sorted.get(KEYSTROKES * 95 / 100), KEYSTROKES);
    }

    /** From a line that is cut to the sentence that says so, several times. */
    private void lostLine(Browser browser) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < CUTS; i++) {
            try (Line line = new Line(URI.create(address).getPort())) {
                DeskPage desk = DeskPage.open(browser.page(), line.address(), 1);
                long began = System.nanoTime();
                line.cut();
                desk.page().locator(".lost").waitFor();
                times.add((System.nanoTime() - began) / 1e6);
                desk.page().close();
            }
        }
        times.sort(null);
        System.out.printf(
                "a lost line is said: %.0f to %.0f ms after it was cut (%d times)%n",
                times.get(0), times.get(CUTS - 1), CUTS);
    }

    /** Heap of an output page before and after so many takes of ever other texts. */
    private void takes(Page output) throws IOException, InterruptedException {
        int takes = Integer.getInteger("air.takes", 2000);
        long flyer = Packaged.shared().named("Flyer bar");
        long twin = Packaged.shared().named("Twin bar");
        for (int i = 0; i < WARMING_UP; i++) take(i % 5 == 0 ? twin : flyer, "Warm " + i);
        double before = heap(output);
        for (int i = 0; i < takes; i++) take(i % 5 == 0 ? twin : flyer, "Oona " + i);
        double after = heap(output);
        System.out.printf(
                "heap of the output page: %.2f MB before, %.2f MB after %d takes (%+.1f %%)%n",
                before / 1e6, after / 1e6, takes, 100 * (after / before - 1));
        assertThat(after).isLessThanOrEqualTo(before * 1.1);
    }

    private void take(long graphic, String name) throws IOException, InterruptedException {
        ObjectNode act = JSON.createObjectNode()
                .put("actId", UUID.randomUUID().toString())
                .put("kind", "TAKE")
                .put("after", state().get("event").asLong())
                .put("notAfter", System.currentTimeMillis() + 20_000);
        ObjectNode filling = act.putObject("filling").put("graphic", graphic).put("revision", 1);
        filling.putObject("values").put("name", name);
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + "api/outputs/1/acts"))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(act.toString()))
                .build();
        assertThat(CLIENT.send(request, BodyHandlers.ofString()).statusCode()).isEqualTo(200);
    }

    private static double heap(Page page) {
        page.evaluate("() => new Promise((done) => setTimeout(done, 3000))");
        page.evaluate("() => { window.painted = []; }");
        CDPSession session = page.context().newCDPSession(page);
        for (int i = 0; i < 3; i++) session.send("HeapProfiler.collectGarbage");
        double used = session.send("Runtime.getHeapUsage").get("usedSize").getAsDouble();
        session.detach();
        return used;
    }

    private JsonNode state() throws IOException, InterruptedException {
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(address + "api/outputs/1")).build();
        return JSON.readTree(CLIENT.send(request, BodyHandlers.ofString()).body());
    }
}
