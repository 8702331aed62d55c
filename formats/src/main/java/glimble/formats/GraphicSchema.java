package glimble.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The JSON Schema of a graphic's document. It tells the shape of a document; what only the whole document can show, such as
 * a name that nothing has or a circle, is left to the reader.
 */
public final class GraphicSchema {
    private GraphicSchema() {}

    public static JsonNode json() {
        return JsonMapper.builder().build().readTree(text());
    }

    public static String text() {
        try (InputStream stream = GraphicSchema.class.getResourceAsStream("/glimble/graphic.schema.json")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
