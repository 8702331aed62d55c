package glimble.graphic;

/**
 * A rectangle that stands behind others.
 *
 * @param radius px of its round corners; they stay round at any size, and shrink only when the box is too small for them
 */
public record BoxPart(Base base, Paint fill, double radius) implements Part {

    @Override
    public String kind() {
        return "box";
    }
}
