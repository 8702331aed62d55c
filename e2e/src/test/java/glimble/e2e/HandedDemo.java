package glimble.e2e;

import glimble.cases.Answered;
import glimble.change.Take;
import glimble.edit.Coloured;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.BadPicture;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.handover.Handed;
import glimble.paint.ReelPainter;
import glimble.reel.Reel;
import glimble.typeset.JdkTypesetter;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The demo's graphics with the demo's house, and how the application would show them. */
record HandedDemo(Handed handed, JdkTypesetter typesetter) {

    static HandedDemo of(String name, JdkTypesetter typesetter) {
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
        Graphic graphic = GraphicJson.read(DemoGraphics.named(name), typesetter.fonts())
                .graphic()
                .orElseThrow();
        return new HandedDemo(new Handed(graphic, new Palette(colours), SafeAreas.USUAL, true, pictures), typesetter);
    }

    /** As it is taken with these values. */
    Reel reel(Map<String, String> values) {
        Graphic played = Answered.of(handed.framed(), values, Condition.Standing.NOTHING, typesetter, handed.extents())
                .graphic();
        return Take.of(Coloured.of(played, handed.palette(), values), values, typesetter, handed.extents())
                .worked()
                .reel();
    }

    ReelPainter painter(Reel reel) {
        return new ReelPainter(reel, typesetter, handed.source());
    }
}
