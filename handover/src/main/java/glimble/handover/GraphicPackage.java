package glimble.handover;

import glimble.edit.Coloured;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.PhaseName;
import glimble.paint.ReelPainter;
import glimble.typeset.HouseFont;
import glimble.typeset.JdkTypesetter;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A graphic for any renderer of HTML graphics, which computes rest, cases, steps, changes and outs for whatever it is filled with. Source:
 * EBU OGraf 1.
 */
final class GraphicPackage {
    private static final String SCHEMA = "https://ograf.ebu.io/v1/specification/json-schemas/graphics/schema.json";
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int THUMBNAIL = 480;

    private GraphicPackage() {}

    /** @param allFonts whether fonts for every script go with it, however large */
    static void write(Handed handed, JdkTypesetter typesetter, boolean allFonts, OutputStream out) throws IOException {
        String name = FileNames.of(handed.designed().name());
        Set<String> fonts = Carriage.fonts(handed.designed(), typesetter, allFonts);
        try (Zip zip = new Zip(out)) {
            zip.add(
                    name + ".ograf.json",
                    JSON.writerWithDefaultPrettyPrinter().writeValueAsString(manifest(handed, name)));
            zip.add("graphic.mjs", module(handed, typesetter, fonts));
            zip.add("runtime.mjs", Runtime.bytes());
            zip.add("NOTICES.txt", Runtime.notices());
            zip.add("thumbnail.png", thumbnail(handed, typesetter));
            handed.shown().forEach((key, file) -> add(zip, "pictures/" + PictureNames.of(key, file), file.bytes()));
            Set<String> licences = new LinkedHashSet<>();
            for (String font : fonts) {
                zip.add("fonts/" + font + ".ttf", typesetter.bytes(font));
                Optional<HouseFont> house = typesetter.ofHouse(font);
                if (house.isPresent()) zip.add("fonts/" + font + ".txt", Carriage.notice(house.get()));
                else if (licences.add(Carriage.licenceName(font))) {
                    zip.add("fonts/" + Carriage.licenceName(font), Carriage.licence(font));
                }
            }
        }
    }

    private static void add(Zip zip, String name, byte[] content) {
        try {
            zip.add(name, content);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    static ObjectNode manifest(Handed handed, String name) {
        Graphic graphic = handed.designed();
        ObjectNode manifest = JSON.createObjectNode()
                .put("$schema", SCHEMA)
                .put("id", id(handed, name))
                .put("name", graphic.name())
                .put("main", "graphic.mjs")
                .put("supportsRealTime", true)
                .put("supportsNonRealTime", true)
                // How many steps there are depends on what is filled in.
                .put("stepCount", hasSteps(graphic) ? -1 : 1);
        manifest.set(
                "schema",
                DataSchema.of(
                        graphic,
                        Coloured.known(graphic, handed.palette(), Map.of()),
                        handed.shown().keySet()));
        ObjectNode wants = manifest.putArray("renderRequirements").addObject();
        ObjectNode resolution = wants.putObject("resolution");
        resolution.putObject("width").put("ideal", graphic.frame().width());
        resolution.putObject("height").put("ideal", graphic.frame().height());
        wants.putObject("frameRate").put("ideal", graphic.frame().rate().perSecond());
        // Sorted as text, as the standard asks.
        handed.origin().ifPresent(at -> manifest.put("version", String.format(Locale.ROOT, "%06d", at.revision())));
        ObjectNode thumbnail = manifest.putArray("thumbnails").addObject().put("file", "thumbnail.png");
        thumbnail.putObject("resolution").put("width", THUMBNAIL).put("height", thumbnailHeight(graphic.frame()));
        return manifest;
    }

    /** The same for every revision, and no other graphic's of any house. */
    private static String id(Handed handed, String name) {
        return handed.origin()
                .map(at -> "glimble." + at.house() + "." + at.graphic())
                .orElse("glimble." + name);
    }

    private static int thumbnailHeight(Frame frame) {
        return Math.max(1, THUMBNAIL * frame.height() / frame.width());
    }

    static boolean hasSteps(Graphic graphic) {
        return graphic.phases().stream()
                .anyMatch(phase -> phase instanceof In in && !in.steps().isEmpty());
    }

    private static String module(Handed handed, JdkTypesetter typesetter, Set<String> fonts) {
        ObjectNode design = DesignJson.of(
                handed,
                typesetter,
                fonts,
                id -> "fonts/" + id + ".ttf",
                key -> "pictures/" + PictureNames.of(key, handed.pictures().get(key)));
        return "import { graphicClass } from './runtime.mjs';\n\nconst design = "
                + design
                + ";\n\nexport default graphicClass(design, import.meta.url, "
                + DataSchema.samples(handed.designed())
                + ");\n";
    }

    /** How it rests with its samples, over nothing. */
    private static byte[] thumbnail(Handed handed, JdkTypesetter typesetter) throws IOException {
        Played played = Played.of(handed, typesetter, GivenSamples.of(handed.designed()));
        BufferedImage whole = new ReelPainter(played.reel(), typesetter, handed.source())
                .paint(PhaseName.IN, played.reel().in());
        int height = thumbnailHeight(played.graphic().frame());
        BufferedImage small = new BufferedImage(THUMBNAIL, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = small.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.drawImage(whole, 0, 0, THUMBNAIL, height, null);
        graphics.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(small, "png", png);
        return png.toByteArray();
    }
}
