package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Page;
import glimble.cue.GivenData;
import glimble.formats.DemoGraphics;
import glimble.graphic.PhaseName;
import glimble.handover.Asked;
import glimble.handover.Form;
import glimble.handover.HandOver;
import glimble.handover.Progress;
import glimble.paint.CarriedReel;
import glimble.paint.ReelPainter;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.WorkedOut;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A player of vector animations that we did not write shows ours as the painter paints what they carry. */
class VectorIT {
    private static final double ALLOWED = 0.03;
    private static final int FRAMES = 5;
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Path PLAYER = Path.of("../ui/node_modules/lottie-web/build/player/lottie.min.js");
    private static Browser browser;
    private static Page page;

    @TempDir
    Path folder;

    @BeforeAll
    static void launch() throws IOException {
        browser = new Browser();
        page = browser.page();
        page.setViewportSize(1920, 1080);
        page.setContent("<!doctype html><style>body{margin:0;background:transparent}</style>"
                + "<div id=stage style='width:1920px;height:1080px'></div>");
        page.addScriptTag(new Page.AddScriptTagOptions().setContent(Files.readString(PLAYER)));
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
    }

    static Stream<String> demos() {
        return Stream.concat(DemoGraphics.names().stream(), Stream.of(HandedDemo.EVERY_LOOK, HandedDemo.EVERY_RIBBON));
    }

    @ParameterizedTest
    @MethodSource("demos")
    void a_vector_animation_plays_as_it_is_painted(String name) throws IOException {
        HandedDemo demo = HandedDemo.of(name, TYPESETTER);
        Map<String, String> values = demo.someValues();
        Path file = folder.resolve("animation.json");
        Asked.Filling filling = new Asked.Filling("", new GivenData(values, Map.of(), List.of()));
        Asked asked = new Asked(Form.LOTTIE, List.of(filling), -1, "", false);
        WorkedOut worked = demo.take(values).worked();
        Reel reel = worked.reel();
        // Ribbons are not carried, and of some that is all there is.
        if (CarriedReel.of(reel).layers().isEmpty()) {
            assertThatThrownBy(() -> new HandOver(TYPESETTER).write(demo.handed(), asked, file, Progress.NONE))
                    .hasMessageContaining("would show nothing of it");
            return;
        }
        new HandOver(TYPESETTER).write(demo.handed(), asked, file, Progress.NONE);
        page.evaluate(
                "json => { window.animation?.destroy(); window.animation = lottie.loadAnimation({ container:"
                        + " document.querySelector('#stage'), renderer: 'canvas', rendererSettings: { dpr: 1 }, loop: false, autoplay: false, animationData:"
                        + " JSON.parse(json) }); animation.setSubframe(false); }",
                Files.readString(file));
        page.waitForFunction("() => animation.isLoaded");
        ReelPainter painter = demo.painter(CarriedReel.of(reel));
        List<Playback.Run> runs = worked.whole();
        int length = runs.stream().mapToInt(Playback.Run::length).sum();
        assertThat(page.evaluate("() => animation.totalFrames")).isEqualTo(length);
        Map<Integer, Double> differing = new TreeMap<>();
        for (int i = 0; i < FRAMES; i++) {
            int frame = (int) Math.round(i * (length - 1.0) / (FRAMES - 1));
            page.evaluate("frame => animation.goToAndStop(frame, true)", frame);
            differing.put(
                    frame, Pixels.differing(painted(painter, reel, runs, frame), Pixels.of(page.locator("canvas"))));
        }
        assertThat(differing.values()).as("%s", differing).allMatch(share -> share <= ALLOWED);
    }

    private static BufferedImage painted(ReelPainter painter, Reel reel, List<Playback.Run> runs, int frame) {
        Playback.Run run = runs.stream()
                .filter(of -> frame < of.first() + of.length())
                .findFirst()
                .orElseThrow();
        int within = frame - run.first();
        return switch (run.state()) {
            case OUT -> painter.paint(PhaseName.OUT, within);
            case LOOP -> painter.paint(PhaseName.LOOP, within % run.round());
            case REST -> painter.paint(PhaseName.IN, reel.in());
            default -> painter.paint(PhaseName.IN, within);
        };
    }
}
