package glimble.paint;

import java.awt.Shape;
import java.awt.geom.PathIterator;

/** A shape as SVG path data. */
public final class SvgPath {
    private static final String COMMANDS = "MLQCZ";
    private static final int[] NUMBERS = {2, 2, 4, 6, 0};

    private SvgPath() {}

    /** Coordinates to 1/100 of a unit; an empty text for an empty shape. */
    public static String of(Shape shape) {
        StringBuilder path = new StringBuilder();
        double[] points = new double[6];
        for (PathIterator at = shape.getPathIterator(null); !at.isDone(); at.next()) {
            int segment = at.currentSegment(points);
            path.append(COMMANDS.charAt(segment));
            for (int i = 0; i < NUMBERS[segment]; i++) {
                if (i > 0) path.append(' ');
                path.append(plain(points[i]));
            }
        }
        return path.toString();
    }

    private static String plain(double number) {
        long hundredths = Math.round(number * 100);
        return hundredths % 100 == 0 ? Long.toString(hundredths / 100) : Double.toString(hundredths / 100.0);
    }
}
