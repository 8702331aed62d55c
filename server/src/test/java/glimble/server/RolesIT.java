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
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
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

        Visitor signIn(String name, String password) throws Exception {
            send("GET", "/api/session", "");
            HttpResponse<String> answer = send("POST", "/api/session", signInAs(name, password));
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
            // The token is another one by now.
            send("GET", "/api/session", "");
            return this;
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
        String account = json().put("name", name)
                .put("password", PASSWORD)
                .put("role", role)
                .toString();
        assertThat(animator.send("POST", "/api/accounts", account).statusCode()).isEqualTo(201);
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
        assertMay(viewer, of -> !of.path().startsWith("/api/accounts") && (of.isGet() || isWorkedOut(of)));
    }

    @Test
    void an_operator_fills_and_takes_but_alters_no_design_no_house_and_no_account() throws Exception {
        Visitor operator = new Visitor().signIn("operator", PASSWORD);
        assertMay(
                operator,
                of -> !of.path().startsWith("/api/accounts") && (of.isGet() || isWorkedOut(of) || isOperated(of)));
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
    void whoever_has_not_signed_in_sees_what_an_output_shows_and_nothing_else() throws Exception {
        Visitor stranger = new Visitor();
        stranger.send("GET", "/api/session", "");
        for (Operation of : operations()) {
            int status = stranger.send(of.method(), of.path(), of.isGet() ? "" : "{}")
                    .statusCode();
            boolean shown = of.isGet()
                    && (of.path()
                            .matches(
                                    "/api/(session|outputs|outputs/999|outputs/time|outputs/reels/999|fonts.*|pictures/999/content)"));
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
    void after_five_wrong_passwords_an_account_is_locked_and_an_animator_opens_it() throws Exception {
        account("forgetful", "OPERATOR");
        Visitor visitor = new Visitor();
        visitor.send("GET", "/api/session", "");
        for (int i = 0; i < 5; i++) {
            HttpResponse<String> wrong = visitor.send("POST", "/api/session", signInAs("forgetful", "not this one"));
            assertThat(wrong.statusCode()).isEqualTo(401);
            assertThat(wrong.body()).contains("name or the password is wrong");
        }
        HttpResponse<String> locked = visitor.send("POST", "/api/session", signInAs("forgetful", PASSWORD));
        assertThat(locked.statusCode()).isEqualTo(401);
        assertThat(locked.body()).contains("wait five minutes");
        // Nobody learns which accounts there are.
        assertThat(visitor.send("POST", "/api/session", signInAs("nobody", PASSWORD))
                        .body())
                .contains("name or the password is wrong");
        String other = json().put("password", "another one for this").toString();
        assertThat(animator.send("PUT", "/api/accounts/forgetful", other).statusCode())
                .isEqualTo(204);
        visitor.signIn("forgetful", "another one for this");
        assertThat(visitor.send("DELETE", "/api/session", "").statusCode()).isEqualTo(204);
        assertThat(visitor.send("GET", "/api/graphics", "").statusCode()).isEqualTo(401);
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
