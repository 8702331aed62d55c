package glimble.server.problems;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Problem details for what is refused before any controller is asked, written as those of controllers are. */
public final class ProblemAnswer {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private ProblemAnswer() {}

    public static void write(HttpServletResponse response, HttpStatus status, String title, String sentence)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        String problem = JSON.createObjectNode()
                .put("status", status.value())
                .put("title", title)
                .put("detail", sentence)
                .toString();
        response.getOutputStream().write(problem.getBytes(StandardCharsets.UTF_8));
        // Sent before the rest of the request is waited for.
        response.flushBuffer();
    }
}
