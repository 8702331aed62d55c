package glimble.paint;

/** Points as x and y. */
final class Points {
    private static final double NOWHERE = 1e-6;

    private Points() {}

    /** Moves a point away from another one, px; if both are the same there is no way to go. */
    static void away(double[] point, double[] from, double by) {
        double x = point[0] - from[0];
        double y = point[1] - from[1];
        double length = Math.hypot(x, y);
        if (length < NOWHERE) return;
        point[0] += x / length * by;
        point[1] += y / length * by;
    }
}
