package glimble.server.feeds;

import glimble.server.problems.Refused;
import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * What feeds say. One is asked only while somebody wants to know, no more often than it wishes, and never twice at once; whoever wants to
 * know is answered at once with what it said last.
 */
@Component
public class Feeds {
    private static final Logger LOG = LoggerFactory.getLogger(Feeds.class);
    private static final Duration PATIENCE = Duration.ofSeconds(2);
    private static final int BYTES = 1_000_000;
    private final FeedMapper mapper;
    private final JsonMapper json;
    private final FeedRules rules;
    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(PATIENCE)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final Map<String, Asked> asked = new ConcurrentHashMap<>();

    /** One address, whatever feeds are there. */
    private static final class Asked {
        final Semaphore free = new Semaphore(1);
        volatile FeedState state = FeedState.NEVER;
        volatile long at;
    }

    Feeds(FeedMapper mapper, JsonMapper json, FeedRules rules) {
        this.mapper = mapper;
        this.rules = rules;
        this.json = json;
    }

    /** Empty if it is not known any more. */
    public Optional<Feed> find(long id) {
        return mapper.find(id);
    }

    /** What it said last; it is asked again soon if that is too long ago. */
    public FeedState state(Feed feed) {
        Asked of = asked.computeIfAbsent(feed.url(), none -> new Asked());
        boolean due = System.currentTimeMillis() - of.at >= feed.seconds() * 1_000L;
        if (due && of.free.tryAcquire()) {
            of.at = System.currentTimeMillis();
            ask(feed.url(), of);
        }
        return of.state;
    }

    /** Nobody waits for one that takes its time: only what has come as a whole within the patience counts. */
    private void ask(String url, Asked of) {
        CompletableFuture<HttpResponse<byte[]>> call;
        try {
            rules.refuseOwn(URI.create(url));
            HttpRequest request = HttpRequest.newBuilder(URI.create(url))
                    .timeout(PATIENCE)
                    .header("Accept", "application/json, text/csv")
                    .build();
            call = client.sendAsync(request, AtMost.bytes(BYTES));
        } catch (Refused | IllegalArgumentException e) {
            of.state = of.state.failed("it cannot be asked there");
            of.free.release();
            return;
        }
        call.thenApply(this::read)
                .orTimeout(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)
                .whenComplete((read, fault) -> {
                    of.state = fault == null ? read : of.state.failed(why(fault));
                    call.cancel(true);
                    of.free.release();
                });
    }

    /** Whatever goes wrong is a fault of that feed. */
    private static String why(Throwable fault) {
        Throwable cause = fault instanceof CompletionException && fault.getCause() != null ? fault.getCause() : fault;
        if (cause instanceof FeedTable.Malformed) return "what it sends cannot be read: " + cause.getMessage();
        if (cause instanceof TimeoutException || cause instanceof HttpTimeoutException) {
            return "it does not answer within " + PATIENCE.toSeconds() + " seconds";
        }
        if (cause instanceof ConnectException) return "nobody is there";
        if (cause instanceof IOException) return "it cannot be reached";
        LOG.warn("A feed cannot be read", cause);
        return "what it sends cannot be read";
    }

    private FeedState read(HttpResponse<byte[]> answer) {
        try {
            if (answer.statusCode() != 200) throw new FeedTable.Malformed("it answers " + answer.statusCode());
            FeedTable table = FeedTable.read(answer.body(), json);
            return new FeedState(
                    table.columns(), table.rows(), Optional.of(System.currentTimeMillis()), Optional.empty());
        } catch (FeedTable.Malformed e) {
            throw new CompletionException(e);
        }
    }
}
