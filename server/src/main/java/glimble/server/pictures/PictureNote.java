package glimble.server.pictures;

/**
 * That there is a picture.
 *
 * @param key how documents and values name it
 * @param type media type
 * @param width px
 * @param height px
 */
public record PictureNote(String key, String type, double width, double height) {}
