package glimble.standins;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.StringWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Results of a made-up heat, as JSON and CSV over HTTP. Runs come by themselves while it plays, or by hand; and it can be late, send what
 * cannot be read, or be gone, as real ones are.
 */
final class ResultsFeed {
    /** ms from one run to the next while it plays. */
    private static final long RUN = 8_000;
    /** ms that it is late by. */
    private static final long LATE = 5_000;

    private static final JsonMapper JSON = new JsonMapper();

    private enum Fault {
        NONE,
        LATE,
        MALFORMED,
        GONE
    }

    private int runs;
    private Fault fault = Fault.NONE;
    private boolean plays;
    private long since;

    void serve(HttpServer server) {
        server.createContext("/feed/", this::page);
        server.createContext("/heat.json", exchange -> results(exchange, "application/json"));
        server.createContext("/heat.csv", exchange -> results(exchange, "text/csv"));
    }

    private void page(HttpExchange exchange) throws IOException {
        String asked = Answers.after(exchange, "/feed/");
        if (exchange.getRequestMethod().equals("POST")) {
            if (Answers.isForeign(exchange)) Answers.send(exchange, 403, "text/plain", "Only from its own page.");
            else if (press(asked)) Answers.send(exchange, 200, "application/json", state());
            else Answers.send(exchange, 404, "text/plain", "There is no such button.");
        } else if (asked.equals("state")) Answers.send(exchange, 200, "application/json", state());
        else if (asked.isEmpty()) Answers.page(exchange, "feed.html");
        else Answers.send(exchange, 404, "text/plain", "There is nothing here.");
    }

    private synchronized boolean press(String button) {
        int flown = flown();
        switch (button) {
            case "next" -> runs = Math.min(Heat.ROUNDS, flown + 1);
            case "restart" -> runs = 0;
            case "play", "stop" -> {
                runs = flown;
                plays = button.equals("play");
            }
            case "none", "late", "malformed", "gone" -> {
                fault = Fault.valueOf(button.toUpperCase(Locale.ROOT));
                return true;
            }
            default -> {
                return false;
            }
        }
        since = System.currentTimeMillis();
        return true;
    }

    private synchronized int flown() {
        long more = plays ? (System.currentTimeMillis() - since) / RUN : 0;
        return (int) Math.min(Heat.ROUNDS, runs + more);
    }

    private synchronized String state() {
        Map<String, Object> state = new LinkedHashMap<>();
        state.put("heat", Heat.NAME);
        state.put("runs", flown());
        state.put("of", Heat.ROUNDS);
        state.put("plays", plays);
        state.put("fault", fault.name().toLowerCase(Locale.ROOT));
        state.put("rows", Heat.after(flown()));
        return JSON.writeValueAsString(state);
    }

    private void results(HttpExchange exchange, String type) throws IOException {
        Fault now;
        synchronized (this) {
            now = fault;
        }
        if (now == Fault.GONE) {
            exchange.close();
            return;
        }
        if (now == Fault.LATE) sleep();
        List<Heat.Row> rows = Heat.after(flown());
        String text = type.equals("text/csv") ? csv(rows) : json(rows);
        Answers.send(exchange, 200, type, now == Fault.MALFORMED ? text.substring(0, text.length() * 2 / 3) : text);
    }

    private static void sleep() {
        try {
            Thread.sleep(LATE);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static String json(List<Heat.Row> rows) {
        List<Map<String, Object>> all = rows.stream().map(ResultsFeed::row).toList();
        return JSON.writeValueAsString(Map.of("rows", all));
    }

    private static Map<String, Object> row(Heat.Row row) {
        Map<String, Object> cells = new LinkedHashMap<>();
        cells.put("headline", Heat.NAME);
        cells.put("place", row.place());
        cells.put("name", row.name());
        cells.put("score", row.score());
        return cells;
    }

    private static String csv(List<Heat.Row> rows) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord("headline", "place", "name", "score");
            for (Heat.Row row : rows) printer.printRecord(row(row).values());
        }
        return text.toString();
    }
}
