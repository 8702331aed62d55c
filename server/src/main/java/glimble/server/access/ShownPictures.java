package glimble.server.access;

/** Which pictures are on air. */
public interface ShownPictures {
    /** @param picture its key */
    boolean isShown(long output, String picture);
}
