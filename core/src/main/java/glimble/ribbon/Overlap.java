package glimble.ribbon;

/** Which of two facets is before the other where they are seen one over the other. */
final class Overlap {
    /** px by which one has to be nearer to be before the other. */
    private static final double NEARER = 0.05;
    /** Share by which a facet is drawn in towards its middle before it is compared, so that neighbours do not meet. */
    private static final double DRAWN_IN = 0.02;

    private Overlap() {}

    /**
     * @param a corners of a facet: x, y and z each
     * @param b corners of another one
     * @return px by which the first is nearer to the eye, negative if it is further; 0 if they are not seen one over the other
     */
    static double nearer(double[] a, double[] b) {
        double most = 0;
        for (int which = 0; which < 2; which++) {
            double[] of = which == 0 ? a : b;
            double[] in = which == 0 ? b : a;
            double x = (of[0] + of[3] + of[6] + of[9]) / 4;
            double y = (of[1] + of[4] + of[7] + of[10]) / 4;
            double z = (of[2] + of[5] + of[8] + of[11]) / 4;
            for (int k = -1; k < 4; k++) {
                double px = k < 0 ? x : of[3 * k] + (x - of[3 * k]) * DRAWN_IN;
                double py = k < 0 ? y : of[3 * k + 1] + (y - of[3 * k + 1]) * DRAWN_IN;
                double pz = k < 0 ? z : of[3 * k + 2] + (z - of[3 * k + 2]) * DRAWN_IN;
                double depth = depth(in, px, py);
                if (Double.isNaN(depth)) continue;
                double by = which == 0 ? pz - depth : depth - pz;
                if (Math.abs(by) > Math.abs(most)) most = by;
            }
        }
        return Math.abs(most) < NEARER ? 0 : most;
    }

    /** z of a facet where a point is seen on it; no number if it is not seen there. */
    private static double depth(double[] of, double x, double y) {
        double depth = triangle(of, 0, 1, 2, x, y);
        return Double.isNaN(depth) ? triangle(of, 0, 2, 3, x, y) : depth;
    }

    private static double triangle(double[] of, int i, int j, int k, double x, double y) {
        double ax = of[3 * i];
        double ay = of[3 * i + 1];
        double bx = of[3 * j] - ax;
        double by = of[3 * j + 1] - ay;
        double cx = of[3 * k] - ax;
        double cy = of[3 * k + 1] - ay;
        double area = bx * cy - by * cx;
        if (Math.abs(area) < 1e-9) return Double.NaN;
        double v = ((x - ax) * cy - (y - ay) * cx) / area;
        double w = (bx * (y - ay) - by * (x - ax)) / area;
        if (v < 0 || w < 0 || v + w > 1) return Double.NaN;
        return of[3 * i + 2] * (1 - v - w) + of[3 * j + 2] * v + of[3 * k + 2] * w;
    }

    /** The upright rectangle around a facet: left, top, right and bottom. */
    static double[] around(double[] of) {
        return new double[] {
            Math.min(Math.min(of[0], of[3]), Math.min(of[6], of[9])),
            Math.min(Math.min(of[1], of[4]), Math.min(of[7], of[10])),
            Math.max(Math.max(of[0], of[3]), Math.max(of[6], of[9])),
            Math.max(Math.max(of[1], of[4]), Math.max(of[7], of[10]))
        };
    }

    /** The upright rectangle around several of them, from one to another. */
    static double[] around(double[][] boxes, int first, int last) {
        double[] all = boxes[first].clone();
        for (int i = first + 1; i <= last; i++) {
            all[0] = Math.min(all[0], boxes[i][0]);
            all[1] = Math.min(all[1], boxes[i][1]);
            all[2] = Math.max(all[2], boxes[i][2]);
            all[3] = Math.max(all[3], boxes[i][3]);
        }
        return all;
    }

    static boolean meet(double[] a, double[] b) {
        return a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
    }
}
