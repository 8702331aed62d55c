package glimble.paint;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;

/** Fills shapes with colours that change along a line: Java2D finds what is covered, and each pixel takes its colour from a table. */
final class Graded {
    private static final int COLOURS = 1024;

    private Graded() {}

    /**
     * @param onto on which it is drawn
     * @param matrix from the shape to the picture
     * @param opacity 0 to 1
     */
    static void fill(Sheet onto, Shape shape, AffineTransform matrix, GradientPaint paint, double opacity) {
        Rectangle area =
                Sheet.grown(matrix.createTransformedShape(shape).getBounds(), 1).intersection(onto.at());
        if (area.isEmpty()) return;
        Sheet covered = Sheet.blank(area);
        Graphics2D graphics = covered.graphics();
        graphics.setTransform(covered.from(matrix));
        graphics.setPaint(Color.BLACK);
        graphics.fill(shape);
        graphics.dispose();
        colour(covered, matrix, paint);
        onto.layOver(covered, opacity);
    }

    /** Gives every pixel that is covered its colour. */
    private static void colour(Sheet covered, AffineTransform matrix, GradientPaint paint) {
        double[] along = along(matrix, paint);
        int[] colours = colours(paint.getColor1(), paint.getColor2());
        int[] pixels = Laid.pixels(covered.image());
        int width = covered.image().getWidth();
        for (int row = 0, i = 0; row < covered.image().getHeight(); row++) {
            double at = along[0] * (covered.at().x + 0.5) + along[1] * (covered.at().y + row + 0.5) + along[2];
            for (int column = 0; column < width; column++, i++, at += along[0]) {
                int share = pixels[i] >>> 24;
                if (share == 0) continue;
                int colour = colours[at <= 0 ? 0 : at >= 1 ? COLOURS : (int) (at * COLOURS + 0.5)];
                pixels[i] = share == 255 ? colour : Laid.times(colour, share);
            }
        }
    }

    /** What is added to how far along the line a point of the picture lies, 0 to 1: for each px to the right, for each down, and always. */
    private static double[] along(AffineTransform matrix, GradientPaint paint) {
        Point2D from = paint.getPoint1();
        double x = paint.getPoint2().getX() - from.getX();
        double y = paint.getPoint2().getY() - from.getY();
        double square = x * x + y * y;
        AffineTransform back;
        try {
            back = matrix.createInverse();
        } catch (NoninvertibleTransformException e) {
            // What is pressed flat covers nothing that could be seen.
            return new double[] {0, 0, 0};
        }
        if (square == 0) return new double[] {0, 0, 1};
        return new double[] {
            (back.getScaleX() * x + back.getShearY() * y) / square,
            (back.getShearX() * x + back.getScaleY() * y) / square,
            ((back.getTranslateX() - from.getX()) * x + (back.getTranslateY() - from.getY()) * y) / square
        };
    }

    /** From one colour to the other, multiplied by their alpha. */
    private static int[] colours(Color from, Color to) {
        int[] colours = new int[COLOURS + 1];
        for (int i = 0; i <= COLOURS; i++) {
            double share = i / (double) COLOURS;
            int alpha = between(from.getAlpha(), to.getAlpha(), share);
            int opaque = 255 << 24
                    | between(from.getRed(), to.getRed(), share) << 16
                    | between(from.getGreen(), to.getGreen(), share) << 8
                    | between(from.getBlue(), to.getBlue(), share);
            colours[i] = Laid.times(opaque, alpha);
        }
        return colours;
    }

    private static int between(int from, int to, double share) {
        return (int) (from + (to - from) * share + 0.5);
    }
}
