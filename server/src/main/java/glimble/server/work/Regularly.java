package glimble.server.work;

import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.context.SmartLifecycle;

/** What looks again and again how things stand, on a thread of its own, as long as the server runs. */
public abstract class Regularly implements SmartLifecycle {
    private final Duration every;
    private final ScheduledExecutorService looking;
    private volatile boolean running;

    /** @param every from the end of one look to the next */
    protected Regularly(String thread, Duration every) {
        this.every = every;
        looking = Executors.newSingleThreadScheduledExecutor(work -> {
            Thread looks = new Thread(work, thread);
            looks.setDaemon(true);
            return looks;
        });
    }

    /** Never throws: it would be the last look. */
    protected abstract void look();

    @Override
    public void start() {
        running = true;
        looking.scheduleWithFixedDelay(this::look, every.toMillis(), every.toMillis(), TimeUnit.MILLISECONDS);
    }

    @Override
    public void stop() {
        running = false;
        looking.shutdownNow();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
