package glimble.graphic;

/**
 * How letters look.
 *
 * @param font id of a shipped font; glyphs it lacks come from the fonts it falls back to
 * @param size px of an em
 */
public record TextStyle(String font, double size, Paint fill) {}
