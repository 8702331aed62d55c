package glimble.server.air;

import glimble.server.cues.SheetChanged;
import glimble.server.house.HouseChanged;
import glimble.server.people.PeopleChanged;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells every screen what is on air, and twice a second that the server is there. A screen that takes its time gets the last state only, and
 * keeps nobody waiting.
 */
@Component
class Screens implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(Screens.class);
    private static final long BEAT = 500;

    private final OnAir air;
    private final AirClock clock;
    private final Map<Long, List<Screen>> screens = new ConcurrentHashMap<>();
    private final ExecutorService sending = Executors.newCachedThreadPool(Screens::thread);
    private final ScheduledExecutorService beating = Executors.newSingleThreadScheduledExecutor(Screens::thread);
    private volatile boolean running;

    Screens(OnAir air, AirClock clock) {
        this.air = air;
        this.clock = clock;
    }

    private static Thread thread(Runnable work) {
        Thread thread = new Thread(work, "screens");
        thread.setDaemon(true);
        return thread;
    }

    /**
     * Opens one more, which is told at once how things stand.
     *
     * @param onAirAlone whether it is not told what may come
     */
    SseEmitter open(long output, SseEmitter emitter, boolean onAirAlone) {
        List<Screen> all = screens.computeIfAbsent(output, none -> new CopyOnWriteArrayList<>());
        Screen screen = new Screen(emitter, sending, all::remove, onAirAlone);
        // What changes from here on it is told; what it is told first is how things stand once it is there.
        synchronized (this) {
            all.add(screen);
            screen.tell(output, air.state(output));
        }
        return emitter;
    }

    /** What is on air has changed. */
    synchronized void tell(long output) {
        List<Screen> all = screens.getOrDefault(output, List.of());
        if (all.isEmpty()) return;
        // One after the other, so that no screen is told last what was before.
        AirState state = air.state(output);
        all.forEach(screen -> screen.tell(output, state));
    }

    /** A cue sheet has changed, whoever looks at it. */
    @TransactionalEventListener
    void changed(SheetChanged sheet) {
        each(screen -> screen.tellDesk("sheet", sheet.id(), sheet));
    }

    /** Berths may stand in another order. */
    @TransactionalEventListener
    void changed(HouseChanged house) {
        if (!house.before().air().equals(house.after().air())) screens.keySet().forEach(this::tell);
    }

    /** Names are completed from other people now. */
    @TransactionalEventListener
    void changed(PeopleChanged people) {
        each(screen -> screen.tellDesk("people", "", people));
    }

    private void each(Consumer<Screen> does) {
        screens.values().forEach(all -> all.forEach(does));
    }

    private void beat() {
        try {
            screens.keySet().stream().filter(air::isDoubtful).forEach(this::tell);
            TimeBeat beat = new TimeBeat(clock.now());
            each(screen -> screen.tell("time", "", beat));
        } catch (RuntimeException e) {
            LOG.warn("A beat is left out: {}", e.getMessage());
        }
    }

    private record TimeBeat(long now) {}

    @Override
    public void start() {
        running = true;
        beating.scheduleAtFixedRate(this::beat, BEAT, BEAT, TimeUnit.MILLISECONDS);
    }

    /** Screens are let go before the server waits for its last answers; they come back by themselves. */
    @Override
    public void stop() {
        running = false;
        beating.shutdownNow();
        each(Screen::close);
        sending.shutdown();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
