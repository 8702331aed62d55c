package glimble.typeset;

/** A file that cannot be taken in as a font; the message is a sentence for people that says what to do. */
public final class BadFont extends Exception {
    private static final long serialVersionUID = 1;

    public BadFont(String message) {
        super(message);
    }
}
