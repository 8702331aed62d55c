package glimble.graphic;

import java.util.List;

/**
 * How a ribbon runs.
 *
 * @param bends pieces of its course in the plane of the picture, from its start to its end; none for straight
 * @param waves pieces of its course in depth, likewise
 * @param holds the point of its course that keeps its place and its heading: 0 its start, 0.5 its middle, 1 its end
 * @param twist degrees by which it turns about its course from its start to its end, its foot towards the eye
 * @param taper how it narrows
 * @param tilt how all of it is turned
 * @param least share, 0–1, to which a bend in the plane may squeeze what is on its inner side; the bends are eased to keep it
 */
public record RibbonForm(
        List<Bend> bends, List<Bend> waves, double holds, double twist, Taper taper, Tilt tilt, double least) {
    public static final double USUAL_LEAST = 0.7;
    public static final RibbonForm STRAIGHT =
            new RibbonForm(List.of(), List.of(), 0.5, 0, Taper.NONE, Tilt.NONE, USUAL_LEAST);

    public RibbonForm {
        bends = List.copyOf(bends);
        waves = List.copyOf(waves);
    }

    /**
     * How a ribbon narrows towards its ends.
     *
     * @param start share of its breadth that is left at its start, 0–1
     * @param end share that is left at its end
     * @param over share of its length over which it narrows at either end, 0–0.5
     */
    public record Taper(double start, double end, double over) {
        public static final Taper NONE = new Taper(1, 1, USUAL_OVER);
    }

    /** Share of the length over which a ribbon narrows unless it says otherwise. */
    public static final double USUAL_OVER = 0.25;

    /**
     * Degrees about the point it holds, in this order.
     *
     * @param turn clockwise
     * @param x its top away from the eye
     * @param y its right away from the eye
     */
    public record Tilt(double turn, double x, double y) {
        public static final Tilt NONE = new Tilt(0, 0, 0);
    }
}
