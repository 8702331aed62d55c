package glimble.motion;

import glimble.graphic.Ease;
import java.util.function.DoubleUnaryOperator;

/**
 * The curve of an ease as a function from the share of time passed (0–1) to the share of the way gone: 0 at 0, 1 at 1, and
 * beyond in between where the curve overshoots. Each named family is its "in"; "out" is its mirror image and "in-out" both
 * halves. Only arithmetic and {@link StrictMath}, so that every machine gets the same numbers.
 */
public final class Curves {

    /** How far the back family overshoots; about 10 % of the way. */
    private static final double OVERSHOOT = 1.70158;

    private Curves() {}

    public static DoubleUnaryOperator of(Ease ease) {
        if (ease instanceof Ease.Named named) return directed(in(named.family()), named.direction());
        if (ease instanceof Ease.Bezier b) return new BezierCurve(b.x1(), b.y1(), b.x2(), b.y2());
        if (ease instanceof Ease.Steps steps) return t -> Math.floor(t * steps.count()) / steps.count();
        return t -> t;
    }

    private static DoubleUnaryOperator in(Ease.Family family) {
        return switch (family) {
            case SINE -> t -> 1 - StrictMath.cos(t * Math.PI / 2);
            case QUAD -> t -> t * t;
            case CUBIC -> t -> t * t * t;
            case QUART -> t -> t * t * t * t;
            case QUINT -> t -> t * t * t * t * t;
            // Shifted and scaled so that it begins at exactly 0.
            case EXPO -> t -> (StrictMath.pow(2, 10 * t) - 1) / 1023;
            case CIRC -> t -> 1 - Math.sqrt(1 - t * t);
            case BACK -> t -> t * t * ((OVERSHOOT + 1) * t - OVERSHOOT);
        };
    }

    private static DoubleUnaryOperator directed(DoubleUnaryOperator in, Ease.Direction direction) {
        return switch (direction) {
            case IN -> in;
            case OUT -> t -> 1 - in.applyAsDouble(1 - t);
            case IN_OUT -> t -> t < 0.5 ? in.applyAsDouble(2 * t) / 2 : 1 - in.applyAsDouble(2 - 2 * t) / 2;
        };
    }
}
