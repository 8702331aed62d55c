package glimble.graphic;

/**
 * How a reveal opens.
 *
 * @param degrees the way it opens, clockwise: 0 to the right, 90 downwards
 * @param bothWays whether it opens from the middle, that way and the opposite way
 * @param soft px over which its edge fades; 0 for a hard edge
 */
public record Opening(double degrees, boolean bothWays, double soft) {
    public static final Opening RIGHT = toward(Toward.RIGHT);

    public static Opening toward(Toward toward) {
        return new Opening(
                switch (toward) {
                    case RIGHT -> 0;
                    case DOWN -> 90;
                    case LEFT -> 180;
                    case UP -> 270;
                },
                false,
                0);
    }

    /** The same seen in a mirror. */
    public Opening mirrored() {
        return new Opening((540 - degrees) % 360, bothWays, soft);
    }
}
