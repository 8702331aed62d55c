package glimble.server;

import static glimble.server.Application.body;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.GraphicSchema;
import glimble.typeset.HouseFonts;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Fonts of the house: taken in, used, put aside; there again after a restart. */
class FontsApiIT {

    private static HttpResponse<String> sent(Application app, byte[] file) {
        return app.send(app.json("/api/fonts")
                .setHeader("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file)));
    }

    private static JsonNode font(Application app, String id) {
        return body(app.get("/api/fonts"))
                .valueStream()
                .filter(font -> font.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** A bar with its name in a font. */
    private static ObjectNode bar(String font) {
        ObjectNode document = Application.document("flyer-bar", "Bar in " + font);
        for (JsonNode part : document.get("parts")) {
            if (part.has("style")) ((ObjectNode) part.get("style")).put("font", font);
        }
        return document;
    }

    private static String reel(Application app, ObjectNode document) {
        ObjectNode asked = Application.json();
        asked.set("document", document);
        asked.withArray("/values").addPOJO(Map.of("name", "Oona Varga", "role", "Flyer"));
        HttpResponse<String> answer = app.post("/api/reels", asked.toString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void a_font_is_taken_in_used_put_aside_and_there_after_a_restart() {
        String url = Application.newDatabase("glimble_fonts_it");
        Application app = new Application(url);
        HttpResponse<String> answer = sent(app, HouseFonts.skerry());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
        JsonNode added = body(answer);
        String id = added.get("id").asString();
        assertThat(added.get("name").asString()).isEqualTo("Skerry Condensed SemiBold");
        assertThat(added.get("house").asBoolean() && added.get("handedOn").asBoolean())
                .isTrue();
        assertThat(reel(app, bar(id))).contains(id);
        assertThat(app.get("/api/fonts/" + id + "/" + added.get("edition").asString() + "/outlines/0")
                        .body())
                .contains("M");
        // Sent again it is there as before; another file of that name is not taken for it.
        assertThat(sent(app, HouseFonts.skerry()).statusCode()).isEqualTo(201);
        HttpResponse<String> other = sent(app, HouseFonts.licensed(HouseFonts.skerry(), HouseFonts.SHOWN_ONLY));
        assertThat(other.statusCode()).isEqualTo(422);
        assertThat(other.body()).contains("is another file of a font called Skerry Condensed SemiBold");

        assertThat(app.send(app.json("/api/fonts/" + id).DELETE()).statusCode()).isEqualTo(204);
        assertThat(font(app, id).get("removed").asBoolean()).isTrue();
        assertThat(reel(app, bar(id))).contains(id);
        HttpResponse<String> shown = sent(app, HouseFonts.licensed(HouseFonts.skerry(), HouseFonts.SHOWN_ONLY));
        assertThat(body(shown).get("handedOn").asBoolean()).isFalse();
        app.stop();

        Application again = new Application(url);
        assertThat(font(again, id).get("removed").asBoolean()).isTrue();
        assertThat(reel(again, bar(id))).contains(id);
        assertThat(again.post("/api/fonts/" + id + "/restored", "").statusCode())
                .isEqualTo(204);
        assertThat(font(again, id).get("removed").asBoolean()).isFalse();
        again.stop();
    }

    @Test
    void a_font_that_one_server_takes_in_the_other_soon_knows() {
        String url = Application.newDatabase("glimble_fonts_two_it");
        Application one = new Application(url);
        Application other = new Application(url);
        JsonNode added = body(sent(one, HouseFonts.called("Marram")));
        ObjectNode asked = Application.json();
        asked.set("document", bar(added.get("id").asString()));
        asked.withArray("/values").addPOJO(Map.of("name", "Oona Varga", "role", "Flyer"));
        HttpResponse<String> answer = other.post("/api/reels", asked.toString());
        for (int i = 0; i < 100 && answer.statusCode() != 200; i++) {
            LockSupport.parkNanos(100_000_000);
            answer = other.post("/api/reels", asked.toString());
        }
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        one.stop();
        other.stop();
    }

    @Test
    void what_is_no_font_or_may_not_be_one_is_refused_with_the_reason() {
        Application app = Application.withDemo();
        assertThat(sent(app, new byte[] {1, 2, 3}).body()).contains("not a font");
        assertThat(sent(app, new byte[0]).statusCode()).isBetween(400, 422);
        HttpResponse<String> restricted = sent(app, HouseFonts.licensed(HouseFonts.called("Sealed"), 2));
        assertThat(restricted.statusCode()).isEqualTo(422);
        assertThat(restricted.body()).contains("does not allow it to be embedded");
        assertThat(app.send(app.json("/api/fonts/noto-sans-400").DELETE()).statusCode())
                .isEqualTo(404);
    }

    @Test
    void the_schema_of_documents_has_an_address_that_stays() {
        HttpResponse<String> schema = Application.withDemo().get("/api/schemas/glimble-graphic-1");
        assertThat(schema.headers().firstValue("Content-Type").orElseThrow()).startsWith("application/json");
        assertThat(body(schema)).isEqualTo(GraphicSchema.json());
    }
}
