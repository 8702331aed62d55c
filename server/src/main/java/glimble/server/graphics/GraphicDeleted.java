package glimble.server.graphics;

/** A graphic has been put aside. */
public record GraphicDeleted(long id) {}
