package glimble.server.cues;

import java.util.List;

/** The same of a sheet was changed by two at once. */
public class StaleSheet extends RuntimeException {
    private final transient StoredSheet current;

    /** @param what numbers of the cues, or other words */
    StaleSheet(List<String> what, StoredSheet current) {
        super("Somebody else has changed the same since: " + String.join(", ", what)
                + ". Theirs stays; nothing of it was overwritten. Look at it and change it again.");
        this.current = current;
    }

    public StoredSheet current() {
        return current;
    }
}
