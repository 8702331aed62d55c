package glimble.motion;

import java.util.function.DoubleUnaryOperator;

/**
 * A curve with two handles from (0, 0) to (1, 1). Source: CSS Easing Functions Level 1, cubic Bézier easing functions.
 * With x1 and x2 within 0–1, x grows with the parameter, so the parameter for an x is found by bisection; 52 halvings
 * reach the precision of a double.
 */
record BezierCurve(double x1, double y1, double x2, double y2) implements DoubleUnaryOperator {

    @Override
    public double applyAsDouble(double x) {
        if (x <= 0) return 0;
        if (x >= 1) return 1;
        double low = 0;
        double high = 1;
        for (int i = 0; i < 52; i++) {
            double middle = (low + high) / 2;
            if (at(middle, x1, x2) < x) low = middle;
            else high = middle;
        }
        return at((low + high) / 2, y1, y2);
    }

    private static double at(double s, double first, double second) {
        double t = 1 - s;
        return 3 * t * t * s * first + 3 * t * s * s * second + s * s * s;
    }
}
