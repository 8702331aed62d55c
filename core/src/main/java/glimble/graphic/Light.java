package glimble.graphic;

/**
 * The one light that falls on all of a graphic that has depth.
 *
 * @param from degrees clockwise of the side it comes from: 0 from the right, 90 from below, 270 from above; mirrored with the graphic
 * @param height degrees above the plane of the picture; 90 is from the eye
 * @param soft 0–1, how far it reaches round what turns away from it
 * @param strength 0–1; with 0 everything has its own colour
 */
public record Light(double from, double height, double soft, double strength) {
    public static final Light USUAL = new Light(235, 50, 0.4, 0.6);

    public Light mirrored() {
        return new Light((540 - from) % 360, height, soft, strength);
    }
}
