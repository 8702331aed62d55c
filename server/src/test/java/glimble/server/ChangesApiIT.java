package glimble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes over the API: from what stands, at any moment of it, to any values. */
class ChangesApiIT {
    private static final Application APP = Application.shared();

    private static ObjectNode request(ObjectNode document) {
        ObjectNode request = Application.JSON.createObjectNode();
        request.set("document", document);
        request.putArray("stages")
                .addObject()
                .set("values", document.at("/trials/0/values").deepCopy());
        request.putArray("values").add(document.at("/trials/0/values").deepCopy());
        return request;
    }

    private static String doing(JsonNode change, String part) {
        return change.get("parts")
                .valueStream()
                .filter(one -> one.get("part").asString().equals(part))
                .findFirst()
                .orElseThrow()
                .get("doing")
                .asString();
    }

    @Test
    void only_the_score_that_is_another_swaps_and_the_same_values_change_nothing() {
        ObjectNode request = request(Application.document("heat-board", "Changed board"));
        ObjectNode corrected = request.at("/values/0").deepCopy().asObject();
        corrected.put("score 2", "93.5");
        request.withArray("values").add(corrected);
        JsonNode changes =
                Application.body(APP.post("/api/changes", request.toString())).get("changes");
        assertThat(changes.get(0).get("length").asInt()).isZero();
        assertThat(doing(changes.get(1), "score 2")).isEqualTo("SWAPS");
        assertThat(doing(changes.get(1), "headline")).isEqualTo("STAYS");
        assertThat(changes.get(1)
                        .get("parts")
                        .valueStream()
                        .filter(part -> !part.get("doing").asString().equals("STAYS")))
                .hasSize(1);
        assertThat(changes.get(1).get("length").asInt()).isPositive();
    }

    @Test
    void a_change_begins_in_the_middle_of_another_and_what_is_shown_can_be_taken_out() {
        ObjectNode request = request(Application.document("flyer-bar", "Changed bar"));
        request.withArray("stages")
                .addObject()
                .put("phase", "IN")
                .put("frame", 6)
                .putObject("values")
                .put("name", "Wu");
        JsonNode answer = Application.body(APP.post("/api/changes", request.toString()));
        assertThat(answer.get("changes").get(0).get("length").asInt()).isPositive();
        assertThat(answer.get("out").get("out").asInt()).isPositive();
    }

    @Test
    void what_cannot_be_is_refused_with_its_path_and_a_way_out() {
        ObjectNode request = request(Application.document("flyer-bar", "Refused bar"));
        ((ObjectNode) request.at("/stages/0")).put("phase", "OUT");
        HttpResponse<String> refused = APP.post("/api/changes", request.toString());
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("$.stages[0].phase");
        request.putArray("stages");
        assertThat(APP.post("/api/changes", request.toString()).body()).contains("$.stages");
    }
}
