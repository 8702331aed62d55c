package glimble.server;

import glimble.formats.DemoGraphics;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.ProcessBuilder.Redirect;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The whole application on a database of its own, over real HTTP. {@code bin/test} starts MariaDB and sets GLIMBLE_DB. */
final class Application {
    static final JsonMapper JSON = JsonMapper.builder().build();

    private static Application shared;
    private static Application withDemo;

    private final ConfigurableApplicationContext context;
    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;
    private final String databaseUrl;

    /** @param more options */
    Application(String databaseUrl, String... more) {
        List<String> options = new ArrayList<>(List.of("--server.port=0", "--spring.datasource.url=" + databaseUrl));
        options.addAll(List.of(more));
        this.databaseUrl = databaseUrl;
        context = SpringApplication.run(GlimbleServer.class, options.toArray(String[]::new));
        address = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    /** One for all test classes that do not need an application of their own. */
    static synchronized Application shared() {
        if (shared == null) shared = new Application(newDatabase("glimble_server_it"));
        return shared;
    }

    /** One whose demo data nobody damages, for tests that need them. */
    static synchronized Application withDemo() {
        if (withDemo == null) withDemo = new Application(newDatabase("glimble_demo_it"));
        return withDemo;
    }

    /** Makes a database of that name with the demo data, all of it proved, beside those of tests that run at the same time. */
    static String newDatabase(String of) {
        return database(of, System.getProperty("glimble.demo"));
    }

    /** Likewise, with nothing in it. */
    static String emptyDatabase(String of) {
        return database(of, "");
    }

    private static String database(String of, String sql) {
        String name = of + "_" + System.getProperty("glimble.fork");
        try {
            Process made = new ProcessBuilder("bash", "database.sh", name, sql)
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

    int databasePort() {
        return URI.create(databaseUrl.substring("jdbc:".length())).getPort();
    }

    /** Where it is served: {@code http://127.0.0.1:…}. */
    String address() {
        return address;
    }

    <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    void stop() {
        context.close();
    }

    HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)));
    }

    HttpResponse<String> post(String path, String body) {
        return send(json(path).POST(BodyPublishers.ofString(body)));
    }

    HttpResponse<String> put(String path, String body) {
        return send(json(path).PUT(BodyPublishers.ofString(body)));
    }

    HttpRequest.Builder json(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", "application/json");
    }

    HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return client.send(request.build(), BodyHandlers.ofString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    static ObjectNode json() {
        return JSON.createObjectNode();
    }

    /** A graphic of the shelf by its name. */
    JsonNode graphic(String name) {
        return body(get("/api/graphics"))
                .valueStream()
                .filter(one -> one.at("/document/name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    static JsonNode body(HttpResponse<String> response) {
        return JSON.readTree(response.body());
    }

    /** A demo graphic under another name. */
    static ObjectNode document(String demo, String name) {
        return ((ObjectNode) JSON.readTree(DemoGraphics.named(demo))).put("name", name);
    }

    static String newGraphic(JsonNode document) {
        return JSON.createObjectNode().set("document", document).toString();
    }

    static String save(int basedOn, JsonNode document) {
        return JSON.createObjectNode()
                .put("basedOn", basedOn)
                .set("document", document)
                .toString();
    }
}
