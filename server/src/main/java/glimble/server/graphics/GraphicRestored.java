package glimble.server.graphics;

/**
 * A graphic that had been put aside has been brought back.
 *
 * @param revision its current one
 */
public record GraphicRestored(long id, int revision) {}
