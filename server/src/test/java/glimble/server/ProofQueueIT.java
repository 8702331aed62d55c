package glimble.server;

import static glimble.server.Application.document;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Proofs wait in the database. */
class ProofQueueIT {
    private static final Duration PATIENCE = Duration.ofSeconds(240);

    private static String graphic(Application app, JsonNode document) {
        JsonNode added = Application.body(app.post("/api/graphics", Application.newGraphic(document)));
        return "/api/graphics/" + added.get("id").asLong();
    }

    private static String state(Application app, String graphic, int revision) {
        return Application.body(app.get(graphic + "/revisions/" + revision + "/proof"))
                .get("state")
                .asString();
    }

    private static String settled(Application app, String graphic, int revision) {
        Instant until = Instant.now().plus(PATIENCE);
        String state = state(app, graphic, revision);
        while (state.equals("RUNNING") && Instant.now().isBefore(until)) state = state(app, graphic, revision);
        return state;
    }

    @Test
    void what_waits_is_proved_after_a_restart_and_of_many_saves_only_the_last() {
        String url = Application.newDatabase("glimble_queue_it");
        Application first = new Application(url);
        ObjectNode document = document("heat-board", "Saved often");
        String graphic = graphic(first, document);
        for (int i = 1; i <= 5; i++) {
            String save = Application.save(i, document.put("name", "Saved often " + i));
            assertThat(first.put(graphic, save).statusCode()).isEqualTo(200);
        }
        assertThat(state(first, graphic, 6)).as("it waits").isEqualTo("RUNNING");
        first.stop();

        Application second = new Application(url);
        assertThat(settled(second, graphic, 6)).isEqualTo("FINISHED");
        for (int revision = 2; revision <= 5; revision++) {
            // At most the one that was being proved when the next was saved has anything.
            assertThat(state(second, graphic, revision)).isIn("NONE", "FINISHED");
        }
        List<String> left = List.of(state(second, graphic, 3), state(second, graphic, 4), state(second, graphic, 5));
        assertThat(left).contains("NONE");
        second.stop();
    }

    @Test
    void what_was_saved_last_does_not_wait_for_what_is_proved_behind_the_scenes() {
        Application fresh = new Application(Application.emptyDatabase("glimble_first_it"));
        String graphic = graphic(fresh, document("wind-strap", "In a hurry"));
        assertThat(settled(fresh, graphic, 1)).isEqualTo("FINISHED");
        int all = Application.body(fresh.get("/api/graphics")).size();
        assertThat(Application.body(fresh.get("/api/proofs")))
                .as("of %s graphics, what is proved already", all)
                .hasSizeLessThan(all - 2);
        fresh.stop();
    }

    @Test
    void two_servers_on_one_database_share_the_work() {
        String url = Application.newDatabase("glimble_shared_it");
        Application one = new Application(url);
        Application other = new Application(url);
        String graphic = graphic(one, document("wind-strap", "Seen by both"));
        assertThat(settled(other, graphic, 1)).isEqualTo("FINISHED");
        assertThat(settled(one, graphic, 1)).isEqualTo("FINISHED");
        assertThat(Application.body(one.get(graphic + "/revisions/1/proof")))
                .isEqualTo(Application.body(other.get(graphic + "/revisions/1/proof")));
        one.stop();
        other.stop();
    }
}
