package glimble.handover;

import glimble.edit.Uses;
import glimble.formats.GraphicJson;
import glimble.formats.GraphicSchema;
import glimble.formats.pictures.PictureFile;
import glimble.typeset.HouseFont;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes a bundle: a graphic with what it names of its house, to go to another one. */
final class BundleWriter {
    static final String FORMAT = "glimble-bundle/1";
    static final String CONTENTS = "bundle.json";
    static final String DOCUMENT = "graphic.json";
    static final String SCHEMA = "graphic.schema.json";
    static final String NOTICES = "NOTICES.txt";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private BundleWriter() {}

    static void write(Handed carried, JdkTypesetter typesetter, OutputStream out) throws IOException {
        ObjectNode contents = JSON.createObjectNode()
                .put("format", FORMAT)
                .put("name", carried.designed().name())
                .put("document", DOCUMENT);
        ObjectNode palette = contents.putObject("palette");
        for (String colour : Uses.of(carried.designed()).colours()) {
            String value = carried.palette().colours().get(colour);
            if (value != null) palette.put(colour, value);
        }
        contents.putObject("safe")
                .put("action", carried.safe().action())
                .put("title", carried.safe().title());
        contents.put("wholePixels", carried.wholePixels());
        try (Zip zip = new Zip(out)) {
            zip.add(DOCUMENT, GraphicJson.write(carried.designed()));
            zip.add(SCHEMA, GraphicSchema.text());
            ArrayNode pictures = contents.putArray("pictures");
            for (Map.Entry<String, PictureFile> picture : carried.shown().entrySet()) {
                String file = "pictures/" + PictureNames.of(picture.getKey(), picture.getValue());
                pictures.addObject().put("key", picture.getKey()).put("file", file);
                zip.add(file, picture.getValue().bytes());
            }
            ArrayNode fonts = contents.putArray("fonts");
            StringBuilder notices = new StringBuilder();
            for (HouseFont font : Carriage.ofHouse(carried.designed(), typesetter)) {
                String file = "fonts/" + font.id() + ".font";
                fonts.addObject().put("id", font.id()).put("name", font.name()).put("file", file);
                zip.add(file, font.bytes());
                notices.append(Carriage.notice(font));
            }
            if (!notices.isEmpty()) zip.add(NOTICES, notices.toString());
            zip.add(CONTENTS, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(contents));
        }
    }
}
