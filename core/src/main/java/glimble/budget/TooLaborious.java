package glimble.budget;

/** Work that takes more than may be spent on it. The message is for people: what to make smaller. */
public final class TooLaborious extends RuntimeException {
    public TooLaborious(String sentence) {
        super(sentence);
    }
}
