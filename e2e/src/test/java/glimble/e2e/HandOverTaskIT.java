package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import glimble.formats.DemoGraphics;
import glimble.graphic.PhaseName;
import glimble.reel.Reel;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Graphics handed over from the shelf and the floor, and used where Glimble is not. */
class HandOverTaskIT {
    private static final double ALLOWED = 0.02;
    /** ms; of what paints many frames beside everything else. */
    private static final double LONG = 120_000;

    private static final Locator.GetByLabelOptions EXACTLY = new Locator.GetByLabelOptions().setExact(true);

    private static Browser browser;
    private Page page;
    /** Another house, once a test has one. */
    private Packaged other;

    @TempDir
    Path folder;

    @BeforeAll
    static void launch() {
        browser = new Browser();
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
    }

    @BeforeEach
    void open() {
        page = browser.page();
        page.navigate(Packaged.shared().address());
    }

    @AfterEach
    void leave() {
        browser.leave();
        if (other != null) other.close();
    }

    private Locator dialog() {
        return page.locator(".handover .bx--modal.is-visible");
    }

    private Path made(String file) {
        dialog().getByText("Make it").click();
        Locator link = dialog().locator("a.file");
        assertThat(link).hasText(file, new LocatorAssertions.HasTextOptions().setTimeout(LONG));
        Download download = page.waitForDownload(link::click);
        assertThat(download.suggestedFilename()).isEqualTo(file);
        Path path = folder.resolve(file);
        download.saveAs(path);
        return path;
    }

    @Test
    void a_package_of_the_judge_bar_is_filled_in_another_host() throws IOException {
        page.getByLabel("Hand over Judge bar", new Page.GetByLabelOptions().setExact(true))
                .click();
        assertThat(dialog().getByLabel("What it does not carry")).containsText("Chinese");
        Path archive = made("judge-bar.zip");
        try (Host host = new Host()) {
            host.unpack("judge", Files.readAllBytes(archive));
            Page elsewhere = browser.page();
            elsewhere.setViewportSize(1920, 1140);
            elsewhere.navigate(host.address());
            elsewhere.waitForFunction("() => window.host");
            elsewhere.evaluate("() => host.define('judge/judge-bar.ograf.json', 'g-judge')");
            elsewhere.evaluate("() => host.add('g-judge', 'one')");
            Map<String, String> first = Map.of("name", "Wu", "class", "Box kites");
            elsewhere.evaluate(
                    "data => host.call('one', 'load', { data, renderType: 'realtime', renderCharacteristics: {} })",
                    first);
            elsewhere.evaluate("() => host.call('one', 'playAction', { skipAnimation: true })");
            elsewhere.getByLabel("Name").fill("Nguyễn Thị Hạnh Phước");
            elsewhere.evaluate("data => host.update('one', 'name', data)", first);
            byte[] png = elsewhere.screenshot(
                    new Page.ScreenshotOptions().setOmitBackground(true).setClip(0, 0, 1920, 1080));
            HandedDemo demo = HandedDemo.of("judge-bar", new JdkTypesetter());
            Reel reel = demo.reel(Map.of("name", "Nguyễn Thị Hạnh Phước", "class", "Box kites"));
            BufferedImage painted = demo.painter(reel).paint(PhaseName.IN, reel.in());
            assertThat(Pixels.differing(painted, ImageIO.read(new ByteArrayInputStream(png))))
                    .isLessThanOrEqualTo(ALLOWED);
        }
    }

    @Test
    void people_of_the_house_are_a_table_of_fillings_and_spoken_words_are_captions_that_a_browser_reads()
            throws IOException {
        page.getByLabel("Hand over Flyer bar", new Page.GetByLabelOptions().setExact(true))
                .click();
        assertThat(dialog().getByLabel("As", EXACTLY)
                        .locator("option", new Locator.LocatorOptions().setHasText("captions")))
                .hasCount(0);
        dialog().getByLabel("As", EXACTLY).selectOption("table");
        dialog().getByLabel("Filled with").selectOption("people");
        assertThat(dialog().getByText(Pattern.compile("\\d+ rows, one for each")))
                .isVisible();
        String table = Files.readString(made("flyer-bar.csv"));
        assertThat(table).startsWith("cue,Name,Role\r\n").contains("Oona Varga,Oona Varga,Two-line freestyle\r\n");
        page.keyboard().press("Escape");

        page.getByLabel("Hand over Spoken line", new Page.GetByLabelOptions().setExact(true))
                .click();
        dialog().getByLabel("As", EXACTLY).selectOption("captions");
        // What was told of the form before is told no longer, whichever answer comes last.
        assertThat(dialog().getByLabel("What it does not carry")).containsText("spoken words");
        assertThat(dialog().getByLabel("What it does not carry")).not().containsText("Chinese");
        String captions = Files.readString(made("spoken-line.vtt"));
        Page elsewhere = browser.page();
        elsewhere.navigate("about:blank");
        Object cues =
                elsewhere.evaluate("""
                vtt => new Promise((resolve, reject) => {
                  const video = document.createElement('video');
                  const track = document.createElement('track');
                  track.src = 'data:text/vtt;base64,' + vtt;
                  track.onload = () => resolve([...track.track.cues].map(cue =>
                    [cue.startTime, cue.endTime, cue.getCueAsHTML().textContent].join('|')));
                  track.onerror = () => reject(new Error('no track'));
                  video.append(track);
                  document.body.append(video);
                  track.track.mode = 'hidden';
                })""", Base64.getEncoder().encodeToString(captions.getBytes(StandardCharsets.UTF_8)));
        assertThat((List<?>) cues)
                .hasToString("[0.6|3.66|The wind has gone round to the north, so,"
                        + " 3.66|6.195|tonight we fly from the old lifeboat slip.]");
    }

    @Test
    void the_wind_strap_goes_to_another_house_as_a_bundle_and_is_proved_there() {
        page.getByLabel("Hand over Wind strap", new Page.GetByLabelOptions().setExact(true))
                .click();
        dialog().getByLabel("As", EXACTLY).selectOption("bundle");
        assertThat(dialog().getByLabel("What it does not carry")).containsText("stay here");
        Path bundle = made("wind-strap.bundle.zip");

        other = new Packaged("glimble_e2e_other");
        // With another colour all that uses it would be proved anew.
        for (JsonNode one : other.send("GET", "api/graphics", "")) {
            if (one.at("/document/name").asString().equals("Wind strap")) continue;
            other.send("DELETE", "api/graphics/" + one.get("id").asLong(), "");
        }
        ObjectNode house = (ObjectNode) other.send("GET", "api/house", "");
        ObjectNode first = (ObjectNode) house.get("palette").get(0);
        String here = first.get("colour").asString();
        first.put("colour", "#123456");
        other.send("PUT", "api/house", house.put("saveId", "a-house-of-its-own").toString());

        Page there = browser.page();
        there.navigate(other.address());
        there.getByText("Take in …").click();
        Locator asked = there.locator(".take .bx--modal.is-visible");
        asked.getByLabel("Bundle or document", EXACTLY).setInputFiles(bundle);
        assertThat(asked).containsText("It will be called Wind strap 2");
        Locator clash = asked.getByLabel("What is asked about").locator("tbody tr");
        assertThat(clash).hasCount(1);
        assertThat(clash).containsText("#123456");
        assertThat(clash).containsText(here);
        asked.getByText("Take it in").click();

        assertThat(there.locator("header").getByText("Wind strap 2").first()).isVisible();
        assertThat(there.getByTestId("proved"))
                .hasText(
                        Pattern.compile("^proved for \\d+ fillings, nothing found$"),
                        new LocatorAssertions.HasTextOptions().setTimeout(LONG));
        // Nothing that was there has changed, and what came is as it was.
        JsonNode palette = other.send("GET", "api/house", "").get("palette");
        assertThat(palette.get(0).get("colour").asString()).isEqualTo("#123456");
        assertThat(palette.get(palette.size() - 1).get("colour").asString()).isEqualTo(here);

        there.navigate(other.address());
        there.getByText("Take in …").click();
        asked.getByLabel("Bundle or document", EXACTLY)
                .setInputFiles(new FilePayload("x.zip", "application/zip", "PK none".getBytes()));
        assertThat(asked.getByRole(AriaRole.ALERT)).containsText("It is no archive that can be read");

        asked.getByLabel("Bundle or document", EXACTLY)
                .setInputFiles(new FilePayload("x.json", "application/json", "{".getBytes()));
        assertThat(asked.getByRole(AriaRole.ALERT)).containsText("x.json is no JSON");
        byte[] broken = DemoGraphics.named("wind-strap")
                .replace("glimble-graphic/1", "other/1")
                .getBytes();
        asked.getByLabel("Bundle or document", EXACTLY)
                .setInputFiles(new FilePayload("strap.json", "application/json", broken));
        asked.getByText("Take it in").click();
        assertThat(asked.getByRole(AriaRole.ALERT)).containsText("must be 'glimble-graphic/1'");
        asked.getByLabel("Bundle or document", EXACTLY)
                .setInputFiles(new FilePayload(
                        "strap.json",
                        "application/json",
                        DemoGraphics.named("wind-strap").getBytes(StandardCharsets.UTF_8)));
        assertThat(asked).containsText("It will be called Wind strap 3");
        asked.getByText("Take it in").click();
        assertThat(there.locator("header").getByText("Wind strap 3").first()).isVisible();
    }

    @Test
    void three_people_of_a_table_become_three_videos_with_alpha() throws Exception {
        // So short that three of it do not take long.
        Packaged.shared()
                .add(DemoGraphics.named("wind-strap")
                        .replace("\"length\": 420", "\"length\": 60")
                        .replace("\"name\": \"Wind strap\"", "\"name\": \"Short strap\""));
        page.reload();
        page.getByLabel("Hand over Short strap", new Page.GetByLabelOptions().setExact(true))
                .click();
        dialog().getByLabel("As", EXACTLY).selectOption("mov");
        dialog().getByLabel("Filled with").selectOption("table");
        assertThat(dialog().getByText("Make it")).isEnabled();
        String csv = "Message;Tag;Club\r\n\"Gusts of\r\n31 knots\";North mast;x\r\nWu;;y\r\nLow water;Skerry;z\r\n";
        dialog().getByLabel("Table", EXACTLY)
                .setInputFiles(new FilePayload("people.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_16)));
        assertThat(dialog()).containsText("3 rows; no field is called Club");
        Map<String, byte[]> videos = new TreeMap<>();
        ZipInputStream zip = new ZipInputStream(Files.newInputStream(made("short-strap.zip")));
        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
            videos.put(entry.getName(), zip.readAllBytes());
        }
        assertThat(videos).containsOnlyKeys("gusts-of-31-knots.mov", "low-water.mov", "wu.mov");
        for (byte[] video : videos.values()) {
            Path file = folder.resolve("one.mov");
            Files.write(file, video);
            Process probe = new ProcessBuilder(List.of(
                            "ffprobe",
                            "-v",
                            "error",
                            "-show_entries",
                            "stream=width,height,pix_fmt,nb_frames,r_frame_rate",
                            "-of",
                            "csv=p=0",
                            file.toString()))
                    .redirectErrorStream(true)
                    .start();
            String said = new String(probe.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            assertThat(said).matches("1920,1080,argb,50/1,\\d{2,}");
        }
    }

    @Test
    void a_video_is_stopped_and_what_is_not_saved_is_not_handed_over() {
        page.navigate(
                Packaged.shared().address() + "#/floor/" + Packaged.shared().named("Flyer bar"));
        Locator button = page.getByText("Hand over …", new Page.GetByTextOptions().setExact(true));
        button.click();
        dialog().getByLabel("As", EXACTLY).selectOption("frames");
        dialog().getByText("Make it").click();
        assertThat(dialog().getByLabel("How far it has come")).isVisible();
        dialog().getByText("Stop", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(dialog()).containsText("stopped");
        page.keyboard().press("Escape");
        assertThat(dialog()).hasCount(0);
        assertThat(button).isEnabled();
    }
}
