package glimble.standins;

import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;

/** Answers of a small server. */
final class Answers {
    private Answers() {}

    static void send(HttpExchange exchange, int status, String type, String text) throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", type + "; charset=utf-8");
        exchange.getResponseHeaders().set("Cache-Control", "no-store");
        exchange.sendResponseHeaders(status, bytes.length == 0 ? -1 : bytes.length);
        exchange.getResponseBody().write(bytes);
        exchange.close();
    }

    /** A page that ships with it. */
    static void page(HttpExchange exchange, String name) throws IOException {
        try (InputStream stream = Answers.class.getResourceAsStream("/glimble/standins/" + name)) {
            send(exchange, 200, "text/html", new String(stream.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    /** What comes after a path: {@code next} of {@code /feed/next}. */
    static String after(HttpExchange exchange, String path) {
        String asked = exchange.getRequestURI().getPath();
        return asked.length() > path.length() ? asked.substring(path.length()) : "";
    }

    /** Only this server's own pages may press a button. */
    static boolean isForeign(HttpExchange exchange) {
        String origin = exchange.getRequestHeaders().getFirst("Origin");
        return origin != null
                && !origin.equals("http://" + exchange.getRequestHeaders().getFirst("Host"));
    }
}
