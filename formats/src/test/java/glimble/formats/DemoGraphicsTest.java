package glimble.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import glimble.document.Reading;
import glimble.typeset.JdkTypesetter;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DemoGraphicsTest {
    private static final Set<String> FONTS = new JdkTypesetter().fonts();

    static Stream<String> all() {
        return DemoGraphics.all().stream();
    }

    private static java.util.List<com.networknt.schema.Error> faults(String json) {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(GraphicSchema.json().toString());
        return schema.validate(json, InputFormat.JSON);
    }

    @ParameterizedTest
    @MethodSource("all")
    void a_demo_graphic_is_read_and_written_back_the_same(String json) {
        Reading reading = GraphicJson.read(json, FONTS);
        assertThat(reading.problems()).isEmpty();
        String written = GraphicJson.write(reading.graphic().orElseThrow());
        assertThat(GraphicJson.read(written, FONTS).graphic()).isEqualTo(reading.graphic());
        assertThat(faults(written)).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("all")
    void the_schema_takes_what_the_reader_takes(String json) {
        assertThat(faults(json)).isEmpty();
    }

    @Test
    void the_schema_refuses_what_the_reader_refuses() {
        String json = DemoGraphics.named("flyer-bar");
        for (String damaged : new String[] {
            json.replace("\"radius\": 10", "\"radius\": -10"),
            json.replace("\"out quint\"", "3"),
            json.replace("\"kind\": \"line\"", "\"kind\": \"blob\""),
            json.replace("\"length\": 14", "\"length\": 0"),
            json.replace("\"fill\": \"sea-glass\"", "\"fill\": \"#teal\""),
            json.replace("\"format\"", "\"form\"")
        }) {
            assertThat(damaged).isNotEqualTo(json);
            assertThat(GraphicJson.read(damaged, FONTS).problems()).isNotEmpty();
            assertThat(faults(damaged)).isNotEmpty();
        }
    }

    @Test
    void numbers_too_large_for_a_double_are_refused() {
        String json = DemoGraphics.named("flyer-bar").replace("\"width\": 1920", "\"width\": 1e999");
        assertThat(GraphicJson.read(json, FONTS).problems()).isNotEmpty();
    }
}
