package glimble.ribbon;

/**
 * Where the rulings of a ribbon lie along its course: evenly between each two joints.
 */
final class Grid {
    private final double[] joints;
    /** Rulings before each joint. */
    private final int[] before;
    /** Of each ruling. */
    private final double[] shares;

    /**
     * @param joints shares of the length, from 0 to 1
     * @param counts of facets between each two of them, 1 at least
     */
    Grid(double[] joints, int[] counts) {
        this.joints = joints;
        before = new int[joints.length];
        for (int i = 0; i < counts.length; i++) before[i + 1] = before[i] + counts[i];
        shares = new double[count() + 1];
        for (int piece = 0; piece < counts.length; piece++) {
            double each = (joints[piece + 1] - joints[piece]) / counts[piece];
            for (int i = 0; i < counts[piece]; i++) shares[before[piece] + i] = joints[piece] + each * i;
        }
        shares[count()] = joints[joints.length - 1];
    }

    /** Of facets. */
    int count() {
        return before[before.length - 1];
    }

    /** The share of the length at which a ruling lies. */
    double share(int ruling) {
        return shares[ruling];
    }

    /** Which ruling lies at a share of the length, with what lies between; beyond the ends it goes on. */
    double place(double share) {
        int piece = 0;
        while (piece < joints.length - 2 && joints[piece + 1] <= share) piece++;
        double within = (share - joints[piece]) / (joints[piece + 1] - joints[piece]);
        return before[piece] + within * (before[piece + 1] - before[piece]);
    }
}
