package glimble.server.work;

/** There is so much large work that more would only make everyone wait. */
public class Busy extends RuntimeException {
    /** @param many of which there are as many as there may be, such as "listeners" */
    public Busy(String many) {
        super("There are as many " + many + " as the server can serve. Close some, or try again in a moment.");
    }

    public Busy() {
        super("The server is busy with large work. Nothing was changed; try again in a moment.");
    }
}
