package glimble.standins;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A box with four buttons, as a panel of hardware would be: take the cue that is next, go on by a step, take out, and skip a cue. It goes
 * through the first cue sheet there is, from its first cue on.
 */
final class TriggerBox {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int OUTPUT = 1;

    private final Application application;
    /** Of the sheet whose cues were read last. */
    private long sheet;

    private int next;
    private String said = "";

    TriggerBox(Application application) {
        this.application = application;
    }

    void serve(HttpServer server) {
        server.createContext("/box/", this::page);
    }

    private void page(HttpExchange exchange) throws IOException {
        String asked = Answers.after(exchange, "/box/");
        if (exchange.getRequestMethod().equals("POST")) {
            if (Answers.isForeign(exchange)) Answers.send(exchange, 403, "text/plain", "Only from its own page.");
            else Answers.send(exchange, 200, "application/json", pressed(asked));
        } else if (asked.equals("state")) Answers.send(exchange, 200, "application/json", state());
        else if (asked.isEmpty()) Answers.page(exchange, "box.html");
        else Answers.send(exchange, 404, "text/plain", "There is nothing here.");
    }

    private synchronized String pressed(String button) {
        try {
            said = press(button);
        } catch (Application.Failed e) {
            said = e.getMessage();
        }
        return state();
    }

    private String press(String button) throws Application.Failed {
        JsonNode cues = cues();
        switch (button) {
            case "take" -> {
                if (next >= cues.size()) return "There is no cue left.";
                JsonNode cue = cues.get(next);
                act("TAKE", null, filling(cue));
                next++;
                return "Cue " + cue.path("number").asString() + " was taken.";
            }
            case "step" -> {
                String berth = stepping();
                if (berth == null) return "Nothing waits at a step.";
                act("STEP", berth, null);
                return "Went on by a step.";
            }
            case "out" -> {
                act("OUT", null, null);
                return "All was taken out.";
            }
            case "skip" -> {
                next = next + 1 >= cues.size() ? 0 : next + 1;
                return "";
            }
            default -> {
                return "There is no such button.";
            }
        }
    }

    private JsonNode cues() throws Application.Failed {
        for (JsonNode one : application.get("/api/sheets")) {
            if (one.path("aside").asBoolean(false)) continue;
            sheet = one.path("id").asLong();
            return application.get("/api/sheets/" + sheet).path("sheet").path("cues");
        }
        throw new Application.Failed("There is no cue sheet.");
    }

    /** A cue may keep texts for which its graphic has no field; they do not go on air. */
    private Map<String, Object> filling(JsonNode cue) throws Application.Failed {
        Map<String, Object> filling = new LinkedHashMap<>();
        for (String member : List.of("graphic", "revision", "number")) filling.put(member, cue.get(member));
        JsonNode graphic = application
                .get("/api/graphics/" + cue.path("graphic") + "/revisions/" + cue.path("revision"))
                .path("document");
        filling.put("values", known(cue.path("values"), graphic.path("fields")));
        filling.put("dials", known(cue.path("dials"), graphic.path("dials")));
        filling.put("sheet", sheet);
        filling.put("cue", cue.get("id"));
        return filling;
    }

    private static Map<String, String> known(JsonNode texts, JsonNode of) {
        Map<String, String> known = new LinkedHashMap<>();
        for (JsonNode one : of) {
            String key = one.path("key").asString();
            if (texts.has(key)) known.put(key, texts.path(key).asString());
        }
        return known;
    }

    private JsonNode output() throws Application.Failed {
        return application.get("/api/outputs/" + OUTPUT);
    }

    private void act(String kind, String berth, Map<String, Object> filling) throws Application.Failed {
        Map<String, Object> act = new LinkedHashMap<>();
        act.put("actId", UUID.randomUUID().toString());
        act.put("kind", kind);
        JsonNode output = output();
        act.put("after", output.path("event").asLong());
        act.put("notAfter", output.path("now").asLong() + output.path("within").asLong());
        act.put("person", "trigger box");
        if (berth != null) act.put("berth", berth);
        if (filling != null) act.put("filling", filling);
        application.post("/api/outputs/" + OUTPUT + "/acts", act);
    }

    /** What was taken last among all that stands with a step still to come; null if nothing has one. */
    private String stepping() throws Application.Failed {
        String stepping = null;
        for (JsonNode berth : output().path("berths")) {
            JsonNode play = berth.path("plays").get(berth.path("plays").size() - 1);
            JsonNode reel =
                    application.get("/api/outputs/reels/" + play.path("reel").asString());
            boolean leaves = play.has("leaves") && !play.path("leaves").isNull();
            if (!leaves && reel.path("steps").size() > play.path("nexts").size()) {
                stepping = berth.path("berth").asString();
            }
        }
        return stepping;
    }

    private synchronized String state() {
        Map<String, Object> state = new LinkedHashMap<>();
        try {
            JsonNode cues = cues();
            state.put("next", next < cues.size() ? cues.get(next).path("number").asString() : "");
            state.put("texts", next < cues.size() ? texts(cues.get(next)) : "");
            state.put("stands", stands());
            state.put("said", said);
        } catch (Application.Failed e) {
            state.put("said", e.getMessage());
        }
        return JSON.writeValueAsString(state);
    }

    private static String texts(JsonNode cue) {
        List<String> texts = new ArrayList<>();
        for (JsonNode value : cue.path("values")) if (!value.asString("").isBlank()) texts.add(value.asString());
        return String.join(" · ", texts);
    }

    private List<String> stands() throws Application.Failed {
        List<String> stands = new ArrayList<>();
        for (JsonNode berth : output().path("berths")) {
            JsonNode play = berth.path("plays").get(berth.path("plays").size() - 1);
            String number = play.path("shows").path("number").asString("");
            stands.add(play.path("shows").path("name").asString() + (number.isEmpty() ? "" : ", cue " + number));
        }
        return stands;
    }
}
