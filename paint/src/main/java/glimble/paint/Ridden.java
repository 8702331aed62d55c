package glimble.paint;

import glimble.reel.RibbonNow;
import glimble.ribbon.Runs;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;

/**
 * Shapes that stand on a ribbon: taken from where they would be if it were straight to where they are seen, as far as the front of the
 * ribbon is seen there and revealed.
 */
final class Ridden {
    private static final double FLAT = 0.1;
    /** px of the straight shape between points, at most. */
    private static final double STEP = 6;

    private static final double FAR = 1e7;

    private final RibbonNow ribbon;
    private final RibbonOutline outline;

    private final Stand.Riding riding;

    private Ridden(RibbonOutline outline, Stand.Riding riding) {
        this.outline = outline;
        this.riding = riding;
        ribbon = outline.ribbon();
    }

    /**
     * @param stand of what rides
     * @param flat from the shape to where it rests as if the ribbon were straight
     */
    static Shape of(Stand stand, Shape shape, AffineTransform flat) {
        AffineTransform moved = new AffineTransform(stand.riding().matrix());
        moved.concatenate(flat);
        return new Ridden(stand.ribbon(), stand.riding()).of(shape, moved);
    }

    private Shape of(Shape shape, AffineTransform flat) {
        List<double[]> contours = contours(shape, flat);
        List<Runs.Run> runs = outline.runs();
        Path2D all = new Path2D.Double(Path2D.WIND_NON_ZERO);
        List<Path2D> before = new ArrayList<>();
        // From the nearest to the furthest: what covers something is known before what it covers.
        for (int i = runs.size() - 1; i >= 0; i--) {
            Runs.Run run = runs.get(i);
            if (run.front()) all.append(left(bent(cut(contours, reach(run))), before), false);
            if (run.covers()) before.add(outline.outline(run));
        }
        return all;
    }

    /** What is left of a shape behind others; where they do not meet that costs nothing. */
    private static Shape left(Path2D shape, List<Path2D> before) {
        Area left = null;
        for (Path2D other : before) {
            if (shape.getCurrentPoint() == null || !other.getBounds2D().intersects(shape.getBounds2D())) continue;
            if (left == null) left = new Area(shape);
            left.subtract(new Area(other));
        }
        return left == null ? shape : left;
    }

    /** From where to where along the course a run reaches, px; beyond an end that is wholly revealed letters are seen as well. */
    private double[] reach(Runs.Run run) {
        boolean begins = run.first() == 0 && ribbon.isOpenAtStart();
        boolean ends = run.last() == outline.facets().count() - 1 && ribbon.isOpenAtEnd();
        double x = ribbon.straight().x();
        return new double[] {
            Math.max(riding.from(), begins ? -FAR : x + outline.facets().along(run.first())),
            Math.min(riding.to(), ends ? FAR : x + outline.facets().along(run.last() + 1))
        };
    }

    private static List<double[]> contours(Shape shape, AffineTransform flat) {
        List<double[]> contours = new ArrayList<>();
        List<Double> contour = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator path = new FlatteningPathIterator(shape.getPathIterator(flat), FLAT);
                !path.isDone();
                path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) close(contours, contour);
            if (kind == PathIterator.SEG_CLOSE) continue;
            contour.add(at[0]);
            contour.add(at[1]);
        }
        close(contours, contour);
        return contours;
    }

    private static void close(List<double[]> contours, List<Double> contour) {
        if (contour.size() >= 6)
            contours.add(contour.stream().mapToDouble(Double::doubleValue).toArray());
        contour.clear();
    }

    private static List<double[]> cut(List<double[]> contours, double[] reach) {
        List<double[]> cut = new ArrayList<>();
        for (double[] contour : contours) {
            double[] left = Clip.within(Clip.within(contour, reach[0], true), reach[1], false);
            if (left.length >= 6) cut.add(left);
        }
        return cut;
    }

    private Path2D bent(List<double[]> contours) {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (double[] contour : contours) {
            int count = contour.length / 2;
            for (int i = 0; i < count; i++) {
                int next = (i + 1) % count;
                double x = contour[2 * i];
                double y = contour[2 * i + 1];
                double toX = contour[2 * next] - x;
                double toY = contour[2 * next + 1] - y;
                int steps = (int) Math.max(1, Math.ceil(Math.hypot(toX, toY) / STEP));
                for (int step = 0; step < steps; step++) {
                    double share = step / (double) steps;
                    double[] at = ribbon.point(x + toX * share, y + toY * share);
                    if (i == 0 && step == 0) path.moveTo(at[0], at[1]);
                    else path.lineTo(at[0], at[1]);
                }
            }
            path.closePath();
        }
        return path;
    }
}
