package glimble.server;

import static glimble.server.Application.body;
import static glimble.server.Application.document;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Pictures, text styles and safe areas of the house; drafts and names of revisions. */
class HouseApiIT {
    private static final Application APP = Application.shared();
    private static final String KITE =
            "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'><path d='M0 0h40v20z' onclick='x()'/></svg>";

    private static HttpResponse<String> upload(String name, byte[] content) {
        return APP.send(APP.json("/api/pictures?name=" + name.replace(" ", "%20"))
                .setHeader("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content)));
    }

    @Test
    void a_picture_is_cleaned_kept_under_a_free_key_served_and_put_aside() {
        JsonNode first = body(upload("side kite.svg", KITE.getBytes(StandardCharsets.UTF_8)));
        assertThat(first.at("/picture/key").asString()).isEqualTo("side kite");
        assertThat(first.at("/picture/width").asDouble()).isEqualTo(40);
        assertThat(first.at("/removed/0").asString()).isEqualTo("onclick of <path>");
        JsonNode second = body(upload("side kite.svg", KITE.getBytes(StandardCharsets.UTF_8)));
        assertThat(second.at("/picture/key").asString()).isEqualTo("side kite 2");

        HttpResponse<String> content = APP.get("/api/pictures/side%20kite/content");
        assertThat(content.body()).contains("M0 0h40v20z").doesNotContain("onclick");
        assertThat(content.headers().firstValue("Content-Type")).hasValue("image/svg+xml");
        assertThat(content.headers().firstValue("Content-Security-Policy").orElseThrow())
                .contains("default-src 'none'", "sandbox");

        APP.send(APP.json("/api/pictures/side%20kite%202").DELETE());
        assertThat(keys()).contains("side kite").doesNotContain("side kite 2");
        assertThat(APP.get("/api/pictures/side%20kite%202/content").statusCode())
                .isEqualTo(200);
        APP.post("/api/pictures/side%20kite%202/restored", "");
        assertThat(keys()).contains("side kite 2");
        assertThat(APP.get("/api/pictures/nobody/content").statusCode()).isEqualTo(404);
    }

    private static List<String> keys() {
        return body(APP.get("/api/pictures"))
                .valueStream()
                .map(note -> note.get("key").asString())
                .toList();
    }

    @Test
    void a_picture_that_is_no_good_is_refused_with_the_reason() {
        HttpResponse<String> broken = upload("x.png", new byte[] {(byte) 0x89, 'P', 'N', 'G'});
        assertThat(broken.statusCode()).isEqualTo(422);
        assertThat(body(broken).get("detail").asString()).contains("broken");
        HttpResponse<String> large = upload("x.png", new byte[20_000_001]);
        assertThat(large.statusCode()).isEqualTo(422);
        assertThat(body(large).get("detail").asString()).contains("20 MB");
        assertThat(upload("x.png", new byte[21_000_000]).statusCode()).isEqualTo(413);
        // Ten times as much as anything else may be: pictures are the exception.
        assertThat(APP.post("/api/reels", "x".repeat(2_000_000)).statusCode()).isEqualTo(413);
    }

    @Test
    void text_styles_and_safe_areas_are_checked_and_safe_areas_are_followed() {
        ObjectNode house = (ObjectNode) body(APP.get("/api/house"));
        ObjectNode wrong = house.deepCopy();
        ((ObjectNode) wrong.at("/styles/0/letters/style")).put("size", -3);
        ((ObjectNode) wrong.get("safe")).put("title", 99);
        assertThat(body(APP.put("/api/house", wrong.toString()))
                        .get("problems")
                        .valueStream()
                        .map(problem -> problem.get("path").asString()))
                .containsExactly("$.styles[0].letters.style.size", "$.safe");

        ObjectNode narrow = house.deepCopy();
        ((ObjectNode) narrow.get("safe")).put("title", 80);
        assertThat(APP.put("/api/house", narrow.toString()).statusCode()).isEqualTo(200);
        assertThat(leftOfPlate()).isEqualTo(192);
        ObjectNode back = house.deepCopy().put("revision", house.get("revision").asInt() + 1);
        assertThat(APP.put("/api/house", back.toString()).statusCode()).isEqualTo(200);
        assertThat(leftOfPlate()).isEqualTo(96);
    }

    @Test
    void a_colour_of_the_palette_is_made_from_another_and_follows_it() {
        ObjectNode house = (ObjectNode) body(APP.get("/api/house"));
        ObjectNode next = house.deepCopy();
        ArrayNode palette = (ArrayNode) next.get("palette");
        palette.addObject().put("name", "base").put("colour", "#808080");
        ObjectNode paler = palette.addObject().put("name", "paler");
        paler.putObject("made").put("of", "base").put("lighter", 1);
        int at = palette.size() - 1;
        JsonNode saved = body(APP.put("/api/house", next.toString()));
        assertThat(saved.at("/palette/" + at + "/colour").asString()).isEqualTo("#FFFFFF");

        ObjectNode darker = saved.deepCopy().asObject();
        ((ObjectNode) darker.at("/palette/" + at + "/made")).put("lighter", 0);
        ((ObjectNode) darker.at("/palette/" + (at - 1))).put("colour", "#203040");
        JsonNode followed = body(APP.put("/api/house", darker.toString()));
        assertThat(followed.at("/palette/" + at + "/colour").asString()).isEqualTo("#203040");

        ObjectNode wrong = followed.deepCopy().asObject();
        ObjectNode made = (ObjectNode) wrong.at("/palette/" + at + "/made");
        made.put("of", "paler").put("lighter", 3);
        assertThat(body(APP.put("/api/house", wrong.toString()))
                        .get("problems")
                        .valueStream()
                        .map(problem -> problem.get("path").asString()))
                .containsExactly("$.palette[" + at + "].made.of", "$.palette[" + at + "].made.lighter");
        ObjectNode back =
                house.deepCopy().put("revision", followed.get("revision").asInt());
        assertThat(APP.put("/api/house", back.toString()).statusCode()).isEqualTo(200);
    }

    private static double leftOfPlate() {
        String request = "{\"document\":" + document("flyer-bar", "x") + ",\"values\":[{\"name\":\"Wu\"}]}";
        return body(APP.post("/api/reels", request))
                .at("/worked/0/reel/layers/0/box/x")
                .asDouble();
    }

    @Test
    void a_draft_is_kept_until_the_next_save_and_a_revision_is_named() {
        JsonNode added = body(APP.post("/api/graphics", Application.newGraphic(document("flyer-bar", "drafted"))));
        String path = "/api/graphics/" + added.get("id").asLong();
        assertThat(body(APP.get(path + "/draft")).path("draft").isObject()).isFalse();
        assertThat(APP.put(path + "/draft", Application.save(1, document("flyer-bar", "changed")))
                        .statusCode())
                .isEqualTo(204);
        APP.put(path + "/draft", Application.save(1, document("flyer-bar", "changed again")));
        assertThat(body(APP.get(path + "/draft")).at("/draft/document/name").asString())
                .isEqualTo("changed again");
        assertThat(body(APP.get(path)).at("/document/name").asString()).isEqualTo("drafted");
        assertThat(APP.put(path + "/draft", Application.save(7, document("flyer-bar", "x")))
                        .statusCode())
                .isEqualTo(404);
        APP.put(path, Application.save(1, document("flyer-bar", "saved")));
        assertThat(body(APP.get(path + "/draft")).path("draft").isObject()).isFalse();

        assertThat(APP.put(path + "/revisions/1/name", "{\"name\":\" first take \"}")
                        .statusCode())
                .isEqualTo(204);
        assertThat(body(APP.get(path + "/revisions")).at("/1/name").asString()).isEqualTo("first take");
        assertThat(APP.put(path + "/revisions/9/name", "{\"name\":\"x\"}").statusCode())
                .isEqualTo(404);
        assertThat(APP.put(path + "/revisions/1/name", "{\"name\":\"" + "x".repeat(61) + "\"}")
                        .statusCode())
                .isEqualTo(422);
    }

    @Test
    void whoever_listens_hears_of_every_change_at_once() throws Exception {
        HttpRequest events = HttpRequest.newBuilder(URI.create(APP.address() + "/api/house/events"))
                .build();
        HttpResponse<Stream<String>> answer =
                HttpClient.newHttpClient().send(events, HttpResponse.BodyHandlers.ofLines());
        try (Stream<String> lines = answer.body()) {
            Iterator<String> said =
                    lines.filter(line -> line.startsWith("data:")).iterator();
            int first = Integer.parseInt(said.next().substring(5).strip());
            ObjectNode house = (ObjectNode) body(APP.get("/api/house"));
            assertThat(house.get("revision").asInt()).isEqualTo(first);
            ((ObjectNode) house.get("safe")).put("action", 92.5);
            assertThat(APP.put("/api/house", house.toString()).statusCode()).isEqualTo(200);
            assertThat(Integer.parseInt(said.next().substring(5).strip())).isEqualTo(first + 1);
        }
    }
}
