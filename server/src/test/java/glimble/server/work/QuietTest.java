package glimble.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

class QuietTest {
    private final Quiet quiet = new Quiet();

    private static long took(long most, Quiet quiet) throws InterruptedException {
        long begun = System.nanoTime();
        quiet.await(most);
        return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun);
    }

    @Test
    @Timeout(60)
    void where_nobody_has_asked_nothing_is_waited_for() throws InterruptedException {
        // Behind it would be an hour.
        quiet.await(TimeUnit.HOURS.toMillis(1));
    }

    @Test
    @Timeout(60)
    void while_somebody_waits_it_is_put_off_but_not_for_ever() throws Exception {
        CountDownLatch asked = new CountDownLatch(1);
        CountDownLatch answered = new CountDownLatch(1);
        Thread asking = new Thread(() -> {
            try {
                quiet.doFilterInternal(mock(HttpServletRequest.class), mock(HttpServletResponse.class), (in, out) -> {
                    asked.countDown();
                    try {
                        answered.await();
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                });
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        asking.start();
        asked.await();
        assertThat(quiet.isQuiet()).isFalse();
        assertThat(took(300, quiet)).isGreaterThanOrEqualTo(280);
        answered.countDown();
        asking.join();
        quiet.await(TimeUnit.HOURS.toMillis(1));
        assertThat(quiet.isQuiet()).isTrue();
    }
}
