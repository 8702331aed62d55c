package glimble.server.fuzz;

import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sends strange requests, one after the other, and notes which of the answers are wrong. */
public final class Fuzzing {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** They draw pictures. */
    private static final String SHEET = "/api/graphics/{id}/revisions/{revision}/proof/sheet";

    private final HttpClient client = HttpClient.newHttpClient();
    private final FuzzRequests requests;
    private final long most;
    private final List<String> faults = new ArrayList<>();
    private final List<Long> times = new ArrayList<>();
    private final Map<Integer, Integer> statuses = new TreeMap<>();
    private int taken;
    private long slowest;
    private String slow = "";

    /** @param most ms that an answer may take; only where nothing else is measured than that */
    public Fuzzing(String address, long seed, long most) {
        this.most = most;
        JsonNode api = JSON.readTree(send(HttpRequest.newBuilder(URI.create(address + "/api/openapi.json"))
                        .build())
                .body());
        requests = new FuzzRequests(address, api, new JdkTypesetter().fonts(), seed);
    }

    public void run(int count) {
        for (int i = 0; i < count; i++) one(i);
    }

    private void one(int number) {
        FuzzRequests.Asked asked = requests.request(number);
        long before = System.nanoTime();
        HttpResponse<String> answer = send(asked.request());
        long ms = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - before);
        if (ms > slowest) {
            slowest = ms;
            slow = asked.operation();
        }
        times.add(ms);
        statuses.merge(answer.statusCode(), 1, Integer::sum);
        String what = "request " + number + ", " + asked.operation() + " of "
                + asked.request().uri();
        if (answer.statusCode() >= 500) fault(what + ": " + answer.statusCode() + " " + answer.body());
        if (ms > most && !asked.operation().endsWith(SHEET)) fault(what + ": " + ms + " ms");
        if (answer.statusCode() < 400) taken++;
        else if (asked.request().uri().getPath().startsWith("/api/") && !saysWhy(answer)) {
            fault(what + ": " + answer.statusCode() + " without a reason: " + answer.body());
        }
    }

    private void fault(String what) {
        if (faults.size() < 20) faults.add(what.length() > 400 ? what.substring(0, 400) : what);
    }

    private static boolean saysWhy(HttpResponse<String> answer) {
        try {
            String why = JSON.readTree(answer.body()).path("detail").asString("");
            return !why.isBlank()
                    && !why.contains("Exception")
                    && !why.contains("java.")
                    && !why.contains("glimble.server");
        } catch (JacksonException e) {
            return false;
        }
    }

    private HttpResponse<String> send(HttpRequest request) {
        try {
            return client.send(request, BodyHandlers.ofString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public List<String> faults() {
        return faults;
    }

    public int answers() {
        return times.size();
    }

    public int taken() {
        return taken;
    }

    /** How many there were, what they came to, and how long they took. */
    public String summary() {
        Collections.sort(times);
        return times.size() + " requests to " + requests.operations() + " operations, by status " + statuses + ", p50 "
                + times.get(times.size() / 2) + " ms, p99 " + times.get(times.size() * 99 / 100) + " ms, longest "
                + slowest + " ms (" + slow + ")";
    }
}
