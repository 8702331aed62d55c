package glimble.air;

/** An act that cannot be done as things stand; nothing was changed. */
public class ActRefused extends RuntimeException {
    public ActRefused(String sentence) {
        super(sentence);
    }
}
