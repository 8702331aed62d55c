package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import glimble.edit.Coloured;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.graphic.SafeAreas;
import glimble.paint.ReelPainter;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.rest.Pictures;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The player in the browser and the painter of Java2D draw the same reel. */
class PaintersIT {
    private static final int FRAMES = 20;
    /** Of 255; less than that nobody tells apart. */
    private static final int TELLING = 16;

    private static final double ALLOWED = 0.02;
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static Browser browser;
    private static Page page;
    private static Map<String, byte[]> pictures;

    @BeforeAll
    static void launch() {
        browser = new Browser();
        page = browser.page();
        pictures = DemoGraphics.pictures();
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
    }

    static Iterable<String> all() {
        return DemoGraphics.all();
    }

    private static Reel reel(Graphic graphic) {
        Map<String, String> colours = new HashMap<>();
        for (JsonNode entry : JSON.readTree(DemoGraphics.house()).get("palette")) {
            colours.put(entry.get("name").asString(), entry.get("colour").asString());
        }
        Map<String, String> values = graphic.trials().isEmpty()
                ? Map.of("name", graphic.fields().get(0).sample())
                : graphic.trials().get(0).values();
        // As the house wants it.
        Graphic framed = graphic.withFrame(graphic.frame().of(SafeAreas.USUAL, true));
        Pictures extents = key -> Optional.ofNullable(pictures.get(key)).map(PaintersIT::extent);
        return ReelMaker.make(Coloured.of(framed, new Palette(colours), values), values, TYPESETTER, extents)
                .reel();
    }

    private static Pictures.Extent extent(byte[] picture) {
        try {
            PictureFile file = PictureFile.read(picture);
            return new Pictures.Extent(file.width(), file.height());
        } catch (glimble.formats.pictures.BadPicture e) {
            throw new IllegalStateException(e);
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void both_draw_the_same_at_twenty_frames(String json) throws IOException {
        Graphic graphic = GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
        Reel reel = reel(graphic);
        ReelPainter painter = new ReelPainter(reel, TYPESETTER, key -> Optional.ofNullable(pictures.get(key)));
        long id = id(graphic.name());
        Map<String, Double> differing = new LinkedHashMap<>();
        int whole = reel.in() + reel.out();
        for (int i = 1; i <= FRAMES; i++) {
            int at = Math.round(i * whole / (float) (FRAMES + 1));
            PhaseName phase = at <= reel.in() ? PhaseName.IN : PhaseName.OUT;
            int frame = at <= reel.in() ? at : at - reel.in();
            double share = differing(painter.paint(phase, frame), drawn(id, phase, frame));
            differing.put(phase + " " + frame, share);
        }
        assertThat(differing.values()).as("%s %s", graphic.name(), differing).allMatch(share -> share <= ALLOWED);
    }

    @Test
    void both_draw_every_look_and_channel_the_same() throws IOException {
        String json = new String(
                PaintersIT.class.getResourceAsStream("/every-look.json").readAllBytes(), StandardCharsets.UTF_8);
        Graphic graphic = GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
        page.navigate(Packaged.shared().address());
        page.evaluate(
                "json => fetch('/api/graphics', {method: 'POST', headers: {'Content-Type': 'application/json'},"
                        + " body: '{\"document\": ' + json + '}'}).then(({status}) => status)",
                json);
        long id = id(graphic.name());
        ReelPainter painter = new ReelPainter(reel(graphic), TYPESETTER, key -> Optional.ofNullable(pictures.get(key)));
        for (int frame : new int[] {6, 17, 28, 40}) {
            double share = differing(painter.paint(PhaseName.IN, frame), drawn(id, PhaseName.IN, frame));
            assertThat(share).as("frame %s", frame).isLessThanOrEqualTo(ALLOWED);
        }
    }

    private static long id(String name) {
        page.navigate(Packaged.shared().address());
        Object id = page.evaluate("""
                async (name) => (await (await fetch('/api/graphics')).json())
                  .filter(({document}) => document.name === name)[0].id
                """, name);
        return ((Number) id).longValue();
    }

    private static BufferedImage drawn(long id, PhaseName phase, int frame) throws IOException {
        page.navigate(Packaged.shared().address() + "#/still/" + id + "/" + phase + "/" + frame);
        page.waitForSelector(
                "canvas[data-shown='" + id + " " + phase + " " + frame + "']",
                new Page.WaitForSelectorOptions().setState(WaitForSelectorState.ATTACHED));
        String url = (String) page.evaluate("document.querySelector('canvas').toDataURL('image/png')");
        byte[] png = Base64.getDecoder().decode(url.substring(url.indexOf(',') + 1));
        return ImageIO.read(new ByteArrayInputStream(png));
    }

    /** The share of the pixels inked in either that differ by more than anyone could miss. */
    private static double differing(BufferedImage painted, BufferedImage drawn) {
        long inked = 0;
        long differ = 0;
        for (int y = 0; y < painted.getHeight(); y++) {
            for (int x = 0; x < painted.getWidth(); x++) {
                int a = painted.getRGB(x, y);
                int b = drawn.getRGB(x, y);
                if (a >>> 24 == 0 && b >>> 24 == 0) continue;
                inked++;
                if (differ(a, b)) differ++;
            }
        }
        return inked == 0 ? 0 : differ / (double) inked;
    }

    /** Component by component, as they are laid over a picture: a colour counts as much as it covers. */
    private static boolean differ(int a, int b) {
        int alphaA = a >>> 24;
        int alphaB = b >>> 24;
        if (Math.abs(alphaA - alphaB) > TELLING) return true;
        for (int shift = 0; shift < 24; shift += 8) {
            int partA = (a >> shift & 255) * alphaA / 255;
            int partB = (b >> shift & 255) * alphaB / 255;
            if (Math.abs(partA - partB) > TELLING) return true;
        }
        return false;
    }
}
