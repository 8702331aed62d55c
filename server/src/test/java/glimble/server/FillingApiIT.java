package glimble.server;

import static glimble.server.Application.body;
import static glimble.server.Application.json;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What helps to fill cues in: people, tables, spelling. */
class FillingApiIT {
    private static final Application APP = Application.withDemo();

    @Test
    void people_are_kept_as_a_table_and_two_at_once_do_not_overwrite_each_other() {
        ObjectNode people = (ObjectNode) body(APP.get("/api/people"));
        assertThat(people.get("rows").size()).isGreaterThanOrEqualTo(40);
        assertThat(people.at("/columns/0/fields/0").asString()).isEqualTo("Name");
        String saveId = UUID.randomUUID().toString();
        ObjectNode changed = people.deepCopy().put("saveId", saveId);
        ((ArrayNode) changed.get("rows")).addArray().add("Odd, \"One\"").add("Flyer");
        JsonNode saved = body(APP.put("/api/people", changed.toString()));
        assertThat(saved.get("revision").asInt())
                .isEqualTo(people.get("revision").asInt() + 1);
        assertThat(body(APP.put("/api/people", changed.toString()))).isEqualTo(saved);
        HttpResponse<String> stale = APP.put("/api/people", people.toString());
        assertThat(stale.statusCode()).isEqualTo(409);
        String csv = APP.get("/api/people/csv").body();
        assertThat(csv).startsWith("Name,Role,Club,Class").contains("\"Odd, \"\"One\"\"\",Flyer");
        ObjectNode wrong = ((ObjectNode) saved).deepCopy();
        ((ObjectNode) wrong.at("/columns/1")).put("name", "Name");
        assertThat(APP.put("/api/people", wrong.toString()).body()).contains("$.columns[1].name", "another column");
    }

    private static JsonNode table(String text) {
        String file = Base64.getEncoder().encodeToString(text.getBytes(StandardCharsets.UTF_16LE));
        return body(APP.post("/api/tables", json().put("file", file).toString()));
    }

    @Test
    void a_table_becomes_cues_and_bad_rows_are_named_by_line_and_reason() {
        JsonNode table = table(
                "Nr;Who;What\n1;Wu;Flyer\n2;;Judge\n\nx;Oona;Judge\n1;Tiago;Flyer\n3;Li;" + "long".repeat(20) + "\n");
        assertThat(table.get("columns").size()).isEqualTo(3);
        ObjectNode look =
                json().put("graphic", APP.graphic("Flyer bar").get("id").asLong());
        look.putArray("columns").add("number").add("field name").add("field role");
        look.set("rows", table.get("rows"));
        JsonNode rows = body(APP.post("/api/tables/cues", look.toString()));
        assertThat(rows.at("/0/wrong")).isEmpty();
        assertThat(rows.at("/0/values/name").asString()).isEqualTo("Wu");
        assertThat(rows.at("/1/line").asInt()).isEqualTo(3);
        assertThat(rows.at("/1/wrong/0").asString()).isEqualTo("Name is needed; fill it in");
        assertThat(rows.at("/2/line").asInt()).isEqualTo(5);
        assertThat(rows.at("/2/wrong/0").asString()).contains("'x' is none like 12");
        assertThat(rows.at("/3/wrong/0").asString()).contains("1 is that of another cue");
        assertThat(rows.at("/4/wrong/0").asString()).contains("80 letters; at most 40");
        ((ArrayNode) look.get("columns")).set(2, "field nothing");
        assertThat(APP.post("/api/tables/cues", look.toString()).body()).contains("$.columns[2]", "neither a field");
    }

    @Test
    void a_sheet_goes_out_as_a_table() {
        String csv = APP.get("/api/sheets/1/csv").body();
        assertThat(csv)
                .startsWith("number,graphic,note,")
                .contains("7,Judge bar,,")
                .contains("Fighter kites · heat 4 of 11");
    }

    @Test
    void what_no_dictionary_has_is_found_and_can_be_accepted() {
        JsonNode found = body(APP.get("/api/sheets/1/spelling"));
        JsonNode cue = found.valueStream()
                .filter(one -> one.toString().contains("heigth"))
                .findFirst()
                .orElseThrow();
        assertThat(cue.at("/unknown/0/field").asString()).isEqualTo("class");
        assertThat(cue.at("/unknown/0/suggested").toString()).contains("height");
        assertThat(found).as(found.toString()).hasSize(1);
        ObjectNode filling = json().put(
                        "graphic", APP.graphic("Wind strap").get("id").asLong())
                .put("revision", 1);
        filling.putObject("values").put("message", "Gusts at the Skerry tower, Zzyxbar and Wimmering");
        JsonNode words = body(APP.post("/api/spelling", filling.toString()));
        assertThat(words.valueStream().map(word -> word.get("word").asString()).toList())
                .containsExactly("Zzyxbar");
        assertThat(APP.post("/api/words", json().put("word", "Zzyxbar").toString())
                        .statusCode())
                .isEqualTo(204);
        assertThat(body(APP.post("/api/spelling", filling.toString()))).isEmpty();
        APP.send(APP.json("/api/words?word=Zzyxbar").DELETE());
        assertThat(body(APP.post("/api/spelling", filling.toString()))).hasSize(1);
    }

    @Test
    void each_field_is_looked_up_in_its_language() {
        ObjectNode document = Application.document("wind-strap", "German strap");
        document.put("language", "de");
        JsonNode made = body(APP.post("/api/graphics", Application.newGraphic(document)));
        ObjectNode filling = json().put("graphic", made.get("id").asLong()).put("revision", 1);
        filling.putObject("values").put("message", "Der Wind weht über dem Wattt");
        JsonNode words = body(APP.post("/api/spelling", filling.toString()));
        assertThat(words.valueStream().map(word -> word.get("word").asString()).toList())
                .isEqualTo(List.of("Wattt"));
        APP.send(APP.json("/api/graphics/" + made.get("id").asLong()).DELETE());
    }
}
