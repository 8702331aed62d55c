package glimble.server;

import static glimble.server.Application.body;
import static glimble.server.Application.json;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.DemoGraphics;
import glimble.formats.tables.Table;
import java.io.ByteArrayInputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.locks.LockSupport;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Graphics handed over: asked for, watched, fetched, stopped; what may not be asked is said. */
class HandoversApiIT {
    private static final Application APP = Application.withDemo();
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private static long graphic(String name) throws Exception {
        for (JsonNode one : body(APP.get("/api/graphics"))) {
            if (one.at("/document/name").asString().equals(name))
                return one.get("id").longValue();
        }
        throw new AssertionError("there is no " + name);
    }

    private static ObjectNode asked(String name, String form) throws Exception {
        return json().put("graphic", graphic(name)).put("form", form);
    }

    private static ObjectNode withRow(ObjectNode asked, String name) {
        ObjectNode row = asked.withArray("/rows").addObject().put("name", name);
        row.putObject("values").put("name", name).put("role", "Flyer");
        return asked;
    }

    private static HttpResponse<String> post(String path, ObjectNode what) throws Exception {
        return APP.post(path, what.toString());
    }

    private static int dropped(long id) throws Exception {
        URI uri = URI.create(APP.address() + "/api/handovers/" + id);
        return CLIENT.send(HttpRequest.newBuilder(uri).DELETE().build(), BodyHandlers.discarding())
                .statusCode();
    }

    /** Everything that is told of it until it has come to its end. */
    private static List<JsonNode> told(long id) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(APP.address() + "/api/handovers/" + id + "/events"))
                .build();
        List<JsonNode> told = new ArrayList<>();
        CLIENT.send(request, BodyHandlers.ofLines()).body().forEach(line -> {
            if (line.startsWith("data:")) told.add(Application.JSON.readTree(line.substring(5)));
        });
        return told;
    }

    private static HttpResponse<byte[]> file(long id) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(APP.address() + "/api/handovers/" + id + "/file"))
                .build();
        return CLIENT.send(request, BodyHandlers.ofByteArray());
    }

    @Test
    void a_package_is_made_while_somebody_watches_and_fetched() throws Exception {
        HttpResponse<String> answer = post("/api/handovers", asked("Judge bar", "package"));
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
        long id = body(answer).get("id").longValue();
        List<JsonNode> told = told(id);
        assertThat(told.get(told.size() - 1).get("stage").asString()).isEqualTo("DONE");
        HttpResponse<byte[]> file = file(id);
        assertThat(file.headers().firstValue("Content-Disposition").orElseThrow())
                .startsWith("attachment")
                .contains("judge-bar.zip");
        assertThat(file.body()).hasSize(told.get(told.size() - 1).get("bytes").intValue());
        List<String> names = new ArrayList<>();
        ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file.body()));
        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) names.add(entry.getName());
        assertThat(names).contains("judge-bar.ograf.json", "graphic.mjs", "runtime.mjs", "thumbnail.png");
        assertThat(body(APP.get("/api/handovers")).toString()).contains("judge-bar.zip");
        assertThat(dropped(id)).isEqualTo(204);
        assertThat(APP.get("/api/handovers/" + id).statusCode()).isEqualTo(404);
        assertThat(file(id).statusCode()).isEqualTo(404);
    }

    @Test
    void what_is_filled_in_is_one_table_and_what_is_not_spoken_has_no_captions() throws Exception {
        ObjectNode asked = withRow(withRow(asked("Flyer bar", "table"), "Oona \"O\" Varga"), "Wu");
        JsonNode made = body(post("/api/handovers", asked));
        assertThat(made.get("file").asString()).isEqualTo("flyer-bar.csv");
        told(made.get("id").longValue());
        assertThat(new String(file(made.get("id").longValue()).body(), StandardCharsets.UTF_8))
                .isEqualTo(
                        "cue,Name,Role\r\n\"Oona \"\"O\"\" Varga\",\"Oona \"\"O\"\" Varga\",Flyer\r\nWu,Wu,Flyer\r\n");
        HttpResponse<String> refused = post("/api/handovers", withRow(asked("Flyer bar", "captions"), "Wu"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("$.form", "none of its texts shows a field of spoken words");
    }

    @Test
    void what_a_proof_found_is_told_once_it_is_done() throws Exception {
        ObjectNode faulty = (ObjectNode) Application.JSON.readTree(DemoGraphics.faulty());
        JsonNode added = body(post("/api/graphics", json().set("document", faulty.put("name", "Faulty strap"))));
        HttpResponse<String> early = post("/api/handovers", asked("Faulty strap", "findings"));
        assertThat(early.statusCode()).isEqualTo(422);
        assertThat(early.body()).contains("$.form", "is not proved to its end");
        APP.send(APP.json("/api/graphics/" + added.get("id").longValue()).DELETE());

        // Those of the demo are proved one after the other.
        JsonNode made = null;
        for (int i = 0; i < 300 && made == null; i++) {
            LockSupport.parkNanos(200_000_000);
            for (JsonNode proved : body(APP.get("/api/proofs"))) {
                if (!proved.get("finished").asBoolean()) continue;
                ObjectNode asked = json().put("form", "findings");
                asked.set("graphic", proved.get("graphic"));
                asked.set("revision", proved.get("revision"));
                made = body(post("/api/handovers", asked));
            }
        }
        told(made.get("id").longValue());
        String csv = new String(file(made.get("id").longValue()).body(), StandardCharsets.UTF_8);
        assertThat(csv).startsWith("check,part,other,phase,frame,measured,allowed,unit,finding,to mend");
        JsonNode proof =
                body(APP.get("/api/graphics/" + made.get("graphic") + "/revisions/" + made.get("revision") + "/proof"));
        assertThat(Table.read(csv).rows()).hasSize(proof.get("findings").size());
    }

    @Test
    void a_picture_of_a_row_is_the_size_of_the_raster() throws Exception {
        ObjectNode asked = withRow(asked("Flyer bar", "png"), "Oona Varga").put("ground", "#2A2340");
        JsonNode made = body(post("/api/handovers", asked));
        assertThat(made.get("file").asString()).isEqualTo("flyer-bar-oona-varga.png");
        told(made.get("id").longValue());
        var picture = ImageIO.read(
                new ByteArrayInputStream(file(made.get("id").longValue()).body()));
        assertThat(picture.getWidth()).isEqualTo(1920);
        assertThat(picture.getRGB(5, 5)).isEqualTo(0xFF2A2340);
    }

    @Test
    void files_say_what_they_are() throws Exception {
        assertThat(type(withRow(asked("Flyer bar", "png"), "Wu"))).isEqualTo("image/png");
        assertThat(type(withRow(asked("Flyer bar", "svg"), "Wu"))).isEqualTo("image/svg+xml");
        assertThat(type(withRow(asked("Flyer bar", "table"), "Wu"))).isEqualTo("text/csv");
        assertThat(type(withRow(asked("Flyer bar", "lottie"), "Wu"))).isEqualTo("application/json");
        assertThat(type(withRow(withRow(asked("Flyer bar", "svg"), "Wu"), "Oona")))
                .isEqualTo("application/zip");
    }

    private static String type(ObjectNode asked) throws Exception {
        long id = body(post("/api/handovers", asked)).get("id").longValue();
        told(id);
        return file(id).headers().firstValue("Content-Type").orElseThrow();
    }

    @Test
    void a_picture_does_not_wait_behind_videos() throws Exception {
        List<Long> videos = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            ObjectNode asked = asked("Flyer bar", "prores");
            for (int row = 0; row < 20; row++) withRow(asked, "Wu " + row);
            videos.add(body(post("/api/handovers", asked)).get("id").longValue());
        }
        List<JsonNode> told = told(body(post("/api/handovers", withRow(asked("Flyer bar", "png"), "Wu")))
                .get("id")
                .longValue());
        assertThat(told.get(told.size() - 1).get("stage").asString()).isEqualTo("DONE");
        String last =
                body(APP.get("/api/handovers/" + videos.get(2))).get("stage").asString();
        for (long video : videos) dropped(video);
        assertThat(last).isEqualTo("WAITING");
    }

    @Test
    void how_much_is_painted_is_said_before_and_too_much_is_refused() throws Exception {
        int frames = body(post("/api/handovers/carried", asked("Flyer bar", "mov")))
                .get("frames")
                .intValue();
        assertThat(frames).isGreaterThan(100);
        assertThat(body(post("/api/handovers/carried", asked("Flyer bar", "png")))
                        .hasNonNull("frames"))
                .isFalse();
        ObjectNode many = asked("Flyer bar", "mov");
        for (int i = 0; i <= 60_000 / frames + 20 && i < 500; i++) withRow(many, "Wu");
        assertRefused(many, "$.rows", "at most 60,000 are made at once");
    }

    @Test
    void what_is_stopped_leaves_nothing() throws Exception {
        JsonNode made = body(post("/api/handovers", withRow(asked("Flyer bar", "frames"), "Wu")));
        long id = made.get("id").longValue();
        assertThat(dropped(id)).isEqualTo(204);
        List<JsonNode> told = told(id);
        if (!told.isEmpty()) {
            assertThat(told.get(told.size() - 1).get("stage").asString()).isEqualTo("STOPPED");
        }
        assertThat(file(id).statusCode()).isEqualTo(404);
    }

    @Test
    void what_a_form_does_not_carry_is_said_before() throws Exception {
        JsonNode said = body(post("/api/handovers/carried", asked("Heat board", "webm")));
        assertThat(said.get("sentences").toString()).contains("plays through them without waiting", "59.94");
        assertThat(body(post(
                                "/api/handovers/carried",
                                asked("Heat board", "package").put("allFonts", true)))
                        .get("sentences"))
                .isEmpty();
    }

    @Test
    void what_may_not_be_asked_is_refused_at_its_place() throws Exception {
        assertRefused(asked("Flyer bar", "film"), "$.form", "must be one of package, page, bundle, findings");
        assertRefused(asked("Flyer bar", "png"), "$.rows", "is missing");
        ObjectNode nobody = asked("Flyer bar", "png");
        nobody.withArray("/rows").addObject().put("name", "").putObject("values");
        assertRefused(nobody, "$.rows[0].values.name", "is needed");
        assertRefused(withRow(asked("Flyer bar", "png"), "Wu").put("ground", "blue"), "$.ground", "like #2A2340");
        assertRefused(json().put("form", "page"), "$.graphic", "is missing");
        assertThat(post("/api/handovers", json().put("form", "page").put("graphic", 99_999))
                        .statusCode())
                .isEqualTo(404);
    }

    private static void assertRefused(ObjectNode asked, String path, String sentence) throws Exception {
        HttpResponse<String> answer = post("/api/handovers", asked);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
        assertThat(answer.body()).contains(path).contains(sentence);
    }

    @Test
    void files_are_there_after_a_restart_and_nothing_that_was_only_begun(@TempDir Path folder) throws Exception {
        String url = Application.newDatabase("glimble_handovers_it");
        String where = "--glimble.handovers=" + folder;
        Application app = new Application(url, where);
        ObjectNode asked = json().put(
                        "graphic", app.graphic("Flyer bar").get("id").asLong())
                .put("form", "svg");
        withRow(asked, "Wu");
        long id = body(app.post("/api/handovers", asked.toString())).get("id").asLong();
        while (!app.get("/api/handovers/" + id).body().contains("DONE")) LockSupport.parkNanos(20_000_000);
        String file = app.get("/api/handovers/" + id + "/file").body();
        String state = app.get("/api/handovers/" + id).body();
        app.stop();
        Files.writeString(folder.resolve("7"), "half of a file");

        Application again = new Application(url, where);
        assertThat(again.get("/api/handovers/" + id).body()).isEqualTo(state);
        assertThat(again.get("/api/handovers/" + id + "/file").body())
                .isEqualTo(file)
                .contains("<svg");
        assertThat(folder.resolve("7")).doesNotExist();
        long next =
                body(again.post("/api/handovers", asked.toString())).get("id").asLong();
        assertThat(next).isGreaterThan(id);
        assertThat(again.send(again.json("/api/handovers/" + id).DELETE()).statusCode())
                .isEqualTo(204);
        again.stop();
        assertThat(folder.resolve(Long.toString(id))).doesNotExist();
    }
}
