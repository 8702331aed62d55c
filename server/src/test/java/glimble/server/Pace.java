package glimble.server;

import com.sun.management.OperatingSystemMXBean;
import glimble.server.fuzz.Grown;
import java.lang.management.ManagementFactory;
import java.net.http.HttpResponse;
import java.util.function.Supplier;

/**
 * What work costs, by the processor's time that this process takes for it, not by the clock. It is measured in the work of a usual request
 * on the same machine in the same run, so that a slower machine, or one that does other things beside it, judges the same.
 */
final class Pace {
    private static final OperatingSystemMXBean SYSTEM =
            (OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
    private static final int WARM = 40;
    private static final int MEASURES = 7;
    private static final int REQUESTS = 5;
    private static double usual;

    private Pace() {}

    /** What an answer cost, in usual requests. */
    record Cost(HttpResponse<String> answer, double usual) {}

    static Cost of(Supplier<HttpResponse<String>> asked) {
        double one = usual();
        long before = SYSTEM.getProcessCpuTime();
        HttpResponse<String> answer = asked.get();
        return new Cost(answer, (SYSTEM.getProcessCpuTime() - before) / one);
    }

    /** Nanoseconds of the processor: the least of some measures, as others may be at work meanwhile. */
    private static synchronized double usual() {
        if (usual > 0) return usual;
        Application app = Application.shared();
        String body = new Grown().reels();
        for (int i = 0; i < WARM; i++) app.post("/api/reels", body);
        double least = Double.MAX_VALUE;
        for (int i = 0; i < MEASURES; i++) {
            long before = SYSTEM.getProcessCpuTime();
            for (int n = 0; n < REQUESTS; n++) app.post("/api/reels", body);
            least = Math.min(least, (double) (SYSTEM.getProcessCpuTime() - before) / REQUESTS);
        }
        usual = least;
        System.out.printf("a usual request takes %.1f ms of the processor%n", usual / 1e6);
        return usual;
    }
}
