package glimble.ribbon;

/**
 * What the channels of a ribbon add to its form at a moment.
 *
 * @param bend factor of all its bends and waves
 * @param curl degrees by which it is rolled up towards the eye at its loose ends
 * @param twist degrees more over its length
 * @param taper factor of the shares that are left at its ends
 * @param tiltX degrees more, its top away from the eye
 * @param tiltY degrees more, its right away from the eye
 * @param light degrees clockwise by which the light comes from another side
 */
public record RibbonState(
        double bend, double curl, double twist, double taper, double tiltX, double tiltY, double light) {
    public static final RibbonState REST = new RibbonState(1, 0, 0, 1, 0, 0, 0);

    /** Whether it makes the same shape, whatever its light. */
    public boolean isShapedAs(RibbonState other) {
        return equals(
                new RibbonState(other.bend, other.curl, other.twist, other.taper, other.tiltX, other.tiltY, light));
    }
}
