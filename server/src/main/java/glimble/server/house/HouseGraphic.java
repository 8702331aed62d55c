package glimble.server.house;

import glimble.document.GraphicReader;
import glimble.document.Reading;
import glimble.formats.JsonTree;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.server.house.House.GestureEntry;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Graphics of one text in a box, in which pieces of the house style are read as they would be in any document. */
public final class HouseGraphic {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private HouseGraphic() {}

    /** The moves of a gesture, of a part called {@code part}. */
    public static List<Move> moves(GestureEntry gesture, Set<String> fonts) {
        return read(gesture, fonts)
                .graphic()
                .map(Graphic::in)
                .map(in -> in.moves())
                .orElse(List.of());
    }

    static Reading read(GestureEntry gesture, Set<String> fonts) {
        ObjectNode document = of(text());
        document.set("in", gesture.moves() == null ? JSON.createObjectNode() : gesture.moves());
        return GraphicReader.read(JsonTree.from(document), fonts);
    }

    static ObjectNode text() {
        ObjectNode text = placed("part", "text").put("text", "x");
        text.putObject("style").put("font", "noto-sans-400").put("size", 40).put("fill", "#FFFFFF");
        text.putObject("width").put("own", true);
        text.putObject("height").put("own", true);
        text.putArray("masks").addObject().put("by", "mask");
        return text;
    }

    static ObjectNode of(ObjectNode text) {
        ObjectNode document =
                JSON.createObjectNode().put("format", GraphicReader.FORMAT).put("name", "house");
        document.putObject("frame")
                .put("width", 1920)
                .put("height", 1080)
                .put("rate", "50")
                .put("length", 1);
        ObjectNode mask = placed("mask", "box").put("fill", "#FFFFFF");
        mask.putObject("width").put("px", 9);
        mask.putObject("height").put("px", 9);
        document.putArray("parts").add(text).add(mask);
        return document;
    }

    private static ObjectNode placed(String key, String kind) {
        ObjectNode part = JSON.createObjectNode().put("key", key).put("kind", kind);
        part.putObject("x").put("hangs", "left").put("on", "frame").put("at", "left");
        part.putObject("y").put("hangs", "top").put("on", "frame").put("at", "top");
        return part;
    }
}
