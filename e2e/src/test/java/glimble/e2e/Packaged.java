package glimble.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.ProcessBuilder.Redirect;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.NullNode;

/** The packaged application, running as a process of its own on a database of its own. */
final class Packaged implements AutoCloseable {
    /** Demo data and what their proofs came to, as SQL. */
    static final String DEMO = System.getProperty("glimble.demo");

    /** Tests run in processes side by side; each has an application of its own. */
    private static final String FORK = System.getProperty("glimble.fork");

    /** Options of Java that have it start sooner; none for what is measured. */
    private static final List<String> QUICKLY = Stream.of(
                    System.getProperty("glimble.java", "").split(" "))
            .filter(option -> !option.isEmpty())
            .toList();

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final long PATIENCE_NANOS = 90_000_000_000L;
    private static Packaged shared;

    private final String address;
    private final Process process;
    private final List<Long> added = new ArrayList<>();

    /** One of its own, beside the one that tests share; it ends with the tests. */
    Packaged(String database) {
        int port = freePort();
        address = "http://127.0.0.1:" + port + "/";
        String url = newDatabase(database);
        process = started(
                port,
                url,
                Redirect.to(Path.of("target", database + "-" + FORK + ".log").toFile()));
        Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
        awaitReady();
    }

    /** Nothing of it goes on until {@link #goOn}, while its connections stay open. */
    void pause() {
        signal("STOP");
    }

    void goOn() {
        signal("CONT");
    }

    private void signal(String name) {
        try {
            new ProcessBuilder("kill", "-" + name, String.valueOf(process.pid()))
                    .start()
                    .waitFor();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        process.destroy();
    }

    /** A process of the application of its own; it is not waited for. */
    static Process started(int port, String databaseUrl, Redirect log, String... more) {
        try {
            List<String> command = new ArrayList<>(List.of("java"));
            command.addAll(QUICKLY);
            command.addAll(List.of(
                    "-jar",
                    System.getProperty("glimble.jar"),
                    "--server.port=" + port,
                    "--spring.datasource.url=" + databaseUrl));
            command.addAll(List.of(more));
            return new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(log)
                    .start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static synchronized Packaged shared() {
        if (shared == null) shared = new Packaged("glimble_e2e");
        return shared;
    }

    /** Adds a graphic, past all screens: the wall of the shelf would be drawn for nothing. */
    long add(String document) {
        long id = post("api/graphics", "{\"document\": " + document + "}")
                .get("id")
                .asLong();
        added.add(id);
        return id;
    }

    /** Puts aside what was added: else it is drawn on every shelf and proved beside all that comes after it. */
    static synchronized void tidy() {
        if (shared == null) return;
        for (long id : shared.added) shared.send("DELETE", "api/graphics/" + id, "");
        shared.added.clear();
    }

    /** A cue sheet with the cues of the demo's, in which a test may do what it likes. */
    long addSheet(String name) {
        return post("api/sheets", "{\"name\": \"" + name + "\", \"copyOf\": 1}")
                .get("id")
                .asLong();
    }

    private JsonNode post(String path, String body) {
        return send("POST", path, body);
    }

    /** @param path without a slash at its beginning */
    JsonNode send(String method, String path, String body) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .method(method, BodyPublishers.ofString(body))
                .build();
        return answer(request);
    }

    /** What is answered at a path without a slash at its beginning. */
    String get(String path) {
        return answer(HttpRequest.newBuilder(URI.create(address + path)).build())
                .toString();
    }

    /** The newest graphic of a name. */
    long named(String name) {
        HttpRequest all =
                HttpRequest.newBuilder(URI.create(address + "api/graphics")).build();
        for (JsonNode stored : answer(all)) {
            if (stored.at("/document/name").asString().equals(name))
                return stored.get("id").asLong();
        }
        throw new IllegalStateException("there is no graphic called " + name);
    }

    private static JsonNode answer(HttpRequest request) {
        try {
            HttpResponse<String> answer = CLIENT.send(request, BodyHandlers.ofString());
            if (answer.statusCode() >= 300) throw new IllegalStateException(answer.body());
            return answer.body().isEmpty() ? NullNode.getInstance() : JSON.readTree(answer.body());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** With a slash at its end. */
    String address() {
        return address;
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Makes a database of that name with the demo data, all of it proved, beside those of tests that run at the same time. */
    static String newDatabase(String of) {
        try {
            Process made = new ProcessBuilder("bash", "../server/database.sh", of + "_" + FORK, DEMO)
                    .redirectError(Redirect.INHERIT)
                    .start();
            String url = new String(made.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            if (made.waitFor() != 0) throw new IllegalStateException("no database is made; run bin/test");
            return url;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void awaitReady() {
        HttpRequest health =
                HttpRequest.newBuilder(URI.create(address + "api/graphics")).build();
        long until = System.nanoTime() + PATIENCE_NANOS;
        while (System.nanoTime() < until) {
            try {
                // Ready once the demo graphics are there.
                if (CLIENT.send(health, BodyHandlers.ofString()).body().contains("Flyer bar")) return;
            } catch (IOException notYet) {
                // It is still starting.
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            LockSupport.parkNanos(100_000_000);
        }
        throw new IllegalStateException("the application did not start; see the logs in e2e/target");
    }
}
