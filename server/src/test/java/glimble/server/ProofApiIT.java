package glimble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class ProofApiIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Application APP = Application.shared();

    private static String added(JsonNode document) {
        JsonNode answer = Application.body(APP.post("/api/graphics", Application.newGraphic(document)));
        return "/api/graphics/" + answer.get("id").asLong();
    }

    /** Waits until the proof of a revision does not run any more. */
    private static JsonNode proof(String graphic, int revision) {
        Instant until = Instant.now().plus(Duration.ofSeconds(240));
        while (true) {
            JsonNode proof = Application.body(APP.get(graphic + "/revisions/" + revision + "/proof"));
            boolean settled =
                    List.of("FINISHED", "STOPPED").contains(proof.get("state").asString());
            if (settled || Instant.now().isAfter(until)) return proof;
            LockSupport.parkNanos(20_000_000);
        }
    }

    private static List<String> checks(JsonNode proof) {
        return proof.get("findings")
                .valueStream()
                .map(finding -> finding.get("check").asString())
                .toList();
    }

    @Test
    void a_graphic_is_proved_by_itself_after_each_save_and_what_it_came_to_is_kept() {
        ObjectNode document = Application.document("wind-strap", "Proved strap");
        String graphic = added(document);
        JsonNode first = proof(graphic, 1);
        assertThat(first.get("state").asString()).isEqualTo("FINISHED");
        assertThat(first.get("findings")).isEmpty();
        ((ObjectNode) document.get("parts").get(1).get("width"))
                .putArray("pad")
                .add(0)
                .add(0);
        APP.put(graphic, Application.save(1, document));
        JsonNode second = proof(graphic, 2);
        assertThat(checks(second)).contains("box");
        assertThat(second.get("done").asInt()).isEqualTo(second.get("fillings").size());
        assertThat(proof(graphic, 1).get("findings")).isEmpty();
        String note = APP.get("/api/proofs").body();
        assertThat(note).contains("\"revision\":2");
    }

    @Test
    void a_table_of_names_is_proved_too_and_a_wrong_one_is_refused() {
        String graphic = added(Application.document("wind-strap", "Named strap"));
        int before = proof(graphic, 1).get("fillings").size();
        String table = JSON.createObjectNode()
                .put("csv", "tag,message\nNEXT,one\nHOLD,two\n")
                .toString();
        assertThat(Application.body(APP.put(graphic + "/names", table))
                        .get("rows")
                        .asInt())
                .isEqualTo(2);
        APP.post(graphic + "/revisions/1/proof", "");
        assertThat(proof(graphic, 1).get("fillings")).hasSize(before + 2);
        String wrong = JSON.createObjectNode().put("csv", "a,b\n1,2").toString();
        var refused = APP.put(graphic + "/names", wrong);
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("names no field");
        assertThat(Application.body(APP.get(graphic + "/names")).get("csv").asString())
                .startsWith("tag,message");
    }

    @Test
    void one_that_is_asked_for_again_while_it_runs_begins_anew_with_what_is_there_then() {
        String graphic = added(Application.document("heat-board", "Asked for twice"));
        int before = proof(graphic, 1).get("fillings").size();
        StringBuilder csv = new StringBuilder("name 1\n");
        for (int i = 0; i < 2_000; i++) csv.append("Person ").append(i).append('\n');
        String table = JSON.createObjectNode().put("csv", csv.toString()).toString();
        APP.put(graphic + "/names", table);
        APP.post(graphic + "/revisions/1/proof", "");
        APP.send(APP.json(graphic + "/names").DELETE());
        APP.post(graphic + "/revisions/1/proof", "");
        JsonNode proof = proof(graphic, 1);
        assertThat(proof.get("state").asString()).isEqualTo("FINISHED");
        assertThat(proof.get("fillings")).hasSize(before);
    }

    @Test
    void what_is_put_aside_is_not_proved_until_it_is_brought_back() {
        String graphic = added(Application.document("heat-board", "Put aside"));
        assertThat(APP.send(APP.json(graphic).DELETE()).statusCode()).isEqualTo(204);
        assertThat(APP.post(graphic + "/restored", "").statusCode()).isEqualTo(200);
        JsonNode proof = proof(graphic, 1);
        assertThat(proof.get("state").asString()).isEqualTo("FINISHED");
        assertThat(proof.get("done").asInt()).isEqualTo(proof.get("fillings").size());
    }

    @Test
    void another_house_style_proves_anew_what_could_come_out_otherwise() {
        String graphic = added(Application.document("wind-strap", "Recoloured strap"));
        assertThat(proof(graphic, 1).get("findings")).isEmpty();
        ObjectNode house = (ObjectNode) Application.body(APP.get("/api/house"));
        ObjectNode faint = house.deepCopy();
        // What letters are filled with becomes what they stand on.
        for (JsonNode entry : faint.get("palette")) {
            if (entry.get("name").asString().equals("foam")) ((ObjectNode) entry).put("colour", "#2A2438");
        }
        assertThat(APP.put("/api/house", faint.toString()).statusCode()).isEqualTo(200);
        assertThat(note(graphic).get("proving").asBoolean()).isTrue();
        assertThat(checks(proof(graphic, 1))).contains("contrast");
        house.put("revision", house.get("revision").asInt() + 1);
        assertThat(APP.put("/api/house", house.toString()).statusCode()).isEqualTo(200);
        assertThat(proof(graphic, 1).get("findings")).isEmpty();
    }

    private static JsonNode note(String graphic) {
        long id = Long.parseLong(graphic.substring(graphic.lastIndexOf('/') + 1));
        return Application.body(APP.get("/api/proofs"))
                .valueStream()
                .filter(note -> note.get("graphic").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void mends_are_proved_before_they_are_offered_and_what_is_asked_wrongly_is_refused() {
        ObjectNode document = Application.document("wind-strap-faults", "Mended");
        String graphic = added(document);
        JsonNode proof = proof(graphic, 1);
        ObjectNode request = JSON.createObjectNode();
        request.set("document", document);
        request.put("check", "cases").put("part", "").put("other", "none").put("phase", "IN");
        request.set("fillings", proof.get("fillings"));
        JsonNode mends = Application.body(APP.post("/api/mends", request.toString()));
        assertThat(mends.isArray()).as("%s", mends).isTrue();
        assertThat(mends).isNotEmpty();
        JsonNode first = mends.get(0);
        assertThat(first.get("added").asInt()).isZero();
        assertThat(first.get("mended").asInt())
                .isEqualTo(first.get("of").asInt())
                .isPositive();
        assertThat(first.at("/document/cases")).hasSize(3);
        // Of something that is not found there is nothing to mend.
        assertThat(Application.body(APP.post(
                        "/api/mends", request.deepCopy().put("check", "over").toString())))
                .isEmpty();
        var wrong =
                APP.post("/api/mends", request.deepCopy().put("check", "taste").toString());
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body()).contains("$.check");
        request.remove("fillings");
        assertThat(APP.post("/api/mends", request.toString()).body()).contains("$.fillings");
    }

    @Test
    void the_sheet_needs_nothing_else() {
        String graphic = added(Application.document("wind-strap-faults", "Sheet"));
        proof(graphic, 1);
        var sheet = APP.get(graphic + "/revisions/1/proof/sheet");
        assertThat(sheet.statusCode()).isEqualTo(200);
        assertThat(sheet.headers().firstValue("Content-Type"))
                .hasValueSatisfying(type -> assertThat(type).startsWith("text/html"));
        assertThat(sheet.body()).contains("no case answers").contains("data:image/png");
        assertThat(sheet.headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'none'", "frame-ancestors 'none'", "sandbox");
        assertThat(APP.get(graphic + "/revisions/9/proof").statusCode()).isEqualTo(404);
    }

    @Test
    void reels_say_which_case_answers_and_play_what_is_asked_for() {
        ObjectNode document = Application.document("wind-strap", "Strap");
        ObjectNode request = JSON.createObjectNode();
        request.set("document", document);
        request.putArray("values").addObject().put("message", "Night kites");
        JsonNode worked = Application.body(APP.post("/api/reels", request.toString()))
                .get("worked")
                .get(0);
        assertThat(worked.get("answer").get("name").asString()).isEqualTo("message only");
        assertThat(worked.get("answer").get("earlier").get(0).asString()).isEqualTo("both needs that tag is filled");
        assertThat(worked.get("curves")).isNotEmpty();
        request.putObject("played").put("in", "").put("loop", "").put("out", "");
        JsonNode forced = Application.body(APP.post("/api/reels", request.toString()))
                .get("worked")
                .get(0);
        assertThat(forced.get("played").get("in").asString()).isEmpty();
        assertThat(forced.get("reel")).isNotEqualTo(worked.get("reel"));
    }

    @Test
    void the_map_of_cases_tells_a_gap_with_an_example() {
        ObjectNode document = Application.document("wind-strap", "Strap");
        document.set("cases", JSON.createArrayNode().add(document.get("cases").get(0)));
        ObjectNode request = JSON.createObjectNode();
        request.set("document", document);
        JsonNode map =
                Application.body(APP.post("/api/cases", request.toString())).get("map");
        assertThat(map.get("combinations").asInt()).isEqualTo(4);
        assertThat(map.get("entries")
                        .valueStream()
                        .filter(entry -> entry.get("row").asInt() < 0))
                .hasSize(3)
                .allSatisfy(entry -> assertThat(entry.get("values").has("tag")).isTrue());
    }

    @Test
    void checks_have_a_rule_and_a_limit() {
        JsonNode checks = Application.body(APP.get("/api/checks"));
        assertThat(checks)
                .hasSize(glimble.graphic.Check.values().length)
                .allSatisfy(check -> assertThat(check.get("rule").asString()).endsWith("."));
    }
}
