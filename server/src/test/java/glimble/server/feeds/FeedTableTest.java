package glimble.server.feeds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** What a feed says, as it says it. */
class FeedTableTest {
    private static String cell(String value) throws Exception {
        byte[] body = ("[{\"points\": " + value + "}]").getBytes(StandardCharsets.UTF_8);
        return FeedTable.read(body, JsonMapper.builder().build()).rows().get(0).get("points");
    }

    @ParameterizedTest
    @CsvSource({
        "9.50, 9.50",
        "12500000.0, 12500000.0",
        "7, 7",
        "-0.10, -0.10",
        "1.25E7, 12500000",
        "100000000000000000001, 100000000000000000001",
        "2e-3, 0.002",
        "true, true"
    })
    void numbers_stand_as_they_were_written(String written, String shown) throws Exception {
        assertThat(cell(written)).isEqualTo(shown);
    }

    @Test
    void what_is_not_known_is_missing_and_only_an_empty_text_is_blank() throws Exception {
        assertThat(cell("null")).isNull();
        assertThat(cell("\"\"")).isEmpty();
    }

    @Test
    void what_nobody_sees_is_left_out() throws Exception {
        assertThat(cell("\"Wu\\u0007\\u202E \\u0000Li\\n\\t\\u2068x\\u2069\"")).isEqualTo("Wu Li\n\t\u2068x\u2069");
    }

    @ParameterizedTest
    @ValueSource(strings = {"1e999999999", "1e-999999999", "1e5000"})
    void numbers_without_end_are_refused(String written) {
        assertThatThrownBy(() -> cell(written))
                .isInstanceOf(FeedTable.Malformed.class)
                .hasMessageContaining("digits");
    }
}
