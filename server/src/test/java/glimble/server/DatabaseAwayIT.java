package glimble.server;

import static glimble.server.Application.document;
import static glimble.server.Application.newGraphic;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.BindException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class DatabaseAwayIT {
    private static final Duration PATIENCE = Duration.ofSeconds(120);
    private static final String CREST = "/api/pictures/kite%20mark/content";
    private static Door door;
    private static Application app;

    @BeforeAll
    static void start() throws IOException {
        String url = Application.newDatabase("glimble_away_it");
        Matcher address = Pattern.compile("//127\\.0\\.0\\.1:(\\d+)/").matcher(url);
        assertThat(address.find()).isTrue();
        door = new Door(Integer.parseInt(address.group(1)));
        app = new Application(url.replace(":" + address.group(1) + "/", ":" + door.port() + "/"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.stop();
        door.shut();
    }

    @Test
    void without_its_database_it_says_so_still_works_graphics_out_and_recovers_by_itself() throws IOException {
        assertThat(app.get("/api/graphics").statusCode()).isEqualTo(200);

        assertThat(app.get(CREST).statusCode()).isEqualTo(200);
        String pictures = app.get("/api/pictures").body();
        String house = app.get("/api/house").body();
        String fonts = app.get("/api/fonts").body();

        door.shut();
        for (HttpResponse<String> answer : List.of(
                app.get("/api/graphics"), app.post("/api/graphics", newGraphic(document("flyer-bar", "lost"))))) {
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(503);
            assertThat(answer.headers().firstValue("Retry-After")).isPresent();
            assertThat(Application.body(answer).get("detail").asString()).contains("database does not answer");
        }
        assertThat(app.get("/api/health").statusCode()).isEqualTo(503);
        String reels = "{\"document\":" + document("flyer-bar", "x") + ",\"values\":[{\"name\":\"Wu\"}]}";
        assertThat(app.post("/api/reels", reels).statusCode()).isEqualTo(200);
        // What is open needs these.
        assertThat(app.get("/api/house").body()).isEqualTo(house);
        assertThat(app.get("/api/pictures").body()).isEqualTo(pictures);
        assertThat(app.get("/api/fonts").body()).isEqualTo(fonts);
        assertThat(app.get(CREST).statusCode()).isEqualTo(200);
        String pictured = "{\"document\":" + document("judge-bar", "x") + ",\"values\":[{\"name\":\"Wu\"}]}";
        assertThat(app.post("/api/reels", pictured).statusCode()).isEqualTo(200);

        door.open();
        awaitHealth();
        assertThat(app.get("/api/graphics").statusCode()).isEqualTo(200);
        assertThat(app.get("/api/graphics").body()).doesNotContain("lost");
    }

    @Test
    void a_save_of_which_nobody_knows_whether_it_was_kept_is_found_out_by_asking_again() throws IOException {
        JsonNode added = Application.body(app.post("/api/graphics", newGraphic(document("flyer-bar", "in doubt"))));
        String path = "/api/graphics/" + added.get("id").asLong();
        int doubtful = 0;
        for (int revision = 1; revision <= 12; revision++) {
            ObjectNode save = (ObjectNode) Application.JSON.readTree(
                    Application.save(revision, document("flyer-bar", "in doubt " + revision)));
            save.put("saveId", UUID.randomUUID().toString());
            // The door is shut while it is on its way: now here, now there.
            door.shutAfter(revision * 2);
            HttpResponse<String> answer = app.put(path, save.toString());
            door.shut();
            door.open();
            awaitHealth();
            assertThat(answer.statusCode()).as(answer.body()).isIn(200, 503);
            if (answer.statusCode() == 503) {
                JsonNode problem = Application.body(answer);
                if (!problem.get("known").asBoolean()) doubtful++;
                if (problem.get("known").asBoolean()) {
                    assertThat(Application.body(app.get(path)).get("revision").asInt())
                            .isEqualTo(revision);
                }
            }
            HttpResponse<String> again = app.put(path, save.toString());
            assertThat(again.statusCode())
                    .as("no false conflict: %s", again.body())
                    .isEqualTo(200);
            assertThat(Application.body(again).get("revision").asInt()).isEqualTo(revision + 1);
        }
        assertThat(doubtful).as("saves in doubt").isPositive();
    }

    private static ObjectNode act(String kind, long after, String name) {
        ObjectNode act = Application.JSON
                .createObjectNode()
                .put("actId", UUID.randomUUID().toString())
                .put("kind", kind)
                .put("after", after)
                .put("notAfter", System.currentTimeMillis() + 20_000);
        ObjectNode filling = act.putObject("filling").put("graphic", 1).put("revision", 1);
        filling.putObject("values").put("name", name);
        return act;
    }

    private static String shown() {
        JsonNode plays = Application.body(app.get("/api/outputs/1")).at("/berths/0/plays");
        return plays.get(plays.size() - 1).at("/shows/values/name").asString();
    }

    @Test
    void without_its_database_acts_are_refused_and_what_stands_goes_on() throws IOException {
        JsonNode taken = Application.body(
                app.post("/api/outputs/1/acts", act("TAKE", 1_000_000, "Wu").toString()));
        String reel = "/api/outputs/reels/" + taken.at("/berths/0/plays/0/reel").asString();
        door.shut();
        HttpResponse<String> refused =
                app.post("/api/outputs/1/acts", act("TAKE", 1_000_000, "Oona").toString());
        assertThat(refused.statusCode()).isEqualTo(503);
        assertThat(Application.body(refused).get("detail").asString()).contains("database does not answer");
        assertThat(shown()).isEqualTo("Wu");
        assertThat(app.get(reel).statusCode()).isEqualTo(200);
        door.open();
        awaitHealth();
        assertThat(shown()).isEqualTo("Wu");
        assertThat(app.post(
                                "/api/outputs/1/acts",
                                act("TAKE", 1_000_000, "Tiago").toString())
                        .statusCode())
                .isEqualTo(200);
        assertThat(shown()).isEqualTo("Tiago");
    }

    @Test
    void an_act_of_which_nobody_knows_whether_it_was_kept_counts_once_when_it_is_sent_again() throws IOException {
        int doubtful = 0;
        for (int i = 1; i <= 12; i++) {
            ObjectNode act = act("TAKE", 1_000_000, "in doubt " + i);
            door.shutAfter(i * 2);
            HttpResponse<String> answer = app.post("/api/outputs/1/acts", act.toString());
            door.shut();
            door.open();
            awaitHealth();
            assertThat(answer.statusCode()).as(answer.body()).isIn(200, 503);
            if (answer.statusCode() == 503
                    && !Application.body(answer).get("known").asBoolean()) doubtful++;
            assertThat(app.post("/api/outputs/1/acts", act.toString()).statusCode())
                    .isEqualTo(200);
            assertThat(shown()).isEqualTo("in doubt " + i);
            JsonNode log = Application.body(app.get("/api/outputs/1/log?words=in%20doubt%20" + i));
            assertThat(log.valueStream()
                            .filter(line -> line.at("/values/Name")
                                    .asString()
                                    .equals(act.at("/filling/values/name").asString()))
                            .count())
                    .isEqualTo(1);
        }
        assertThat(doubtful).as("acts in doubt").isPositive();
    }

    /** The pool of connections tries again at growing intervals. */
    private static void awaitHealth() {
        Instant until = Instant.now().plus(PATIENCE);
        while (app.get("/api/health").statusCode() != 200) {
            assertThat(Instant.now()).as("it has not recovered").isBefore(until);
        }
    }

    /** Stands between the application and the database; shut, it lets nothing through. */
    private static final class Door {
        private final int behind;
        private final List<Socket> through = new ArrayList<>();
        private final AtomicInteger left = new AtomicInteger(Integer.MAX_VALUE);
        private ServerSocket socket;

        Door(int behind) throws IOException {
            this.behind = behind;
            socket = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
            accept();
        }

        int port() {
            return socket.getLocalPort();
        }

        void open() throws IOException {
            int port = port();
            socket = again(port);
            accept();
        }

        /** Somebody who knocks in vain may have taken the port to knock from; only for a moment. */
        private static ServerSocket again(int port) throws IOException {
            Instant until = Instant.now().plus(PATIENCE);
            while (true) {
                try {
                    return new ServerSocket(port, 50, InetAddress.getLoopbackAddress());
                } catch (BindException e) {
                    if (Instant.now().isAfter(until)) throw e;
                    LockSupport.parkNanos(20_000_000);
                }
            }
        }

        /** Shuts by itself once so many more pieces have come in. */
        void shutAfter(int pieces) {
            left.set(pieces);
        }

        synchronized void shut() throws IOException {
            left.set(Integer.MAX_VALUE);
            socket.close();
            for (Socket end : through) end.close();
            through.clear();
        }

        private void accept() {
            ServerSocket accepting = socket;
            start(() -> {
                while (true) {
                    Socket outside = accepting.accept();
                    Socket inside = new Socket(InetAddress.getLoopbackAddress(), behind);
                    keep(accepting, outside, inside);
                    start(() -> copy(outside.getInputStream(), inside.getOutputStream()));
                    start(() -> copy(inside.getInputStream(), outside.getOutputStream()));
                }
            });
        }

        /** Who comes through just as the door is being shut is shut out all the same. */
        private synchronized void keep(ServerSocket accepting, Socket outside, Socket inside) throws IOException {
            if (accepting.isClosed()) {
                outside.close();
                inside.close();
            }
            through.add(outside);
            through.add(inside);
        }

        private interface Work {
            void run() throws IOException;
        }

        private static void start(Work work) {
            Thread thread = new Thread(() -> {
                try {
                    work.run();
                } catch (IOException closed) {
                    // The door was shut.
                }
            });
            thread.setDaemon(true);
            thread.start();
        }

        private void copy(InputStream from, OutputStream to) throws IOException {
            byte[] piece = new byte[8_192];
            for (int read = from.read(piece); read >= 0; read = from.read(piece)) {
                if (left.decrementAndGet() < 0) {
                    shut();
                    return;
                }
                to.write(piece, 0, read);
            }
        }
    }
}
