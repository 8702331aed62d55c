package glimble.server.work;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Knows when nobody waits for an answer. What is done behind the scenes goes on then, so that it takes no processor from whoever types or takes
 * something to air. Streams that stay open are nobody's waiting.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class Quiet extends OncePerRequestFilter {
    /** ms without a request: whoever types, types on within them. */
    private static final long AFTER = 200;

    private static final long LOOK = 20;

    private final AtomicInteger waiting = new AtomicInteger();
    private volatile long last = System.nanoTime() - TimeUnit.MILLISECONDS.toNanos(AFTER);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        waiting.incrementAndGet();
        try {
            chain.doFilter(request, response);
        } finally {
            last = System.nanoTime();
            waiting.decrementAndGet();
        }
    }

    boolean isQuiet() {
        return waiting.get() == 0 && System.nanoTime() - last >= TimeUnit.MILLISECONDS.toNanos(AFTER);
    }

    /**
     * Returns once nobody waits, or after a while, so that everything is done some day.
     *
     * @param most ms
     * @throws InterruptedException if whoever waits here is to stop
     */
    public void await(long most) throws InterruptedException {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(most);
        while (!isQuiet() && System.nanoTime() < until) Thread.sleep(LOOK);
    }
}
