package glimble.handover;

import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.BadPicture;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.typeset.JdkTypesetter;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The demo's graphics with the demo's house. */
final class Demo {
    static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    private Demo() {}

    static Handed handed(String name) {
        Graphic graphic = GraphicJson.read(DemoGraphics.named(name), TYPESETTER.fonts())
                .graphic()
                .orElseThrow();
        return handed(graphic);
    }

    static Handed handed(Graphic graphic) {
        JsonNode house = JsonMapper.builder().build().readTree(DemoGraphics.house());
        Map<String, String> colours = new LinkedHashMap<>();
        for (JsonNode entry : house.path("palette")) {
            colours.put(entry.path("name").asString(), entry.path("colour").asString());
        }
        Map<String, PictureFile> pictures = new LinkedHashMap<>();
        DemoGraphics.pictures().forEach((key, bytes) -> {
            try {
                pictures.put(key, PictureFile.read(bytes));
            } catch (BadPicture e) {
                throw new IllegalStateException(e);
            }
        });
        return new Handed(graphic, new Palette(colours), new SafeAreas(93, 90), true, pictures);
    }
}
