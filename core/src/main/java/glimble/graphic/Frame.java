package glimble.graphic;

/**
 * The picture a graphic is made for.
 *
 * @param width px
 * @param height px
 * @param rate frames per second
 * @param length frames from the first frame of in to the last of out, when nobody says otherwise
 */
public record Frame(int width, int height, Rate rate, int length) {

    /** Per cent of the raster inside the action-safe lines, along each axis. Source: EBU R 95. */
    public static final int ACTION_SAFE = 93;

    /** Per cent of the raster inside the title-safe lines, along each axis. Source: EBU R 95. */
    public static final int TITLE_SAFE = 90;

    /** Extent along an axis, px. */
    public int extent(Axis axis) {
        return axis == Axis.X ? width : height;
    }

    /** Per cent of the raster inside {@code frame}, {@code action-safe} or {@code title-safe}. */
    public static int percent(String ground) {
        return switch (ground) {
            case Place.TITLE_SAFE -> TITLE_SAFE;
            case Place.ACTION_SAFE -> ACTION_SAFE;
            default -> 100;
        };
    }

    /** Distance of a safe line from the edge of the frame, px; {@code percent} of the raster lie inside it. */
    public double inset(Axis axis, int percent) {
        return extent(axis) * (100 - percent) / 200.0;
    }
}
