package glimble.paint;

import glimble.ribbon.Facets;
import glimble.ribbon.Weave;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** Where a ribbon that is drawn already passes before another one. */
final class Woven {
    /** px by which what passes before is drawn in, so that the other reaches under its edge. */
    private static final double UNDER = 0.6;

    private Woven() {}

    /** What of a ribbon hides another one, in the picture; empty if nothing does. */
    static Path2D before(Stand ribbon, Stand other) {
        Path2D hides = new Path2D.Double(Path2D.WIND_NON_ZERO);
        Rectangle2D own =
                ribbon.matrix().createTransformedShape(ribbon.ribbon().whole()).getBounds2D();
        Rectangle2D its =
                other.matrix().createTransformedShape(other.ribbon().whole()).getBounds2D();
        if (!own.intersects(its)) return hides;
        double[][] facets = corners(ribbon);
        for (int facet : Weave.before(facets, corners(other))) add(hides, facets[facet]);
        return hides;
    }

    private static double[][] corners(Stand stand) {
        Facets facets = stand.ribbon().facets();
        AffineTransform matrix = stand.matrix();
        double scale = Math.sqrt(Math.abs(matrix.getDeterminant()));
        double[][] placed = new double[facets.count()][];
        for (int i = 0; i < placed.length; i++) {
            double[] corners = facets.corners(i);
            for (int k = 0; k < corners.length; k += 3) {
                double[] at = {
                    stand.ribbon().ribbon().x() + corners[k],
                    stand.ribbon().ribbon().y() + corners[k + 1]
                };
                matrix.transform(at, 0, at, 0, 1);
                corners[k] = at[0];
                corners[k + 1] = at[1];
                corners[k + 2] *= scale;
            }
            placed[i] = corners;
        }
        return placed;
    }

    /** A facet, its top and foot drawn in, all of them clockwise. */
    private static void add(Path2D path, double[] corners) {
        double[][] points = new double[4][];
        for (int k = 0; k < 4; k++) points[k] = new double[] {corners[3 * k], corners[3 * k + 1]};
        drawIn(points[0], points[3]);
        drawIn(points[1], points[2]);
        boolean clockwise = RibbonOutline.area(points) >= 0;
        for (int k = 0; k < 4; k++) {
            double[] point = points[clockwise ? k : 3 - k];
            if (k == 0) path.moveTo(point[0], point[1]);
            else path.lineTo(point[0], point[1]);
        }
        path.closePath();
    }

    private static void drawIn(double[] top, double[] foot) {
        double x = foot[0] - top[0];
        double y = foot[1] - top[1];
        double length = Math.hypot(x, y);
        if (length < 2 * UNDER) return;
        top[0] += x / length * UNDER;
        top[1] += y / length * UNDER;
        foot[0] -= x / length * UNDER;
        foot[1] -= y / length * UNDER;
    }
}
