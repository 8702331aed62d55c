package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import glimble.cases.Answered;
import glimble.change.Changed;
import glimble.change.Changes;
import glimble.change.Doing;
import glimble.change.Take;
import glimble.edit.Coloured;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.graphic.SafeAreas;
import glimble.paint.ReelPainter;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The player in the browser and the painter of Java2D draw the same reel. */
class PaintersIT {
    private static final int FRAMES = 8;
    private static final int CHANGES = 3;
    private static final int FRAMES_OF_CHANGE = 2;
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

    private static Palette palette() {
        Map<String, String> colours = new HashMap<>();
        for (JsonNode entry : JSON.readTree(DemoGraphics.house()).get("palette")) {
            colours.put(entry.get("name").asString(), entry.get("colour").asString());
        }
        return new Palette(colours);
    }

    private static Reel reel(Graphic graphic) {
        Map<String, String> values = graphic.trials().isEmpty()
                ? Map.of("name", graphic.fields().get(0).sample())
                : graphic.trials().get(0).values();
        return Take.of(Coloured.of(framed(graphic), palette(), values), values, TYPESETTER, PaintersIT::extent)
                .worked()
                .reel();
    }

    /** As the house wants it. */
    private static Graphic framed(Graphic graphic) {
        return graphic.withFrame(graphic.frame().of(SafeAreas.USUAL, true));
    }

    private static Graphic played(Graphic graphic, Map<String, String> values, Condition.Standing onAir) {
        Graphic coloured = Coloured.of(framed(graphic), palette(), values);
        return Answered.of(coloured, values, onAir, TYPESETTER, PaintersIT::extent)
                .graphic();
    }

    private static Changed change(Graphic graphic, Map<String, String> from, Map<String, String> to) {
        Graphic stands = played(graphic, from, Condition.Standing.NOTHING);
        Take take = Take.of(stands, from, TYPESETTER, PaintersIT::extent);
        Graphic next = played(graphic, to, Condition.Standing.SAME);
        return Changes.of(take.atRest(), next, to, TYPESETTER, PaintersIT::extent);
    }

    private static Optional<Pictures.Extent> extent(String key) {
        return Optional.ofNullable(pictures.get(key)).map(PaintersIT::extent);
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
    void both_draw_the_same_at_many_frames(String json) throws IOException {
        Graphic graphic = GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
        Reel reel = reel(graphic);
        ReelPainter painter = new ReelPainter(reel, TYPESETTER, key -> Optional.ofNullable(pictures.get(key)));
        long id = Packaged.shared().named(graphic.name());
        Map<String, Double> differing = new LinkedHashMap<>();
        int whole = reel.in() + reel.out();
        // What has depth has most to differ by.
        int frames = reel.layers().stream().anyMatch(layer -> layer.ribbon() != null) ? FRAMES : FRAMES / 2;
        for (int i = 1; i <= frames; i++) {
            int at = Math.round(i * whole / (float) (frames + 1));
            PhaseName phase = at <= reel.in() ? PhaseName.IN : PhaseName.OUT;
            int frame = at <= reel.in() ? at : at - reel.in();
            differing.put(
                    phase + " " + frame, Both.at(painter, id, phase, frame).differing());
        }
        assertThat(differing.values()).as("%s %s", graphic.name(), differing).allMatch(share -> share <= ALLOWED);
    }

    @ParameterizedTest
    @MethodSource("all")
    void both_draw_the_same_at_many_frames_of_changes(String json) throws IOException {
        Graphic graphic = GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
        long id = Packaged.shared().named(graphic.name());
        int trials = graphic.trials().size();
        Map<String, Double> differing = new LinkedHashMap<>();
        for (int from = 0; from < CHANGES; from++) {
            // Between the last ones, which have more in common, and between the first.
            int stands = from == 0 ? trials - 2 : from - 1;
            int comes = (stands + 1) % trials;
            Changed changed = change(
                    graphic,
                    graphic.trials().get(stands).values(),
                    graphic.trials().get(comes).values());
            Reel reel = changed.worked().reel();
            ReelPainter painter = new ReelPainter(reel, TYPESETTER, key -> Optional.ofNullable(pictures.get(key)));
            List<Rect> stay = staying(changed);
            Both first = null;
            // What it comes to is at rest, which is looked at where it stands.
            for (int i = 0; i < FRAMES_OF_CHANGE; i++) {
                int frame = i * reel.in() / FRAMES_OF_CHANGE;
                Both both = Both.of(painter, PhaseName.IN, frame, id, "IN/" + frame + "/" + stands + "/" + comes);
                differing.put(stands + " → " + comes + " " + frame, both.differing());
                first = first == null ? both : first;
                for (Rect rect : stay) {
                    assertThat(pixels(both.painted(), rect)).isEqualTo(pixels(first.painted(), rect));
                    assertThat(pixels(both.drawn(), rect)).isEqualTo(pixels(first.drawn(), rect));
                }
            }
        }
        assertThat(differing.values()).as("%s %s", graphic.name(), differing).allMatch(share -> share <= ALLOWED);
    }

    /** Where only what stays is seen. */
    private static List<Rect> staying(Changed changed) {
        Reel reel = changed.worked().reel();
        List<Course> courses = Courses.of(reel, PhaseName.IN);
        List<Rect> moving = new ArrayList<>();
        List<Rect> staying = new ArrayList<>();
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            if (layer.kind().equals("group") || layer.unseen()) continue;
            boolean stays =
                    changed.doing(layer.part()) == Doing.STAYS && courses.get(i).isStill();
            if (stays && !layer.runs().isEmpty()) staying.add(courses.get(i).drawn(0));
            for (int frame = 0; !stays && frame <= reel.in(); frame++)
                if (courses.get(i).isDrawn(frame)) moving.add(courses.get(i).drawn(frame));
        }
        return staying.stream()
                .filter(rect -> moving.stream()
                        .map(other -> Courses.shared(rect, other))
                        .allMatch(shared -> shared.width() < 1 || shared.height() < 1))
                .toList();
    }

    private static int[] pixels(BufferedImage image, Rect rect) {
        int left = (int) Math.max(0, Math.ceil(rect.x()));
        int top = (int) Math.max(0, Math.ceil(rect.y()));
        int width = (int) Math.min(image.getWidth() - left, Math.floor(rect.width()));
        int height = (int) Math.min(image.getHeight() - top, Math.floor(rect.height()));
        return width < 1 || height < 1 ? new int[0] : image.getRGB(left, top, width, height, null, 0, width);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/every-look.json", "/every-ribbon.json"})
    void both_draw_every_look_and_channel_the_same(String file) throws IOException {
        String json = new String(PaintersIT.class.getResourceAsStream(file).readAllBytes(), StandardCharsets.UTF_8);
        Graphic graphic = GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
        long id = Packaged.shared().add(json);
        ReelPainter painter = new ReelPainter(reel(graphic), TYPESETTER, key -> Optional.ofNullable(pictures.get(key)));
        for (int frame : new int[] {17, 40}) {
            double share = Both.at(painter, id, PhaseName.IN, frame).differing();
            assertThat(share).as("%s, frame %s", file, frame).isLessThanOrEqualTo(ALLOWED);
        }
    }

    /** A frame by either; each is made while the other is. */
    private record Both(BufferedImage painted, BufferedImage drawn) {
        static Both at(ReelPainter painter, long id, PhaseName phase, int frame) throws IOException {
            return of(painter, phase, frame, id, phase + "/" + frame);
        }

        static Both of(ReelPainter painter, PhaseName phase, int frame, long id, String where) throws IOException {
            CompletableFuture<BufferedImage> painted = CompletableFuture.supplyAsync(() -> painter.paint(phase, frame));
            BufferedImage drawn = PaintersIT.drawn(id, where);
            return new Both(painted.join(), drawn);
        }

        double differing() {
            return Pixels.differing(painted, drawn);
        }
    }

    private static BufferedImage drawn(long id, String where) {
        page.navigate(Packaged.shared().address() + "#/still/" + id + "/" + where);
        page.waitForSelector(
                "canvas[data-shown='" + id + " " + where.replace('/', ' ') + "']",
                new Page.WaitForSelectorOptions().setState(WaitForSelectorState.ATTACHED));
        return Pixels.of(page.locator("canvas"));
    }
}
