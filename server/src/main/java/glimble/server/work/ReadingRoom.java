package glimble.server.work;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Where files are read that somebody sends: one at a time, so that strange files keep nobody waiting but those who sent them. */
@Component
public class ReadingRoom {
    private static final int WAITING = 8;
    private static final int SECONDS = 5;

    private final ThreadPoolExecutor room =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(WAITING), task -> {
                Thread thread = new Thread(task, "reading");
                thread.setDaemon(true);
                return thread;
            });

    /** Reads a file. */
    public interface Reading<T, E extends Exception> {
        T read() throws E;
    }

    /**
     * @param bad what is thrown where it cannot be read
     * @param because makes it of a reason
     * @throws E if it cannot be read
     */
    public <T, E extends Exception> T read(Reading<T, E> reading, Class<E> bad, Function<String, E> because) throws E {
        Future<T> done;
        try {
            done = room.submit(reading::read);
        } catch (RejectedExecutionException e) {
            throw because.apply("too many files are being taken in; send it again in a moment");
        }
        try {
            return done.get(SECONDS * (WAITING + 1L), TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            if (bad.isInstance(e.getCause())) throw bad.cast(e.getCause());
            throw new IllegalStateException(e.getCause());
        } catch (TimeoutException e) {
            done.cancel(true);
            throw because.apply("it takes too long to read; save it again, smaller");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw because.apply("the server is stopping; send it again later");
        }
    }

    @PreDestroy
    void close() {
        room.shutdownNow();
    }
}
