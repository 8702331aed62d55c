package glimble.paint;

import glimble.document.Tree;
import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;

/**
 * The closed curves of a shape, each as points with the handles before and after them.
 *
 * @param curves for each point its x and y, the handle before it and the handle after it, both from the point; px
 */
record Outline(List<double[]> curves) {
    private static final int EACH = 6;

    static Outline of(Shape shape) {
        List<double[]> curves = new ArrayList<>();
        List<double[]> points = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator path = shape.getPathIterator(null); !path.isDone(); path.next()) {
            int segment = path.currentSegment(at);
            switch (segment) {
                case PathIterator.SEG_MOVETO -> {
                    end(points, curves);
                    points.add(new double[] {at[0], at[1], 0, 0, 0, 0});
                }
                case PathIterator.SEG_LINETO -> points.add(new double[] {at[0], at[1], 0, 0, 0, 0});
                case PathIterator.SEG_QUADTO -> {
                    double[] from = points.get(points.size() - 1);
                    // Two thirds of the way to the one handle of a quadratic curve.
                    from[4] = (at[0] - from[0]) * 2 / 3;
                    from[5] = (at[1] - from[1]) * 2 / 3;
                    points.add(new double[] {at[2], at[3], (at[0] - at[2]) * 2 / 3, (at[1] - at[3]) * 2 / 3, 0, 0});
                }
                case PathIterator.SEG_CUBICTO -> {
                    double[] from = points.get(points.size() - 1);
                    from[4] = at[0] - from[0];
                    from[5] = at[1] - from[1];
                    points.add(new double[] {at[4], at[5], at[2] - at[4], at[3] - at[5], 0, 0});
                }
                default -> end(points, curves);
            }
        }
        end(points, curves);
        return new Outline(curves);
    }

    private static void end(List<double[]> points, List<double[]> curves) {
        if (points.size() > 1) {
            double[] first = points.get(0);
            double[] last = points.get(points.size() - 1);
            if (Point2D.distance(first[0], first[1], last[0], last[1]) < 1e-9) {
                first[2] = last[2];
                first[3] = last[3];
                points.remove(points.size() - 1);
            }
            double[] curve = new double[points.size() * EACH];
            for (int i = 0; i < points.size(); i++) System.arraycopy(points.get(i), 0, curve, i * EACH, EACH);
            curves.add(curve);
        }
        points.clear();
    }

    /** Equal for outlines that can become one another point by point. */
    List<Integer> form() {
        return curves.stream().map(curve -> curve.length).toList();
    }

    /** A curve as a vector animation has it. */
    static Tree written(double[] curve) {
        List<Tree> points = new ArrayList<>();
        List<Tree> before = new ArrayList<>();
        List<Tree> after = new ArrayList<>();
        for (int i = 0; i < curve.length; i += EACH) {
            points.add(KeyedValue.numbers(new double[] {curve[i], curve[i + 1]}));
            before.add(KeyedValue.numbers(new double[] {curve[i + 2], curve[i + 3]}));
            after.add(KeyedValue.numbers(new double[] {curve[i + 4], curve[i + 5]}));
        }
        return Tree.object()
                .put("c", true)
                .put("v", new Tree.Arr(points))
                .put("i", new Tree.Arr(before))
                .put("o", new Tree.Arr(after))
                .made();
    }
}
