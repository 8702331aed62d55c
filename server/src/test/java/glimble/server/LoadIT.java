package glimble.server;

import static glimble.server.Application.document;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever some clients do, the others get their answers, and do not stand behind them. */
class LoadIT {
    private static final Application APP = Application.shared();
    private static final AtomicInteger LARGE = new AtomicInteger();
    /** For what comes at last; nothing is judged by how soon. */
    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(120);

    private static final String LISTEN = "GET /api/outputs/1/events HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n";

    @BeforeAll
    static void warmUp() {
        for (int i = 0; i < 20; i++) APP.post("/api/reels", small());
    }

    private static String small() {
        return reels(document("flyer-bar", "x"), "Wu", 1);
    }

    private static String reels(JsonNode document, String name, int fillings) {
        ObjectNode request = Application.JSON.createObjectNode();
        request.set("document", document);
        ArrayNode values = request.putArray("values");
        for (int i = 0; i < fillings; i++) values.addObject().put("name", i == 0 ? name : i + name);
        return request.toString();
    }

    /** As much as is allowed at once, in texts that nobody has asked for before. */
    private static String large() {
        ObjectNode board = document("heat-board", "large");
        ObjectNode request = Application.JSON.createObjectNode();
        request.set("document", board);
        ArrayNode values = request.putArray("values");
        for (int i = 0; i < 24; i++) {
            ObjectNode filling = values.addObject();
            for (int row = 1; row <= 5; row++) {
                filling.put("name " + row, "W" + LARGE.incrementAndGet() + " Þórhallsdóttir ".repeat(17));
            }
        }
        return request.toString();
    }

    private static void askFor(int small) {
        for (int i = 0; i < small; i++) {
            assertThat(APP.post("/api/reels", small()).statusCode()).isEqualTo(200);
        }
    }

    private static List<Socket> connections(int count, String said) throws IOException {
        URI at = URI.create(APP.address());
        List<Socket> sockets = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Socket socket = new Socket(at.getHost(), at.getPort());
            socket.getOutputStream().write(said.getBytes(StandardCharsets.UTF_8));
            sockets.add(socket);
        }
        return sockets;
    }

    private static String halfSent() {
        return "POST /api/reels HTTP/1.1\r\nHost: " + URI.create(APP.address()).getAuthority()
                + "\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{\"document\":";
    }

    @Test
    void bodies_that_never_end_and_connections_that_say_nothing_keep_nobody_waiting() throws IOException {
        List<Socket> sockets = new ArrayList<>(connections(205, halfSent()));
        sockets.addAll(connections(300, "POST /api/re"));
        try {
            askFor(1);
            assertThat(answered(sockets)).as("bodies that were let go before").isLessThan(205);
            askFor(50);
        } finally {
            for (Socket socket : sockets) socket.close();
        }
    }

    @Test
    void more_of_them_than_may_come_in_are_told_to_come_back() throws IOException {
        // On a slow machine the first are let go before the last have come: more come until somebody is refused.
        List<Socket> sockets = connections(450, halfSent());
        try {
            long until = System.nanoTime() + PATIENCE;
            while (APP.post("/api/reels", "{}").statusCode() != 503) {
                assertThat(System.nanoTime()).as("nobody is refused").isLessThan(until);
                if (answered(sockets) > 60) sockets.addAll(connections(50, halfSent()));
                LockSupport.parkNanos(20_000_000);
            }
            assertThat(answered(sockets)).as("most may come in").isLessThan(sockets.size() / 2);
            assertThat(APP.get("/api/checks").statusCode())
                    .as("who only asks is answered")
                    .isEqualTo(200);
        } finally {
            for (Socket socket : sockets) socket.close();
        }
        awaitAnswer();
    }

    /** As many pages as may listen, and the desk beside them; who comes too late is told so. */
    @Test
    void listeners_without_end_keep_the_desk_from_nothing() throws Exception {
        List<Socket> listening = connections(2_000, LISTEN);
        try {
            long until = System.nanoTime() + PATIENCE;
            String refused = "";
            while (!refused.contains("503")) {
                assertThat(System.nanoTime()).as("nobody is refused").isLessThan(until);
                refused = answerToListening();
            }
            String take = Application.JSON
                    .createObjectNode()
                    .put("actId", "beside-the-listeners")
                    .put("kind", "OUT")
                    .put("after", 1_000_000)
                    .put("notAfter", System.currentTimeMillis() + 20_000)
                    .toString();
            assertThat(APP.post("/api/outputs/1/acts", take).statusCode()).isEqualTo(200);
            askFor(20);
        } finally {
            for (Socket socket : listening) socket.close();
        }
        long until = System.nanoTime() + PATIENCE;
        while (!answerToListening().contains("200")) {
            assertThat(System.nanoTime()).as("those that have gone are counted").isLessThan(until);
            LockSupport.parkNanos(100_000_000);
        }
    }

    /** Its first line. */
    private static String answerToListening() throws IOException {
        try (Socket socket = connections(1, LISTEN).get(0)) {
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
                    .readLine();
        }
    }

    @Test
    void who_saves_at_the_same_time_as_others_is_not_refused() throws Exception {
        int clients = 4;
        int saves = 15;
        ExecutorService pool = Executors.newFixedThreadPool(clients);
        List<Future<List<Integer>>> saving = new ArrayList<>();
        for (int client = 0; client < clients; client++) {
            ObjectNode document = document("place-and-hour", "Saved beside others " + client);
            saving.add(pool.submit(() -> {
                List<Integer> answers = new ArrayList<>();
                JsonNode added = Application.body(APP.post("/api/graphics", Application.newGraphic(document)));
                String path = "/api/graphics/" + added.get("id").asLong();
                for (int i = 1; i <= saves; i++) {
                    String save = Application.save(
                            i, document.put("name", document.get("name").asString() + "."));
                    answers.add(APP.put(path, save).statusCode());
                }
                APP.send(APP.json(path).DELETE());
                return answers;
            }));
        }
        for (Future<List<Integer>> of : saving) {
            assertThat(of.get(PATIENCE, TimeUnit.NANOSECONDS)).hasSize(saves).containsOnly(200);
        }
        pool.shutdown();
    }

    /** How many of them have an answer: they are refused, or let go. */
    private static int answered(List<Socket> sockets) throws IOException {
        int answered = 0;
        for (Socket socket : sockets) if (socket.getInputStream().available() > 0) answered++;
        return answered;
    }

    private static void awaitAnswer() {
        long until = System.nanoTime() + PATIENCE;
        while (APP.post("/api/reels", small()).statusCode() != 200) {
            assertThat(System.nanoTime()).as("it still refuses").isLessThan(until);
        }
    }

    @Test
    void a_body_that_comes_in_byte_by_byte_is_let_go() throws Exception {
        Socket socket = connections(1, halfSent()).get(0);
        socket.setSoTimeout(500);
        long before = System.nanoTime();
        String answer = "";
        while (answer.isEmpty() && System.nanoTime() - before < PATIENCE) {
            socket.getOutputStream().write(' ');
            answer = said(socket);
        }
        socket.close();
        assertThat(answer).contains("408");
    }

    @Test
    void what_was_asked_for_by_clients_that_have_gone_is_not_worked_out() {
        for (int i = 0; i < 5; i++) cost(0);
        double one = Math.min(cost(0), cost(0));
        // What others do meanwhile counts too.
        double after = cost(12);
        for (int i = 0; i < 2 && after > 6 * one; i++) after = cost(12);
        assertThat(after).as("the work of a few of them").isLessThan(6 * one);
    }

    /** What a large request takes of the processor, after so many whose clients have gone. */
    private static double cost(int gone) {
        return Pace.of(() -> {
                    for (int i = 0; i < gone; i++) askAndGo();
                    String large = large();
                    HttpResponse<String> answer = APP.post("/api/reels", large);
                    assertThat(answer.statusCode()).isEqualTo(200);
                    return answer;
                })
                .usual();
    }

    private static void askAndGo() {
        byte[] body = large().getBytes(StandardCharsets.UTF_8);
        String head = halfSent().replace("Content-Length: 1000", "Content-Length: " + body.length);
        try (Socket socket =
                connections(1, head.substring(0, head.indexOf("\r\n\r\n") + 4)).get(0)) {
            socket.getOutputStream().write(body);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String said(Socket socket) throws IOException {
        try {
            return new String(socket.getInputStream().readNBytes(12), StandardCharsets.UTF_8);
        } catch (java.net.SocketTimeoutException e) {
            return "";
        }
    }

    @Test
    void one_that_asks_for_much_keeps_nobody_else_waiting() throws Exception {
        // From many sides, while a proof is running.
        APP.post("/api/graphics", Application.newGraphic(document("heat-board", "proved meanwhile")));
        AtomicBoolean enough = new AtomicBoolean();
        AtomicInteger done = new AtomicInteger();
        ExecutorService heavy = Executors.newFixedThreadPool(20);
        for (int i = 0; i < 20; i++) {
            heavy.submit(() -> {
                while (!enough.get()) {
                    int status = APP.post("/api/reels", large()).statusCode();
                    if (status == 200) done.incrementAndGet();
                    else assertThat(status).isEqualTo(503);
                }
            });
        }
        askFor(300);
        int meanwhile = done.get();
        enough.set(true);
        heavy.shutdown();
        assertThat(heavy.awaitTermination(PATIENCE, TimeUnit.NANOSECONDS)).isTrue();
        System.out.println("while 300 small ones were answered, so were " + meanwhile + " large ones");
        assertThat(done).as("large requests that were answered").hasPositiveValue();
        // Each that stood behind a large one would have waited until one was done.
        assertThat(meanwhile).isLessThan(150);
    }
}
