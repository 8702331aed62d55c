package glimble.handover;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import glimble.RandomGraphic;
import glimble.cue.GivenData;
import glimble.document.Dialled;
import glimble.document.Problem;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.GraphicSchema;
import glimble.formats.JsonTree;
import glimble.graphic.Graphic;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A validator of JSON Schema that we did not write takes what we write; what it takes, our own reader takes. */
class SchemaTest {
    private static final int GRAPHICS = 120;
    private static final SchemaRegistry REGISTRY =
            SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);

    private static Schema schema(JsonNode of) {
        return REGISTRY.getSchema(of.toString(), InputFormat.JSON);
    }

    @Test
    void documents_that_are_written_fit_the_schema() {
        Schema schema = schema(GraphicSchema.json());
        for (String json : DemoGraphics.all()) {
            assertThat(schema.validate(json, InputFormat.JSON)).isEmpty();
        }
        for (int seed = 0; seed < GRAPHICS; seed++) {
            Graphic graphic = Dialled.settled(RandomGraphic.of(seed));
            assertThat(schema.validate(GraphicJson.write(graphic), InputFormat.JSON))
                    .as("graphic %s", seed)
                    .isEmpty();
        }
        String wrong = DemoGraphics.named("flyer-bar").replaceFirst("\"width\": *1920", "\"width\": \"wide\"");
        assertThat(schema.validate(wrong, InputFormat.JSON)).isNotEmpty();
    }

    @Test
    void data_that_fit_the_schema_of_a_package_are_taken() {
        Random random = new Random(11);
        int fit = 0;
        for (String name : DemoGraphics.names()) {
            Handed handed = Demo.handed(name);
            JsonNode of = DataSchema.of(
                    handed.designed(), handed.palette(), handed.shown().keySet());
            Schema schema = schema(of);
            JsonNode samples = DataSchema.samples(handed.designed());
            assertThat(schema.validate(samples.toString(), InputFormat.JSON))
                    .as("samples of %s", name)
                    .isEmpty();
            for (int round = 0; round < 40; round++) {
                ObjectNode data = AnyData.of(handed.designed(), random);
                if (!schema.validate(data.toString(), InputFormat.JSON).isEmpty()) continue;
                fit++;
                List<Problem> problems = GivenData.read(
                                handed.designed(), JsonTree.from(data), Demo.known(), Demo.TYPESETTER.writing())
                        .problems();
                // A schema cannot count letters as people do, nor tell what shows nothing from what is filled in.
                assertThat(problems)
                        .as("%s: %s", name, data)
                        .allMatch(problem -> problem.sentence().contains("letters")
                                || problem.sentence().contains("is needed"));
            }
            ObjectNode unknown = samples.deepCopy().asObject().put("nickname", "Wuwu");
            assertThat(schema.validate(unknown.toString(), InputFormat.JSON)).isNotEmpty();
        }
        assertThat(fit).isGreaterThan(100);
    }
}
