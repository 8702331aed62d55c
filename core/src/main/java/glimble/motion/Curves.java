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

    /** A frame on which a step falls is on it, whatever dividing frames by frames has rounded: forwards and backwards alike. */
    private static final double ROUNDING = 1e-9;

    private Curves() {}

    public static DoubleUnaryOperator of(Ease ease) {
        if (ease instanceof Ease.Named named) return directed(in(named.family()), named.direction());
        if (ease instanceof Ease.Bezier b) return new BezierCurve(b.x1(), b.y1(), b.x2(), b.y2());
        if (ease instanceof Ease.Steps steps) {
            return steps.atStart()
                    ? t -> Math.ceil(t * steps.count() - ROUNDING) / steps.count()
                    : t -> Math.floor(t * steps.count() + ROUNDING) / steps.count();
        }
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
            case ELASTIC -> Curves::elastic;
            case BOUNCE -> t -> 1 - bounced(1 - t);
        };
    }

    /** Swings three times before it is gone: a sine whose height doubles with every tenth of the time. */
    private static double elastic(double t) {
        if (t <= 0 || t >= 1) return t;
        return -StrictMath.pow(2, 10 * (t - 1)) * StrictMath.sin((t - 1.075) * 2 * Math.PI / 0.3);
    }

    /** A ball that falls and bounces three times, each half as long as the one before; its heights follow from that. */
    private static double bounced(double t) {
        // The first fall and half of 1 + 1/2 + 1/4 of it up and down again take all of the time.
        double fall = 1 / (1 + 2 * (0.5 + 0.25 + 0.125));
        if (t < fall) return (t / fall) * (t / fall);
        double start = fall;
        for (double half = fall / 2; half > fall / 9; half /= 2) {
            double end = start + 2 * half;
            if (t <= end || half < fall / 7) {
                double from = (t - start - half) / fall;
                return Math.min(1, 1 - (half / fall) * (half / fall) + from * from);
            }
            start = end;
        }
        return 1;
    }

    private static DoubleUnaryOperator directed(DoubleUnaryOperator in, Ease.Direction direction) {
        return switch (direction) {
            case IN -> in;
            case OUT -> t -> 1 - in.applyAsDouble(1 - t);
            case IN_OUT -> t -> t < 0.5 ? in.applyAsDouble(2 * t) / 2 : 1 - in.applyAsDouble(2 - 2 * t) / 2;
        };
    }
}
