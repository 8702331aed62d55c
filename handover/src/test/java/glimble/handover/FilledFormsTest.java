package glimble.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glimble.cue.GivenData;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Out;
import glimble.graphic.PhaseName;
import glimble.graphic.Rate;
import glimble.paint.ReelPainter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures and video of one filling, as programs read them that we did not write. */
class FilledFormsTest {
    private static final Rate ODD = new Rate(60000, 1001);

    @TempDir
    Path folder;

    /** Small, so that many frames take little time. */
    private static Handed handed() {
        Graphic graphic = Demo.handed("flyer-bar").designed();
        return Demo.handed(graphic.withFrame(new Frame(960, 540, ODD, 30)));
    }

    private static Asked.Filling filling(String name) {
        return new Asked.Filling(name, new GivenData(Map.of("name", name, "role", "Flyer"), Map.of(), List.of()));
    }

    private Path written(Asked asked) throws IOException {
        Path file = folder.resolve("file." + asked.form().ending());
        new HandOver(Demo.TYPESETTER).write(handed(), asked, file, Progress.NONE);
        return file;
    }

    private static Played played(String name) {
        return Played.of(handed(), Demo.TYPESETTER, filling(name).data());
    }

    private static String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(said).isZero();
        return said.strip();
    }

    @ParameterizedTest
    @CsvSource({
        "MOV, '', argb, qtrle",
        "MOV, #2A2340, rgb24, qtrle",
        "PRORES, '', yuva444p10le, prores",
        "WEBM, #2A2340, yuv420p, vp9",
        "WEBM, '', yuv420p, vp9"
    })
    void a_video_has_every_frame_at_its_exact_rate(Form form, String ground, String pixels, String codec)
            throws Exception {
        Path file = written(new Asked(form, List.of(filling("Wu")), -1, ground, false));
        String said = run(
                "ffprobe",
                "-v",
                "error",
                "-count_frames",
                "-select_streams",
                "v:0",
                "-of",
                "default=nw=1",
                "-show_entries",
                "stream=codec_name,width,height,pix_fmt,r_frame_rate,nb_read_frames:stream_tags=alpha_mode",
                file.toString());
        assertThat(said.lines())
                .contains(
                        "codec_name=" + codec,
                        "width=960",
                        "height=540",
                        "nb_read_frames=" + played("Wu").length());
        String rate = said.lines()
                .filter(line -> line.startsWith("r_frame_rate="))
                .findFirst()
                .orElseThrow()
                .substring("r_frame_rate=".length());
        // WebM counts whole milliseconds, so that a rate is only guessed from them.
        if (form != Form.WEBM) assertThat(rate).isEqualTo("60000/1001");
        else assertThat(perSecond(rate)).isCloseTo(60000 / 1001.0, within(0.02));
        // Alpha of WebM is beside its picture, and said so.
        boolean alpha = ground.isEmpty();
        if (form == Form.WEBM)
            assertThat(said.toLowerCase().contains("alpha_mode=1")).isEqualTo(alpha);
        assertThat(said.lines())
                .contains("pix_fmt=" + (form == Form.PRORES ? "yuva444p12le" : pixels))
                .hasSizeGreaterThan(4);
    }

    @Test
    void another_size_is_drawn_anew_and_another_rate_leaves_frames_out() throws Exception {
        Asked asked = new Asked(
                Form.MOV, List.of(filling("Wu")), Optional.empty(), "", false, 480, Optional.of(new Rate(25, 1)));
        String said = run(
                "ffprobe",
                "-v",
                "error",
                "-count_frames",
                "-of",
                "default=nw=1",
                "-show_entries",
                "stream=width,height,r_frame_rate,nb_read_frames",
                written(asked).toString());
        int frames = (int) Math.ceil(played("Wu").length() * 25 * 1001 / 60000.0);
        assertThat(said.lines()).contains("width=480", "height=270", "r_frame_rate=25/1", "nb_read_frames=" + frames);
        Asked png = new Asked(Form.PNG, List.of(filling("Wu")), Optional.empty(), "", false, 1920, Optional.empty());
        BufferedImage large = ImageIO.read(written(png).toFile());
        assertThat(large.getHeight()).isEqualTo(1080);
        // Not enlarged: it is what the design of that size is painted as.
        Played twice = Played.of(handed(), Demo.TYPESETTER, filling("Wu").data(), 1920);
        BufferedImage painted = new ReelPainter(twice.reel(), Demo.TYPESETTER, handed().source())
                .paint(PhaseName.IN, twice.reel().in());
        assertThat(inked(large)).isEqualTo(inked(painted));
    }

    @Test
    void every_frame_of_another_rate_is_the_last_that_has_begun() {
        Rate fifty = new Rate(50, 1);
        assertThat(IntStream.range(0, 6).map(i -> Rates.seen(i, fifty, new Rate(25, 1))))
                .containsExactly(0, 2, 4, 6, 8, 10);
        assertThat(IntStream.range(0, 6).map(i -> Rates.seen(i, fifty, new Rate(60, 1))))
                .containsExactly(0, 0, 1, 2, 3, 4);
        for (String word : List.of("50", "25", "60000/1001", "24", "240")) {
            Rate shown = Rates.read(word).orElseThrow();
            int count = Rates.count(100, fifty, shown);
            assertThat(Rates.seen(count - 1, fifty, shown)).isLessThan(100);
            assertThat(Rates.seen(count, fifty, shown)).isGreaterThanOrEqualTo(100);
        }
        assertThat(List.of("0", "1/0", "fast", "", "9999", "1/2", "-5"))
                .allMatch(word -> Rates.read(word).isEmpty());
    }

    private static double perSecond(String rate) {
        String[] parts = rate.split("/");
        return Double.parseDouble(parts[0]) / Double.parseDouble(parts[1]);
    }

    /** As ffmpeg reads a frame of a video. */
    private BufferedImage read(Path video, int frame) throws Exception {
        Path picture = folder.resolve("frame.png");
        run(
                "ffmpeg",
                "-v",
                "error",
                "-i",
                video.toString(),
                "-vf",
                "select=eq(n\\," + frame + ")",
                "-frames:v",
                "1",
                picture.toString());
        return ImageIO.read(picture.toFile());
    }

    @Test
    void a_video_that_loses_nothing_has_the_pixels_that_were_painted() throws Exception {
        Path file = written(new Asked(Form.MOV, List.of(filling("Wu")), -1, "", false));
        Played played = played("Wu");
        BufferedImage read = read(file, played.reel().in());
        BufferedImage painted = new FramePainter(played, Demo.TYPESETTER, handed().source(), "", Optional.empty())
                .painted(new Played.Moment(PhaseName.IN, played.reel().in()));
        int[] ours = painted.getRGB(0, 0, 960, 540, null, 0, 960);
        int[] theirs = read.getRGB(0, 0, 960, 540, null, 0, 960);
        int inked = 0;
        for (int i = 0; i < ours.length; i++) {
            if (ours[i] >>> 24 == 0) assertThat(theirs[i] >>> 24).isZero();
            else {
                assertThat(theirs[i]).isEqualTo(ours[i]);
                inked++;
            }
        }
        assertThat(inked).isGreaterThan(1_000);
    }

    /** Read by ffmpeg by what the file itself says of its colours. */
    @ParameterizedTest
    @CsvSource({"PRORES, 8", "WEBM, 24"})
    void a_video_says_how_its_colours_are_meant_and_they_come_back(Form form, int steps) throws Exception {
        Path file = written(
                new Asked(form, List.of(filling("Wu")), Optional.empty(), "#2A2340", false, 1920, Optional.empty()));
        String said = run(
                "ffprobe",
                "-v",
                "error",
                "-of",
                "default=nw=1",
                "-show_entries",
                "stream=color_space,color_primaries,color_transfer,color_range",
                file.toString());
        assertThat(said.lines())
                .contains("color_range=tv", "color_space=bt709", "color_transfer=bt709", "color_primaries=bt709");
        Played played = Played.of(handed(), Demo.TYPESETTER, filling("Wu").data(), 1920);
        BufferedImage read = read(file, played.reel().in());
        BufferedImage painted = new FramePainter(
                        played, Demo.TYPESETTER, handed().source(), "#2A2340", Optional.empty())
                .painted(new Played.Moment(PhaseName.IN, played.reel().in()));
        int far = 0;
        int inked = 0;
        for (int y = 0; y < 1080; y++) {
            for (int x = 0; x < 1920; x++) {
                int ours = painted.getRGB(x, y);
                int theirs = read.getRGB(x, y);
                if ((ours & 0xFFFFFF) != 0x2A2340) inked++;
                for (int shift = 0; shift < 24; shift += 8) {
                    if (Math.abs((ours >>> shift & 255) - (theirs >>> shift & 255)) <= steps) continue;
                    far++;
                    break;
                }
            }
        }
        assertThat(inked).isGreaterThan(10_000);
        assertThat(far / (double) inked).as("pixels that are of another colour").isLessThanOrEqualTo(0.005);
    }

    @Test
    void a_table_becomes_a_file_a_row_and_names_that_are_alike_do_not_clash() throws Exception {
        List<Asked.Filling> rows = List.of(
                filling("Oona Varga"),
                filling("Öona Varga"),
                filling("oona – varga"),
                filling("../Wu"),
                filling("ليلى الصقّار"),
                filling("O\u0308ona Varga"));
        Asked asked = new Asked(Form.PNG, rows, -1, "", false);
        assertThat(HandOver.fileName(handed(), asked)).isEqualTo("flyer-bar.zip");
        List<String> names = new ArrayList<>();
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(written(asked)))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
                if (entry.getName().endsWith(".csv")) {
                    assertThat(new String(zip.readAllBytes(), StandardCharsets.UTF_8))
                            .contains("oona-varga-2.png,oona – varga");
                    continue;
                }
                BufferedImage picture = ImageIO.read(new ByteArrayInputStream(zip.readAllBytes()));
                assertThat(picture.getWidth()).isEqualTo(960);
                assertThat(picture.getColorModel().hasAlpha()).isTrue();
            }
        }
        assertThat(names)
                .containsExactly(
                        "oona-varga.png",
                        "öona-varga.png",
                        "oona-varga-2.png",
                        "wu.png",
                        "ليلى-الصقّار.png",
                        "öona-varga-2.png",
                        "names.csv");
    }

    @Test
    void every_frame_is_one_of_the_pictures_and_the_last_shows_nothing() throws Exception {
        Path file = written(new Asked(Form.FRAMES, List.of(filling("Wu")), -1, "", false));
        Played played = played("Wu");
        int count = 0;
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                assertThat(entry.getName()).isEqualTo("%05d.png".formatted(count));
                BufferedImage picture = ImageIO.read(new ByteArrayInputStream(zip.readAllBytes()));
                Played.Moment at = played.at(count++);
                BufferedImage painted = new ReelPainter(played.reel(), Demo.TYPESETTER, handed().source())
                        .paint(at.phase(), at.frame());
                assertThat(inked(picture)).isEqualTo(inked(painted));
            }
        }
        assertThat(count).isEqualTo(played.length());
        assertThat(played.at(count - 1))
                .isEqualTo(new Played.Moment(PhaseName.OUT, played.reel().out()));
    }

    @Test
    void a_vector_animation_of_which_nothing_is_ever_seen_is_refused_with_its_reason() {
        Graphic empty = handed().designed()
                .withParts(List.of())
                .withPhases(new In(List.of()), new Loop(50, List.of()), new Out(List.of()));
        Asked asked = new Asked(Form.LOTTIE, List.of(filling("Wu")), -1, "", false);
        Path file = folder.resolve("empty.json");
        assertThatThrownBy(() -> new HandOver(Demo.TYPESETTER).write(Demo.handed(empty), asked, file, Progress.NONE))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("would show nothing of it");
        assertThat(file).doesNotExist();
    }

    private static long inked(BufferedImage picture) {
        long inked = 0;
        for (int y = 0; y < picture.getHeight(); y++) {
            for (int x = 0; x < picture.getWidth(); x++) if (picture.getRGB(x, y) >>> 24 != 0) inked++;
        }
        return inked;
    }

    @Test
    void what_is_stopped_ends_soon() {
        int[] done = {0};
        Progress stops = new Progress() {
            @Override
            public void done(int of, int all) {
                done[0] = of;
            }

            @Override
            public boolean isStopped() {
                return done[0] >= 3;
            }
        };
        Asked asked = new Asked(Form.MOV, List.of(filling("Wu")), -1, "", false);
        assertThatThrownBy(() ->
                        new HandOver(Demo.TYPESETTER).write(handed(), asked, folder.resolve("stopped.mov"), stops))
                .isInstanceOf(Progress.Stopped.class);
        assertThat(done[0]).isEqualTo(3);
    }
}
