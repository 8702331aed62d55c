package glimble.reel;

import glimble.graphic.PhaseName;

/**
 * How the box of a layer differs from rest over a phase. One value a frame, px by which each edge lies further to the right or down;
 * before the first frame the first values hold, after the last the last ones.
 *
 * @param fill where the two points of its gradient lie meanwhile: x and y of both, px, four a frame; empty for where they lie at rest
 * @param picture where its whole picture stands meanwhile: x, y, width and height, px, four a frame; empty likewise
 * @param round of the loop: after how many frames it begins again; 0 for any other phase
 */
public record Resize(
        PhaseName phase,
        int first,
        double[] left,
        double[] top,
        double[] right,
        double[] bottom,
        double[] fill,
        double[] picture,
        int round) {

    /** Of a box whose gradient and picture stay where they are at rest. */
    public Resize(PhaseName phase, int first, double[] left, double[] top, double[] right, double[] bottom) {
        this(phase, first, left, top, right, bottom, new double[0], new double[0], 0);
    }

    /** None at all, over a phase. */
    static Resize still(PhaseName phase) {
        return new Resize(phase, 0, new double[1], new double[1], new double[1], new double[1]);
    }

    /** Which of the values holds at a frame. */
    public int index(int frame) {
        return Math.max(0, Math.min(left.length - 1, (round > 0 ? frame % round : frame) - first));
    }

    /** The frame from which on nothing changes. */
    public int last() {
        return first + left.length - 1;
    }

    /** The same played so many frames later, in a phase. */
    public Resize shifted(PhaseName otherPhase, int by) {
        return new Resize(otherPhase, first + by, left, top, right, bottom, fill, picture, round);
    }

    /** What holds at a frame, and does not change over a phase. */
    public Resize held(PhaseName otherPhase, int frame) {
        int i = index(frame);
        return new Resize(
                otherPhase,
                0,
                new double[] {left[i]},
                new double[] {top[i]},
                new double[] {right[i]},
                new double[] {bottom[i]},
                four(fill, i),
                four(picture, i),
                0);
    }

    /** Whether it is no change. */
    boolean isRest() {
        for (double[] edge : new double[][] {left, top, right, bottom})
            for (double px : edge) if (px != 0) return false;
        return true;
    }

    /**
     * The same from where a box stands: what that is away from its beginning it loses smoothly.
     *
     * @param stands that does not change
     * @param length frames of the phase
     */
    Resize from(Resize stands, int length) {
        double[][] ways = {left, top, right, bottom};
        double[][] from = {stands.left, stands.top, stands.right, stands.bottom};
        double[][] edges = new double[4][length + 1];
        for (int frame = 0; frame <= length; frame++) {
            double left = EarlyOut.left(frame, length);
            for (int edge = 0; edge < 4; edge++) {
                double away = from[edge][0] - ways[edge][index(0)];
                edges[edge][frame] = Rounding.px(ways[edge][index(frame)] + away * left);
            }
        }
        return new Resize(
                phase,
                0,
                edges[0],
                edges[1],
                edges[2],
                edges[3],
                kept(stands.fill, length + 1),
                kept(stands.picture, length + 1),
                0);
    }

    /** Four numbers, or none, for every frame. */
    private static double[] kept(double[] four, int frames) {
        double[] kept = new double[four.length * frames];
        for (int i = 0; i < kept.length; i++) kept[i] = four[i % four.length];
        return kept;
    }

    private static double[] four(double[] values, int i) {
        return values.length == 0 ? values : java.util.Arrays.copyOfRange(values, 4 * i, 4 * i + 4);
    }
}
