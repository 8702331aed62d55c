package glimble.server.access;

import java.time.Duration;

/** So many passwords were wrong that the next is judged only after a while. */
public class MustWait extends RuntimeException {
    private final transient Duration wait;

    MustWait(Duration wait) {
        super("Too many wrong passwords: wait " + (wait.toSeconds() + 1) + " s, then try again.");
        this.wait = wait;
    }

    /** Seconds, rounded up. */
    public long seconds() {
        return wait.toSeconds() + 1;
    }
}
