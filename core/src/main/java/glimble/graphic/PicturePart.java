package glimble.graphic;

/**
 * A picture, such as a logo or a crest. It keeps its proportion whatever the size of the part.
 *
 * @param picture key of a picture of the house, or {@code {field}} for the one that a field names
 * @param fills true: it fills the part and what stands over is cut off; false: it fits inside it
 */
public record PicturePart(Base base, String picture, boolean fills, Corners corners, Look look) implements Part {

    @Override
    public String kind() {
        return "picture";
    }

    @Override
    public PicturePart withBase(Base other) {
        return new PicturePart(other, picture, fills, corners, look);
    }
}
