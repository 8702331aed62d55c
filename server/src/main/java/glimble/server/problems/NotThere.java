package glimble.server.problems;

/** What was asked for does not exist. The message is for people. */
public class NotThere extends RuntimeException {
    public NotThere(String sentence) {
        super(sentence);
    }
}
