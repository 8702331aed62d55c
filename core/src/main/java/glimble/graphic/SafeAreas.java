package glimble.graphic;

/**
 * How much of the raster lies inside the safe lines, along each axis; a house may have its own.
 *
 * @param action per cent inside the action-safe lines
 * @param title per cent inside the title-safe lines
 */
public record SafeAreas(double action, double title) {
    /** Source: EBU R 95. */
    public static final SafeAreas USUAL = new SafeAreas(93, 90);
}
