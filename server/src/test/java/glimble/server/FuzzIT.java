package glimble.server;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.server.fuzz.Fuzzing;
import org.junit.jupiter.api.Test;

/**
 * Whatever is sent to whatever endpoint, the answer says what is wrong with it. {@code -Dfuzz.requests} says how many are sent,
 * {@code -Dfuzz.seed} which, and {@code -Dfuzz.most} how many ms an answer may take: by the clock, for {@code bin/fuzz} alone.
 */
class FuzzIT {
    private static final Application APP = Application.shared();
    private static final int REQUESTS = 1_500;

    @Test
    void no_request_is_our_fault() {
        Fuzzing fuzzing =
                new Fuzzing(APP.address(), Long.getLong("fuzz.seed", 10), Long.getLong("fuzz.most", Long.MAX_VALUE));
        fuzzing.run(Integer.getInteger("fuzz.requests", REQUESTS));
        System.out.println("fuzzing: " + fuzzing.summary());
        assertThat(fuzzing.faults()).isEmpty();
        assertThat(fuzzing.answers()).as("requests that were answered at all").isGreaterThan(500);
        assertThat(fuzzing.taken()).as("requests that were right").isGreaterThan(fuzzing.answers() / 20);
        assertThat(APP.get("/api/health").statusCode()).isEqualTo(200);
    }
}
