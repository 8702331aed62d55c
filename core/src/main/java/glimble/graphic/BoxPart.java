package glimble.graphic;

/**
 * A rectangle that stands behind others.
 *
 * @param corners how round its corners are
 * @param slant px by which its left and right ends lean: at the top to the right, within its box; negative to the left
 */
public record BoxPart(Base base, Paint fill, Corners corners, double slant, Look look) implements Part {

    @Override
    public String kind() {
        return "box";
    }

    @Override
    public BoxPart withBase(Base other) {
        return new BoxPart(other, fill, corners, slant, look);
    }

    public BoxPart withFill(Paint other) {
        return new BoxPart(base, other, corners, slant, look);
    }
}
