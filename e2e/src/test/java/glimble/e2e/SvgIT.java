package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import glimble.formats.DemoGraphics;
import glimble.graphic.PhaseName;
import glimble.paint.ReelPainter;
import glimble.paint.SvgPainter;
import glimble.reel.Reel;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Chromium draws our SVG as the painter paints the same frame. */
class SvgIT {
    private static final double ALLOWED = 0.02;
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static Browser browser;
    private static Page page;

    @TempDir
    Path folder;

    @BeforeAll
    static void launch() {
        browser = new Browser();
        page = browser.page();
        page.setViewportSize(1920, 1080);
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    static Stream<String> demos() {
        return Stream.concat(DemoGraphics.names().stream(), Stream.of(HandedDemo.EVERY_LOOK, HandedDemo.EVERY_RIBBON));
    }

    @ParameterizedTest
    @MethodSource("demos")
    void a_frame_of_every_phase_is_drawn_as_it_is_painted(String name) throws IOException {
        HandedDemo demo = HandedDemo.of(name, TYPESETTER);
        Map<String, String> values = demo.someValues();
        Reel reel = demo.reel(values);
        ReelPainter painter = demo.painter(reel);
        SvgPainter svg = new SvgPainter(reel, TYPESETTER, demo.handed().source());
        Map<String, Double> differing = new TreeMap<>();
        for (int frame : new int[] {reel.in() / 2, reel.in()}) {
            differing.put("in " + frame, differing(painter, svg, PhaseName.IN, frame));
        }
        differing.put("out " + reel.out() / 2, differing(painter, svg, PhaseName.OUT, reel.out() / 2));
        assertThat(differing.values()).as("%s", differing).allMatch(share -> share <= ALLOWED);
    }

    private double differing(ReelPainter painter, SvgPainter svg, PhaseName phase, int frame) throws IOException {
        Path file = folder.resolve("frame.html");
        Files.writeString(
                file,
                "<!doctype html><meta charset=utf-8><style>body{margin:0;background:transparent}svg{display:block}</style>"
                        + svg.paint(phase, frame));
        page.navigate(file.toUri().toString());
        byte[] png = page.screenshot(new Page.ScreenshotOptions().setOmitBackground(true));
        BufferedImage drawn = ImageIO.read(new ByteArrayInputStream(png));
        return Pixels.differing(painter.paint(phase, frame), drawn);
    }
}
