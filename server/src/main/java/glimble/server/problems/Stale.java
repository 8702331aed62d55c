package glimble.server.problems;

import glimble.server.graphics.StoredGraphic;

/** A save was based on a revision that is no longer the current one. */
public class Stale extends RuntimeException {
    private final transient StoredGraphic current;

    public Stale(int basedOn, StoredGraphic current) {
        super("Your change is based on revision " + basedOn + "; revision " + current.revision()
                + " has been saved since. Nothing was overwritten.");
        this.current = current;
    }

    public StoredGraphic current() {
        return current;
    }
}
