package glimble.formats;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomGraphic;
import glimble.document.GraphicWriter;
import glimble.graphic.Graphic;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The random graphics that every rule is tried on use every member of the format, so what holds for them holds for it. */
class RandomGraphicTest {
    private static final int GRAPHICS = 200;

    private static void members(JsonNode node, Set<String> found) {
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            found.add(member.getKey());
            members(member.getValue(), found);
        }
        for (JsonNode item : node) if (node.isArray()) members(item, found);
    }

    /** Names of members under any "properties" of the schema. */
    private static void declared(JsonNode node, Set<String> found) {
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            if (member.getKey().equals("properties"))
                member.getValue().properties().forEach(of -> found.add(of.getKey()));
            declared(member.getValue(), found);
        }
        for (JsonNode item : node) if (node.isArray()) declared(item, found);
    }

    @Test
    void every_member_of_the_format_is_used_and_what_is_written_reads_the_same() {
        Set<String> used = new TreeSet<>();
        for (int seed = 0; seed < GRAPHICS; seed++) {
            Graphic graphic = RandomGraphic.of(seed);
            JsonNode json = JsonTree.to(GraphicWriter.write(graphic));
            members(json, used);
            assertThat(GraphicJson.read(json.toString(), Set.of("mono")).graphic())
                    .as("graphic %s", seed)
                    .contains(graphic);
        }
        Set<String> declared = new TreeSet<>();
        declared(GraphicSchema.json(), declared);
        declared.removeAll(used);
        // "equals" is another way to write "oneOf" of a single text; "fills" and others are all there.
        assertThat(declared).isSubsetOf("equals");
    }
}
