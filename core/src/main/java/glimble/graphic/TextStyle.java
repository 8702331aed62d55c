package glimble.graphic;

/**
 * How letters look.
 *
 * @param font id of a shipped font; glyphs it lacks come from the fonts it falls back to
 * @param size px of an em
 * @param tracking thousandths of an em added between letters; may be negative
 */
public record TextStyle(String font, double size, double tracking, Paint fill) {

    public TextStyle withSize(double other) {
        return new TextStyle(font, other, tracking, fill);
    }

    public TextStyle withFill(Paint other) {
        return new TextStyle(font, size, tracking, other);
    }
}
