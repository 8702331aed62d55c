package glimble.e2e;

import com.microsoft.playwright.Page;
import glimble.handover.Asked;
import glimble.handover.Form;
import glimble.handover.HandOver;
import glimble.handover.Progress;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * How long the Opening ribbon takes to be drawn in a browser without GPU at 1280x720, frame after frame of its in and out, pixels and all. Not a
 * test of the suite, since its name does not end in IT; {@code bin/bench} runs it.
 */
class RibbonMeasure {
    private static final int ROUNDS = 3;

    @Test
    void measure() throws IOException {
        try (Browser browser = new Browser();
                Host host = new Host()) {
            Page page = browser.page();
            page.setViewportSize(1280, 720);
            JdkTypesetter typesetter = new JdkTypesetter();
            HandedDemo demo = HandedDemo.of("opening-ribbon", typesetter);
            Path file = Files.createTempFile("measured", ".zip");
            Files.delete(file);
            new HandOver(typesetter)
                    .write(demo.handed(), new Asked(Form.PACKAGE, List.of(), -1, "", false), file, Progress.NONE);
            host.unpack("ribbon", Files.readAllBytes(file));
            Files.delete(file);
            page.navigate(host.address());
            page.waitForFunction("() => window.host");
            Map<String, Object> asked = new TreeMap<>();
            asked.put("data", new TreeMap<>(demo.someValues()));
            asked.put("frames", 116);
            asked.put("rounds", ROUNDS);
            List<?> times = (List<?>) page.evaluate("""
                    async ({ data, frames, rounds }) => {
                      await host.define('ribbon/opening-ribbon.ograf.json', 'g-measured');
                      host.add('g-measured', 'one');
                      await host.call('one', 'load', { data, renderType: 'non-realtime', renderCharacteristics: { resolution: { width: 1280, height: 720 } } });
                      const schedule = [
                        { timestamp: 0, action: { type: 'playAction', params: {} } },
                        { timestamp: 1600, action: { type: 'stopAction', params: {} } },
                      ];
                      await host.call('one', 'setActionsSchedule', { schedule });
                      const element = document.querySelector('#stage > *');
                      const canvas = (element.shadowRoot ?? element).querySelector('canvas');
                      const context = canvas.getContext('2d');
                      const times = [];
                      for (let round = 0; round <= rounds; round++) {
                        for (let i = 1; i <= frames; i++) {
                          const began = performance.now();
                          await host.call('one', 'goToTime', { timestamp: i * 20 });
                          context.getImageData(0, 0, 1, 1);
                          if (round > 0) times.push(performance.now() - began);
                        }
                      }
                      return [canvas.width, canvas.height, ...times.sort((a, b) => a - b)];
                    }
                    """, asked);
            int count = times.size() - 2;
            System.out.printf(
                    "Opening ribbon in a browser at %s x %s: median %.1f ms a frame, 90 %% within %.1f ms, the longest %.1f ms (%d frames)%n",
                    times.get(0),
                    times.get(1),
                    number(times, count / 2),
                    number(times, count * 9 / 10),
                    number(times, count - 1),
                    count);
        }
    }

    private static double number(List<?> times, int i) {
        return ((Number) times.get(2 + i)).doubleValue();
    }
}
