package glimble.server;

import static glimble.server.Application.body;
import static glimble.server.Application.json;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is on air: acts, those that come too late or twice, screens, the log, and a server that is started again. */
class AirApiIT {
    private static final Application APP = Application.withDemo();

    private static ObjectNode filling(Application app, String name, String... values) {
        JsonNode graphic = app.graphic(name);
        ObjectNode filling = json().put("graphic", graphic.get("id").asLong())
                .put("revision", graphic.get("revision").asInt());
        ObjectNode texts = filling.putObject("values");
        for (int i = 0; i < values.length; i += 2) texts.put(values[i], values[i + 1]);
        return filling;
    }

    private static ObjectNode act(String kind, long after) {
        return json().put("actId", UUID.randomUUID().toString())
                .put("kind", kind)
                .put("after", after)
                .put("notAfter", System.currentTimeMillis() + 5_000);
    }

    private static HttpResponse<String> send(Application app, ObjectNode act) {
        return app.post("/api/outputs/1/acts", act.toString());
    }

    private static JsonNode done(Application app, ObjectNode act) {
        HttpResponse<String> answer = send(app, act);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return body(answer);
    }

    private static JsonNode state(Application app) {
        return body(app.get("/api/outputs/1"));
    }

    private static JsonNode take(Application app, ObjectNode filling) {
        ObjectNode act = act("TAKE", state(app).get("event").asLong());
        act.set("filling", filling);
        return done(app, act);
    }

    private static JsonNode berth(JsonNode state, String name) {
        return state.get("berths")
                .valueStream()
                .filter(one -> one.get("berth").asString().equals(name))
                .findFirst()
                .orElse(Application.JSON.missingNode());
    }

    private static JsonNode last(JsonNode state, String berth) {
        JsonNode plays = berth(state, berth).get("plays");
        return plays.get(plays.size() - 1);
    }

    /** Everything is out, to its last frame. */
    @AfterEach
    void clear() {
        done(APP, act("OUT", state(APP).get("event").asLong()));
        JsonNode state = state(APP);
        while (state.get("berths").size() > 0) {
            long frame = frame(state) + 2;
            boolean over = state.get("berths").valueStream().allMatch(berth -> {
                JsonNode plays = berth.get("plays");
                return plays.get(plays.size() - 1).get("end").asLong() < frame;
            });
            if (over) return;
            state = state(APP);
        }
    }

    private static long frame(JsonNode state) {
        return (state.get("now").asLong() - state.get("begins").asLong()) / 20;
    }

    @Test
    void a_take_is_on_air_and_its_reel_can_be_fetched() {
        JsonNode state = take(APP, filling(APP, "Flyer bar", "name", "Wu", "role", "Flyer"));
        JsonNode play = last(state, "bar");
        assertThat(play.at("/shows/values/name").asString()).isEqualTo("Wu");
        HttpResponse<String> reel =
                APP.get("/api/outputs/reels/" + play.get("reel").asString());
        assertThat(body(reel).get("layers").size()).isPositive();
        assertThat(reel.headers().firstValue("Cache-Control").orElseThrow()).contains("immutable");
        assertThat(APP.get("/api/outputs/reels/none").statusCode()).isEqualTo(404);
        long now = frame(state);
        assertThat(play.get("from").asLong()).isBetween(now - 20, now + 3);
    }

    @Test
    void what_is_prepared_is_what_is_taken() {
        ObjectNode filling = filling(APP, "Place and hour", "place", "North mast", "hour", "14.30");
        JsonNode ahead =
                body(APP.post("/api/outputs/1/ahead", filling.toString())).get("state");
        assertThat(berth(ahead, "place").isMissingNode()).isTrue();
        JsonNode state = take(APP, filling);
        assertThat(ahead.get("ahead").toString())
                .contains(last(state, "place").get("reel").asString());
    }

    private static List<String> stands(JsonNode state) {
        return state.get("berths")
                .valueStream()
                .map(berth -> berth.get("berth").asString())
                .filter(Set.of("strap", "bar")::contains)
                .toList();
    }

    private static void stack(JsonNode berths) {
        ObjectNode house = (ObjectNode) body(APP.get("/api/house"));
        ((ObjectNode) house.get("air")).set("stack", berths);
        assertThat(APP.put("/api/house", house.toString()).statusCode()).isEqualTo(200);
    }

    /** Whatever is taken first: berths stand as the house has them, and what would be covered is told before. */
    @Test
    void berths_stand_one_over_the_other_as_the_house_says() {
        ObjectNode strap = filling(APP, "Wind strap", "tag", "WIND HOLD", "message", "Gusts of 31 knots");
        JsonNode before = body(APP.get("/api/house")).at("/air/stack");
        try {
            stack(json().putArray("of").add("strap").add("bar"));
            assertThat(stands(take(APP, filling(APP, "Flyer bar", "name", "Wu"))))
                    .containsExactly("bar");
            JsonNode ahead = body(APP.post("/api/outputs/1/ahead", strap.toString()));
            assertThat(ahead.get("covers").toString()).contains("Flyer bar would cover its tag");
            assertThat(stands(take(APP, strap))).containsExactly("strap", "bar");
            stack(json().putArray("of").add("bar").add("strap"));
            assertThat(stands(state(APP))).containsExactly("bar", "strap");
            ObjectNode bar = filling(APP, "Twin bar", "name", "Tiago");
            assertThat(body(APP.post("/api/outputs/1/ahead", bar.toString()))
                            .get("covers")
                            .toString())
                    .contains("Wind strap would cover its name");
        } finally {
            stack(before);
        }
    }

    @Test
    void a_stack_that_names_a_berth_twice_is_refused() {
        ObjectNode house = (ObjectNode) body(APP.get("/api/house"));
        ((ObjectNode) house.get("air")).putArray("stack").add("bar").add("bar");
        HttpResponse<String> refused = APP.put("/api/house", house.toString());
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("$.air.stack[1]").contains("is used twice");
    }

    @Test
    void a_board_goes_on_step_by_step_changes_and_goes_out() {
        ObjectNode board = filling(
                APP,
                "Heat board",
                "headline",
                "Heat 4",
                "name 1",
                "Wu",
                "score 1",
                "94",
                "name 2",
                "Oona",
                "score 2",
                "92");
        JsonNode taken = take(APP, board);
        JsonNode stepped = done(APP, act("STEP", taken.get("event").asLong()).put("berth", "board"));
        assertThat(last(stepped, "board").get("nexts").size()).isEqualTo(1);
        ObjectNode change = act("CHANGE", stepped.get("event").asLong());
        ((ObjectNode) board.get("values")).put("score 1", "95.5");
        change.set("filling", board);
        JsonNode changed = done(APP, change);
        assertThat(last(changed, "board").get("change").asString()).contains("brings");
        JsonNode out = done(APP, act("OUT", changed.get("event").asLong()).put("berth", "board"));
        JsonNode leaving = last(out, "board");
        assertThat(leaving.get("end").asLong())
                .isGreaterThan(leaving.get("leaves").asLong());
        assertThat(body(APP.get("/api/outputs/reels/" + leaving.get("out").asString()))
                        .get("out")
                        .asInt())
                .isPositive();
        HttpResponse<String> again =
                send(APP, act("OUT", out.get("event").asLong()).put("berth", "board"));
        assertThat(again.statusCode()).isEqualTo(422);
        assertThat(again.body()).contains("nothing stands here");
    }

    @Test
    void an_act_that_was_meant_for_what_stood_before_is_told_what_has_happened_meanwhile() {
        JsonNode state = take(APP, filling(APP, "Flyer bar", "name", "Wu"));
        long known = state.get("event").asLong();
        ObjectNode other = act("TAKE", known).put("person", "Oona");
        other.set("filling", filling(APP, "Twin bar", "name", "Tiago"));
        done(APP, other);
        HttpResponse<String> stale = send(APP, act("OUT", known).put("berth", "bar"));
        assertThat(stale.statusCode()).isEqualTo(409);
        assertThat(body(stale).get("detail").asString()).contains("Twin bar was taken at bar by Oona");
        // Somewhere else nothing has happened.
        ObjectNode elsewhere = act("TAKE", known);
        elsewhere.set("filling", filling(APP, "Wind strap", "tag", "NEXT"));
        assertThat(send(APP, elsewhere).statusCode()).isEqualTo(200);
    }

    @Test
    void an_act_sent_twice_counts_once() {
        JsonNode taken = take(APP, filling(APP, "Heat board", "headline", "Heat 4", "name 1", "Wu", "name 2", "Li"));
        ObjectNode step = act("STEP", taken.get("event").asLong()).put("berth", "board");
        JsonNode first = done(APP, step);
        JsonNode second = done(APP, step);
        assertThat(second.get("event")).isEqualTo(first.get("event"));
        assertThat(last(second, "board").get("nexts").size()).isEqualTo(1);
    }

    /** Whatever it was that took so long. */
    @Test
    void nothing_is_done_later_than_it_was_meant_for() {
        JsonNode stands = take(APP, filling(APP, "Heat board", "headline", "Heat 4", "name 1", "Wu", "name 2", "Li"));
        long event = stands.get("event").asLong();
        long past = stands.get("now").asLong() - 1;
        ObjectNode take = act("TAKE", event);
        take.set("filling", filling(APP, "Flyer bar", "name", "Wu"));
        List<ObjectNode> acts = List.of(
                take,
                act("STEP", event).put("berth", "board"),
                act("OUT", event).put("berth", "board"));
        for (ObjectNode act : acts) {
            HttpResponse<String> late = send(APP, act.put("notAfter", past));
            assertThat(late.statusCode()).isEqualTo(409);
            assertThat(body(late).get("title").asString()).isEqualTo("Not done in time");
            assertThat(send(APP, act.put("notAfter", past + 60_000)).body()).contains("$.notAfter");
            act.remove("notAfter");
            assertThat(send(APP, act).body()).contains("$.notAfter");
        }
        assertThat(state(APP).get("event").asLong()).isEqualTo(event);
        assertThat(last(state(APP), "board").get("nexts")).isEmpty();
    }

    @Test
    void of_what_was_done_in_time_it_is_told_whenever_it_is_asked_again() {
        ObjectNode take = act("TAKE", state(APP).get("event").asLong());
        take.set("filling", filling(APP, "Flyer bar", "name", "Wu"));
        long event = done(APP, take).get("event").asLong();
        assertThat(done(APP, take.put("notAfter", 0)).get("event").asLong()).isEqualTo(event);
    }

    @Test
    void what_the_desk_would_not_let_through_is_refused_by_the_server() {
        long event = state(APP).get("event").asLong();
        refused(filling(APP, "Flyer bar", "name", "  "), "Not done: Name is needed; fill it in.");
        refused(filling(APP, "Flyer bar", "name", "Wu", "role", "x".repeat(41)), "Role has 41 letters");
        refused(filling(APP, "Flyer bar", "name", "Wu\u0007"), "Name has a character that nobody sees (U+0007)");
        refused(filling(APP, "Flyer bar", "name", "Wu \u202Eil"), "(U+202E)");
        refused(
                filling(APP, "Flyer bar", "name", "Wu", "naem", "Wu"),
                "$.filling.values.naem: is no field of Flyer bar");
        ObjectNode dialled = filling(APP, "Flyer bar", "name", "Wu");
        dialled.putObject("dials").put("volume", "11");
        refused(dialled, "$.filling.dials.volume: is no dial of Flyer bar");
        ObjectNode beyond = filling(APP, "Flyer bar", "name", "Wu");
        beyond.putObject("dials").put("name size", "1000000");
        refused(beyond, "Not done: Size of the name must be");
        assertThat(state(APP).get("event").asLong()).isEqualTo(event);
    }

    private static void refused(ObjectNode filling, String why) {
        ObjectNode act = act("TAKE", state(APP).get("event").asLong());
        act.set("filling", filling);
        HttpResponse<String> answer = send(APP, act);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
        assertThat(body(answer).get("detail").asString()).contains(why);
    }

    @Test
    void another_graphic_comes_when_the_first_is_gone_and_all_out_takes_both() {
        take(APP, filling(APP, "Flyer bar", "name", "Wu"));
        JsonNode state = take(APP, filling(APP, "Twin bar", "name", "Tiago"));
        JsonNode plays = berth(state, "bar").get("plays");
        assertThat(plays.get(plays.size() - 1).get("from"))
                .isEqualTo(plays.get(plays.size() - 2).get("end"));
        take(APP, filling(APP, "Wind strap", "tag", "NEXT"));
        JsonNode out = done(APP, act("OUT", state(APP).get("event").asLong()));
        out.get("berths").forEach(berth -> {
            JsonNode last = berth.get("plays").get(berth.get("plays").size() - 1);
            assertThat(last.has("leaves") && !last.get("leaves").isNull()).isTrue();
        });
    }

    @Test
    void a_screen_is_told_at_once_and_whenever_something_is_done() throws Exception {
        HttpRequest events = HttpRequest.newBuilder(URI.create(APP.address() + "/api/outputs/1/events"))
                .build();
        HttpResponse<Stream<String>> open =
                HttpClient.newHttpClient().send(events, HttpResponse.BodyHandlers.ofLines());
        try (Stream<String> lines = open.body()) {
            Iterator<String> told = lines.iterator();
            JsonNode first = next(told, "state");
            take(APP, filling(APP, "Flyer bar", "name", "Oona Varga"));
            JsonNode second = next(told, "state");
            assertThat(second.get("event").asLong())
                    .isGreaterThan(first.get("event").asLong());
            assertThat(last(second, "bar").at("/shows/values/name").asString()).isEqualTo("Oona Varga");
            assertThat(next(told, "time").get("now").asLong()).isPositive();
        }
    }

    private static JsonNode next(Iterator<String> told, String event) {
        while (told.hasNext()) {
            if (!told.next().equals("event:" + event)) continue;
            return Application.JSON.readTree(told.next().substring("data:".length()));
        }
        throw new AssertionError("the screen was not told");
    }

    @Test
    void the_log_can_be_read_filtered_and_saved() {
        take(APP, filling(APP, "Flyer bar", "name", "Ștefan \"Kite\" Ițcu"));
        JsonNode log = body(APP.get("/api/outputs/1/log?words=%C8%98tefan"));
        assertThat(log.at("/0/graphic").asString()).isEqualTo("Flyer bar");
        assertThat(log.at("/0/values/Name").asString()).isEqualTo("Ștefan \"Kite\" Ițcu");
        assertThat(body(APP.get("/api/outputs/1/log?berth=nowhere"))).isEmpty();
        HttpResponse<String> csv = APP.get("/api/outputs/1/log/csv?berth=bar");
        assertThat(csv.headers().firstValue("Content-Disposition").orElseThrow())
                .contains("on-air.csv");
        assertThat(csv.body()).startsWith("event,time,person,act").contains("Name: Ștefan \"\"Kite\"\" Ițcu");
        assertThat(APP.get("/api/outputs/99/log").statusCode()).isEqualTo(404);
    }

    @Test
    void what_cannot_be_is_refused_with_the_member_and_a_way_out() {
        assertThat(send(APP, json()).body()).contains("$.actId");
        assertThat(send(APP, act("TAKE", 0)).body()).contains("$.filling");
        assertThat(send(APP, act("STEP", 0)).body()).contains("$.berth");
        ObjectNode document = Application.document("flyer-bar", "Sixty");
        ((ObjectNode) document.get("frame")).put("rate", "60");
        JsonNode made = body(APP.post("/api/graphics", Application.newGraphic(document)));
        ObjectNode take = act("TAKE", state(APP).get("event").asLong());
        take.putObject("filling")
                .put("graphic", made.get("id").asLong())
                .put("revision", 1)
                .putObject("values")
                .put("name", "Wu");
        HttpResponse<String> other = send(APP, take);
        assertThat(other.statusCode()).isEqualTo(422);
        assertThat(other.body()).contains("60 frames a second and the output at 50");
        APP.send(APP.json("/api/graphics/" + made.get("id").asLong()).DELETE());
    }

    @Test
    void after_a_restart_the_same_stands_at_the_same_frames() {
        String database = Application.newDatabase("glimble_air_it");
        Application first = new Application(database);
        take(first, filling(first, "Flyer bar", "name", "Wu"));
        take(first, filling(first, "Wind strap", "tag", "NEXT", "message", "Night kites"));
        JsonNode board =
                take(first, filling(first, "Heat board", "headline", "Heat 4", "name 1", "Wu", "name 2", "Li"));
        done(first, act("STEP", board.get("event").asLong()).put("berth", "board"));
        // A palette of another colour later on is not that of what stands.
        ObjectNode set = filling(first, "Flyer bar", "name", "Oona");
        set.putObject("dials").put("accent", "apricot").put("name size", "62");
        JsonNode before = take(first, set);
        String reel = first.get(
                        "/api/outputs/reels/" + last(before, "bar").get("reel").asString())
                .body();
        ObjectNode house = (ObjectNode) body(first.get("/api/house"));
        ((ObjectNode) house.at("/palette/0")).put("colour", "#FF0000");
        assertThat(first.put("/api/house", house.toString()).statusCode()).isEqualTo(200);
        first.stop();
        Application second = new Application(database);
        try {
            JsonNode after = state(second);
            assertThat(after.get("event")).isEqualTo(before.get("event"));
            for (String name : new String[] {"bar", "strap", "board"}) {
                assertThat(last(after, name).get("from"))
                        .isEqualTo(last(before, name).get("from"));
                assertThat(last(after, name).get("nexts"))
                        .isEqualTo(last(before, name).get("nexts"));
            }
            String again = second.get("/api/outputs/reels/"
                            + last(after, "bar").get("reel").asString())
                    .body();
            assertThat(Application.JSON.readTree(again)).isEqualTo(Application.JSON.readTree(reel));
        } finally {
            second.stop();
        }
    }
}
