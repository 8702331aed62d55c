package glimble.server.handovers;

import glimble.server.handovers.HandoverState.Stage;
import glimble.server.problems.NotThere;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells whoever watches how far something has come. */
@Component
class HandoverWatch {
    private static final long EVERY = 200;

    private final Handovers handovers;
    private final ScheduledExecutorService telling = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "handover watch");
        thread.setDaemon(true);
        return thread;
    });

    HandoverWatch(Handovers handovers) {
        this.handovers = handovers;
    }

    /** Tells at once, then whenever it has come further, and ends with what it came to. */
    SseEmitter open(long id, SseEmitter emitter) {
        HandoverState[] told = {null};
        Future<?> beat = telling.scheduleAtFixedRate(() -> tell(emitter, id, told), 0, EVERY, TimeUnit.MILLISECONDS);
        emitter.onCompletion(() -> beat.cancel(false));
        emitter.onError(gone -> beat.cancel(false));
        return emitter;
    }

    private void tell(SseEmitter emitter, long id, HandoverState[] told) {
        try {
            HandoverState state = handovers.find(id);
            if (!state.equals(told[0])) {
                emitter.send(SseEmitter.event().name("state").data(state, MediaType.APPLICATION_JSON));
            }
            told[0] = state;
            if (state.stage() != Stage.WAITING && state.stage() != Stage.RUNNING) emitter.complete();
        } catch (NotThere e) {
            emitter.complete();
        } catch (IOException | RuntimeException e) {
            // Nobody listens any more; what the container says of an answer that is gone is of many kinds.
            emitter.completeWithError(e);
        }
    }
}
