package glimble.graphic;

/**
 * The picture a graphic is made for.
 *
 * @param width px
 * @param height px
 * @param rate frames per second
 * @param length frames from the first frame of in to the last of out, when nobody says otherwise
 * @param fills whether in and out fill the length that is given, without a stay between them
 * @param safe the safe areas; not of the document but of the house
 * @param wholePixels whether the edges of everything but letters stand on whole px at rest; likewise of the house
 */
public record Frame(int width, int height, Rate rate, int length, boolean fills, SafeAreas safe, boolean wholePixels) {

    public Frame(int width, int height, Rate rate, int length) {
        this(width, height, rate, length, false, SafeAreas.USUAL, false);
    }

    /** As a house wants it. */
    public Frame of(SafeAreas areas, boolean whole) {
        return new Frame(width, height, rate, length, fills, areas, whole);
    }

    public Frame withLength(int frames) {
        return new Frame(width, height, rate, frames, fills, safe, wholePixels);
    }

    /** Extent along an axis, px. */
    public int extent(Axis axis) {
        return axis == Axis.X ? width : height;
    }

    /**
     * Distance from the edge of the frame to a ground, px; 0 for the frame itself.
     *
     * @param ground {@code frame}, {@code action-safe} or {@code title-safe}
     */
    public double inset(Axis axis, String ground) {
        double percent = switch (ground) {
            case Place.TITLE_SAFE -> safe.title();
            case Place.ACTION_SAFE -> safe.action();
            default -> 100;
        };
        return extent(axis) * (100 - percent) / 200.0;
    }
}
