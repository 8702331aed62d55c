package glimble.server.graphics;

/** A revision has been saved. */
public record GraphicSaved(long id, int revision) {}
