package glimble.server;

import static glimble.server.Application.body;
import static glimble.server.Application.json;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.server.problems.SentFiles;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Who may do what once one has to sign in: every endpoint for every role. */
class RolesIT {
    private static final String PASSWORD = "made up for this";
    private static Application app;
    private static Visitor animator;

    /** Somebody with cookies of their own, and the token that goes with them. */
    private static final class Visitor {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient client =
                HttpClient.newBuilder().cookieHandler(cookies).build();

        HttpResponse<String> send(String method, String path, String body) throws Exception {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(app.address() + path))
                    .header(
                            "Content-Type",
                            SentFiles.areTakenAt(path.replaceFirst("\\?.*", ""))
                                    ? "application/octet-stream"
                                    : "application/json")
                    .method(method, BodyPublishers.ofString(body));
            for (HttpCookie cookie : cookies.getCookieStore().getCookies()) {
                if (cookie.getName().equals("XSRF-TOKEN")) request.header("X-XSRF-TOKEN", cookie.getValue());
            }
            return client.send(request.build(), BodyHandlers.ofString());
        }

        String token() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .orElse("");
        }

        Visitor signIn(String name, String password) throws Exception {
            send("GET", "/api/session", "");
            HttpResponse<String> answer = signedIn(name, password);
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
            // The token is another one by now.
            send("GET", "/api/session", "");
            return this;
        }

        HttpResponse<String> signedIn(String name, String password) throws Exception {
            HttpResponse<String> answer = send("POST", "/api/session", signInAs(name, password));
            // Other tests tried wrong passwords from this address.
            while (answer.statusCode() == 429) {
                Thread.sleep(1_000);
                answer = send("POST", "/api/session", signInAs(name, password));
            }
            return answer;
        }
    }

    private static String signInAs(String name, String password) {
        return json().put("name", name).put("password", password).toString();
    }

    @BeforeAll
    static void start() throws Exception {
        var out = System.out;
        var said = new java.io.ByteArrayOutputStream();
        System.setOut(new java.io.PrintStream(said, true));
        try {
            app = new Application(Application.newDatabase("glimble_roles_it"), "--glimble.sign-in=true");
        } finally {
            System.setOut(out);
        }
        String line = said.toString()
                .lines()
                .filter(one -> one.contains("sign in as animator"))
                .findFirst()
                .orElseThrow();
        String first = line.replaceAll(".*with (\\S+) .*", "$1");
        animator = new Visitor().signIn("animator", first);
        for (String role : List.of("VIEWER", "OPERATOR")) account(role.toLowerCase(), role);
    }

    @AfterAll
    static void stop() {
        app.stop();
    }

    private static void account(String name, String role) throws Exception {
        assertThat(animator.send("POST", "/api/accounts", newAccount(name, role))
                        .statusCode())
                .isEqualTo(201);
    }

    private record Operation(String method, String path) {
        boolean isGet() {
            return method.equals("GET");
        }
    }

    private static List<Operation> operations() throws Exception {
        JsonNode api = body(animator.send("GET", "/api/openapi.json", ""));
        List<Operation> all = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : api.get("paths").properties()) {
            for (String method : path.getValue().propertyNames()) {
                // What tells on and on has no end.
                if (path.getKey().endsWith("/events")) continue;
                all.add(new Operation(method.toUpperCase(), path.getKey().replaceAll("\\{[a-z]+}", "999")));
            }
        }
        assertThat(all).hasSizeGreaterThan(50);
        return all;
    }

    private static final List<String> OPERATED = List.of(
            "/api/sheets",
            "/api/outputs/999/acts",
            "/api/outputs/999/ahead",
            "/api/people",
            "/api/words",
            "/api/handovers");
    private static final List<String> WORKED_OUT = List.of(
            "/api/reels",
            "/api/changes",
            "/api/spare",
            "/api/cases",
            "/api/mends",
            "/api/edits",
            "/api/fillings/",
            "/api/tables",
            "/api/spelling");

    private static boolean isWorkedOut(Operation of) {
        return of.method().equals("POST") && WORKED_OUT.stream().anyMatch(of.path()::startsWith);
    }

    private static boolean isOfAnimators(Operation of) {
        return of.path().startsWith("/api/accounts") || of.path().endsWith("/key");
    }

    private static boolean isOperated(Operation of) {
        return OPERATED.stream().anyMatch(of.path()::startsWith);
    }

    private static void assertMay(Visitor who, Predicate<Operation> may) throws Exception {
        for (Operation of : operations()) {
            if (of.path().startsWith("/api/session")) continue;
            int status =
                    who.send(of.method(), of.path(), of.isGet() ? "" : "{}").statusCode();
            if (may.test(of)) assertThat(status).as("may " + of).isNotIn(401, 403);
            else assertThat(status).as("may not " + of).isEqualTo(403);
        }
    }

    @Test
    void a_viewer_looks_and_alters_nothing() throws Exception {
        Visitor viewer = new Visitor().signIn("viewer", PASSWORD);
        assertMay(viewer, of -> !isOfAnimators(of) && (of.isGet() || isWorkedOut(of)));
    }

    @Test
    void an_operator_fills_and_takes_but_alters_no_design_no_house_and_no_account() throws Exception {
        Visitor operator = new Visitor().signIn("operator", PASSWORD);
        assertMay(operator, of -> !isOfAnimators(of) && (of.isGet() || isWorkedOut(of) || isOperated(of)));
        JsonNode graphic = body(operator.send("GET", "/api/graphics/1", ""));
        String save = Application.save(1, graphic.get("document"));
        HttpResponse<String> refused = operator.send("PUT", "/api/graphics/1", save);
        assertThat(refused.statusCode()).isEqualTo(403);
        assertThat(body(refused).get("detail").asString()).contains("ask an animator");
        ObjectNode act = json().put("actId", "of-the-operator")
                .put("kind", "TAKE")
                .put("after", 0)
                .put("notAfter", System.currentTimeMillis() + 20_000)
                .put("person", "Somebody else");
        act.putObject("filling")
                .put("graphic", 1)
                .put("revision", 1)
                .putObject("values")
                .put("name", "Wu");
        assertThat(operator.send("POST", "/api/outputs/1/acts", act.toString()).statusCode())
                .isEqualTo(200);
        JsonNode log = body(operator.send("GET", "/api/outputs/1/log", ""));
        assertThat(log.at("/0/person").asString()).isEqualTo("operator");
    }

    @Test
    void an_animator_may_do_everything() throws Exception {
        assertMay(animator, of -> true);
    }

    @Test
    void whoever_has_not_signed_in_sees_nothing_of_anybody_s_work() throws Exception {
        Visitor stranger = new Visitor();
        stranger.send("GET", "/api/session", "");
        for (Operation of : operations()) {
            int status = stranger.send(of.method(), of.path(), of.isGet() ? "" : "{}")
                    .statusCode();
            // Ids of reels are made at random.
            boolean shown = of.isGet() && of.path().matches("/api/(session|outputs/time|outputs/reels/999)");
            boolean session = of.path().equals("/api/session");
            if (shown || session) assertThat(status).as("may " + of).isNotEqualTo(403);
            else assertThat(status).as("may not " + of).isIn(401, 403);
        }
        assertThat(stranger.send("GET", "/api/graphics", "").statusCode()).isEqualTo(401);
        assertThat(stranger.send("GET", "/output.html", "").statusCode()).isEqualTo(200);
    }

    @Test
    void without_the_token_of_the_page_nothing_is_done() throws Exception {
        Visitor operator = new Visitor().signIn("operator", PASSWORD);
        HttpRequest request = HttpRequest.newBuilder(URI.create(app.address() + "/api/sheets"))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(json().put("name", "Forged").toString()))
                .build();
        assertThat(operator.client.send(request, BodyHandlers.ofString()).statusCode())
                .isEqualTo(403);
        assertThat(operator.send("GET", "/api/sheets", "").body()).doesNotContain("Forged");
    }

    @Test
    void after_five_wrong_passwords_each_further_one_has_to_wait_and_another_password_ends_that() throws Exception {
        account("forgetful", "OPERATOR");
        Visitor visitor = new Visitor();
        visitor.send("GET", "/api/session", "");
        for (String name : List.of("forgetful", "nobody at all")) {
            for (int i = 0; i < 5; i++) {
                HttpResponse<String> wrong = visitor.send("POST", "/api/session", signInAs(name, "not this one"));
                assertThat(wrong.statusCode()).isEqualTo(401);
                assertThat(wrong.body()).contains("name or the password is wrong");
            }
            // Nobody learns which accounts there are.
            HttpResponse<String> waits = visitor.send("POST", "/api/session", signInAs(name, PASSWORD));
            assertThat(waits.statusCode()).isEqualTo(429);
            assertThat(waits.body()).contains("Too many wrong passwords: wait");
            assertThat(waits.headers().firstValue("Retry-After")).isPresent();
        }
        String other = json().put("password", "another one for this").toString();
        assertThat(animator.send("PUT", "/api/accounts/forgetful", other).statusCode())
                .isEqualTo(204);
        visitor.signIn("forgetful", "another one for this");
        assertThat(visitor.send("DELETE", "/api/session", "").statusCode()).isEqualTo(204);
        assertThat(visitor.send("GET", "/api/graphics", "").statusCode()).isEqualTo(401);
    }

    @Test
    void forty_wrong_passwords_at_once_are_five() throws Exception {
        account("besieged", "OPERATOR");
        Visitor visitor = new Visitor();
        visitor.send("GET", "/api/session", "");
        List<Integer> answers;
        ExecutorService forty = Executors.newFixedThreadPool(40);
        try {
            Callable<Integer> one = () -> visitor.send("POST", "/api/session", signInAs("besieged", "not this one"))
                    .statusCode();
            answers = new ArrayList<>();
            for (Future<Integer> answer : forty.invokeAll(Collections.nCopies(40, one))) answers.add(answer.get());
        } finally {
            forty.shutdownNow();
        }
        assertThat(answers).containsOnly(401, 429);
        // However slow this machine is, waits are over only once some time has passed.
        assertThat(answers.stream().filter(status -> status == 401).count()).isBetween(5L, 12L);
    }

    @Test
    void names_are_the_same_however_they_are_typed() throws Exception {
        account("Øystein Ｗu", "VIEWER");
        JsonNode all = body(animator.send("GET", "/api/accounts", ""));
        assertThat(all.toString()).contains("\"Øystein Wu\"");
        for (String typed : List.of("øystein wu", " ØYSTEIN WU ", "Øystein Ｗu")) {
            assertThat(asked(new Visitor().signIn(typed, PASSWORD))).isEqualTo(200);
            HttpResponse<String> again = animator.send("POST", "/api/accounts", newAccount(typed, "VIEWER"));
            assertThat(again.body()).contains("$.name", "that of another account");
        }
        // What only looks alike is another one.
        account("Oystein Wu", "VIEWER");
        for (String none : List.of(".", "..", "a\u0007b", "a\u202Eb", "a/b", "", "   ", "x".repeat(61))) {
            HttpResponse<String> refused = animator.send("POST", "/api/accounts", newAccount(none, "VIEWER"));
            assertThat(refused.statusCode()).as(none).isEqualTo(422);
            assertThat(refused.body()).contains("$.name");
            Visitor visitor = new Visitor();
            visitor.send("GET", "/api/session", "");
            assertThat(visitor.send("POST", "/api/session", signInAs(none, PASSWORD))
                            .statusCode())
                    .isIn(401, 429);
        }
    }

    private static String newAccount(String name, String role) {
        return json().put("name", name)
                .put("password", PASSWORD)
                .put("role", role)
                .toString();
    }

    @Test
    void signing_in_brings_another_token_and_cookies_go_to_no_other_site() throws Exception {
        account("Tokens", "VIEWER");
        Visitor visitor = new Visitor();
        visitor.send("GET", "/api/session", "");
        String before = visitor.token();
        HttpResponse<String> answer = visitor.signedIn("Tokens", PASSWORD);
        HttpResponse<String> next = visitor.send("GET", "/api/session", "");
        assertThat(visitor.token()).isNotBlank().isNotEqualTo(before);
        List<String> cookies = new ArrayList<>(answer.headers().allValues("Set-Cookie"));
        cookies.addAll(next.headers().allValues("Set-Cookie"));
        assertThat(cookies).anyMatch(cookie -> cookie.startsWith("JSESSIONID"));
        assertThat(cookies).anyMatch(cookie -> cookie.startsWith("XSRF-TOKEN"));
        assertThat(cookies).allMatch(cookie -> cookie.contains("SameSite=Strict") && !cookie.contains("Secure"));
    }

    @Test
    void behind_tls_cookies_go_over_tls_alone() throws Exception {
        Application behind = new Application(
                Application.newDatabase("glimble_tls_it"),
                "--glimble.sign-in=true",
                "--server.forward-headers-strategy=native");
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(behind.address() + "/api/session"))
                    .header("X-Forwarded-Proto", "https")
                    .build();
            HttpResponse<String> answer = HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
            assertThat(answer.headers().allValues("Set-Cookie"))
                    .isNotEmpty()
                    .allMatch(cookie -> cookie.contains("SameSite=Strict") && cookie.contains("Secure"));
        } finally {
            behind.stop();
        }
    }

    /** Ends with what it is told last. */
    private static CompletableFuture<List<String>> listens(Visitor who, String path) throws Exception {
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(app.address() + path)).build();
        HttpResponse<Stream<String>> answer = who.client.send(request, BodyHandlers.ofLines());
        assertThat(answer.statusCode()).isEqualTo(200);
        CountDownLatch hears = new CountDownLatch(1);
        CompletableFuture<List<String>> all = CompletableFuture.supplyAsync(
                () -> answer.body().peek(line -> hears.countDown()).toList(), work -> new Thread(work).start());
        assertThat(hears.await(60, TimeUnit.SECONDS)).isTrue();
        return all;
    }

    @Test
    void what_is_told_on_and_on_ends_at_once_with_what_the_account_may_do() throws Exception {
        account("Listener", "OPERATOR");
        Visitor listener = new Visitor().signIn("Listener", PASSWORD);
        var air = listens(listener, "/api/outputs/1/events");
        var house = listens(listener, "/api/house/events");
        var other = listens(animator, "/api/outputs/1/events");
        animator.send(
                "PUT", "/api/accounts/Listener", json().put("role", "VIEWER").toString());
        air.get(60, TimeUnit.SECONDS);
        house.get(60, TimeUnit.SECONDS);
        Visitor again = new Visitor().signIn("Listener", PASSWORD);
        air = listens(again, "/api/outputs/1/events");
        again.send("DELETE", "/api/session", "");
        air.get(60, TimeUnit.SECONDS);
        assertThat(other.isDone()).isFalse();
    }

    @Test
    void the_page_of_an_output_has_a_key_for_what_is_on_air_alone() throws Exception {
        String key =
                body(animator.send("POST", "/api/outputs/1/key", "")).get("key").asString();
        Visitor page = new Visitor();
        String with = "?key=" + key;
        ObjectNode ahead = json().put("graphic", 1).put("revision", 1);
        ahead.putObject("values").put("name", "Not to be seen yet");
        assertThat(body(animator.send("POST", "/api/outputs/1/ahead", ahead.toString()))
                        .at("/state/ahead"))
                .isNotEmpty();
        JsonNode state = body(page.send("GET", "/api/outputs/1" + with, ""));
        assertThat(state.get("ahead")).isEmpty();
        assertThat(body(animator.send("GET", "/api/outputs/1", "")).get("ahead"))
                .isNotEmpty();
        assertThat(page.send("GET", "/api/fonts" + with, "").statusCode()).isEqualTo(200);
        // Another output, another key, and what is not on air: none of it.
        for (String path : List.of(
                "/api/outputs/2" + with,
                "/api/outputs/2/events" + with,
                "/api/outputs/1?key=x" + key,
                "/api/outputs/1",
                "/api/outputs" + with,
                "/api/outputs/1/log" + with,
                "/api/outputs/1/key" + with,
                "/api/pictures/crest-north/content" + with,
                "/api/graphics" + with)) {
            assertThat(page.send("GET", path, "").statusCode()).as(path).isEqualTo(401);
        }
        var told = listens(page, "/api/outputs/1/events" + with);
        assertThat(animator.send("DELETE", "/api/outputs/1/key", "").statusCode())
                .isEqualTo(204);
        List<String> lines = told.get(60, TimeUnit.SECONDS);
        assertThat(lines).anyMatch(line -> line.contains("\"ahead\":[]"));
        assertThat(page.send("GET", "/api/outputs/1" + with, "").statusCode()).isEqualTo(401);
    }

    @Test
    void there_is_always_somebody_left_who_can_give_roles() throws Exception {
        HttpResponse<String> refused = animator.send("DELETE", "/api/accounts/animator", "");
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("last animator");
        String viewer = json().put("role", "VIEWER").toString();
        assertThat(animator.send("PUT", "/api/accounts/animator", viewer).statusCode())
                .isEqualTo(422);
        assertThat(animator.send(
                                "POST",
                                "/api/accounts",
                                json().put("name", "x")
                                        .put("password", "short")
                                        .put("role", "VIEWER")
                                        .toString())
                        .body())
                .contains("$.password", "at least 10");
        // A hash takes 72 bytes, which are fewer letters of most scripts.
        for (String tooLong : List.of("x".repeat(73), "ш".repeat(37), "漢".repeat(25))) {
            HttpResponse<String> said = animator.send(
                    "POST",
                    "/api/accounts",
                    json().put("name", "x")
                            .put("password", tooLong)
                            .put("role", "VIEWER")
                            .toString());
            assertThat(said.statusCode()).isEqualTo(422);
            assertThat(said.body()).contains("$.password", "at most 72");
        }
    }

    private static int asked(Visitor visitor) throws Exception {
        return visitor.send("GET", "/api/graphics", "").statusCode();
    }

    @Test
    void a_session_ends_with_its_next_request_once_its_account_is_another_one() throws Exception {
        account("Leaver", "OPERATOR");
        Visitor removed = new Visitor().signIn("Leaver", PASSWORD);
        assertThat(asked(removed)).isEqualTo(200);
        animator.send("DELETE", "/api/accounts/Leaver", "");
        assertThat(asked(removed)).isEqualTo(401);
        assertThat(removed.send("GET", "/api/session", "").body()).doesNotContain("Leaver");

        account("Demoted", "OPERATOR");
        Visitor demoted = new Visitor().signIn("Demoted", PASSWORD);
        animator.send(
                "PUT", "/api/accounts/Demoted", json().put("role", "VIEWER").toString());
        assertThat(asked(demoted)).isEqualTo(401);
        assertThat(asked(new Visitor().signIn("Demoted", PASSWORD))).isEqualTo(200);

        account("Changed", "OPERATOR");
        Visitor changed = new Visitor().signIn("Changed", PASSWORD);
        animator.send(
                "PUT",
                "/api/accounts/Changed",
                json().put("password", "another one of ten").toString());
        assertThat(asked(changed)).isEqualTo(401);
    }

    @Test
    void ones_own_password_is_changed_with_the_old_one_and_ends_the_other_sessions() throws Exception {
        account("Own", "VIEWER");
        Visitor here = new Visitor().signIn("Own", PASSWORD);
        Visitor elsewhere = new Visitor().signIn("Own", PASSWORD);
        for (String old : new String[] {null, "", "not the one"}) {
            String change =
                    json().put("old", old).put("password", "another one of ten").toString();
            HttpResponse<String> refused = here.send("PUT", "/api/session/password", change);
            assertThat(refused.statusCode()).isEqualTo(422);
            assertThat(refused.body()).contains("$.old");
        }
        assertThat(asked(elsewhere)).isEqualTo(200);
        String change = json().put("old", PASSWORD)
                .put("password", "another one of ten")
                .toString();
        assertThat(here.send("PUT", "/api/session/password", change).statusCode())
                .isEqualTo(204);
        assertThat(asked(here)).isEqualTo(200);
        assertThat(asked(elsewhere)).isEqualTo(401);
        assertThat(asked(new Visitor().signIn("Own", "another one of ten"))).isEqualTo(200);
    }
}
