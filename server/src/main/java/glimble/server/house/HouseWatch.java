package glimble.server.house;

import glimble.server.work.Regularly;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells pages of every change of the house, whichever server it was saved by. */
@Component
class HouseWatch extends Regularly {
    private static final Duration EVERY = Duration.ofMillis(400);
    /** Looks after which it says that it is still there, which also finds out who has left. */
    private static final int STILL_THERE = 25;
    /** No revision. */
    private static final int NONE = -1;

    private final HouseMapper house;
    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();
    private int told = NONE;
    private int looks;

    HouseWatch(HouseMapper house) {
        super("house watch", EVERY);
        this.house = house;
    }

    /** Tells the revision that there is within a moment, and each later one. */
    SseEmitter open(SseEmitter page) {
        page.onCompletion(() -> pages.remove(page));
        page.onError(gone -> pages.remove(page));
        add(page);
        return page;
    }

    private synchronized void add(SseEmitter page) {
        pages.add(page);
        told = NONE;
    }

    @Override
    protected synchronized void look() {
        if (pages.isEmpty()) return;
        try {
            int revision = house.revision();
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
        } catch (IOException | RuntimeException e) {
            // Nobody listens any more; what the container says of an answer that is gone is of many kinds.
            pages.remove(page);
            page.completeWithError(e);
        }
    }

    @Override
    public void stop() {
        super.stop();
        pages.forEach(SseEmitter::complete);
    }
}
