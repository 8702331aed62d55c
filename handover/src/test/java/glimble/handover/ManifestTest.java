package glimble.handover;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.cue.GivenData;
import glimble.formats.DemoGraphics;
import glimble.formats.JsonTree;
import glimble.graphic.Graphic;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What is said of a package before it is loaded. */
class ManifestTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** Held to the types of the standard by the checks of the user interface. */
    private static final Path EXAMPLE = Path.of("../ui/src/runtime/manifest.example.ts");

    static Iterable<String> demos() {
        return DemoGraphics.names();
    }

    @Test
    void the_example_that_is_held_to_the_types_of_the_standard_is_what_is_written() throws IOException {
        String manifest = JSON.writerWithDefaultPrettyPrinter()
                .writeValueAsString(GraphicPackage.manifest(Demo.handed("judge-bar"), "judge-bar"));
        String example = "import type { GraphicsManifest } from 'ograf';\n\n"
                + "/** The manifest of the demo's Judge bar, as it is written; a test compares them. */\n"
                + "export const manifest: GraphicsManifest = " + manifest + ";\n";
        if (Boolean.getBoolean("write")) Files.writeString(EXAMPLE, example);
        assertThat(Files.readString(EXAMPLE)).isEqualTo(example);
    }

    @Test
    void what_was_saved_somewhere_has_an_id_of_its_own_and_versions_that_are_sorted_as_text() {
        Handed handed = Demo.handed("judge-bar");
        JsonNode ninth = GraphicPackage.manifest(handed.from(new Handed.Origin("abc", 4, 9)), "judge-bar");
        JsonNode tenth = GraphicPackage.manifest(handed.from(new Handed.Origin("abc", 4, 10)), "judge-bar");
        assertThat(ninth.get("id").asString())
                .isEqualTo(tenth.get("id").asString())
                .isNotEqualTo(GraphicPackage.manifest(handed.from(new Handed.Origin("abd", 4, 9)), "judge-bar")
                        .get("id")
                        .asString())
                .isNotEqualTo(GraphicPackage.manifest(handed.from(new Handed.Origin("abc", 5, 9)), "judge-bar")
                        .get("id")
                        .asString());
        assertThat(ninth.get("version").asString())
                .isLessThan(tenth.get("version").asString());
    }

    /** The schema and the reader of data are of one mind about what may be there, and what must be. */
    @ParameterizedTest
    @MethodSource("demos")
    void the_schema_names_what_is_taken(String name) {
        Handed handed = Demo.handed(name);
        Graphic graphic = handed.designed();
        ObjectNode schema =
                DataSchema.of(graphic, handed.palette(), handed.shown().keySet());
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            ObjectNode data = AnyData.of(graphic, random);
            for (String member : data.propertyNames()) {
                JsonNode property = schema.at("/properties").get(member);
                assertThat(property).as(member).isNotNull();
                if (property.has("enum")) {
                    assertThat(property.get("enum").valueStream().map(JsonNode::asString))
                            .contains(data.get(member).asString());
                }
            }
        }
        schema.path("required").forEach(member -> {
            ObjectNode without = DataSchema.samples(graphic).deepCopy();
            without.remove(member.asString());
            GivenData given = GivenData.read(graphic, JsonTree.from(without), Demo.known(), Demo.TYPESETTER.writing());
            assertThat(given.problems())
                    .extracting(Object::toString)
                    .anyMatch(said -> said.contains(member.asString()));
        });
        GivenData samples = GivenData.read(
                graphic, JsonTree.from(DataSchema.samples(graphic)), Demo.known(), Demo.TYPESETTER.writing());
        assertThat(samples.problems()).isEmpty();
    }
}
