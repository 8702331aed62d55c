package glimble.server;

import static glimble.server.Application.body;
import static glimble.server.Application.document;
import static glimble.server.Application.newGraphic;
import static glimble.server.Application.save;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.GraphicJson;
import glimble.graphic.Graphic;
import glimble.server.graphics.GraphicStore;
import glimble.server.graphics.SaveId;
import glimble.server.problems.Stale;
import glimble.typeset.JdkTypesetter;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class GraphicsApiIT {
    private static final Application APP = Application.shared();

    private static long add(String name) {
        HttpResponse<String> added = APP.post("/api/graphics", newGraphic(document("flyer-bar", name)));
        assertThat(added.statusCode()).isEqualTo(201);
        return body(added).get("id").asLong();
    }

    @Test
    void a_new_database_holds_the_demo_graphics() {
        assertThat(body(APP.get("/api/graphics"))
                        .valueStream()
                        .map(graphic -> graphic.at("/document/name").asString()))
                .contains("Flyer bar", "Twin bar", "Place and hour");
    }

    @Test
    void every_save_is_a_revision_and_all_are_kept() {
        long id = add("first");
        HttpResponse<String> saved =
                APP.put("/api/graphics/" + id, save(1, document("flyer-bar", "second ŞÜ ليلى 🪁")));
        assertThat(saved.statusCode()).isEqualTo(200);
        assertThat(body(saved).get("revision").asInt()).isEqualTo(2);

        JsonNode current = body(APP.get("/api/graphics/" + id));
        assertThat(current.at("/document/name").asString()).isEqualTo("second ŞÜ ليلى 🪁");
        assertThat(current.get("savedAt")).isEqualTo(body(saved).get("savedAt"));
        assertThat(body(APP.get("/api/graphics/" + id + "/revisions/1"))
                        .at("/document/name")
                        .asString())
                .isEqualTo("first");
        assertThat(body(APP.get("/api/graphics/" + id + "/revisions"))
                        .valueStream()
                        .map(note -> note.get("revision").asInt()))
                .containsExactly(2, 1);
    }

    @Test
    void a_stale_save_changes_nothing_and_is_given_the_current_revision() {
        long id = add("ours");
        APP.put("/api/graphics/" + id, save(1, document("flyer-bar", "theirs")));
        HttpResponse<String> stale = APP.put("/api/graphics/" + id, save(1, document("flyer-bar", "mine")));
        assertThat(stale.statusCode()).isEqualTo(409);
        assertThat(stale.headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(body(stale).at("/current/revision").asInt()).isEqualTo(2);
        assertThat(body(stale).at("/current/document/name").asString()).isEqualTo("theirs");
        assertThat(body(APP.get("/api/graphics/" + id)).at("/document/name").asString())
                .isEqualTo("theirs");
    }

    @Test
    void of_many_saves_at_once_exactly_one_wins() throws Exception {
        long id = add("contested");
        GraphicStore store = APP.bean(GraphicStore.class);
        Graphic graphic = GraphicJson.read(document("flyer-bar", "won").toString(), new JdkTypesetter().fonts())
                .graphic()
                .orElseThrow();
        Callable<Boolean> attempt = () -> {
            try {
                store.save(id, 1, graphic, SaveId.NONE);
                return true;
            } catch (Stale e) {
                return false;
            }
        };
        var threads = Executors.newFixedThreadPool(6);
        int won = 0;
        for (Future<Boolean> outcome :
                threads.invokeAll(List.of(attempt, attempt, attempt, attempt, attempt, attempt))) {
            if (outcome.get()) won++;
        }
        threads.shutdown();
        assertThat(won).isEqualTo(1);
        assertThat(store.revisions(id)).hasSize(2);
    }

    @Test
    void a_deleted_graphic_is_gone_until_it_is_restored() {
        long id = add("put aside");
        assertThat(APP.send(APP.json("/api/graphics/" + id).DELETE()).statusCode())
                .isEqualTo(204);
        assertThat(APP.get("/api/graphics/" + id).statusCode()).isEqualTo(404);
        assertThat(APP.get("/api/graphics").body()).doesNotContain("put aside");
        assertThat(APP.put("/api/graphics/" + id, save(1, document("flyer-bar", "x")))
                        .statusCode())
                .isEqualTo(404);
        assertThat(APP.post("/api/graphics/" + id + "/restored", "").statusCode())
                .isEqualTo(200);
        assertThat(body(APP.get("/api/graphics/" + id)).at("/document/name").asString())
                .isEqualTo("put aside");
        assertThat(APP.send(APP.json("/api/graphics/999999").DELETE()).statusCode())
                .isEqualTo(404);
    }

    private static String fillOfPlate() {
        String reels = "{\"document\":" + document("flyer-bar", "x") + ",\"values\":[{\"name\":\"Wu\"}]}";
        return body(APP.post("/api/reels", reels))
                .at("/worked/0/reel/layers/1/fill/from")
                .asString();
    }

    @Test
    void one_change_of_the_palette_recolours_every_graphic_that_names_it() {
        JsonNode before = body(APP.get("/api/house"));
        assertThat(fillOfPlate()).isEqualTo("#1F1A2B");
        String changed = before.toString().replace("#1F1A2B", "#101820");
        assertThat(APP.put("/api/house", changed).statusCode()).isEqualTo(200);
        assertThat(fillOfPlate()).isEqualTo("#101820");
        HttpResponse<String> stale = APP.put("/api/house", changed);
        assertThat(stale.statusCode()).as(stale.body()).isEqualTo(409);
        String wrong = body(APP.get("/api/house"))
                .toString()
                .replace("#101820", "dark")
                .replace("\"foam\"", "\"ink\"");
        assertThat(body(APP.put("/api/house", wrong))
                        .get("problems")
                        .valueStream()
                        .map(problem -> problem.get("path").asString()))
                .containsExactly("$.palette[0].colour", "$.palette[1].name");
        JsonNode now = body(APP.get("/api/house"));
        APP.put("/api/house", now.toString().replace("#101820", "#1F1A2B"));
        assertThat(fillOfPlate()).isEqualTo("#1F1A2B");
    }

    private static HttpResponse<String> edit(String what, String key, String to) {
        var request = Application.JSON
                .createObjectNode()
                .put("what", what)
                .put("key", key)
                .put("newName", to)
                .put("steps", 1);
        request.set("document", document("flyer-bar", "x"));
        request.putObject("raster").put("width", 3840).put("height", 2160);
        return APP.post("/api/edits", request.toString());
    }

    @Test
    void edits_give_the_changed_document_and_the_part_to_look_at() {
        JsonNode added = body(edit("ADD_PART", "box", null));
        assertThat(added.get("part").asString()).isEqualTo("box");
        assertThat(added.at("/document/parts")).hasSize(5);
        JsonNode renamed = body(edit("RENAME_PART", "plate", "ground"));
        assertThat(renamed.get("part").asString()).isEqualTo("ground");
        assertThat(renamed.at("/document/parts/0/width/matches").asString()).isEqualTo("ground");
        assertThat(body(edit("REMOVE_PART", "plate", null)).at("/document/parts"))
                .hasSize(3);
        assertThat(body(edit("REMOVE_FIELD", "role", null)).at("/document/fields"))
                .hasSize(1);
        JsonNode keyed = body(edit("RENAME_FIELD", "role", "task")).get("document");
        assertThat(keyed.at("/fields/1/key").asString()).isEqualTo("task");
        assertThat(keyed.at("/fields/1/former/0").asString()).isEqualTo("role");
        assertThat(keyed.toString()).contains("{task}").doesNotContain("{role}");
        assertThat(body(edit("PROPOSE_TRIALS", "", null)).at("/document/trials").size())
                .isGreaterThan(8);
        JsonNode rescaled = body(edit("RESCALE", "", null)).get("document");
        assertThat(rescaled.at("/frame/width").asInt()).isEqualTo(3840);
        assertThat(rescaled.at("/parts/0/height/px").asInt()).isEqualTo(16);
        assertThat(body(edit("DUPLICATE_PART", "name", null)).get("part").asString())
                .isEqualTo("name 2");
        assertThat(body(edit("REORDER_PART", "rule", null))
                        .at("/document/parts/1/key")
                        .asString())
                .isEqualTo("rule");
    }

    @Test
    void edits_that_cannot_be_made_say_why() {
        assertThat(edit("RENAME_PART", "plate", "name").body()).contains("there is a part 'name' already");
        assertThat(edit("RENAME_PART", "plate", "a,b").body()).contains("letters, digits, spaces and dashes");
        assertThat(edit("RENAME_FIELD", "role", "name").body()).contains("there is a field 'name' already");
        assertThat(edit("RENAME_FIELD", "role", "a,b").body()).contains("letters, digits, spaces and dashes");
        for (HttpResponse<String> answer : List.of(
                edit("RENAME_FIELD", "nobody", "x"),
                edit("REMOVE_PART", "nobody", null),
                edit("ADD_PART", "blob", null),
                edit("REMOVE_FIELD", "nobody", null),
                edit("RENAME_PART", "plate", null))) {
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
        }
        assertThat(edit("EXPLODE", "plate", null).statusCode()).isEqualTo(400);
    }

    @Test
    void what_is_not_there_is_not_found() {
        for (String path : List.of(
                "/api/graphics/999999",
                "/api/graphics/1/revisions/999",
                "/api/graphics/999999/revisions",
                "/api/fonts/barlow-condensed-600/0/outlines/0",
                "/api/fonts/nothing/0/outlines/0",
                "/api/nothing")) {
            assertThat(APP.get(path).statusCode()).as(path).isEqualTo(404);
        }
        assertThat(APP.put("/api/graphics/999999", save(1, document("flyer-bar", "x")))
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void a_wrong_document_is_refused_with_every_problem_and_stored_nowhere() {
        var wrong = document("flyer-bar", "wrong");
        wrong.withObject("frame").put("width", -3).put("rate", "x");
        HttpResponse<String> refused = APP.post("/api/graphics", newGraphic(wrong));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(body(refused)
                        .get("problems")
                        .valueStream()
                        .map(problem -> problem.get("path").asString()))
                .containsExactlyInAnyOrder("$.frame.width", "$.frame.rate");
        assertThat(APP.get("/api/graphics").body()).doesNotContain("\"name\":\"wrong\"");
    }

    @Test
    void outlines_are_served_in_pages_that_may_be_kept_for_good() {
        JsonNode font = body(APP.get("/api/fonts")).get(0);
        HttpResponse<String> page = APP.get("/api/fonts/" + font.get("id").asString() + "/"
                + font.get("edition").asString() + "/outlines/1");
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.headers().firstValue("Cache-Control"))
                .get()
                .asString()
                .contains("max-age=31536000", "immutable");
        assertThat(body(page).get("first").asInt()).isEqualTo(64);
        assertThat(body(page).get("outlines")).hasSize(64);
    }

    @Test
    void several_fillings_are_worked_out_at_once_and_in_order() {
        var request = Application.JSON.createObjectNode();
        request.set("document", document("flyer-bar", "x"));
        request.putArray("values").addObject().put("name", "Wu").put("role", "Flyer");
        request.withArray("values").addObject().put("name", "Ingeborg Halvorsen");
        HttpResponse<String> answer = APP.post("/api/reels", request.toString());
        assertThat(answer.statusCode()).isEqualTo(200);
        JsonNode worked = body(answer).get("worked");
        assertThat(worked).hasSize(2);
        assertThat(worked.at("/0/reel/layers")).hasSize(4);
        assertThat(worked.at("/1/reel/layers")).hasSize(3);
        assertThat(worked.at("/1/rest/3/present").asBoolean()).isFalse();
        assertThat(worked.at("/1/rest/3/at").isMissingNode()
                        || worked.at("/1/rest/3/at").isNull())
                .isTrue();
        assertThat(worked.at("/0/rest/1/why/2").asString()).contains("longest(name · width");
    }

    @Test
    void the_description_in_the_repository_is_the_one_that_is_served() throws Exception {
        String kept = java.nio.file.Files.readString(java.nio.file.Path.of("../docs/openapi.json"));
        assertThat(Application.JSON.readTree(APP.get("/api/openapi.json").body()))
                .as("docs/openapi.json is out of date; fetch /api/openapi.json into it")
                .isEqualTo(Application.JSON.readTree(kept));
    }
}
