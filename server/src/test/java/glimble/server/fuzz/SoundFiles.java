package glimble.server.fuzz;

import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.handover.Asked;
import glimble.handover.Form;
import glimble.handover.HandOver;
import glimble.handover.Handed;
import glimble.handover.Progress;
import glimble.typeset.HouseFonts;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Files as they may be sent, before anything is done to them. */
final class SoundFiles {
    private final List<byte[]> pictures = List.copyOf(DemoGraphics.pictures().values());
    private final List<byte[]> fonts = List.of(HouseFonts.skerry(), HouseFonts.called("Fuzzed"));
    private final List<byte[]> bundles = List.of(bundle());

    private static byte[] bundle() {
        JdkTypesetter typesetter = new JdkTypesetter();
        Graphic graphic = GraphicJson.read(DemoGraphics.named("flyer-bar"), typesetter.fonts())
                .graphic()
                .orElseThrow();
        Palette palette = new Palette(Map.of("ink", "#1F1A2B", "foam", "#F4F1EA", "apricot", "#F2A65B"));
        Handed handed = new Handed(graphic, palette, SafeAreas.USUAL, true, Map.of());
        try {
            Path file = Files.createTempFile("sound", ".zip");
            new HandOver(typesetter)
                    .write(handed, new Asked(Form.BUNDLE, List.of(), -1, "", false), file, Progress.NONE);
            byte[] bytes = Files.readAllBytes(file);
            Files.delete(file);
            return bytes;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Such as are taken at a path. */
    List<byte[]> of(String path) {
        if (path.endsWith("/fonts")) return fonts;
        return path.endsWith("/pictures") ? pictures : bundles;
    }
}
