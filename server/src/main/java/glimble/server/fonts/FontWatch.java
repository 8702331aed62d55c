package glimble.server.fonts;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Looks now and then which fonts another server on the same database has taken in, so that documents that name them are right here too. */
@Component
class FontWatch implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(FontWatch.class);
    /** Seconds. */
    private static final long EVERY = 3;

    private final FontStore store;
    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(FontWatch::thread);
    private volatile boolean running;

    FontWatch(FontStore store) {
        this.store = store;
    }

    private static Thread thread(Runnable work) {
        Thread thread = new Thread(work, "fonts");
        thread.setDaemon(true);
        return thread;
    }

    private void look() {
        try {
            store.takeAll();
        } catch (RuntimeException e) {
            LOG.debug("Fonts of others are not seen for now: {}", e.getMessage());
        }
    }

    @Override
    public void start() {
        running = true;
        looking.scheduleWithFixedDelay(this::look, EVERY, EVERY, TimeUnit.SECONDS);
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
