package glimble.rest;

import java.util.Optional;

/** What is known of the pictures that documents and values name; their contents are of no account here. */
public interface Pictures {
    /** For graphics without pictures. */
    Pictures NONE = key -> Optional.empty();

    /** The proportions of a picture, in its own px; empty if there is none by that key. */
    Optional<Extent> extent(String key);

    /** Both more than 0. */
    record Extent(double width, double height) {}
}
