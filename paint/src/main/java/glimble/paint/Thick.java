package glimble.paint;

import glimble.graphic.Light;
import glimble.reel.Layer;
import glimble.ribbon.Shade;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A box with depth, as it stands. A point at depth t behind the front is tilted with it: where the front has d′ = d · cos · s (see {@link Warp}), it is at
 * (d · cos + t · sin) · s, with t · cos left of its depth; at last it is seen further away from the eye before the middle of the picture. Of its
 * sides those are seen that face the eye; it is convex, so none hides another.
 */
final class Thick {
    private static final double FLATNESS = 0.1;
    private static final double CLOSE = 0.01;
    /** px by which sides reach under the face that is seen, and under each other. */
    private static final double UNDER = 1;

    private final Layer layer;
    private final Stand stand;
    /** Of its front and its back, one after the other, clockwise if the front is seen. */
    private final double[][] fronts;

    private final double[][] backs;
    /** Of each side, in its own place before anything moves, outwards. */
    private final double[][] outwards;

    private final Light light;

    /**
     * @param outline of its front, before it is moved
     * @param turned degrees by which the light comes from another side
     */
    Thick(Layer layer, Stand stand, Shape outline, double turned) {
        this.layer = layer;
        this.stand = stand;
        Light of = layer.solid().lit().light();
        light = new Light(of.from() + turned, of.height(), of.soft(), of.strength());
        List<double[]> points = points(outline);
        int count = points.size();
        fronts = new double[count][];
        backs = new double[count][];
        outwards = new double[count][];
        for (int i = 0; i < count; i++) {
            double[] at = points.get(i);
            double[] next = points.get((i + 1) % count);
            fronts[i] = placed(at, 0);
            backs[i] = placed(at, layer.solid().depth());
            double length = Math.hypot(next[0] - at[0], next[1] - at[1]);
            outwards[i] = new double[] {(next[1] - at[1]) / length, (at[0] - next[0]) / length, 0};
        }
    }

    /** Clockwise, none twice. */
    private static List<double[]> points(Shape outline) {
        List<double[]> points = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator path = outline.getPathIterator(null, FLATNESS); !path.isDone(); path.next()) {
            if (path.currentSegment(at) == PathIterator.SEG_CLOSE) continue;
            if (points.isEmpty() || far(points.get(points.size() - 1), at)) points.add(new double[] {at[0], at[1]});
        }
        while (points.size() > 1 && !far(points.get(0), points.get(points.size() - 1)))
            points.remove(points.size() - 1);
        if (area(points.toArray(double[][]::new)) < 0) Collections.reverse(points);
        return points;
    }

    private static boolean far(double[] one, double[] other) {
        return Math.hypot(one[0] - other[0], one[1] - other[1]) > CLOSE;
    }

    /** Twice the area; negative anticlockwise. */
    private static double area(double[]... points) {
        double area = 0;
        for (int i = 0; i < points.length; i++) {
            double[] next = points[(i + 1) % points.length];
            area += points[i][0] * next[1] - next[0] * points[i][1];
        }
        return area;
    }

    private double[] placed(double[] point, double depth) {
        Layer.Solid solid = layer.solid();
        double[] at = {point[0], point[1]};
        double left = depth;
        for (Stand.Step step : stand.steps()) {
            left = tilted(at, 1, step.tiltX(), step, left);
            left = tilted(at, 0, -step.tiltY(), step, left);
            step.matrix().transform(at, 0, at, 0, 1);
            left *= Math.sqrt(Math.abs(step.matrix().getDeterminant()));
        }
        return new double[] {
            Layer.Solid.further(at[0], solid.x(), solid.eye(), left),
            Layer.Solid.further(at[1], solid.y(), solid.eye(), left)
        };
    }

    /** @return what is left of its depth */
    private double tilted(double[] at, int along, double degrees, Stand.Step step, double depth) {
        if (degrees == 0) return depth;
        double eye = layer.solid().eye();
        double sin = Math.sin(Math.toRadians(degrees));
        double cos = Math.cos(Math.toRadians(degrees));
        double pivot = along == 0 ? step.pivotX() : step.pivotY();
        double beside = along == 0 ? step.pivotY() : step.pivotX();
        double from = at[along] - pivot;
        double scale = Layer.Solid.scale(eye, from * sin);
        at[along] = pivot + (from * cos + depth * sin) * scale;
        at[1 - along] = beside + (at[1 - along] - beside) * scale;
        return depth * cos * scale;
    }

    boolean isFrontSeen() {
        return area(fronts) > 0;
    }

    private boolean isSeen(int side) {
        int next = (side + 1) % fronts.length;
        return area(fronts[side], fronts[next], backs[next], backs[side]) < -1e-6;
    }

    /** What it reaches over. */
    Rectangle area() {
        Path2D all = path(fronts);
        all.append(path(backs), false);
        return Sheet.grown(all.getBounds(), 2);
    }

    private static Path2D path(double[]... points) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < points.length; i++) {
            if (i == 0) path.moveTo(points[i][0], points[i][1]);
            else path.lineTo(points[i][0], points[i][1]);
        }
        if (points.length > 0) path.closePath();
        return path;
    }

    /** Its sides that are seen, and its back if that is. */
    void paint(Graphics2D graphics) {
        for (int side = 0; side < fronts.length; side++) {
            if (!isSeen(side)) continue;
            graphics.setPaint(lit(layer.fill().from(), outwards[side]));
            graphics.fill(side(side));
        }
        if (isFrontSeen() || area(backs) >= 0) return;
        graphics.setPaint(lit(layer.fill().from(), new double[] {0, 0, -1}));
        graphics.fill(path(backs));
    }

    private Shape side(int side) {
        int count = fronts.length;
        int next = (side + 1) % count;
        double[][] corners = {fronts[side].clone(), fronts[next].clone(), backs[next].clone(), backs[side].clone()};
        // Under the face that is seen, and under the sides beside it.
        boolean front = isFrontSeen();
        Points.away(corners[front ? 0 : 3], corners[front ? 3 : 0], UNDER);
        Points.away(corners[front ? 1 : 2], corners[front ? 2 : 1], UNDER);
        if (isSeen((side + count - 1) % count)) {
            Points.away(corners[0], corners[1], UNDER);
            Points.away(corners[3], corners[2], UNDER);
        }
        if (isSeen(next)) {
            Points.away(corners[1], corners[0], UNDER);
            Points.away(corners[2], corners[3], UNDER);
        }
        return path(corners);
    }

    /** Its front, as light falls on it, opaque and without what it throws. */
    Layer front() {
        double[] facing = {0, 0, 1};
        Layer.Fill fill = layer.fill();
        Layer.Fill lit = new Layer.Fill(
                Colours.text(lit(fill.from(), facing)),
                Colours.text(lit(fill.to(), facing)),
                fill.radial(),
                fill.x1(),
                fill.y1(),
                fill.x2(),
                fill.y2());
        Layer.ThrownShadow none = new Layer.ThrownShadow("", 0, 0, 0);
        Layer.Line stroke = layer.stroke();
        String line = stroke.width() == 0 ? stroke.colour() : Colours.text(Colours.of(stroke.colour(), stand.tints()));
        return layer.withLook(lit, new Layer.Line(line, stroke.width()), none, none);
    }

    private Color lit(String colour, double[] facing) {
        double[] now = facing.clone();
        for (Stand.Step step : stand.steps()) {
            turned(now, 1, step.tiltX());
            turned(now, 0, -step.tiltY());
            moved(now, step);
        }
        Layer.Lit lit = layer.solid().lit();
        Color plain = Colours.of(colour, stand.tints());
        return Colours.lit(
                plain, Shade.of(now, light, 0), Colours.of(lit.black(), List.of()), Colours.of(lit.white(), List.of()));
    }

    private static void turned(double[] facing, int along, double degrees) {
        double sin = Math.sin(Math.toRadians(degrees));
        double cos = Math.cos(Math.toRadians(degrees));
        double there = facing[along];
        facing[along] = there * cos - facing[2] * sin;
        facing[2] = there * sin + facing[2] * cos;
    }

    /** Turned in the picture, however it is scaled. */
    private static void moved(double[] facing, Stand.Step step) {
        double size = Math.hypot(facing[0], facing[1]);
        double[] now = {facing[0], facing[1]};
        step.matrix().deltaTransform(now, 0, now, 0, 1);
        double scaled = Math.hypot(now[0], now[1]);
        if (scaled < 1e-9) return;
        facing[0] = now[0] / scaled * size;
        facing[1] = now[1] / scaled * size;
    }
}
