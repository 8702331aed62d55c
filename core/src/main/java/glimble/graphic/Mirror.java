package glimble.graphic;

/**
 * When a graphic stands mirrored from left to right: places, growth, alignment and the direction of motion; never the letters.
 *
 * @param field key of the field that says so
 * @param when the value for which it is mirrored
 */
public record Mirror(String field, String when) {}
