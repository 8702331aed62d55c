package glimble.paint;

import java.util.Optional;

/** Where the contents of pictures come from. */
public interface PictureSource {
    /** For reels without pictures. */
    PictureSource NONE = key -> Optional.empty();

    /** A PNG, JPEG or SVG; empty if there is no picture by that key. */
    Optional<byte[]> content(String key);
}
