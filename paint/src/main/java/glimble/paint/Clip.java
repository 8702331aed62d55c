package glimble.paint;

import java.util.Arrays;

/** Cuts closed contours along upright lines. Source: Sutherland and Hodgman, Reentrant polygon clipping (1974). */
final class Clip {
    private Clip() {}

    /**
     * @param contour x and y of each point, px
     * @param line x of the line
     * @param right whether what lies to the right of the line is kept
     */
    static double[] within(double[] contour, double line, boolean right) {
        double[] kept = new double[2 * contour.length + 4];
        int count = 0;
        for (int i = 0; i < contour.length; i += 2) {
            int next = (i + 2) % contour.length;
            double x = contour[i];
            double y = contour[i + 1];
            double toX = contour[next];
            double toY = contour[next + 1];
            boolean in = right ? x >= line : x <= line;
            boolean toIn = right ? toX >= line : toX <= line;
            if (in) {
                kept[count++] = x;
                kept[count++] = y;
            }
            if (in != toIn) {
                kept[count++] = line;
                kept[count++] = y + (toY - y) * (line - x) / (toX - x);
            }
        }
        return Arrays.copyOf(kept, count);
    }
}
