package glimble.server;

import static glimble.server.Application.document;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever some clients do, the others get their answers within half a second. */
class LoadIT {
    private static final Application APP = Application.shared();
    private static final AtomicInteger LARGE = new AtomicInteger();
    private static final Duration SOON = Duration.ofMillis(500);

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

    /** Milliseconds of so many small requests, one after the other, the longest last. */
    private static List<Long> times(int count) {
        List<Long> times = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            long before = System.nanoTime();
            assertThat(APP.post("/api/reels", small()).statusCode()).isEqualTo(200);
            times.add(TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - before));
        }
        Collections.sort(times);
        return times;
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
            // The first ones also pay for the threads that are begun for all of these.
            times(5);
            assertThat(times(50).get(49)).isLessThan(SOON.toMillis());
        } finally {
            for (Socket socket : sockets) socket.close();
        }
    }

    @Test
    void more_of_them_than_may_come_in_are_told_to_come_back() throws IOException {
        List<Socket> sockets = connections(450, halfSent());
        try {
            long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(4);
            while (refused(sockets) < 50 && System.nanoTime() < until) LockSupport.parkNanos(20_000_000);
            // Some of those who may come in are still there from before.
            assertThat(refused(sockets)).isBetween(50, 100);
            assertThat(APP.get("/api/checks").statusCode()).isEqualTo(503);
        } finally {
            for (Socket socket : sockets) socket.close();
        }
        awaitAnswer();
    }

    /** How many of them have an answer, which they can have only if they are refused. */
    private static int refused(List<Socket> sockets) throws IOException {
        int refused = 0;
        for (Socket socket : sockets) if (socket.getInputStream().available() > 0) refused++;
        return refused;
    }

    private static void awaitAnswer() {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(10);
        while (APP.get("/api/checks").statusCode() != 200) {
            assertThat(System.nanoTime()).as("it still refuses").isLessThan(until);
        }
    }

    @Test
    void a_body_that_comes_in_byte_by_byte_is_let_go() throws Exception {
        Socket socket = connections(1, halfSent()).get(0);
        socket.setSoTimeout(500);
        long before = System.nanoTime();
        String answer = "";
        while (answer.isEmpty() && System.nanoTime() - before < TimeUnit.SECONDS.toNanos(20)) {
            socket.getOutputStream().write(' ');
            answer = said(socket);
        }
        socket.close();
        assertThat(answer).contains("408");
    }

    @Test
    void what_was_asked_for_by_clients_that_have_gone_is_not_worked_out() throws IOException {
        for (int i = 0; i < 5; i++) took();
        long one = Math.min(took(), took());
        for (int i = 0; i < 12; i++) {
            byte[] body = large().getBytes(StandardCharsets.UTF_8);
            String head = halfSent().replace("Content-Length: 1000", "Content-Length: " + body.length);
            Socket socket = connections(1, head.substring(0, head.indexOf("\r\n\r\n") + 4))
                    .get(0);
            socket.getOutputStream().write(body);
            socket.close();
        }
        long after = took();
        assertThat(after).as("as long as a few of them").isLessThan(6 * one);
    }

    private static long took() {
        String large = large();
        long before = System.nanoTime();
        assertThat(APP.post("/api/reels", large).statusCode()).isEqualTo(200);
        return System.nanoTime() - before;
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
        List<Long> times = times(300);
        enough.set(true);
        heavy.shutdown();
        assertThat(heavy.awaitTermination(60, TimeUnit.SECONDS)).isTrue();
        assertThat(done).as("large requests that were answered meanwhile").hasPositiveValue();
        System.out.println("while others ask for much: p50 " + times.get(150) + " ms, p99 " + times.get(296) + " ms");
        assertThat(times.get(296)).isLessThan(SOON.toMillis());
    }
}
