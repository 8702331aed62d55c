package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.DemoGraphics;
import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Kills the server and the database with signal 9 while graphics are saved: no save that was acknowledged is lost or half kept, and one of
 * which nobody knows is found out by asking again, and what is on air stands as before. {@code -Dcrash.rounds} says how often.
 */
class CrashIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final Path DATABASE = Path.of("target", "crash-database").toAbsolutePath();
    private static final int SAVERS = 4;
    private static final int SAVES = 15;
    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(240);

    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static int port;
    private static String database;
    private static Process application;

    @BeforeAll
    static void start() throws Exception {
        port = Packaged.freePort();
        // What a run before left that was killed itself is of no account.
        shell("DB_HOME='" + DATABASE + "' stop_database; rm -rf '" + DATABASE + "'");
        startDatabase();
        shell("mariadb --no-defaults --socket='" + DATABASE + "/my.sock' -uroot glimble <'" + Path.of(Packaged.DEMO)
                + "'");
        startApplication();
    }

    @AfterAll
    static void stop() throws Exception {
        application.destroyForcibly().waitFor();
        shell("DB_HOME='" + DATABASE + "' stop_database");
    }

    private static String shell(String command) throws Exception {
        Process shell = new ProcessBuilder("bash", "-c", "source bin/shared.sh >/dev/null; " + command)
                .directory(ROOT.toFile())
                .redirectErrorStream(true)
                .redirectOutput(Path.of("target", "crash-shell.log").toFile())
                .start();
        assertThat(shell.waitFor(60, TimeUnit.SECONDS)).as(command).isTrue();
        return Files.readString(Path.of("target", "crash-shell.log"));
    }

    private static void startDatabase() throws Exception {
        String said = shell("start_database '" + DATABASE + "' && echo \"at $GLIMBLE_DB\"");
        String at =
                said.lines().filter(line -> line.startsWith("at ")).findFirst().orElseThrow();
        String address = at.substring(3);
        assertThat(database == null || database.equals(address))
                .as("the same port as before")
                .isTrue();
        database = address;
    }

    private static void startApplication() {
        application = Packaged.started(
                port,
                database,
                Redirect.appendTo(Path.of("target", "crash-application.log").toFile()));
        awaitReady();
    }

    private static void awaitReady() {
        long until = System.nanoTime() + PATIENCE;
        while (System.nanoTime() < until) {
            try {
                if (send("GET", "/api/graphics", "").body().contains("Flyer bar")) return;
            } catch (IOException notYet) {
                // It is still starting.
            }
            LockSupport.parkNanos(100_000_000);
        }
        throw new IllegalStateException("it does not come back; see e2e/target/crash-application.log");
    }

    private static HttpResponse<String> send(String method, String path, String body) throws IOException {
        try {
            return CLIENT.send(
                    HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                            .header("Content-Type", "application/json")
                            .timeout(Duration.ofSeconds(30))
                            .method(method, BodyPublishers.ofString(body))
                            .build(),
                    BodyHandlers.ofString());
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Somebody who saves one graphic again and again, and remembers what was acknowledged. */
    private static final class Saver {
        private final String path;
        private final Map<Integer, String> acknowledged = new ConcurrentHashMap<>();
        private int revision = 1;
        private String doubtful;
        private int count;

        Saver() throws IOException {
            JsonNode added = JSON.readTree(
                    send("POST", "/api/graphics", save(0, "first")).body());
            path = "/api/graphics/" + added.get("id").asLong();
        }

        private static String save(int basedOn, String name) {
            ObjectNode save = JSON.createObjectNode();
            if (basedOn > 0) save.put("basedOn", basedOn);
            ObjectNode document = (ObjectNode) JSON.readTree(DemoGraphics.named("flyer-bar"));
            save.set("document", document.put("name", name));
            return save.put("saveId", UUID.randomUUID().toString()).toString();
        }

        /** Until something does not answer as it should. */
        void saveOn() {
            while (doubtful == null) {
                String name = "saved " + ++count;
                String save = save(revision, name);
                try {
                    HttpResponse<String> answer = send("PUT", path, save);
                    if (answer.statusCode() == 200) acknowledge(answer, name);
                    else doubtful = save;
                } catch (IOException e) {
                    doubtful = save;
                }
            }
        }

        private void acknowledge(HttpResponse<String> answer, String name) {
            int saved = JSON.readTree(answer.body()).get("revision").asInt();
            assertThat(saved).isEqualTo(revision + 1);
            revision = saved;
            acknowledged.put(saved, name);
        }

        void findOut() throws IOException {
            HttpResponse<String> answer = send("PUT", path, doubtful);
            assertThat(answer.statusCode())
                    .as("no false conflict: %s", answer.body())
                    .isEqualTo(200);
            acknowledge(
                    answer, JSON.readTree(doubtful).get("document").get("name").asString());
            doubtful = null;
        }

        void check() throws IOException {
            for (Map.Entry<Integer, String> save : acknowledged.entrySet()) {
                JsonNode kept = JSON.readTree(
                        send("GET", path + "/revisions/" + save.getKey(), "").body());
                assertThat(kept.get("document").get("name").asString()).isEqualTo(save.getValue());
            }
            JsonNode current = JSON.readTree(send("GET", path, "").body());
            assertThat(current.get("revision").asInt()).isEqualTo(revision);
            assertThat(current.get("document").get("name").asString()).isEqualTo(acknowledged.get(revision));
        }
    }

    /** Three graphics are on air, each at a place of its own. */
    private static void takeThree() throws IOException {
        JsonNode graphics = JSON.readTree(send("GET", "/api/graphics", "").body());
        for (String name : List.of("Flyer bar", "Wind strap", "Heat board")) {
            JsonNode graphic = graphics.valueStream()
                    .filter(one -> one.at("/document/name").asString().equals(name))
                    .findFirst()
                    .orElseThrow();
            ObjectNode act = JSON.createObjectNode()
                    .put("actId", UUID.randomUUID().toString())
                    .put("kind", "TAKE")
                    .put("after", 0)
                    .put("notAfter", System.currentTimeMillis() + 20_000);
            ObjectNode filling = act.putObject("filling")
                    .put("graphic", graphic.get("id").asLong())
                    .put("revision", graphic.get("revision").asInt());
            filling.set("values", graphic.at("/document/trials/0/values"));
            assertThat(send("POST", "/api/outputs/1/acts", act.toString()).statusCode())
                    .isEqualTo(200);
        }
    }

    /** What stands where, and since which frame. */
    private static List<String> standing() throws IOException {
        JsonNode state = JSON.readTree(send("GET", "/api/outputs/1", "").body());
        return state.get("berths")
                .valueStream()
                .map(berth -> berth.get("berth").asString() + " " + berth.at("/plays/0/from")
                        + berth.at("/plays/0/shows/values"))
                .toList();
    }

    private interface Blow {
        void strike() throws Exception;
    }

    @Test
    void no_acknowledged_save_is_lost_whatever_is_killed() throws Exception {
        List<Saver> savers = new ArrayList<>();
        for (int i = 0; i < SAVERS; i++) savers.add(new Saver());
        takeThree();
        List<String> standing = standing();
        assertThat(standing).hasSize(3);
        int rounds = Integer.getInteger("crash.rounds", 1);
        for (int round = 0; round < rounds; round++) {
            during(savers, () -> {
                application.destroyForcibly().waitFor();
                startApplication();
            });
            assertThat(standing()).as("what is on air").isEqualTo(standing);
            during(savers, () -> {
                killDatabase();
                startDatabase();
                awaitReady();
            });
            assertThat(standing()).as("what is on air").isEqualTo(standing);
        }
        int saves = savers.stream().mapToInt(saver -> saver.acknowledged.size()).sum();
        System.out.println("crashes: " + 2 * rounds + " during " + saves + " acknowledged saves, none lost");
        assertThat(saves).isGreaterThan(rounds * SAVERS * SAVES);
    }

    private static void killDatabase() throws Exception {
        long pid = Long.parseLong(Files.readString(DATABASE.resolve("my.pid")).strip());
        ProcessHandle process = ProcessHandle.of(pid).orElseThrow();
        process.destroyForcibly();
        process.onExit().get(20, TimeUnit.SECONDS);
    }

    /** Strikes while all of them save, and sees what is left. */
    private static void during(List<Saver> savers, Blow blow) throws Exception {
        int before =
                savers.stream().mapToInt(saver -> saver.acknowledged.size()).sum();
        List<Thread> threads = new ArrayList<>();
        for (Saver saver : savers) threads.add(new Thread(saver::saveOn));
        threads.forEach(Thread::start);
        long until = System.nanoTime() + PATIENCE;
        while (savers.stream().mapToInt(saver -> saver.acknowledged.size()).sum() < before + SAVERS * SAVES) {
            assertThat(System.nanoTime()).as("they save").isLessThan(until);
            LockSupport.parkNanos(20_000_000);
        }
        blow.strike();
        for (Thread thread : threads) thread.join(TimeUnit.NANOSECONDS.toMillis(PATIENCE));
        for (Saver saver : savers) saver.findOut();
        for (Saver saver : savers) saver.check();
    }
}
