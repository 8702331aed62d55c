package glimble.graphic;

/**
 * A rectangle that stands behind others.
 *
 * @param radius px of its round corners; they stay round at any size, and shrink only when the box is too small for them
 * @param slant px by which its left and right ends lean: at the top to the right, within its box; negative to the left
 */
public record BoxPart(Base base, Paint fill, double radius, double slant, Look look) implements Part {

    @Override
    public String kind() {
        return "box";
    }
}
