package glimble.paint;

import glimble.reel.Layer;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/**
 * What is seen of a layer while it is revealed: a band across the direction in which it opens.
 *
 * @param matrix from the coordinates of the band to those of the picture
 * @param degrees the way it opens, clockwise from the right
 * @param from along that way, px: seen from here …
 * @param to … to here
 * @param soft px over which its edges fade outwards
 */
record Opening(AffineTransform matrix, double degrees, double from, double to, double soft, boolean bothWays) {
    static final double FAR = 100_000;

    /** @param share 0–1 of its extent that is seen */
    static Opening of(Layer layer, glimble.graphic.Opening opening, double share, AffineTransform matrix) {
        double radians = Math.toRadians(opening.degrees());
        double x = Math.min(layer.box().x(), layer.ink().x());
        double y = Math.min(layer.box().y(), layer.ink().y());
        double right = Math.max(layer.box().right(), layer.ink().right());
        double bottom = Math.max(layer.box().bottom(), layer.ink().bottom());
        double first = Double.POSITIVE_INFINITY;
        double last = Double.NEGATIVE_INFINITY;
        for (double[] corner : new double[][] {{x, y}, {right, y}, {x, bottom}, {right, bottom}}) {
            double along = corner[0] * Math.cos(radians) + corner[1] * Math.sin(radians);
            first = Math.min(first, along);
            last = Math.max(last, along);
        }
        double soft = opening.soft();
        double extent = (last - first + (opening.bothWays() ? 2 : 1) * soft) * share;
        double middle = (first + last) / 2;
        return new Opening(
                matrix,
                opening.degrees(),
                opening.bothWays() ? middle - extent / 2 + soft : first - FAR,
                opening.bothWays() ? middle + extent / 2 - soft : first + extent - soft,
                soft,
                opening.bothWays());
    }

    /** The same as a group moves it. */
    Opening within(AffineTransform group) {
        AffineTransform moved = new AffineTransform(group);
        moved.concatenate(matrix);
        return new Opening(moved, degrees, from, to, soft, bothWays);
    }

    /** Coordinates in which the way it opens is to the right. */
    AffineTransform turned() {
        AffineTransform turned = new AffineTransform(matrix);
        turned.rotate(Math.toRadians(degrees));
        return turned;
    }

    /** The band with hard edges, in the picture. */
    Shape band() {
        Rectangle2D band = new Rectangle2D.Double(from, -FAR, Math.max(0, to - from), 2 * FAR);
        return turned().createTransformedShape(new Path2D.Double(band));
    }
}
