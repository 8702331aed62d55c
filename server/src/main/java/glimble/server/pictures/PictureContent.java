package glimble.server.pictures;

/** The bytes of a picture and what they are. */
public record PictureContent(String type, byte[] content) {}
