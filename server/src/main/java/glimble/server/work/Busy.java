package glimble.server.work;

/** There is so much large work that more would only make everyone wait. */
public class Busy extends RuntimeException {
    public Busy() {
        super("The server is busy with large work. Nothing was changed; try again in a moment.");
    }
}
