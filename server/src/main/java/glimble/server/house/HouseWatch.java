package glimble.server.house;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells pages of every change of the house, whichever server it was saved by. */
@Component
class HouseWatch implements DisposableBean {
    /** ms. */
    private static final long EVERY = 400;
    /** Looks after which it says that it is still there, which also finds out who has left. */
    private static final int STILL_THERE = 25;

    private final HouseStore store;
    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();
    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "house watch");
        thread.setDaemon(true);
        return thread;
    });
    private int told = -1;
    private int looks;

    HouseWatch(HouseStore store) {
        this.store = store;
        looking.scheduleWithFixedDelay(this::look, EVERY, EVERY, TimeUnit.MILLISECONDS);
    }

    /** Tells the revision that there is within a moment, and each later one. */
    SseEmitter open() {
        SseEmitter page = new SseEmitter(0L);
        page.onCompletion(() -> pages.remove(page));
        page.onError(gone -> pages.remove(page));
        looking.execute(() -> {
            pages.add(page);
            told = -1;
        });
        return page;
    }

    private void look() {
        if (pages.isEmpty()) return;
        try {
            int revision = store.current().revision();
            looks++;
            if (revision == told && looks % STILL_THERE > 0) return;
            told = revision;
            for (SseEmitter page : pages) tell(page, revision);
        } catch (DataAccessException e) {
            // It is told once the database is back.
        }
    }

    private void tell(SseEmitter page, int revision) {
        try {
            page.send(SseEmitter.event().name("revision").data(revision, MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException e) {
            // Nobody listens any more.
            pages.remove(page);
            page.completeWithError(e);
        }
    }

    @Override
    public void destroy() {
        looking.shutdownNow();
        pages.forEach(SseEmitter::complete);
    }
}
