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

    private static double[] four(double[] values, int i) {
        return values.length == 0 ? values : java.util.Arrays.copyOfRange(values, 4 * i, 4 * i + 4);
    }
}
