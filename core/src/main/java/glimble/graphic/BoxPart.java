package glimble.graphic;

/**
 * A rectangle that stands behind others.
 *
 * @param corners how round its corners are
 * @param slant px by which its left and right ends lean: at the top to the right, within its box; negative to the left
 * @param depth px by which it reaches away from the eye; 0 for flat
 */
public record BoxPart(Base base, Paint fill, Corners corners, double slant, double depth, Look look) implements Part {

    /** A flat one. */
    public BoxPart(Base base, Paint fill, Corners corners, double slant, Look look) {
        this(base, fill, corners, slant, 0, look);
    }

    @Override
    public String kind() {
        return "box";
    }

    @Override
    public BoxPart withBase(Base other) {
        return new BoxPart(other, fill, corners, slant, depth, look);
    }

    public BoxPart withDepth(double other) {
        return new BoxPart(base, fill, corners, slant, other, look);
    }

    public BoxPart withFill(Paint other) {
        return new BoxPart(base, other, corners, slant, depth, look);
    }
}
