package glimble.server.fonts;

import glimble.server.work.Regularly;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Looks now and then which fonts another server on the same database has taken in, so that documents that name them are right here too. */
@Component
class FontWatch extends Regularly {
    private static final Logger LOG = LoggerFactory.getLogger(FontWatch.class);
    private static final Duration EVERY = Duration.ofSeconds(3);

    private final FontStore store;

    FontWatch(FontStore store) {
        super("fonts", EVERY);
        this.store = store;
    }

    @Override
    protected void look() {
        try {
            store.takeAll();
        } catch (RuntimeException e) {
            LOG.debug("Fonts of others are not seen for now: {}", e.getMessage());
        }
    }
}
