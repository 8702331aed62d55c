package glimble.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.document.GraphicWriter;
import glimble.formats.DemoGraphics;
import glimble.graphic.Graphic;
import glimble.graphic.SafeAreas;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Prover;
import glimble.typeset.HouseFont;
import glimble.typeset.HouseFonts;
import glimble.typeset.JdkTypesetter;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** A bundle is read as it was written, and nothing that is wrong in one gets any further. */
class BundleTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @TempDir
    Path folder;

    static List<String> demos() {
        return DemoGraphics.names();
    }

    private byte[] written(Handed handed) throws IOException {
        Path file = folder.resolve("bundle.zip");
        new HandOver(Demo.TYPESETTER)
                .write(handed, new Asked(Form.BUNDLE, List.of(), -1, "", false), file, Progress.NONE);
        return Files.readAllBytes(file);
    }

    private static Map<String, byte[]> files(byte[] bundle) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bundle))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), zip.readAllBytes());
            }
        }
        return files;
    }

    private static byte[] zipped(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    private static void refused(byte[] archive, String because) {
        assertThatThrownBy(() -> BundleReader.read(archive, Demo.TYPESETTER.fonts()))
                .isInstanceOf(BadBundle.class)
                .hasMessageContaining(because)
                .hasMessageMatching("(?s).*\\.");
    }

    @ParameterizedTest
    @MethodSource("demos")
    void a_graphic_comes_back_with_all_it_names(String name) throws Exception {
        Handed handed = Demo.handed(name);
        Bundle read = BundleReader.read(written(handed), Demo.TYPESETTER.fonts());
        assertThat(GraphicWriter.write(read.designed())).isEqualTo(GraphicWriter.write(handed.designed()));
        assertThat(read.safe()).isEqualTo(handed.safe());
        assertThat(read.wholePixels()).isEqualTo(handed.wholePixels());
        // Played elsewhere, with what is in the bundle and nothing else, it is the same.
        Handed there = new Handed(read.designed(), read.palette(), read.safe(), read.wholePixels(), read.pictures());
        Graphic designed = handed.designed();
        for (int i = 0; i < Math.min(3, designed.trials().size()); i++) {
            var given = new glimble.cue.GivenData(designed.trials().get(i).values(), Map.of(), List.of());
            Played ours = Played.of(handed, Demo.TYPESETTER, given);
            Played theirs = Played.of(there, Demo.TYPESETTER, given);
            assertThat(JSON.valueToTree(theirs.reel()).toString())
                    .isEqualTo(JSON.valueToTree(ours.reel()).toString());
        }
    }

    @Test
    void it_is_proved_as_at_home() throws Exception {
        Handed usual = Demo.handed("judge-bar");
        // Of a house in which so little is safe that there is much to find.
        Handed handed = new Handed(
                usual.designed(), usual.palette(), new SafeAreas(60, 55), usual.wholePixels(), usual.pictures());
        Bundle read = BundleReader.read(written(handed), Demo.TYPESETTER.fonts());
        Handed there = new Handed(read.designed(), read.palette(), read.safe(), read.wholePixels(), read.pictures());
        assertThat(faults(there)).isEqualTo(faults(handed)).isNotEmpty();
    }

    private static List<Fault> faults(Handed handed) {
        Prover prover = new Prover(handed.framed(), handed.palette(), Demo.TYPESETTER, handed.extents());
        List<Fault> faults = new ArrayList<>();
        for (Filling filling : Fillings.of(handed.framed(), Demo.TYPESETTER, handed.extents())) {
            faults.addAll(prover.faults(filling));
        }
        return faults;
    }

    @Test
    void a_font_of_the_house_goes_along_as_far_as_its_licence_lets_it() throws Exception {
        JdkTypesetter here = new JdkTypesetter();
        HouseFont free = HouseFont.read(HouseFonts.skerry());
        HouseFont shown = HouseFont.read(HouseFonts.licensed(HouseFonts.skerry(), HouseFonts.SHOWN_ONLY));
        here.take(free);
        here.take(shown);
        Handed usual = Demo.handed("flyer-bar");
        for (HouseFont font : List.of(free, shown)) {
            Handed handed = usual.withFonts(Map.of("barlow-condensed-600", font.id()));
            Path file = folder.resolve(font.id() + ".zip");
            new HandOver(here).write(handed, new Asked(Form.BUNDLE, List.of(), -1, "", false), file, Progress.NONE);
            Bundle read = BundleReader.read(Files.readAllBytes(file), Demo.TYPESETTER.fonts());
            assertThat(read.fonts())
                    .extracting(HouseFont::id)
                    .isEqualTo(font.handedOn() ? List.of(font.id()) : List.of());
            assertThat(GraphicWriter.write(read.designed()).toString())
                    .contains(font.handedOn() ? font.id() : "noto-sans-600")
                    .doesNotContain(font.handedOn() ? "noto-sans-600" : font.id());
            assertThat(Carried.of(handed.designed(), Form.PACKAGE, true, here)
                            .toString()
                            .contains("licence"))
                    .isEqualTo(!font.handedOn());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"../evil.json", "/etc/evil", "a/../../evil", "C:\\evil", "a//b", "./a", "evil\u0007"})
    void names_that_lead_out_of_it_are_refused(String name) throws IOException {
        Map<String, byte[]> files = files(written(Demo.handed("flyer-bar")));
        files.put(name, new byte[] {1});
        refused(zipped(files), "leads out of it");
    }

    @Test
    void what_no_bundle_has_is_refused() throws IOException {
        Map<String, byte[]> sound = files(written(Demo.handed("flyer-bar")));
        Map<String, byte[]> more = new LinkedHashMap<>(sound);
        more.put("run.exe", new byte[] {'M', 'Z'});
        refused(zipped(more), "run.exe");
        Map<String, byte[]> less = new LinkedHashMap<>(sound);
        less.remove("graphic.json");
        refused(zipped(less), "graphic.json is missing");
        Map<String, byte[]> later = new LinkedHashMap<>(sound);
        String contents = new String(sound.get("bundle.json"), StandardCharsets.UTF_8);
        later.put("bundle.json", contents.replace("bundle/1", "bundle/9").getBytes(StandardCharsets.UTF_8));
        refused(zipped(later), "later version");
        Map<String, byte[]> broken = new LinkedHashMap<>(sound);
        broken.put("graphic.json", "{\"format\": \"glimble-graphic/1\", \"name\": 7}".getBytes(StandardCharsets.UTF_8));
        refused(zipped(broken), "$.name");
        refused(zipped(Map.of()), "bundle.json is missing");
        refused("PK but no archive".getBytes(StandardCharsets.UTF_8), "no archive");
        refused(new byte[0], "no archive");
    }

    @Test
    void a_picture_that_is_none_is_refused() throws IOException {
        Map<String, byte[]> files = files(written(Demo.handed("judge-bar")));
        String picture = files.keySet().stream()
                .filter(name -> name.startsWith("pictures/"))
                .findFirst()
                .orElseThrow();
        files.put(picture, "#!/bin/sh\nrm -r /\n".getBytes(StandardCharsets.UTF_8));
        refused(zipped(files), "cannot be taken");
    }

    @Test
    void links_and_bombs_are_refused() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(bytes)) {
            ZipArchiveEntry link = new ZipArchiveEntry("graphic.json");
            link.setUnixMode(0120777);
            zip.putArchiveEntry(link);
            zip.write("/etc/passwd".getBytes(StandardCharsets.UTF_8));
            zip.closeArchiveEntry();
        }
        refused(bytes.toByteArray(), "link");
        Map<String, byte[]> bomb = new LinkedHashMap<>();
        bomb.put("bundle.json", new byte[(int) Unpacked.MOST_BYTES + 1]);
        byte[] swollen = zipped(bomb);
        assertThat(swollen.length).isLessThan(1_000_000);
        refused(swollen, "100 MB");
        Map<String, byte[]> many = new LinkedHashMap<>();
        for (int i = 0; i < 300; i++) many.put("file" + i, new byte[0]);
        refused(zipped(many), "200 files");
    }

    @Test
    void whatever_is_broken_in_it_is_refused_or_read_as_a_sound_graphic() throws IOException {
        byte[] sound = written(Demo.handed("flyer-bar"));
        Random random = new Random(3);
        int refused = 0;
        for (int round = 0; round < 150; round++) {
            byte[] sent = sound.clone();
            for (int i = 0; i < 4; i++) sent[random.nextInt(sent.length)] = (byte) random.nextInt();
            if (round % 5 == 0) sent = Arrays.copyOf(sent, random.nextInt(sent.length));
            try {
                assertThat(BundleReader.read(sent, Demo.TYPESETTER.fonts())
                                .designed()
                                .parts())
                        .isNotNull();
            } catch (BadBundle e) {
                assertThat(e.getMessage()).endsWith(".");
                refused++;
            }
        }
        assertThat(refused).isGreaterThan(40);
    }
}
