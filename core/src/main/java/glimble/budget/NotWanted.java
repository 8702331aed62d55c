package glimble.budget;

/** Nobody waits any more for what is being worked out. */
public final class NotWanted extends RuntimeException {
    NotWanted() {
        super("nobody waits for it any more", null, false, false);
    }
}
