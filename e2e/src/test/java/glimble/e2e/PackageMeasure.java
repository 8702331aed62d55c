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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * How long it takes from a package, all of whose files the browser has already, to its first picture; and from other data to the changed
 * picture. Not a test of the suite, since its name does not end in IT; {@code bin/bench} runs it.
 */
class PackageMeasure {
    private static final int LOADS = 15;
    private static final int KEYSTROKES = 120;
    private static final int WARMING_UP = 30;

    @Test
    void measure() throws IOException {
        try (Browser browser = new Browser();
                Host host = new Host()) {
            Page page = browser.page();
            page.setViewportSize(1920, 1080);
            for (String name : List.of("flyer-bar", "judge-bar", "heat-board")) measure(page, host, name);
        }
    }

    private static void measure(Page page, Host host, String name) throws IOException {
        JdkTypesetter typesetter = new JdkTypesetter();
        HandedDemo demo = HandedDemo.of(name, typesetter);
        Path file = Files.createTempFile("measured", ".zip");
        Files.delete(file);
        new HandOver(typesetter)
                .write(demo.handed(), new Asked(Form.PACKAGE, List.of(), -1, "", false), file, Progress.NONE);
        host.unpack(name, Files.readAllBytes(file));
        Files.delete(file);
        Map<String, Object> asked = new TreeMap<>();
        asked.put("name", name);
        asked.put("at", name + "/" + name + ".ograf.json");
        asked.put("data", new TreeMap<>(demo.someValues()));
        asked.put("field", demo.handed().designed().fields().get(0).key());
        asked.put("keystrokes", KEYSTROKES);
        asked.put("warmingUp", WARMING_UP);
        List<Double> first = new ArrayList<>();
        for (int i = 0; i <= LOADS; i++) {
            page.navigate(host.address());
            page.waitForFunction("() => window.host");
            double ms = ((Number) page.evaluate("""
                    async ({ at, data }) => {
                      const began = performance.now();
                      await host.define(at, 'g-measured');
                      host.add('g-measured', 'one');
                      await host.call('one', 'load', { data, renderType: 'realtime', renderCharacteristics: {} });
                      await host.call('one', 'playAction', { skipAnimation: true });
                      await new Promise(requestAnimationFrame);
                      return performance.now() - began;
                    }
                    """, asked)).doubleValue();
            if (i > 0) first.add(ms);
        }
        first.sort(null);
        List<Number> changed = cast(page.evaluate("""
                async ({ data, field, keystrokes, warmingUp }) => {
                  const letters = 'Ingeborg Thorhalls';
                  const times = [];
                  for (let i = 0; i < keystrokes + warmingUp; i++) {
                    const text = letters.slice(0, 1 + (i % letters.length)) + Math.floor(i / letters.length);
                    const began = performance.now();
                    await host.call('one', 'updateAction', { data: { ...data, [field]: text }, skipAnimation: true });
                    if (i >= warmingUp) times.push(performance.now() - began);
                  }
                  return times.sort((a, b) => a - b);
                }
                """, asked));
        double reel = ((Number) page.evaluate("""
                async ({ name, data, field, keystrokes, warmingUp }) => {
                  const { beginShaper, open, Texts } = await import(`${location.origin}/${name}/runtime.mjs`);
                  await beginShaper();
                  const module = await (await fetch(`${location.origin}/${name}/graphic.mjs`)).text();
                  const design = JSON.parse(module.match(/const design = (.*);\\n/)[1]);
                  const texts = new Texts(design);
                  for (const { id, at } of design.fonts) {
                    texts.face(id).take(await (await fetch(`${location.origin}/${name}/${at}`)).arrayBuffer());
                  }
                  const stage = open(design, texts);
                  const letters = 'Ingeborg Thorhalls';
                  const times = [];
                  for (let i = 0; i < keystrokes + warmingUp; i++) {
                    const text = letters.slice(0, 1 + (i % letters.length)) + Math.floor(i / letters.length);
                    stage.clear();
                    const began = performance.now();
                    stage.take(0, { ...data, [field]: text });
                    stage.reel(stage.shown(1).reel);
                    if (i >= warmingUp) times.push(performance.now() - began);
                  }
                  return times.sort((a, b) => a - b)[keystrokes / 2];
                }
                """, asked)).doubleValue();
        System.out.printf(
                "package of %s: first picture median %.0f ms (%d loads); letter to reel median %.1f ms, to changed picture %.1f ms, 95 %% within %.1f ms%n",
                name,
                first.get(LOADS / 2),
                LOADS,
                reel,
                changed.get(KEYSTROKES / 2).doubleValue(),
                changed.get(KEYSTROKES * 95 / 100).doubleValue());
    }

    @SuppressWarnings("unchecked")
    private static List<Number> cast(Object list) {
        return (List<Number>) list;
    }
}
