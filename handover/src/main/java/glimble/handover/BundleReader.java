package glimble.handover;

import glimble.document.Problem;
import glimble.document.Reading;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.BadPicture;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.typeset.BadFont;
import glimble.typeset.HouseFont;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads bundles that somebody sends: everything in it is checked as if it came by itself, and what no bundle has is refused. */
public final class BundleReader {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LONGEST_NAME = 60;

    private final Map<String, byte[]> files;
    private final Set<String> expected = new HashSet<>();

    private BundleReader(Map<String, byte[]> files) {
        this.files = files;
    }

    /**
     * @param fonts ids of the fonts that are there without it
     * @throws BadBundle if it cannot be taken, with the reason
     */
    public static Bundle read(byte[] archive, Set<String> fonts) throws BadBundle {
        return new BundleReader(Unpacked.of(archive)).read(fonts);
    }

    private Bundle read(Set<String> here) throws BadBundle {
        JsonNode contents = json(BundleWriter.CONTENTS);
        if (!contents.path("format").asString("").equals(BundleWriter.FORMAT)) {
            throw new BadBundle("Its bundle.json does not say \"format\": \"" + BundleWriter.FORMAT
                    + "\". It is no bundle, or one of a later version.");
        }
        List<HouseFont> fonts = fonts(contents.path("fonts"));
        Set<String> known = new HashSet<>(here);
        for (HouseFont font : fonts) known.add(font.id());
        Map<String, PictureFile> pictures = pictures(contents.path("pictures"));
        Palette palette = palette(contents.path("palette"));
        SafeAreas safe = safe(contents.path("safe"));
        String document = text(contents.path("document").asString(""));
        expected.add(BundleWriter.SCHEMA);
        expected.add(BundleWriter.NOTICES);
        for (String name : files.keySet()) {
            if (!expected.contains(name)) {
                throw new BadBundle(
                        "It has " + name + ", which its bundle.json does not name. Take that out, or make it again.");
            }
        }
        boolean whole = contents.path("wholePixels").asBoolean(true);
        return new Bundle(graphic(document, known), palette, safe, whole, pictures, fonts);
    }

    private static Graphic graphic(String document, Set<String> fonts) throws BadBundle {
        Reading reading;
        try {
            reading = GraphicJson.read(document, fonts);
        } catch (JacksonException e) {
            throw new BadBundle("Its document is not JSON. Make the bundle again.");
        }
        if (reading.graphic().isPresent()) return reading.graphic().get();
        throw new BadBundle("Its document cannot be read. "
                + reading.problems().stream().map(Problem::toString).collect(Collectors.joining("; ")) + ".");
    }

    private byte[] file(String name) throws BadBundle {
        byte[] content = files.get(name);
        if (content == null) throw new BadBundle("Its file " + name + " is missing. Make the bundle again.");
        expected.add(name);
        return content;
    }

    private String text(String name) throws BadBundle {
        return new String(file(name), StandardCharsets.UTF_8);
    }

    private JsonNode json(String name) throws BadBundle {
        try {
            return JSON.readTree(text(name));
        } catch (JacksonException e) {
            throw new BadBundle("Its " + name + " is not JSON. Make the bundle again.");
        }
    }

    private static Palette palette(JsonNode given) throws BadBundle {
        Map<String, String> colours = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> entry : given.properties()) {
            String colour = entry.getValue().asString("");
            if (!Palette.isColour(colour)
                    || entry.getKey().isBlank()
                    || entry.getKey().length() > LONGEST_NAME) {
                throw new BadBundle("In its palette, " + entry.getKey() + " is no colour like #2A2340.");
            }
            colours.put(entry.getKey(), colour);
        }
        return new Palette(colours);
    }

    private static SafeAreas safe(JsonNode given) throws BadBundle {
        double action = given.path("action").asDouble(SafeAreas.USUAL.action());
        double title = given.path("title").asDouble(SafeAreas.USUAL.title());
        if (!(action > 0 && action <= 100 && title > 0 && title <= 100)) {
            throw new BadBundle("Its safe areas are no shares of the picture in percent.");
        }
        return new SafeAreas(action, title);
    }

    private Map<String, PictureFile> pictures(JsonNode given) throws BadBundle {
        Map<String, PictureFile> pictures = new LinkedHashMap<>();
        for (JsonNode of : given) {
            String key = of.path("key").asString("");
            if (key.isBlank() || key.length() > LONGEST_NAME) throw new BadBundle("A picture in it has no name.");
            try {
                pictures.put(key, PictureFile.read(file(of.path("file").asString(""))));
            } catch (BadPicture e) {
                throw new BadBundle("Its picture " + key + " cannot be taken: " + e.getMessage() + ".");
            }
        }
        return pictures;
    }

    private List<HouseFont> fonts(JsonNode given) throws BadBundle {
        List<HouseFont> fonts = new ArrayList<>();
        for (JsonNode of : given) {
            String name = of.path("name").asString("");
            try {
                HouseFont font = HouseFont.read(file(of.path("file").asString("")));
                if (!font.handedOn())
                    throw new BadBundle("The licence of its font " + name + " does not let it be handed on.");
                if (!font.id().equals(of.path("id").asString(""))) {
                    throw new BadBundle("Its font " + name + " is not the one that its document was made with.");
                }
                fonts.add(font);
            } catch (BadFont e) {
                throw new BadBundle("Its font " + name + " cannot be taken. " + e.getMessage());
            }
        }
        return fonts;
    }
}
