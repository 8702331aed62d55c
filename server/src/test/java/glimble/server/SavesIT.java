package glimble.server;

import static glimble.server.Application.document;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A save has an id: asked again with it, the answer is that of the first time. */
class SavesIT {
    private static final Application APP = Application.shared();

    private static String withId(String body, String saveId) {
        return ((ObjectNode) Application.JSON.readTree(body))
                .put("saveId", saveId)
                .toString();
    }

    private static String newId() {
        return UUID.randomUUID().toString();
    }

    private static JsonNode added(String name) {
        return Application.body(APP.post("/api/graphics", Application.newGraphic(document("flyer-bar", name))));
    }

    @Test
    void a_save_that_is_sent_again_is_the_same_save_also_after_others_have_saved() {
        String path = "/api/graphics/" + added("sent again").get("id").asLong();
        String save = withId(Application.save(1, document("flyer-bar", "second")), newId());
        JsonNode first = Application.body(APP.put(path, save));
        assertThat(first.get("revision").asInt()).isEqualTo(2);
        assertThat(APP.put(path, Application.save(2, document("flyer-bar", "third")))
                        .statusCode())
                .isEqualTo(200);
        HttpResponse<String> again = APP.put(path, save);
        assertThat(again.statusCode()).as("no false conflict").isEqualTo(200);
        assertThat(Application.body(again)).isEqualTo(first);
        assertThat(Application.body(APP.get(path)).get("revision").asInt()).isEqualTo(3);
        String other = withId(Application.save(1, document("flyer-bar", "late")), newId());
        assertThat(APP.put(path, other).statusCode()).isEqualTo(409);
    }

    @Test
    void a_new_graphic_that_is_sent_many_times_at_once_is_made_once() throws Exception {
        String add = withId(Application.newGraphic(document("flyer-bar", "once")), newId());
        Callable<Long> attempt = () -> {
            HttpResponse<String> answer = APP.post("/api/graphics", add);
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
            return Application.body(answer).get("id").asLong();
        };
        var threads = Executors.newFixedThreadPool(6);
        Set<Long> ids = threads.invokeAll(List.of(attempt, attempt, attempt, attempt, attempt, attempt)).stream()
                .map(SavesIT::value)
                .collect(Collectors.toSet());
        threads.shutdown();
        assertThat(ids).hasSize(1);
    }

    @Test
    void a_house_that_is_sent_many_times_at_once_is_saved_once() throws Exception {
        ObjectNode house = (ObjectNode) Application.body(APP.get("/api/house"));
        int before = house.get("revision").asInt();
        String save = house.put("saveId", newId()).toString();
        Callable<Long> attempt = () -> {
            HttpResponse<String> answer = APP.put("/api/house", save);
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
            return Application.body(answer).get("revision").asLong();
        };
        var threads = Executors.newFixedThreadPool(4);
        for (Future<Long> revision : threads.invokeAll(List.of(attempt, attempt, attempt, attempt))) {
            assertThat(value(revision)).isEqualTo(before + 1);
        }
        threads.shutdown();
        assertThat(Application.body(APP.get("/api/house")).get("revision").asInt())
                .isEqualTo(before + 1);
    }

    private static Long value(Future<Long> future) {
        try {
            return future.get();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void an_id_of_another_save_is_refused() {
        String one = "/api/graphics/" + added("one").get("id").asLong();
        String other = "/api/graphics/" + added("other").get("id").asLong();
        String saveId = newId();
        assertThat(APP.put(one, withId(Application.save(1, document("flyer-bar", "one")), saveId))
                        .statusCode())
                .isEqualTo(200);
        HttpResponse<String> answer =
                APP.put(other, withId(Application.save(1, document("flyer-bar", "other")), saveId));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("$.saveId");
        assertThat(Application.body(APP.get(other)).get("revision").asInt()).isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "short", "with space in it", "letters-of-a-name-that-is-longer-than-any-id"})
    void an_id_has_a_form(String saveId) {
        String add = withId(Application.newGraphic(document("flyer-bar", "ill-formed")), saveId);
        HttpResponse<String> answer = APP.post("/api/graphics", add);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("$.saveId");
    }
}
