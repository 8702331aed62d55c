package glimble.server;

import static glimble.server.Application.document;
import static glimble.server.Application.newGraphic;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class DatabaseAwayIT {
    private static final Duration PATIENCE = Duration.ofSeconds(30);
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

        door.open();
        awaitHealth();
        assertThat(app.get("/api/graphics").statusCode()).isEqualTo(200);
        assertThat(app.get("/api/graphics").body()).doesNotContain("lost");
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
            socket = new ServerSocket(port, 50, InetAddress.getLoopbackAddress());
            accept();
        }

        synchronized void shut() throws IOException {
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

        private static void copy(InputStream from, OutputStream to) throws IOException {
            from.transferTo(to);
        }
    }
}
