package glimble.server.handovers;

/**
 * What is handed over, and how far it has come.
 *
 * @param graphic id
 * @param form word of it
 * @param file name for people
 * @param done of {@code all}: files, or frames
 * @param bytes of the file, once it is done
 * @param why it failed; missing unless it did
 */
public record HandoverState(
        long id,
        long graphic,
        int revision,
        String form,
        String file,
        Stage stage,
        int done,
        int all,
        long bytes,
        String why) {
    /** From waiting to what it came to. */
    public enum Stage {
        WAITING,
        RUNNING,
        DONE,
        FAILED,
        STOPPED
    }
}
