package glimble.server.work;

import glimble.budget.Effort;
import glimble.server.problems.Refused;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Where what people wait for is worked out. What is small is done at once; what is large waits for its turn, one at a time, so that whoever
 * asks for much does not keep the others from their pictures. A few may wait; the next are told to come back.
 */
@Component
public class Workroom {
    /** Work of so many steps or fewer is small: it takes some 20 ms. */
    static final long SMALL = 1_000_000;

    private static final int WAITING = 12;
    private static final int SECONDS = 8;

    private final Semaphore turn = new Semaphore(1, true);

    /**
     * @param path of what is too large, if it is
     * @throws Refused if it would take too long
     * @throws Busy if its turn does not come
     */
    public <T> T work(Effort effort, String path, Supplier<T> work) {
        effort.refusal().ifPresent(why -> {
            throw new Refused(path, why);
        });
        return work(effort, work);
    }

    /**
     * The same for work that may do with less than its effort says, and refuses itself what is too large.
     *
     * @throws Busy if its turn does not come
     */
    public <T> T work(Effort effort, Supplier<T> work) {
        return effort.steps() <= SMALL ? work.get() : inTurn(work);
    }

    /** Work that is large, or of which it is not known beforehand. */
    public <T> T inTurn(Supplier<T> work) {
        if (turn.getQueueLength() >= WAITING) throw new Busy();
        try {
            if (!turn.tryAcquire(SECONDS, TimeUnit.SECONDS)) throw new Busy();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy();
        }
        try {
            return work.get();
        } finally {
            turn.release();
        }
    }
}
