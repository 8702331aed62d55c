package glimble.paint;

import glimble.document.Tree;
import java.awt.geom.AffineTransform;
import java.util.List;

/** Matrices over frames as shift, turn, scale and skew of a vector animation. */
final class KeyedMatrix {
    private static final double NOTHING = 1e-9;

    private KeyedMatrix() {}

    /**
     * Takes each matrix apart into a scale, then a skew along x, then a turn, then a shift.
     *
     * @param matrices one a frame
     */
    static void put(Tree.Maker transform, List<AffineTransform> matrices) {
        int frames = matrices.size();
        double[][] shift = new double[frames][];
        double[][] scale = new double[frames][];
        double[][] turn = new double[frames][];
        double[][] skew = new double[frames][];
        double turned = 0;
        for (int i = 0; i < frames; i++) {
            AffineTransform of = matrices.get(i);
            double across = Math.hypot(of.getScaleX(), of.getShearY());
            if (across > NOTHING) turned = near(Math.atan2(of.getShearY(), of.getScaleX()), turned);
            double cos = Math.cos(turned);
            double sin = Math.sin(turned);
            double along = of.getShearX() * cos + of.getScaleY() * sin;
            double down = of.getScaleY() * cos - of.getShearX() * sin;
            shift[i] = new double[] {of.getTranslateX(), of.getTranslateY()};
            scale[i] = new double[] {100 * across, 100 * down};
            turn[i] = new double[] {Math.toDegrees(turned)};
            skew[i] = new double[] {Math.abs(down) > NOTHING ? -Math.toDegrees(Math.atan2(along / down, 1)) : 0};
        }
        transform
                .put("a", KeyedValue.still(0, 0))
                .put("p", KeyedValue.of(shift, 0.005))
                .put("s", KeyedValue.of(scale, 0.005))
                .put("r", KeyedValue.of(turn, 0.005))
                .put("sk", KeyedValue.of(skew, 0.005))
                .put("sa", KeyedValue.still(0));
    }

    /** The same angle, as few rounds as possible from another; radians. */
    private static double near(double angle, double other) {
        return angle + 2 * Math.PI * Math.round((other - angle) / (2 * Math.PI));
    }
}
