package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import glimble.formats.DemoGraphics;
import glimble.graphic.PhaseName;
import glimble.handover.Asked;
import glimble.handover.Form;
import glimble.handover.HandOver;
import glimble.handover.Progress;
import glimble.paint.ReelPainter;
import glimble.reel.Reel;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Packages of the demo's graphics, in a host that knows only the standard: pictures as in the application, for any text. */
class PackageIT {
    private static final double ALLOWED = 0.02;
    private static final int FRAMES = 6;
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static Browser browser;
    private static Host host;
    private static Page page;

    @TempDir
    Path folder;

    @BeforeAll
    static void launch() {
        browser = new Browser();
        host = new Host();
        page = browser.page();
        page.setViewportSize(1920, 1080);
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        host.close();
        browser.close();
    }

    static List<String> demos() {
        return DemoGraphics.names();
    }

    private static byte[] written(HandedDemo demo, Form form) throws IOException {
        Path file = Files.createTempFile("handed", "." + form.ending());
        Asked asked = new Asked(form, List.of(), -1, "", false);
        new HandOver(TYPESETTER).write(demo.handed(), asked, file, Progress.NONE);
        byte[] content = Files.readAllBytes(file);
        Files.delete(file);
        return content;
    }

    /** Opens the host page with a package, of which one graphic stands there by the name {@code one}. */
    private static HandedDemo opened(String name) throws IOException {
        HandedDemo demo = HandedDemo.of(name, TYPESETTER);
        Map<String, byte[]> files = host.unpack(name, written(demo, Form.PACKAGE));
        String manifest = files.keySet().stream()
                .filter(file -> file.endsWith(".ograf.json"))
                .findFirst()
                .orElseThrow();
        page.navigate(host.address());
        page.waitForFunction("() => window.host");
        page.evaluate("([at, tag]) => host.define(at, tag)", List.of(name + "/" + manifest, "g-" + name));
        page.evaluate("([tag, name]) => host.add(tag, name)", List.of("g-" + name, "one"));
        return demo;
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> call(String name, String method, Object parameters) {
        return (Map<String, Object>) page.evaluate(
                "([name, method, of]) => host.call(name, method, of)", Arrays.asList(name, method, parameters));
    }

    private static void done(String name, String method, Object parameters) {
        assertThat(call(name, method, parameters)).containsEntry("statusCode", 200);
    }

    private static Map<String, Object> load(Object data, String type) {
        return Map.of(
                "data",
                data,
                "renderType",
                type,
                "renderCharacteristics",
                Map.of("resolution", Map.of("width", 1920, "height", 1080)));
    }

    private static BufferedImage shot() throws IOException {
        byte[] png = page.screenshot(new Page.ScreenshotOptions().setOmitBackground(true));
        return ImageIO.read(new ByteArrayInputStream(png));
    }

    private static boolean isEmpty(BufferedImage picture) {
        int[] pixels = picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
        for (int pixel : pixels) if (pixel >>> 24 != 0) return false;
        return true;
    }

    private static Map<String, Object> at(double ms, String action) {
        return Map.of("timestamp", ms, "action", Map.of("type", action, "params", Map.of()));
    }

    private static void schedule(List<Map<String, Object>> acts) {
        done("one", "setActionsSchedule", Map.of("schedule", acts));
    }

    private static double differing(ReelPainter painter, PhaseName phase, int frame, double ms) {
        done("one", "goToTime", Map.of("timestamp", ms));
        return Pixels.differing(painter.paint(phase, frame), Pixels.of(page.locator("#stage canvas")));
    }

    @ParameterizedTest
    @MethodSource("demos")
    void a_package_shows_what_the_application_does_at_any_time_in_any_order(String name) throws IOException {
        HandedDemo demo = opened(name);
        Map<String, String> values = demo.handed().designed().trials().get(0).values();
        Reel reel = demo.reel(values);
        done("one", "load", load(new TreeMap<>(values), "non-realtime"));
        assertThat(isEmpty(shot())).as("nothing before it is played").isTrue();
        double ms = 1000 / reel.rate();
        // Steps are passed by at once, so that the in is at its end with the last of them; else it plays.
        boolean steps = !reel.steps().isEmpty();
        List<Map<String, Object>> acts = new ArrayList<>();
        acts.add(at(0, "playAction"));
        for (int i = 0; i < reel.steps().size(); i++) acts.add(at(0, "playAction"));
        Map<Double, Double> differing = new TreeMap<>();
        schedule(acts);
        ReelPainter painter = demo.painter(reel);
        for (int i = 0; !steps && i < FRAMES / 2; i++) {
            // Backwards and forwards.
            int frame = reel.in() * (i * 7 % (FRAMES / 2)) / (FRAMES / 2 - 1);
            differing.put(frame * ms, differing(painter, PhaseName.IN, frame, frame * ms));
        }
        if (steps) differing.put(reel.in() * ms, differing(painter, PhaseName.IN, reel.in(), reel.in() * ms));
        int leaves = reel.in();
        acts.add(0, at(leaves * ms, "stopAction"));
        schedule(acts);
        // From rest, and from the rest of a loop, the designed out.
        Reel out = reel;
        ReelPainter leaving = demo.painter(out);
        for (int i = 0; i < FRAMES / 2; i++) {
            int frame = out.out() * (i * 3 % (FRAMES / 2)) / (FRAMES / 2 - 1);
            differing.put((leaves + frame) * ms, differing(leaving, PhaseName.OUT, frame, (leaves + frame) * ms));
        }
        assertThat(differing.values()).as("%s", differing).allMatch(share -> share <= ALLOWED);
        if (!steps) {
            int early = reel.in() / 3;
            schedule(List.of(at(0, "playAction"), at(early * ms, "stopAction")));
            Reel sooner = demo.take(values).shown(PhaseName.IN, early).leaving();
            int frame = sooner.out() / 2;
            assertThat(differing(demo.painter(sooner), PhaseName.OUT, frame, (early + frame) * ms))
                    .isLessThanOrEqualTo(ALLOWED);
        }
        done("one", "dispose", Map.of());
        assertThat(page.locator("#stage canvas")).hasCount(0);
    }

    @Test
    void one_that_is_changed_for_hours_keeps_only_what_stands() throws IOException {
        opened("flyer-bar");
        done("one", "load", load(Map.of("name", "Wu", "role", "Flyer"), "realtime"));
        done("one", "playAction", Map.of("skipAnimation", true));
        double before = changed(0, 60);
        double after = changed(60, 260);
        assertThat(after - before).as("bytes more after 200 changes").isLessThan(1_500_000);
    }

    /** @return bytes of the heap after changes, from one number to another */
    private static double changed(int from, int to) {
        for (int i = from; i < to; i++) {
            Map<String, String> data = Map.of("name", "Ingeborg the " + i + "th of her name", "role", "Flyer");
            done("one", "updateAction", Map.of("data", data, "skipAnimation", true));
        }
        CDPSession session = page.context().newCDPSession(page);
        session.send("HeapProfiler.enable");
        session.send("HeapProfiler.collectGarbage");
        double used = session.send("Runtime.getHeapUsage").get("usedSize").getAsDouble();
        session.detach();
        return used;
    }

    @Test
    void it_is_played_filled_anew_and_taken_out_as_the_standard_says() throws IOException {
        HandedDemo demo = opened("judge-bar");
        Map<String, String> wu = Map.of("name", "Wu", "class", "Box kites");
        Map<String, String> long40 = Map.of("name", "Ingeborg Þórhallsdóttir-Halvorsen", "class", "");
        assertThat(call("one", "playAction", Map.of())).containsEntry("statusCode", 400);
        done("one", "load", load(wu, "realtime"));
        Map<String, Object> answer = call("one", "playAction", Map.of("skipAnimation", true));
        assertThat(answer).containsEntry("statusCode", 200).containsEntry("currentStep", 0);
        Reel rest = demo.reel(wu);
        BufferedImage painted = demo.painter(rest).paint(PhaseName.IN, rest.in());
        assertThat(Pixels.differing(painted, shot())).isLessThanOrEqualTo(ALLOWED);

        // What is wrong is said, and what stood still stands.
        Map<String, Object> refused =
                call("one", "updateAction", Map.of("data", Map.of("name", "Wu", "nickname", "Wuwu")));
        assertThat(refused).containsEntry("statusCode", 400);
        assertThat((String) refused.get("statusMessage")).contains("$['nickname']: is not known");
        assertThat(call("one", "updateAction", Map.of("data", List.of("Wu")))).containsEntry("statusCode", 400);
        assertThat(Pixels.differing(painted, shot())).isLessThanOrEqualTo(ALLOWED);

        done("one", "updateAction", Map.of("data", long40, "skipAnimation", true));
        Reel longer = demo.reel(long40);
        assertThat(Pixels.differing(demo.painter(longer).paint(PhaseName.IN, longer.in()), shot()))
                .isLessThanOrEqualTo(ALLOWED);

        // A second one beside it, which the first does not touch.
        page.evaluate("([tag, name]) => host.add(tag, name)", List.of("g-judge-bar", "two"));
        done("two", "load", load(wu, "realtime"));
        done("one", "stopAction", Map.of("skipAnimation", true));
        assertThat(isEmpty(shot())).isTrue();
        done("two", "playAction", Map.of("skipAnimation", true));
        assertThat(Pixels.differing(painted, shot())).isLessThanOrEqualTo(ALLOWED);
        page.evaluate("name => host.dispose(name)", "two");
        assertThat(call("two", "playAction", Map.of())).containsEntry("statusCode", 400);
        assertThat(isEmpty(shot())).isTrue();
        assertThat(browser.requests()).allMatch(url -> url.startsWith(host.address()));
    }

    @Test
    void what_is_called_wrongly_is_answered_with_a_sentence() throws IOException {
        opened("judge-bar");
        String[] empty = {"load", "updateAction", "customAction", "goToTime", "setActionsSchedule"};
        for (String method : empty) refused(method, null, "");
        refused("load", Map.of("data", Map.of("name", "Wu"), "renderType", "soon"), "renderType");
        done("one", "load", load(Map.of("name", "Wu"), "non-realtime"));
        for (String method : empty) refused(method, null, "nothing was given");
        refused("goToTime", Map.of("timestamp", "now"), "timestamp must be a number");
        refused("setActionsSchedule", Map.of("schedule", "now"), "schedule must be a list");
        refused("setActionsSchedule", Map.of("schedule", List.of(at(0, "dance"))), "schedule[0].action: type must be");
        refused("setActionsSchedule", Map.of("schedule", List.of(Map.of("timestamp", 0))), "schedule[0].action");
        refused("setActionsSchedule", Map.of("schedule", List.of(at(0, "playAction"), 7)), "schedule[1].timestamp");
        refused("setActionsSchedule", Map.of("schedule", List.of(at(0, "customAction"))), "none of its own");
        refused("playAction", Map.of("goto", "the end"), "goto must be a whole number");
        done("one", "playAction", null);
        done("one", "stopAction", null);
    }

    private static void refused(String method, Object parameters, String sentence) {
        Map<String, Object> answer = call("one", method, parameters);
        assertThat(answer).as(method).containsEntry("statusCode", 400);
        assertThat((String) answer.get("statusMessage")).isNotBlank().contains(sentence);
    }

    @Test
    void whoever_takes_it_away_once_stop_has_answered_cuts_nothing() throws IOException {
        HandedDemo demo = opened("flyer-bar");
        Map<String, String> wu = Map.of("name", "Wu", "role", "Flyer");
        Reel reel = demo.reel(wu);
        done("one", "load", load(wu, "realtime"));
        done("one", "playAction", Map.of("skipAnimation", true));
        double ms = ((Number) page.evaluate("""
                async () => {
                  const began = performance.now();
                  await host.call('one', 'stopAction', {});
                  return performance.now() - began;
                }
                """)).doubleValue();
        assertThat(isEmpty(shot())).isTrue();
        // It began within a frame, and went through all of them.
        assertThat(ms).isGreaterThan(1000 / reel.rate() * (reel.out() - 2));

        // Who plays it again meanwhile keeps nobody waiting, and it stands.
        done("one", "playAction", Map.of("skipAnimation", true));
        page.evaluate("""
                () => Promise.all([
                  host.call('one', 'stopAction', {}),
                  host.call('one', 'playAction', { skipAnimation: true }),
                ])
                """);
        // Whenever it is looked at, it stands at some frame of its loop.
        BufferedImage shown = shot();
        assertThat(IntStream.rangeClosed(0, reel.loop())
                        .filter(frame -> frame % 5 == 0)
                        .mapToDouble(
                                frame -> Pixels.differing(demo.painter(reel).paint(PhaseName.LOOP, frame), shown))
                        .min()
                        .orElseThrow())
                .isLessThanOrEqualTo(ALLOWED);
    }

    @Test
    void where_the_page_does_not_let_letters_be_shaped_load_says_what_to_do() throws IOException {
        try (Browser strict = new Browser();
                Host under = new Host()) {
            under.under("default-src 'self'");
            Map<String, byte[]> files =
                    under.unpack("strict", written(HandedDemo.of("flyer-bar", TYPESETTER), Form.PACKAGE));
            String manifest = files.keySet().stream()
                    .filter(file -> file.endsWith(".ograf.json"))
                    .findFirst()
                    .orElseThrow();
            Page there = strict.page();
            there.navigate(under.address());
            there.waitForFunction("() => window.host");
            Object answer = there.evaluate("""
                    async (at) => {
                      await host.define(at, 'g-strict');
                      host.add('g-strict', 'one');
                      return host.call('one', 'load', { renderType: 'realtime', renderCharacteristics: {} });
                    }
                    """, "strict/" + manifest);
            assertThat((Map<?, ?>) answer)
                    .hasFieldOrPropertyWithValue("statusCode", 500)
                    .extracting("statusMessage")
                    .asString()
                    .contains("'wasm-unsafe-eval'");
        }
    }

    @Test
    void a_graphic_that_is_taken_out_while_it_comes_in_leaves_from_where_it_is() throws IOException {
        HandedDemo demo = opened("wind-strap");
        Map<String, String> values = demo.handed().designed().trials().get(0).values();
        Reel reel = demo.reel(values);
        done("one", "load", load(new TreeMap<>(values), "non-realtime"));
        double ms = 1000 / reel.rate();
        int at = reel.in() / 2;
        done(
                "one",
                "setActionsSchedule",
                Map.of(
                        "schedule",
                        List.of(
                                Map.of(
                                        "timestamp",
                                        at * ms,
                                        "action",
                                        Map.of("type", "stopAction", "params", Map.of())),
                                Map.of("timestamp", 0, "action", Map.of("type", "playAction", "params", Map.of())))));
        Reel early = demo.take(values).shown(PhaseName.IN, at).leaving();
        for (int since : new int[] {4, 0, early.out() / 2}) {
            done("one", "goToTime", Map.of("timestamp", (at + since) * ms));
            assertThat(Pixels.differing(demo.painter(early).paint(PhaseName.OUT, since), shot()))
                    .as("%s frames after it was taken out", since)
                    .isLessThanOrEqualTo(ALLOWED);
        }
        done("one", "goToTime", Map.of("timestamp", (at + early.out() + 1) * ms));
        assertThat(isEmpty(shot())).isTrue();
    }

    @Test
    void a_page_works_from_a_file_without_a_network() throws IOException {
        HandedDemo demo = HandedDemo.of("flyer-bar", TYPESETTER);
        Path file = folder.resolve("flyer bar.html");
        Files.write(file, written(demo, Form.PAGE));
        Page alone = browser.page();
        alone.setViewportSize(1920, 1080);
        alone.context().setOffline(true);
        alone.navigate(file.toUri() + "?name=" + java.net.URLEncoder.encode("ليلى الصقّار", "UTF-8") + "&role=Flyer");
        Map<String, String> values = Map.of("name", "ليلى الصقّار", "role", "Flyer");
        Reel reel = demo.reel(values);
        alone.waitForSelector("handed-graphic canvas");
        BufferedImage painted = demo.painter(reel).paint(PhaseName.IN, reel.in());
        double[] differing = {1};
        // It comes in by itself, in its own time.
        for (int i = 0; i < 100 && differing[0] > ALLOWED; i++) {
            byte[] png = alone.screenshot(new Page.ScreenshotOptions().setOmitBackground(true));
            differing[0] = Pixels.differing(painted, ImageIO.read(new ByteArrayInputStream(png)));
        }
        assertThat(differing[0]).isLessThanOrEqualTo(ALLOWED);
        alone.context().close();
    }
}
