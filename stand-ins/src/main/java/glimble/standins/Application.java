package glimble.standins;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application, as anybody may ask it over its documented API. */
final class Application {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final String TOKEN = "XSRF-TOKEN";

    private final String address;
    private final String account;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(PATIENCE)
            .cookieHandler(cookies)
            .build();

    /** It did not do what it was asked to; the message says why, for people. */
    static final class Failed extends Exception {
        private static final long serialVersionUID = 1;

        Failed(String sentence) {
            super(sentence);
        }
    }

    /**
     * @param address like {@code http://127.0.0.1:8090}
     * @param account name and password of an operator with a colon between; empty where nobody has to sign in
     */
    Application(String address, String account) {
        this.address = address;
        this.account = account;
    }

    JsonNode get(String path) throws Failed {
        return asked(HttpRequest.newBuilder(URI.create(address + path)).GET(), true);
    }

    JsonNode post(String path, Map<String, ?> body) throws Failed {
        return asked(posting(path, body), true);
    }

    private HttpRequest.Builder posting(String path, Map<String, ?> body) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
    }

    private JsonNode asked(HttpRequest.Builder request, boolean again) throws Failed {
        HttpResponse<String> answer = sent(request);
        boolean refused = answer.statusCode() == 401 || answer.statusCode() == 403;
        if (refused && again && !account.isEmpty()) {
            signIn();
            return asked(request, false);
        }
        try {
            JsonNode tree = JSON.readTree(answer.body());
            if (answer.statusCode() < 300) return tree;
            throw new Failed(said(tree));
        } catch (JacksonException e) {
            throw new Failed("The application answers " + answer.statusCode() + ".");
        }
    }

    /** A problem as the application says it: what is wrong at each place, or else the whole. */
    private static String said(JsonNode problem) {
        for (JsonNode one : problem.path("problems")) {
            return one.path("path").asString("") + " " + one.path("sentence").asString("");
        }
        return problem.path("detail").asString("The application refuses it.");
    }

    private void signIn() throws Failed {
        sent(HttpRequest.newBuilder(URI.create(address + "/api/session")).GET());
        int colon = account.indexOf(':');
        Map<String, String> who = Map.of("name", account.substring(0, colon), "password", account.substring(colon + 1));
        HttpResponse<String> answer = sent(posting("/api/session", who));
        if (answer.statusCode() >= 300) throw new Failed("The account of the box is not let in.");
        sent(HttpRequest.newBuilder(URI.create(address + "/api/session")).GET());
    }

    private HttpResponse<String> sent(HttpRequest.Builder request) throws Failed {
        try {
            for (HttpCookie cookie : cookies.getCookieStore().getCookies()) {
                if (cookie.getName().equals(TOKEN)) request.setHeader("X-XSRF-TOKEN", cookie.getValue());
            }
            return client.send(request.timeout(PATIENCE).build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new Failed("The application at " + address + " does not answer.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Failed("Stopped.");
        }
    }
}
