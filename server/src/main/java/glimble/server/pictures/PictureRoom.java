package glimble.server.pictures;

import glimble.formats.pictures.BadPicture;
import glimble.formats.pictures.PictureFile;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.stereotype.Component;

/** Where pictures are read that somebody sends: one at a time, so that strange files keep nobody waiting but those who sent them. */
@Component
class PictureRoom {
    private static final int WAITING = 8;
    private static final int SECONDS = 5;

    private final ThreadPoolExecutor room =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(WAITING), task -> {
                Thread thread = new Thread(task, "pictures");
                thread.setDaemon(true);
                return thread;
            });

    /** @throws BadPicture if it cannot be taken, with the reason */
    PictureFile read(byte[] content) throws BadPicture {
        Future<PictureFile> reading;
        try {
            reading = room.submit(() -> PictureFile.read(content));
        } catch (RejectedExecutionException e) {
            throw new BadPicture("too many pictures are being taken in; send it again in a moment");
        }
        try {
            return reading.get(SECONDS * (WAITING + 1L), TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof BadPicture bad) throw bad;
            throw new IllegalStateException(e.getCause());
        } catch (TimeoutException e) {
            reading.cancel(true);
            throw new BadPicture("it takes too long to read; save it again, smaller");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BadPicture("the server is stopping; send it again later");
        }
    }

    @PreDestroy
    void close() {
        room.shutdownNow();
    }
}
