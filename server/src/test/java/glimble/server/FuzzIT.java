package glimble.server;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.server.fuzz.Fuzzing;
import org.junit.jupiter.api.Test;

/**
 * Whatever is sent to whatever endpoint, the answer says what is wrong with it and comes soon. {@code -Dfuzz.requests} says how many are
 * sent, {@code -Dfuzz.seed} which.
 */
class FuzzIT {
    private static final Application APP = Application.shared();

    @Test
    void no_request_is_our_fault_and_none_takes_long() {
        Fuzzing fuzzing = new Fuzzing(APP.address(), Long.getLong("fuzz.seed", 10));
        fuzzing.run(Integer.getInteger("fuzz.requests", 0));
        System.out.println("fuzzing: " + fuzzing.summary());
        assertThat(fuzzing.faults()).isEmpty();
        assertThat(fuzzing.answers()).as("requests that were answered at all").isGreaterThan(500);
        assertThat(fuzzing.taken()).as("requests that were right").isGreaterThan(fuzzing.answers() / 20);
        assertThat(APP.get("/api/health").statusCode()).isEqualTo(200);
    }
}
