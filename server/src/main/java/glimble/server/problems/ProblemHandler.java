package glimble.server.problems;

import glimble.document.Problem;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Every error as problem details (RFC 9457): what is wrong, where, and what to do. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);
    private static final String RETRY_SECONDS = "2";

    private final JsonMapper json;

    ProblemHandler(JsonMapper json) {
        this.json = json;
    }

    /** A problem of a document, as it is sent. */
    record ProblemAnswer(String path, String sentence) {}

    private static ProblemDetail problem(HttpStatus status, String title, String sentence) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
        problem.setTitle(title);
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notThere(NotThere e) {
        return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail refused(Refused e) {
        List<Problem> problems = e.problems();
        String more = problems.size() > 1 ? " And " + (problems.size() - 1) + " more." : "";
        ProblemDetail problem =
                problem(HttpStatus.UNPROCESSABLE_CONTENT, "Cannot be taken", problems.get(0) + "." + more);
        problem.setProperty(
                "problems",
                problems.stream()
                        .map(p -> new ProblemAnswer(p.path(), p.sentence()))
                        .toList());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail staleHouse(StaleHouse e) {
        return problem(HttpStatus.CONFLICT, "Saved by somebody else", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail stale(Stale e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, "Saved by somebody else", e.getMessage());
        problem.setProperty(
                "current",
                Map.of(
                        "id", e.current().id(),
                        "revision", e.current().revision(),
                        "savedAt", e.current().savedAt(),
                        "document", json.readTree(e.current().document())));
        return problem;
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Optional<TooLarge> tooLarge = cause(e, TooLarge.class, any -> true);
        if (tooLarge.isPresent()) {
            return sent(problem(
                    HttpStatus.CONTENT_TOO_LARGE, "Too large", tooLarge.get().getMessage()));
        }
        String sentence = cause(e, JacksonException.class, any -> true)
                .map(jackson ->
                        "The request is not the JSON that is expected here: " + plain(jackson.getOriginalMessage()))
                .orElse("The request has no body that can be read.");
        return sent(problem(HttpStatus.BAD_REQUEST, "Cannot be read", sentence));
    }

    /** Without the library's advice to its programmers. */
    private static String plain(String message) {
        int advice = message.indexOf(" (set ");
        return advice < 0 ? message : message.substring(0, advice);
    }

    private static ResponseEntity<Object> sent(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    /** Anything else: the database is away, or the fault is ours. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unexpected(Exception e) {
        if (cause(e, SQLException.class, ProblemHandler::isLostConnection).isPresent()) {
            LOG.warn("The database does not answer: {}", e.getMessage());
            ProblemDetail problem = problem(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Database away",
                    "The database does not answer. Nothing was changed; try again in a moment.");
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                    .header(HttpHeaders.RETRY_AFTER, RETRY_SECONDS)
                    .body(problem);
        }
        LOG.error("Unexpected", e);
        return ResponseEntity.internalServerError()
                .body(problem(
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        "Our fault",
                        "Something went wrong on the server. Nothing was changed."));
    }

    /** Connection errors by class or by SQLSTATE class 08. */
    private static boolean isLostConnection(SQLException e) {
        return e instanceof java.sql.SQLTransientConnectionException
                || e instanceof java.sql.SQLNonTransientConnectionException
                || (e.getSQLState() != null && e.getSQLState().startsWith("08"));
    }

    private static <T> Optional<T> cause(Throwable e, Class<T> type, Predicate<T> which) {
        return Stream.iterate(e, cause -> cause != null, Throwable::getCause)
                .limit(20)
                .filter(type::isInstance)
                .map(type::cast)
                .filter(which)
                .findFirst();
    }
}
