package glimble.edit;

/** An edit that would break something; its message names what stands in the way, and what to do. */
public final class EditRefused extends RuntimeException {
    EditRefused(String sentence) {
        super(sentence);
    }
}
