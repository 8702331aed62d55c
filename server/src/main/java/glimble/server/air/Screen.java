package glimble.server.air;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import java.util.function.Consumer;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One screen that is told what is on air. Of what it has not been told yet, the last of each kind counts. */
final class Screen {
    private final SseEmitter emitter;
    private final Executor sending;
    private final Map<Told, Object> untold = new LinkedHashMap<>();
    private final Consumer<Screen> gone;
    private final boolean onAirAlone;
    private boolean telling;

    private record Told(String event, Object key) {}

    /**
     * @param gone is told when it has gone
     * @param onAirAlone whether it is told nothing of what may come
     */
    Screen(SseEmitter emitter, Executor sending, Consumer<Screen> gone, boolean onAirAlone) {
        this.gone = gone;
        this.onAirAlone = onAirAlone;
        this.emitter = emitter;
        this.sending = sending;
        emitter.onCompletion(() -> gone.accept(this));
        emitter.onTimeout(() -> gone.accept(this));
        emitter.onError(error -> gone.accept(this));
    }

    void tell(long output, AirState state) {
        tell("state", output, onAirAlone ? state.onAirAlone() : state);
    }

    /** What has changed at the desk, which is nobody's business who sees what is on air alone. */
    void tellDesk(String event, Object key, Object what) {
        if (!onAirAlone) tell(event, key, what);
    }

    /**
     * @param what of the same event and key only the last counts
     */
    void tell(String event, Object key, Object what) {
        synchronized (untold) {
            untold.put(new Told(event, key), what);
            if (telling) return;
            telling = true;
        }
        try {
            sending.execute(this::tellAll);
        } catch (RejectedExecutionException e) {
            // The server goes down.
            close();
        }
    }

    private void tellAll() {
        while (true) {
            Told told;
            Object what;
            synchronized (untold) {
                if (untold.isEmpty()) {
                    telling = false;
                    return;
                }
                told = untold.keySet().iterator().next();
                what = untold.remove(told);
            }
            try {
                emitter.send(SseEmitter.event().name(told.event()).data(what, MediaType.APPLICATION_JSON));
            } catch (IOException | RuntimeException e) {
                // What the container says of an answer that is gone, or goes while it opens, is of many kinds.
                close();
                return;
            }
        }
    }

    /** It is not told anything any more, whether or not the container ever says that it has gone. */
    void close() {
        gone.accept(this);
        emitter.complete();
    }
}
