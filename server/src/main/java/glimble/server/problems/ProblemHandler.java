package glimble.server.problems;

import glimble.budget.NotWanted;
import glimble.budget.TooLaborious;
import glimble.document.Problem;
import glimble.server.access.MustWait;
import glimble.server.air.LateAct;
import glimble.server.air.StaleAct;
import glimble.server.cues.StaleSheet;
import glimble.server.people.StalePeople;
import glimble.server.work.Busy;
import glimble.server.work.Deadlock;
import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
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
    record ProblemSent(String path, String sentence) {}

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
        String first = problems.get(0).toString();
        if (e.said().isPresent()) first = e.said().get();
        String detail = (first.endsWith(".") ? first : first + ".") + more;
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, "Cannot be taken", detail);
        problem.setProperty(
                "problems",
                problems.stream()
                        .map(p -> new ProblemSent(p.path(), p.sentence()))
                        .toList());
        return problem;
    }

    /** What was allowed beforehand and turned out to be more. */
    @ExceptionHandler
    ProblemDetail tooLaborious(TooLaborious e) {
        return refused(new Refused("$.document", e.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail badParameter(InvalidParameterException e) {
        return problem(
                HttpStatus.BAD_REQUEST, "Cannot be read", "What stands in the address is no UTF-8; encode it anew.");
    }

    /** Nobody reads what is answered here. */
    @ExceptionHandler
    ProblemDetail notWanted(NotWanted e) {
        return problem(HttpStatus.REQUEST_TIMEOUT, "Gone", e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(Busy e) {
        return away(problem(HttpStatus.SERVICE_UNAVAILABLE, "Busy", e.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail taken(DuplicateKeyException e) {
        return refused(new Refused("$.saveId", "is that of another save; make a new one"));
    }

    @ExceptionHandler
    ProblemDetail staleHouse(StaleHouse e) {
        return problem(HttpStatus.CONFLICT, "Saved by somebody else", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail stalePeople(StalePeople e) {
        return problem(HttpStatus.CONFLICT, "Saved by somebody else", e.getMessage());
    }

    /** Whether it is the name or the password that is wrong is nobody's business. */
    @ExceptionHandler
    ProblemDetail notSignedIn(AuthenticationException e) {
        return problem(HttpStatus.UNAUTHORIZED, "Sign in", "The name or the password is wrong.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> mustWait(MustWait e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.seconds()))
                .body(problem(HttpStatus.TOO_MANY_REQUESTS, "Wait", e.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail staleAct(StaleAct e) {
        return problem(HttpStatus.CONFLICT, "Too late", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail lateAct(LateAct e) {
        return problem(HttpStatus.CONFLICT, "Not done in time", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail staleSheet(StaleSheet e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, "Changed by somebody else", e.getMessage());
        problem.setProperty("revision", e.current().revision());
        problem.setProperty("sheet", json.readTree(e.current().document()));
        return problem;
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
        Optional<TooLarge> tooLarge = cause(e, TooLarge.class);
        if (tooLarge.isPresent()) {
            return sent(problem(
                    HttpStatus.CONTENT_TOO_LARGE, "Too large", tooLarge.get().getMessage()));
        }
        Optional<TooSlow> tooSlow = cause(e, TooSlow.class);
        if (tooSlow.isPresent() || cause(e, SocketTimeoutException.class).isPresent()) {
            return sent(problem(HttpStatus.REQUEST_TIMEOUT, "Too slow", TooSlow.SENTENCE));
        }
        String sentence = cause(e, JacksonException.class)
                .map(jackson -> "The request is not the JSON that is expected here: " + BadJson.sentence(jackson))
                .orElse("The request has no body that can be read.");
        return sent(problem(HttpStatus.BAD_REQUEST, "Cannot be read", sentence));
    }

    private static ResponseEntity<Object> sent(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotWritable(
            HttpMessageNotWritableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Optional<LargestAnswer.TooLarge> tooLarge = cause(e, LargestAnswer.TooLarge.class);
        if (tooLarge.isEmpty()) return super.handleHttpMessageNotWritable(e, headers, status, request);
        ((ServletWebRequest) request).getResponse().resetBuffer();
        return sent(problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Cannot be taken",
                tooLarge.get().getMessage()));
    }

    /** Anything else: the database is away, or the fault is ours. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unexpected(Exception e, WebRequest request) {
        if (Deadlock.isOne(e)) {
            LOG.warn("Taken back because of others, again and again: {}", e.getMessage());
            ProblemDetail busy = problem(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Busy",
                    "Others changed the same at the same moment. Nothing was changed; try again in a moment.");
            busy.setProperty("known", true);
            return away(busy);
        }
        if (isAway(e)) {
            LOG.warn("The database does not answer: {}", e.getMessage());
            return away(databaseAway(e, request));
        }
        LOG.error("Unexpected", e);
        return ResponseEntity.internalServerError()
                .body(problem(
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        "Our fault",
                        "Something went wrong on the server. Nothing was changed."));
    }

    /**
     * A connection that was never got has changed nothing. One that was lost on the way may have: its commit may have arrived although its
     * answer did not.
     */
    private static ProblemDetail databaseAway(Exception e, WebRequest request) {
        boolean reads = request instanceof ServletWebRequest of && of.getHttpMethod() == HttpMethod.GET;
        boolean began = cause(e, SQLTransientConnectionException.class).isEmpty();
        String outcome = reads || !began
                ? "Nothing was changed; try again in a moment."
                : "It is not known whether the change was kept; send it again with the same id in a moment to find out.";
        ProblemDetail problem =
                problem(HttpStatus.SERVICE_UNAVAILABLE, "Database away", "The database does not answer. " + outcome);
        problem.setProperty("known", reads || !began);
        return problem;
    }

    private static ResponseEntity<ProblemDetail> away(ProblemDetail problem) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, RETRY_SECONDS)
                .body(problem);
    }

    /** Whatever the database says that is not about what it was asked: its classes of data, rules and syntax. */
    private static boolean isAway(Exception e) {
        if (cause(e, DataAccessResourceFailureException.class).isPresent()) return true;
        if (cause(e, TransactionException.class).isPresent()) return true;
        return cause(e, SQLException.class)
                .map(sql -> sql.getSQLState() == null || !sql.getSQLState().matches("(22|23|42).*"))
                .orElse(false);
    }

    private static <T> Optional<T> cause(Throwable e, Class<T> type) {
        return Stream.iterate(e, cause -> cause != null, Throwable::getCause)
                .limit(20)
                .filter(type::isInstance)
                .map(type::cast)
                .findFirst();
    }
}
