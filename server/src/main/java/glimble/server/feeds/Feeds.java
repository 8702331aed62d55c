package glimble.server.feeds;

import java.io.IOException;
import java.io.InputStream;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * What feeds say. One is asked only while somebody wants to know, no more often than it wishes, and never twice at once; whoever wants to
 * know is answered at once with what it said last.
 */
@Component
public class Feeds {
    private static final Duration PATIENCE = Duration.ofSeconds(2);
    private static final int BYTES = 1_000_000;
    /** Feeds that are asked at once. */
    private static final int AT_ONCE = 4;

    private final FeedMapper mapper;
    private final JsonMapper json;
    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(PATIENCE)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final ExecutorService asking = Executors.newFixedThreadPool(AT_ONCE, Feeds::thread);
    private final Map<String, Asked> asked = new ConcurrentHashMap<>();

    /** One address, whatever feeds are there. */
    private static final class Asked {
        final Semaphore free = new Semaphore(1);
        volatile FeedState state = FeedState.NEVER;
        volatile long at;
    }

    Feeds(FeedMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    private static Thread thread(Runnable work) {
        Thread thread = new Thread(work, "feeds");
        thread.setDaemon(true);
        return thread;
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
            asking.execute(() -> ask(feed.url(), of));
        }
        return of.state;
    }

    private void ask(String url, Asked of) {
        try {
            of.state = read(url);
        } catch (FeedTable.Malformed e) {
            of.state = of.state.failed("what it sends cannot be read: " + e.getMessage());
        } catch (HttpTimeoutException e) {
            of.state = of.state.failed("it does not answer within " + PATIENCE.toSeconds() + " seconds");
        } catch (ConnectException e) {
            of.state = of.state.failed("nobody is there");
        } catch (IOException | IllegalArgumentException e) {
            of.state = of.state.failed("it cannot be reached");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            of.free.release();
        }
    }

    private FeedState read(String url) throws IOException, InterruptedException, FeedTable.Malformed {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url))
                .timeout(PATIENCE)
                .header("Accept", "application/json, text/csv")
                .build();
        HttpResponse<InputStream> answer = client.send(request, HttpResponse.BodyHandlers.ofInputStream());
        try (InputStream body = answer.body()) {
            if (answer.statusCode() != 200) throw new FeedTable.Malformed("it answers " + answer.statusCode());
            byte[] bytes = body.readNBytes(BYTES + 1);
            if (bytes.length > BYTES) throw new FeedTable.Malformed("it is longer than a megabyte");
            FeedTable table = FeedTable.read(bytes, json);
            return new FeedState(
                    table.columns(), table.rows(), Optional.of(System.currentTimeMillis()), Optional.empty());
        }
    }
}
