package glimble.handover;

import glimble.formats.pictures.PictureFile;

/** Names of files for pictures of the house. */
final class PictureNames {
    private PictureNames() {}

    static String of(String key, PictureFile file) {
        String ending = switch (file.type()) {
            case "image/png" -> ".png";
            case "image/jpeg" -> ".jpg";
            default -> ".svg";
        };
        // Two keys may be written alike; their sums are not.
        return FileNames.of(key) + "-" + Integer.toHexString(key.hashCode()) + ending;
    }
}
