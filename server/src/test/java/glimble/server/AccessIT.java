package glimble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Who may ask, and what browsers are told about the answers. */
class AccessIT {
    private static final Application APP = Application.shared();
    private static final URI HERE = URI.create(APP.address());

    /** The status line and headers of a request as it stands, sent without a client that mends it. */
    private static String raw(String request) throws IOException {
        try (Socket socket = new Socket(HERE.getHost(), HERE.getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.ISO_8859_1);
        }
    }

    private static int status(String answer) {
        return Integer.parseInt(answer.split(" ")[1]);
    }

    private static String get(String path, String... headers) throws IOException {
        return raw("GET " + path + " HTTP/1.1\r\nConnection: close\r\n" + String.join("\r\n", headers) + "\r\n\r\n");
    }

    @ParameterizedTest
    @CsvSource({
        "localhost:1,200", "127.0.0.1:1,200", "[::1]:1,200", "LOCALHOST,200",
        "elsewhere.example,400", "localhost.elsewhere.example,400", "127.0.0.2,400", "10.0.0.1:80,400"
    })
    void it_answers_only_to_its_own_names(String host, int status) throws IOException {
        assertThat(status(get("/api/house", "Host: " + host))).isEqualTo(status);
        assertThat(status(get("/", "Host: " + host))).isEqualTo(status);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"http://elsewhere.example", "null", "http://localhost:1", "https://127.0.0.1", "file://", "x"})
    void a_page_from_elsewhere_is_refused_whatever_it_asks(String origin) {
        for (String method : new String[] {"GET", "POST", "PUT", "DELETE"}) {
            HttpResponse<String> answer = APP.send(APP.json("/api/graphics/1/restored")
                    .header("Origin", origin)
                    .method(method, BodyPublishers.noBody()));
            assertThat(answer.statusCode()).as("%s from %s", method, origin).isEqualTo(403);
            assertThat(Application.body(answer).get("detail").asString()).contains("did not serve");
        }
    }

    @Test
    void its_own_pages_may_ask() {
        for (String name : new String[] {"localhost", "127.0.0.1"}) {
            var request = HttpRequest.newBuilder(URI.create("http://" + name + ":" + HERE.getPort() + "/api/house"))
                    .header("Origin", "http://" + name + ":" + HERE.getPort());
            assertThat(APP.send(request).statusCode()).isEqualTo(200);
        }
    }

    @Test
    void what_another_site_embeds_is_refused_and_a_link_to_the_application_is_not() throws IOException {
        String host = "Host: " + HERE.getAuthority();
        String site = "Sec-Fetch-Site: cross-site";
        assertThat(status(get("/api/graphics", host, site, "Sec-Fetch-Mode: no-cors", "Sec-Fetch-Dest: image")))
                .isEqualTo(403);
        assertThat(status(get("/", host, site, "Sec-Fetch-Mode: navigate", "Sec-Fetch-Dest: document")))
                .isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "text/plain",
                "*/*",
                "application/x-www-form-urlencoded",
                "multipart/form-data; boundary=x",
                "application/yaml",
                "application/json-patch+json",
                "application/octet-stream",
                "x"
            })
    void a_body_of_another_type_is_not_read(String type) {
        var request = HttpRequest.newBuilder(URI.create(APP.address() + "/api/edits"))
                .POST(BodyPublishers.ofString("{\"document\":{}}"));
        if (!type.isEmpty()) request.header("Content-Type", type);
        HttpResponse<String> answer = APP.send(request);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(415);
        assertThat(Application.body(answer).get("detail").asString()).contains("application/json");
    }

    @Test
    void yaml_is_not_spoken() {
        for (String path : new String[] {"/api/house", "/api/graphics/999999"}) {
            HttpResponse<String> answer = APP.send(APP.json(path).header("Accept", "application/yaml"));
            assertThat(answer.headers().firstValue("Content-Type").orElse("")).contains("json");
            assertThat(Application.body(answer).isObject()).isTrue();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/api/house", "/api/graphics/999999", "/nothing/here", "/api/openapi.json"})
    void every_answer_says_what_browsers_may_do_with_it(String path) {
        HttpResponse<String> answer = APP.get(path);
        var headers = answer.headers();
        assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'self'", "script-src 'self';", "frame-ancestors 'none'", "object-src 'none'");
        assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(headers.firstValue("Referrer-Policy")).contains("no-referrer");
        assertThat(headers.firstValue("Permissions-Policy").orElse("")).contains("camera=()");
        assertThat(headers.firstValue("X-Frame-Options")).contains("DENY");
    }

    @Test
    void refusals_say_it_too() throws IOException {
        String answer = get("/api/house", "Host: " + HERE.getAuthority(), "Origin: http://elsewhere.example");
        assertThat(answer).contains("403", "Content-Security-Policy", "X-Content-Type-Options", "problem+json");
    }
}
