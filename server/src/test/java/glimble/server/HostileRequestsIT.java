package glimble.server;

import static glimble.server.Application.document;
import static glimble.server.Application.newGraphic;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is sent, the answer says what is wrong with it, within a second. */
class HostileRequestsIT {
    private static final Application APP = Application.shared();
    private static final Duration LONGEST = Duration.ofSeconds(1);

    @BeforeAll
    static void warmUp() {
        for (int i = 0; i < 3; i++) APP.post("/api/reels", reels(document("flyer-bar", "x"), "Wu", 6));
    }

    private static ObjectNode flyerBar() {
        return document("flyer-bar", "x");
    }

    private static String reels(JsonNode document, String name, int fillings) {
        ObjectNode request = Application.JSON.createObjectNode();
        request.set("document", document);
        ArrayNode values = request.putArray("values");
        for (int i = 0; i < fillings; i++) values.addObject().put("name", name);
        return request.toString();
    }

    private static JsonNode withParts(int count) {
        ObjectNode document = flyerBar();
        JsonNode rule = document.at("/parts/0");
        for (int i = 0; i < count; i++) {
            document.withArray("parts").add(((ObjectNode) rule.deepCopy()).put("key", "p" + i));
        }
        return document;
    }

    /** Boxes of which each wraps all before it: the number of ways through them doubles with each. */
    private static JsonNode manyWays() {
        ObjectNode document = flyerBar();
        ArrayNode parts = document.withArray("parts");
        for (int i = 0; i < 40; i++) {
            ObjectNode box = ((ObjectNode) document.at("/parts/1").deepCopy()).put("key", "w" + i);
            ObjectNode union = box.putObject("width");
            ArrayNode wraps = union.put("take", "union").putArray("wraps").add("name");
            for (int j = Math.max(0, i - 9); j < i; j++) wraps.add("w" + j);
            box.set("height", union.deepCopy());
            if (i > 0)
                box.putObject("y")
                        .put("hangs", "bottom")
                        .put("on", "w" + (i - 1))
                        .put("at", "top");
            parts.add(box);
        }
        return document;
    }

    private static JsonNode circle() {
        ObjectNode document = flyerBar();
        ((ObjectNode) document.at("/parts/1")).putObject("width").put("matches", "rule");
        return document;
    }

    private static JsonNode replaced(String path, String member, Object value) {
        ObjectNode document = flyerBar();
        ((ObjectNode) document.at(path)).putPOJO(member, value);
        return Application.JSON.readTree(document.toString());
    }

    static Stream<Arguments> hostile() {
        String deep = "[".repeat(10_000) + "]".repeat(10_000);
        String flyer = flyerBar().toString();
        return Stream.of(
                Arguments.of("not JSON", "{\"document\": ", 400),
                Arguments.of("no body", "", 400),
                Arguments.of("a list", "[]", 400),
                Arguments.of("null", "null", 400),
                Arguments.of("empty", "{}", 422),
                Arguments.of("not a number", "{\"document\":" + flyer.replace("1920", "NaN") + "}", 400),
                Arguments.of("infinite", newGraphic(flyerBar()).replace("1920", "1e999"), 422),
                Arguments.of(
                        "a number of 100,000 digits", newGraphic(flyerBar()).replace("1920", "9".repeat(100_000)), 400),
                Arguments.of("deeply nested document", "{\"document\":" + deep + "}", 400),
                Arguments.of("10 MB", "{\"document\":\"" + "x".repeat(10_000_000) + "\"}", 413),
                Arguments.of("10,000 parts", newGraphic(withParts(10_000)), 413),
                Arguments.of("1,000 parts", newGraphic(withParts(1_000)), 422),
                Arguments.of("a circle", newGraphic(circle()), 422),
                Arguments.of("text for a number", newGraphic(replaced("/frame", "width", "wide")), 422),
                Arguments.of("an object for a text", newGraphic(replaced("", "name", new int[] {1})), 422),
                Arguments.of("a half of a letter pair", newGraphic(flyerBar()).replace("Flyer bar", "\\ud800"), 201));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("hostile")
    void a_hostile_graphic_is_refused_with_a_reason_and_at_once(String what, String body, int status) {
        Instant before = Instant.now();
        HttpResponse<String> answer = APP.post("/api/graphics", body);
        assertThat(Duration.between(before, Instant.now())).isLessThan(LONGEST);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(status);
        if (status >= 400)
            assertThat(Application.body(answer).get("detail").asString()).isNotBlank();
    }

    static Stream<Arguments> laborious() {
        return Stream.of(
                Arguments.of("many ways through the parts", reels(manyWays(), "Wu", 1), 200),
                Arguments.of("many ways, many fillings", reels(manyWays(), "Wu", 64), 422),
                Arguments.of("too many fillings", reels(flyerBar(), "Wu", 65), 422),
                Arguments.of("long texts", reels(flyerBar(), "Wq ليلى ".repeat(250), 20), 200),
                Arguments.of("long texts, many fillings", reels(flyerBar(), "Wq ليلى ".repeat(250), 64), 422),
                Arguments.of("a text that is too long", reels(flyerBar(), "W".repeat(2_001), 1), 422),
                Arguments.of("a number for a text", reels(flyerBar(), "Wu", 1).replace("\"Wu\"", "[3]"), 400),
                Arguments.of("null for a text", reels(flyerBar(), "Wu", 1).replace("\"Wu\"", "null"), 422),
                Arguments.of("null for values", reels(flyerBar(), "Wu", 1).replace("{\"name\":\"Wu\"}", "null"), 422),
                Arguments.of("very long moves", reels(longMoves(), "Wu", 64), 422),
                Arguments.of("scattered letters over very long moves", reels(scattered(), "W".repeat(2_000), 4), 422),
                Arguments.of("a box that follows for very long", reels(following(), "W".repeat(200), 4), 422),
                Arguments.of("stacked accents", reels(flyerBar(), "Z" + "\u0301".repeat(1_900), 1), 200));
    }

    private static JsonNode scattered() {
        ObjectNode document = Application.document("next-up", "scattered");
        for (JsonNode move : document.at("/in/moves")) {
            if (move.has("deal")) ((ObjectNode) move).put("length", 10_000);
            if (move.has("deal"))
                ((ObjectNode) move.get("deal")).put("scatter", 1).put("rate", 9);
        }
        return document;
    }

    private static JsonNode following() {
        ObjectNode document = Application.document("next-up", "following");
        for (JsonNode move : document.at("/in/moves")) ((ObjectNode) move).put("length", 10_000);
        return document;
    }

    private static JsonNode longMoves() {
        return Application.JSON.readTree(flyerBar()
                .toString()
                .replace("\"length\":14", "\"length\":10000")
                .replace("\"length\":8", "\"length\":10000"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("laborious")
    void laborious_work_is_done_within_a_second_or_refused(String what, String body, int status) {
        Instant before = Instant.now();
        HttpResponse<String> answer = APP.post("/api/reels", body);
        assertThat(Duration.between(before, Instant.now())).isLessThan(LONGEST);
        assertThat(answer.statusCode())
                .as(() -> answer.body().substring(0, Math.min(500, answer.body().length())))
                .isEqualTo(status);
    }

    @Test
    void a_body_of_unknown_size_is_stopped_when_it_gets_too_large() {
        byte[] large = new byte[3_000_000];
        java.util.Arrays.fill(large, (byte) ' ');
        HttpResponse<String> answer = APP.send(
                APP.json("/api/graphics").POST(BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(large))));
        assertThat(answer.statusCode()).isEqualTo(413);
    }
}
