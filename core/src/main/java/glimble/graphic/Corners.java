package glimble.graphic;

/**
 * How round corners are, px. They stay round at any size, and shrink only when the part is too small for them.
 */
public record Corners(double topLeft, double topRight, double bottomRight, double bottomLeft) {
    public static final Corners SHARP = all(0);
    /** px; rounder than anything has room for, so that its ends are half circles. */
    public static final Corners ROUND = all(10_000);

    public static Corners all(double radius) {
        return new Corners(radius, radius, radius, radius);
    }

    public boolean areAlike() {
        return topLeft == topRight && topRight == bottomRight && bottomRight == bottomLeft;
    }

    public Corners times(double factor) {
        return new Corners(topLeft * factor, topRight * factor, bottomRight * factor, bottomLeft * factor);
    }

    /** The same seen in a mirror. */
    public Corners mirrored() {
        return new Corners(topRight, topLeft, bottomLeft, bottomRight);
    }

    /**
     * The same, all smaller by one factor where two of them have no room side by side. Source: CSS Backgrounds and Borders
     * Level 3, overlapping curves.
     *
     * @param width px of the part
     * @param height px of the part
     */
    public Corners within(double width, double height) {
        double factor = 1;
        factor = Math.min(factor, room(width, topLeft + topRight));
        factor = Math.min(factor, room(width, bottomLeft + bottomRight));
        factor = Math.min(factor, room(height, topLeft + bottomLeft));
        factor = Math.min(factor, room(height, topRight + bottomRight));
        return factor == 1 ? this : times(factor);
    }

    private static double room(double has, double needs) {
        return needs <= has ? 1 : has / needs;
    }
}
