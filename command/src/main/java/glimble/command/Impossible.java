package glimble.command;

/** What cannot be done, for people. */
final class Impossible extends Exception {
    private static final long serialVersionUID = 1;

    Impossible(String sentence) {
        super(sentence);
    }
}
