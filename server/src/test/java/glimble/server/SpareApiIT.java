package glimble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** How much more text there is room for, of the largest demo: all of it is said within what a request may cost. */
class SpareApiIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Application APP = Application.shared();

    private static ObjectNode request(ObjectNode document) {
        ObjectNode request = JSON.createObjectNode();
        request.set("document", document);
        ObjectNode values = request.putObject("values");
        for (JsonNode field : document.get("fields"))
            values.put(field.get("key").asString(), field.path("sample").asString(""));
        return request;
    }

    private static List<String> fields(ObjectNode document) {
        List<String> fields = new ArrayList<>();
        for (JsonNode field : document.get("fields")) {
            String kind = field.path("kind").asString("text");
            if (kind.equals("text") || kind.equals("lines"))
                fields.add(field.get("key").asString());
        }
        return fields;
    }

    @Test
    void room_is_said_for_every_field_of_a_large_board() {
        ObjectNode board = Application.document("heat-board", "Roomy board");
        JsonNode said = Application.body(APP.post("/api/spare", request(board).toString()));
        assertThat(said.valueStream().map(one -> one.get("field").asString()))
                .containsExactlyElementsOf(fields(board))
                .hasSizeGreaterThan(5);
        assertThat(said.valueStream()).allMatch(one -> !one.hasNonNull("narrow"));
    }

    @Test
    void what_a_field_holds_at_all_is_said_of_each_by_itself() {
        ObjectNode board = Application.document("heat-board", "Holding board");
        for (String field : fields(board)) {
            ObjectNode request = request(board).put("field", field).put("holds", true);
            JsonNode said = Application.body(APP.post("/api/spare", request.toString()));
            assertThat(said).as(field).hasSize(1);
            assertThat(said.get(0).get("field").asString()).isEqualTo(field);
            assertThat(said.get(0).get("narrow").asInt())
                    .as(field)
                    .isGreaterThanOrEqualTo(said.get(0).get("wide").asInt())
                    .isPositive();
        }
    }

    @Test
    void a_field_that_is_not_there_is_refused() {
        ObjectNode board = Application.document("heat-board", "Other board");
        HttpResponse<String> answer =
                APP.post("/api/spare", request(board).put("field", "beach").toString());
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("$.field", "leave it out to ask for all");
    }
}
