package glimble.ribbon;

import java.util.Arrays;

/**
 * The part of a surface between two places along its course, as it is seen: rulings from edge to edge, and between each two of them a
 * facet. Coordinates as those of the surface.
 */
public final class Facets {
    /** px²; less than this faces nobody. */
    private static final double EDGE_ON = 1e-6;

    private final double[] along;
    /** Of each ruling: x, y and z of its top, then of its foot. */
    private final double[] ends;

    private Facets(double[] along, double[] ends) {
        this.along = along;
        this.ends = ends;
    }

    /**
     * @param from px along the course
     * @param to px along the course; not beyond {@code from} for nothing at all
     */
    public static Facets of(Surface surface, double from, double to) {
        double first = Math.max(0, from);
        double last = Math.min(surface.length(), to);
        if (last <= first) return new Facets(new double[0], new double[0]);
        double[] along = new double[surface.facets() + 2];
        int count = 0;
        along[count++] = first;
        for (int i = 0; i <= surface.facets(); i++) {
            double at = surface.along(i);
            if (at > first && at < last) along[count++] = at;
        }
        along[count++] = last;
        double[] kept = Arrays.copyOf(along, count);
        double[] ends = new double[6 * count];
        for (int i = 0; i < count; i++) {
            double half = surface.half(kept[i]);
            System.arraycopy(surface.point(kept[i], -half), 0, ends, 6 * i, 3);
            System.arraycopy(surface.point(kept[i], half), 0, ends, 6 * i + 3, 3);
        }
        return new Facets(kept, ends);
    }

    /** How many there are. */
    public int count() {
        return Math.max(0, along.length - 1);
    }

    /** px along the course of a ruling. */
    public double along(int ruling) {
        return along[ruling];
    }

    public double topX(int ruling) {
        return ends[6 * ruling];
    }

    public double topY(int ruling) {
        return ends[6 * ruling + 1];
    }

    public double footX(int ruling) {
        return ends[6 * ruling + 3];
    }

    public double footY(int ruling) {
        return ends[6 * ruling + 4];
    }

    /** Twice its area as it is seen, px²; negative for one whose back is seen. */
    double area(int facet) {
        int a = 6 * facet;
        int b = a + 6;
        // Its two diagonals: from the top of the first ruling to the foot of the next, and from the top of the next to
        // the foot of the first.
        double downX = ends[b + 3] - ends[a];
        double downY = ends[b + 4] - ends[a + 1];
        double backX = ends[a + 3] - ends[b];
        double backY = ends[a + 4] - ends[b + 1];
        return downX * backY - downY * backX;
    }

    /** Whether its front is seen. */
    public boolean isFront(int facet) {
        return area(facet) >= -EDGE_ON;
    }

    /** Whether its ends are seen from different sides, so that it looks like a bow tie. */
    public boolean isBow(int facet) {
        int a = 6 * facet;
        int b = a + 6;
        return triangle(a, b, b + 3) * triangle(a, b + 3, a + 3) < 0
                && triangle(a, b, a + 3) * triangle(b, b + 3, a + 3) < 0;
    }

    private double triangle(int i, int j, int k) {
        return (ends[j] - ends[i]) * (ends[k + 1] - ends[i + 1]) - (ends[j + 1] - ends[i + 1]) * (ends[k] - ends[i]);
    }

    /** z of the top of a ruling. */
    public double topZ(int ruling) {
        return ends[6 * ruling + 2];
    }

    public double footZ(int ruling) {
        return ends[6 * ruling + 5];
    }

    /** Its corners, clockwise from the top of its first ruling: x, y and z each. */
    public double[] corners(int facet) {
        int a = 6 * facet;
        int b = a + 6;
        return new double[] {
            ends[a], ends[a + 1], ends[a + 2], ends[b], ends[b + 1], ends[b + 2],
            ends[b + 3], ends[b + 4], ends[b + 5], ends[a + 3], ends[a + 4], ends[a + 5]
        };
    }
}
