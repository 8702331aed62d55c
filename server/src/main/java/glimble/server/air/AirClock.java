package glimble.server.air;

import java.time.Clock;
import org.springframework.stereotype.Component;

/** The time by which everything on air goes. It never jumps while the server runs, whatever is done to the machine's clock. */
@Component
class AirClock {
    private static final long NANOS = 1_000_000;

    private final long began;
    private final long mark = System.nanoTime();

    AirClock(Clock clock) {
        began = clock.millis();
    }

    /** ms since 1970. */
    long now() {
        return began + (System.nanoTime() - mark) / NANOS;
    }
}
