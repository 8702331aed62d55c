package glimble.server.access;

import glimble.server.work.Busy;
import glimble.server.work.Regularly;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * All that is told on and on. There are only so many, so that everything else is served beside them; each ends at once when whoever listens
 * may not do so any more, and within moments if that was decided by another server.
 */
@Component
public class Streams extends Regularly implements HttpSessionListener {
    private static final int MOST = 2_000;
    private static final Duration EVERY = Duration.ofSeconds(2);

    private final Accounts accounts;
    private final OutputKeys keys;
    private final Set<Stream> open = ConcurrentHashMap.newKeySet();

    Streams(Accounts accounts, OutputKeys keys) {
        super("streams", EVERY);
        this.accounts = accounts;
        this.keys = keys;
    }

    /**
     * By what somebody may listen, who may do so with any number of streams.
     *
     * @param account null if nobody has signed in
     * @param state of the account as it was then; null likewise
     * @param key of an output's page; null for any other
     */
    private record Listener(String account, Object state, String key) {}

    /** One that is known of as long as it is open. */
    private final class Stream extends SseEmitter {
        private final Listener listener;
        private final String session;

        Stream(HttpServletRequest request) {
            super(0L);
            HttpSession of = request.getSession(false);
            listener = new Listener(
                    request.getRemoteUser(),
                    of == null ? null : StillAllowed.noted(of),
                    OutputKeys.isByKey(request) ? request.getParameter(OutputKeys.PARAMETER) : null);
            session = of == null ? null : of.getId();
            onCompletion(() -> open.remove(this));
            onError(gone -> open.remove(this));
        }

        @Override
        public void complete() {
            open.remove(this);
            super.complete();
        }

        @Override
        public void completeWithError(Throwable fault) {
            open.remove(this);
            super.completeWithError(fault);
        }
    }

    /**
     * Opens one for whoever asks.
     *
     * @throws Busy if there are as many as there may be
     */
    public SseEmitter open(HttpServletRequest request) {
        if (open.size() >= MOST) throw new Busy("listeners");
        Stream stream = new Stream(request);
        open.add(stream);
        return stream;
    }

    private boolean mayGoOn(Listener listener) {
        if (listener.account() != null) return accounts.isStill(listener.account(), listener.state());
        return listener.key() == null || keys.isOne(listener.key());
    }

    /** Of each who listens it is asked once, however many streams that are. */
    private void endForbidden() {
        Map<Listener, Boolean> may = new HashMap<>();
        end(stream -> !may.computeIfAbsent(stream.listener, this::mayGoOn));
    }

    private void end(Predicate<Stream> which) {
        open.stream().filter(which).forEach(Stream::complete);
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(AccountChanged account) {
        end(stream -> account.name().equals(stream.listener.account()));
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(KeyChanged any) {
        keys.forget();
        endForbidden();
    }

    @Override
    public void sessionDestroyed(HttpSessionEvent event) {
        end(stream -> event.getSession().getId().equals(stream.session));
    }

    @Override
    protected void look() {
        endForbidden();
    }
}
