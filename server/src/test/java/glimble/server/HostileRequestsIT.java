package glimble.server;

import static glimble.server.Application.document;
import static glimble.server.Application.newGraphic;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is sent, the answer says what is wrong with it, and without much work. */
class HostileRequestsIT {
    private static final Application APP = Application.shared();
    /** In usual requests. */
    private static final double MOST = 300;

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
                Arguments.of("half of a pair of surrogates", named("\\ud800"), 422),
                Arguments.of("the other half", named("Wu\\udc00"), 422),
                Arguments.of("both halves the wrong way round", named("\\udc00\\ud800"), 422),
                Arguments.of("a pair of surrogates", named("\\ud83e\\ude81"), 201),
                Arguments.of("a number of 400 digits", newGraphic(flyerBar()).replace("1920", "9".repeat(400)), 422),
                Arguments.of(
                        "a fraction of 400 digits",
                        newGraphic(flyerBar()).replace("1920", "0." + "3".repeat(400)),
                        422));
    }

    private static String named(String name) {
        String graphic = newGraphic(flyerBar());
        String named = graphic.replace("\"name\":\"x\"", "\"name\":\"" + name + "\"");
        assertThat(named).isNotEqualTo(graphic);
        return named;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("hostile")
    void a_hostile_graphic_is_refused_with_a_reason_and_at_once(String what, String body, int status) {
        HttpResponse<String> answer = atMost("/api/graphics", body);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(status);
        if (status >= 400)
            assertThat(Application.body(answer).get("detail").asString()).isNotBlank();
    }

    /** What others do meanwhile counts too, so it is asked again before it is said to be too much. */
    private static HttpResponse<String> atMost(String path, String body) {
        Pace.Cost least = Pace.of(() -> APP.post(path, body));
        for (int i = 0; i < 3 && least.usual() > MOST; i++) least = Pace.of(() -> APP.post(path, body));
        assertThat(least.usual()).as("in usual requests").isLessThan(MOST);
        return least.answer();
    }

    static Stream<Arguments> laborious() {
        return Stream.of(
                Arguments.of("many ways through the parts", reels(manyWays(), "Wu", 1), 200),
                Arguments.of("many ways, many fillings", reels(manyWays(), "Wu", 64), 422),
                Arguments.of("as many fillings as trials, and the values at hand", reels(flyerBar(), "Wu", 65), 200),
                Arguments.of("too many fillings", reels(flyerBar(), "Wu", 66), 422),
                Arguments.of("long texts", reels(flyerBar(), "Wq ليلى ".repeat(250), 20), 200),
                Arguments.of("long texts, many fillings", reels(flyerBar(), "Wq ليلى ".repeat(250), 64), 422),
                Arguments.of("a text that is too long", reels(flyerBar(), "W".repeat(2_001), 1), 422),
                Arguments.of("a number for a text", reels(flyerBar(), "Wu", 1).replace("\"Wu\"", "[3]"), 400),
                Arguments.of("null for a text", reels(flyerBar(), "Wu", 1).replace("\"Wu\"", "null"), 422),
                Arguments.of("null for values", reels(flyerBar(), "Wu", 1).replace("{\"name\":\"Wu\"}", "null"), 422),
                Arguments.of(
                        "half of a letter in a value",
                        reels(flyerBar(), "\\ud800", 1).replace("\\\\u", "\\u"),
                        422),
                Arguments.of("nothing that is played", with("played", "{}"), 422),
                Arguments.of("nothing as which it is seen", with("seenAs", "{}"), 422),
                Arguments.of("a moment that is none", with("leaves", "{}"), 400),
                Arguments.of("very long moves", reels(longMoves(), "Wu", 64), 422),
                Arguments.of("scattered letters over very long moves", reels(scattered(), "W".repeat(2_000), 4), 422),
                Arguments.of("a box that follows for very long", reels(following(), "W".repeat(200), 4), 422),
                Arguments.of("stacked accents", reels(flyerBar(), "Z" + "\u0301".repeat(1_900), 1), 200));
    }

    private static String with(String member, String json) {
        ObjectNode request = (ObjectNode) Application.JSON.readTree(reels(flyerBar(), "Wu", 1));
        request.set(member, Application.JSON.readTree(json));
        return request.toString();
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
    void laborious_work_is_done_within_bounds_or_refused(String what, String body, int status) {
        HttpResponse<String> answer = atMost("/api/reels", body);
        assertThat(answer.statusCode())
                .as(() -> answer.body().substring(0, Math.min(500, answer.body().length())))
                .isEqualTo(status);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"revision\":1,\"palette\":[null],\"styles\":[],\"safe\":{\"action\":93,\"title\":90}}|$.palette[0]",
                "{\"revision\":1,\"palette\":[],\"styles\":[null],\"safe\":{\"action\":93,\"title\":90}}|$.styles[0]",
                "{\"revision\":1,\"palette\":[],\"styles\":[],\"gestures\":[null],\"safe\":{\"action\":93,\"title\":90}}|$.gestures[0]",
                "{\"revision\":1,\"palette\":[{\"name\":\"\\ud800\",\"colour\":\"#000000\"}],\"styles\":[],\"safe\":{\"action\":93,\"title\":90}}|$.palette[0].name"
            })
    void a_house_with_nothing_in_it_is_refused_where_that_is(String body, String path) {
        HttpResponse<String> answer = APP.put("/api/house", body);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
        assertThat(Application.body(answer).get("problems").get(0).get("path").asString())
                .isEqualTo(path);
    }

    @Test
    void values_have_the_same_limits_wherever_they_are_sent() {
        ObjectNode edit =
                Application.JSON.createObjectNode().put("what", "REMOVE_PART").put("key", "rule");
        edit.set("document", flyerBar());
        for (String values : new String[] {"{\"name\":null}", "{\"name\":\"" + "W".repeat(2_001) + "\"}"}) {
            edit.set("values", Application.JSON.readTree(values));
            HttpResponse<String> answer = APP.post("/api/edits", edit.toString());
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
            assertThat(answer.body()).contains("$.values.name");
        }
    }

    @Test
    void a_picture_whose_name_is_no_utf_8_is_taken_or_refused_but_never_our_fault() {
        var request = APP.json("/api/pictures?name=%FF%FE")
                .setHeader("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofString("<svg/>"));
        assertThat(APP.send(request).statusCode()).isBetween(400, 499);
    }

    @Test
    void what_is_too_large_is_a_problem_like_every_other() {
        HttpResponse<String> answer = APP.post("/api/graphics", "x".repeat(1_000_001));
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
        assertThat(Application.body(answer).get("title").asString()).isEqualTo("Too large");
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
