package glimble.server.access;

import glimble.server.work.Busy;
import glimble.server.work.Regularly;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Duration;
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

    /** One that is known of as long as it is open. */
    private final class Stream extends SseEmitter {
        private final String account;
        private final Object state;
        private final String session;
        private final String key;

        Stream(HttpServletRequest request) {
            super(0L);
            HttpSession of = request.getSession(false);
            account = request.getRemoteUser();
            state = of == null ? null : StillAllowed.noted(of);
            session = of == null ? null : of.getId();
            key = OutputKeys.isByKey(request) ? request.getParameter(OutputKeys.PARAMETER) : null;
            onCompletion(() -> open.remove(this));
            onError(gone -> open.remove(this));
        }

        boolean mayGoOn() {
            if (account != null) return accounts.isStill(account, state);
            return key == null || keys.isOne(key);
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

    private void end(Predicate<Stream> which) {
        open.stream().filter(which).forEach(Stream::complete);
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(AccountChanged account) {
        end(stream -> account.name().equals(stream.account));
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(KeyChanged any) {
        keys.forget();
        end(stream -> stream.key != null && !stream.mayGoOn());
    }

    @Override
    public void sessionDestroyed(HttpSessionEvent event) {
        end(stream -> event.getSession().getId().equals(stream.session));
    }

    @Override
    protected void look() {
        end(stream -> !stream.mayGoOn());
    }
}
