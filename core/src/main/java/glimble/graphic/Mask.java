package glimble.graphic;

/**
 * A part's shape, as it moves, through which another part is seen.
 *
 * @param by key of the part whose shape it is
 * @param inside true: seen inside that shape; false: seen outside it
 * @param soft px over which its edge fades; 0 for a hard edge
 */
public record Mask(String by, boolean inside, double soft) {

    public Mask(String by, boolean inside) {
        this(by, inside, 0);
    }

    /** The same by another part. */
    public Mask by(String other) {
        return new Mask(other, inside, soft);
    }
}
