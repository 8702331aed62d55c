package glimble.handover;

/** A bundle that cannot be taken in; the message says why, and what to do. */
public final class BadBundle extends Exception {
    private static final long serialVersionUID = 1;

    public BadBundle(String message) {
        super(message);
    }
}
