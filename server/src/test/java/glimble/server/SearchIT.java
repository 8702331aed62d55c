package glimble.server;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.server.fuzz.Grown;
import java.lang.management.ManagementFactory;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Grows every dimension of the format to its limit, alone and in pairs, and asks for everything that is worked out of it. Whatever is not
 * refused takes the processor's time of 400 usual requests, 64 MB and 8 MB of answer at most; what is refused is so at once. {@code -Dsearch.pairs=all} tries every pair.
 */
class SearchIT {
    private static final Application APP = Application.shared();
    /** In usual requests. */
    private static final double MOST = 400;

    private static final double MOST_REFUSED = 60;
    private static final int ANSWER = 8_000_000;
    private static final long MEMORY = 64 << 20;
    private static final int SOME = 14;
    private static final int WEIGHED = 12;
    /** Nanoseconds in which the work goes on between two collections. */
    private static final long BETWEEN = 40_000_000;

    private final List<String> faults = new ArrayList<>();
    private final List<Asked> laborious = new ArrayList<>();
    private int done;
    private int refused;
    private double longest;
    private double longestRefused;
    private long largest;
    private long most;

    @BeforeAll
    static void warmUp() {
        for (int i = 0; i < 30; i++) {
            APP.post("/api/reels", new Grown().reels());
            APP.post("/api/cases", new Grown().cases());
            APP.post("/api/changes", new Grown().changes());
            APP.post("/api/edits", new Grown().edit("ADD_PART", "box", "in"));
        }
    }

    @Test
    void nothing_that_is_not_refused_takes_much_and_what_is_refused_is_so_at_once() throws InterruptedException {
        Map<String, Consumer<Grown>> dimensions = Grown.dimensions();
        List<String> names = List.copyOf(dimensions.keySet());
        for (String name : names) ask(name, dimensions.get(name));
        boolean all = "all".equals(System.getProperty("search.pairs"));
        Random random = new Random(Long.getLong("search.seed", 1));
        List<String[]> pairs = new ArrayList<>();
        for (String one : names)
            for (String other : names) if (!one.equals(other)) pairs.add(new String[] {one, other});
        java.util.Collections.shuffle(pairs, random);
        for (String[] pair : all ? pairs : pairs.subList(0, SOME)) {
            ask(pair[0] + ", " + pair[1], dimensions.get(pair[0]).andThen(dimensions.get(pair[1])));
        }
        weigh();
        System.out.printf(
                "search: %d done and %d refused; at most %.0f times a usual request, %.1f times to refuse, %d bytes, %d MB%n",
                done, refused, longest, longestRefused, largest, most >> 20);
        assertThat(faults).isEmpty();
        assertThat(refused).as("something is refused").isGreaterThan(20);
        assertThat(done).as("most is not").isGreaterThan(refused);
    }

    private record Asked(String what, String path, String body, double usual) {}

    /** Memory is measured of those that took longest, by what is still in use however often it is collected meanwhile. */
    private void weigh() throws InterruptedException {
        laborious.sort(Comparator.comparingDouble(Asked::usual).reversed());
        for (Asked asked : laborious.subList(0, WEIGHED)) {
            long before = inUse();
            AtomicLong peak = new AtomicLong(before);
            AtomicBoolean answered = new AtomicBoolean();
            Thread weighing = new Thread(() -> {
                while (!answered.get()) {
                    LockSupport.parkNanos(BETWEEN);
                    peak.accumulateAndGet(inUse(), Math::max);
                }
            });
            weighing.start();
            APP.post(asked.path(), asked.body());
            answered.set(true);
            weighing.join();
            long more = peak.get() - before;
            most = Math.max(most, more);
            if (more > MEMORY) faults.add(asked.what() + " takes " + (more >> 20) + " MB");
        }
    }

    private static long inUse() {
        System.gc();
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
    }

    private void ask(String what, Consumer<Grown> grow) {
        Grown grown = new Grown();
        grow.accept(grown);
        ask(what + ": reels", "/api/reels", grown.reels());
        ask(what + ": cases", "/api/cases", grown.cases());
        ask(what + ": changes", "/api/changes", grown.changes());
        ask(what + ": retimed", "/api/edits", grown.edit("RETIME_PHASE", "", "in"));
        ask(what + ": removed", "/api/edits", grown.edit("REMOVE_PART", "text", "in"));
        ask(what + ": duplicated", "/api/edits", grown.edit("DUPLICATE_PART", "text", "in"));
        ask(what + ": own out", "/api/edits", grown.edit("OWN_OUT", "", "out"));
    }

    private void ask(String what, String path, String body) {
        // What others do meanwhile counts too, so the least of five is what it takes.
        String wrong = "";
        for (int attempt = 0; attempt < 5; attempt++) {
            wrong = asked(what, path, body);
            if (wrong.isEmpty()) return;
            LockSupport.parkNanos(BETWEEN * attempt);
        }
        faults.add(wrong);
    }

    private String asked(String what, String path, String body) {
        Pace.Cost cost = Pace.of(() -> APP.post(path, body));
        HttpResponse<String> answer = cost.answer();
        double usual = cost.usual();
        if (answer.statusCode() == 422) {
            String why = Application.body(answer).get("detail").asString();
            if (!isTooMuch(why)) return what + " is no sound graphic, or cannot be done: " + why;
            if (usual > MOST_REFUSED) return what + " is refused after the work of " + usual + " usual requests";
            refused++;
            longestRefused = Math.max(longestRefused, usual);
            return "";
        }
        if (answer.statusCode() != 200) return what + " gives " + answer.statusCode() + ": " + answer.body();
        if (usual > MOST) return what + " takes the work of " + usual + " usual requests";
        if (answer.body().length() > ANSWER)
            return what + " answers " + answer.body().length() + " bytes";
        done++;
        longest = Math.max(longest, usual);
        largest = Math.max(largest, answer.body().length());
        laborious.add(new Asked(what, path, body, usual));
        return "";
    }

    private static boolean isTooMuch(String why) {
        return why.contains("would take too long")
                || why.contains("would have more than")
                || why.contains("too many ways")
                || why.contains("there is no")
                || why.contains("has no moves")
                || why.contains("moves are allowed")
                || why.contains("at most")
                || why.contains("must be from")
                || why.contains("take that condition away");
    }
}
