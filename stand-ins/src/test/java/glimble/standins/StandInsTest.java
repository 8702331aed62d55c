package glimble.standins;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class StandInsTest {
    private static final JsonMapper JSON = new JsonMapper();
    private final HttpClient client = HttpClient.newHttpClient();
    private HttpServer server;

    @BeforeEach
    void start() throws IOException {
        server = StandIns.start(0, new Application("http://127.0.0.1:9", ""));
    }

    @AfterEach
    void stop() {
        server.stop(0);
    }

    private HttpResponse<String> asked(String path, String method, String origin) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(
                        URI.create("http://127.0.0.1:" + server.getAddress().getPort() + path))
                .method(method, HttpRequest.BodyPublishers.noBody());
        if (origin != null) request.header("Origin", origin);
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private String got(String path) throws Exception {
        return asked(path, "GET", null).body();
    }

    private void press(String button) throws Exception {
        assertThat(asked("/feed/" + button, "POST", null).statusCode()).isEqualTo(200);
    }

    @Test
    void every_run_adds_to_one_score_and_the_best_is_first() {
        double before = 0;
        for (int runs = 0; runs <= Heat.ROUNDS; runs++) {
            List<Heat.Row> rows = Heat.after(runs);
            List<Double> scores = rows.stream()
                    .map(row -> row.score().isEmpty() ? 0 : Double.parseDouble(row.score()))
                    .toList();
            assertThat(rows).extracting(Heat.Row::place).containsExactly(1, 2, 3, 4, 5);
            assertThat(scores).isSortedAccordingTo((one, other) -> Double.compare(other, one));
            double sum = scores.stream().mapToDouble(score -> score).sum();
            if (runs > 0) assertThat(sum).isGreaterThan(before);
            before = sum;
        }
    }

    @Test
    void json_and_csv_say_the_same() throws Exception {
        press("next");
        press("next");
        JsonNode rows = JSON.readTree(got("/heat.json")).path("rows");
        List<String> lines = got("/heat.csv").lines().toList();
        assertThat(lines).hasSize(rows.size() + 1);
        assertThat(rows.get(0).path("name").asString()).isEqualTo("Oona Varga");
        assertThat(lines.get(1))
                .contains("Oona Varga")
                .contains(rows.get(0).path("score").asString());
    }

    @Test
    void faults_are_what_they_are_called_and_go_away() throws Exception {
        press("malformed");
        assertThatThrownBy(() -> JSON.readTree(got("/heat.json"))).isInstanceOf(JacksonException.class);
        press("gone");
        assertThatThrownBy(() -> got("/heat.json")).isInstanceOf(IOException.class);
        press("late");
        long begun = System.nanoTime();
        assertThat(got("/heat.csv")).contains("Oona Varga");
        assertThat(System.nanoTime() - begun).isGreaterThan(4_000_000_000L);
        press("none");
        assertThat(JSON.readTree(got("/heat.json")).path("rows").size()).isEqualTo(5);
    }

    @Test
    void pages_from_elsewhere_press_nothing() throws Exception {
        assertThat(asked("/feed/next", "POST", "http://elsewhere.example").statusCode())
                .isEqualTo(403);
        assertThat(asked("/box/take", "POST", "http://elsewhere.example").statusCode())
                .isEqualTo(403);
        assertThat(JSON.readTree(got("/feed/state")).path("runs").asInt()).isZero();
    }

    @Test
    void a_box_without_an_application_says_so() throws Exception {
        assertThat(JSON.readTree(got("/box/state")).path("said").asString()).contains("does not answer");
    }
}
