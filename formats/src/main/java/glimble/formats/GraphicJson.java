package glimble.formats;

import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.document.Reading;
import glimble.graphic.Graphic;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A graphic as JSON text. The format is described in {@code docs/format.md}. */
public final class GraphicJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private GraphicJson() {}

    /**
     * @param fonts ids of the fonts a text may name
     * @throws JacksonException if the text is not JSON
     */
    public static Reading read(String json, Set<String> fonts) {
        return GraphicReader.read(JsonTree.from(MAPPER.readTree(json)), fonts);
    }

    public static String write(Graphic graphic) {
        return MAPPER.writeValueAsString(JsonTree.to(GraphicWriter.write(graphic)));
    }
}
