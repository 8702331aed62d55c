package glimble.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class QuietTest {
    private final Quiet quiet = new Quiet();

    private static long took(long most, Quiet quiet) throws InterruptedException {
        long begun = System.nanoTime();
        quiet.await(most);
        return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun);
    }

    @Test
    void where_nobody_has_asked_nothing_is_waited_for() throws InterruptedException {
        assertThat(took(5_000, quiet)).isLessThan(500);
    }

    @Test
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
        assertThat(took(300, quiet)).isBetween(280L, 2_000L);
        answered.countDown();
        asking.join();
        // Whoever types asks again soon.
        assertThat(quiet.isQuiet()).isFalse();
        assertThat(took(10_000, quiet)).isBetween(100L, 5_000L);
        assertThat(quiet.isQuiet()).isTrue();
    }
}
