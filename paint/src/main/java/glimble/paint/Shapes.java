package glimble.paint;

import glimble.graphic.Corners;
import glimble.reel.Layer;
import glimble.rest.Rect;
import glimble.text.GlyphRun;
import glimble.typeset.JdkTypesetter;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;

/** The shapes of layers: letters, or boxes with corners and slanted ends. */
final class Shapes {
    /** How far the handles of a quarter of a circle lie along its sides. */
    private static final double ROUND = 0.5522847498;

    private static final int KEPT = 256;

    private final JdkTypesetter typesetter;
    private final Map<Glyph, Shape> outlines = new HashMap<>();
    /** Of the letters of whole texts, by their runs. */
    private final Map<List<GlyphRun>, Placed> texts = new IdentityHashMap<>();

    /** The last ones that were asked for. */
    private final Map<Box, Shape> boxes = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Box, Shape> eldest) {
            return size() > KEPT;
        }
    };

    /** What rides, as it was bent last. */
    private final Map<Rider, Bent> riders = new HashMap<>();

    private record Rider(String part, Rect box) {}

    private record Bent(Ride ride, Shape shape) {}

    /** @param ribbon the shape of the ribbon, by identity */
    private record Ride(Shape ribbon, Stand.Riding riding, String edges) {
        boolean isSame(Ride other) {
            return ribbon == other.ribbon && riding.equals(other.riding) && edges.equals(other.edges);
        }
    }

    private record Box(
            Rect box,
            Corners corners,
            double slant,
            boolean flipped,
            double left,
            double top,
            double right,
            double bottom) {}

    private record Glyph(String font, int id) {}

    /** Where letters were when their shapes were made. */
    private record Placed(double x, double baseline, Path2D path, List<Shape> letters) {
        boolean isAt(Layer layer) {
            return x == layer.box().x() && baseline == layer.baseline();
        }
    }

    Shapes(JdkTypesetter typesetter) {
        this.typesetter = typesetter;
    }

    /** @param edges px by which left, top, right and bottom lie elsewhere than at rest; a text goes with left and top */
    Shape of(Layer layer, double[] edges) {
        if (layer.kind().equals("text")) {
            Path2D path = placed(layer).path();
            return edges[0] == 0 && edges[1] == 0
                    ? path
                    : AffineTransform.getTranslateInstance(edges[0], edges[1]).createTransformedShape(path);
        }
        Box asked = new Box(
                layer.box(), layer.corners(), layer.slant(), layer.flipped(), edges[0], edges[1], edges[2], edges[3]);
        return boxes.computeIfAbsent(asked, none -> box(layer, edges));
    }

    /** The shape of a layer as it stands before it is moved as a whole: also of a ribbon, and of what rides on one. */
    Shape standing(Layer layer, Stand stand) {
        if (layer.ribbon() != null) return stand.ribbon().whole();
        if (stand.riding() == null) return of(layer, stand.edges());
        Ride ride = new Ride(stand.ribbon().whole(), stand.riding(), Arrays.toString(stand.edges()));
        Rider rider = new Rider(layer.part(), layer.box());
        Bent known = riders.get(rider);
        if (known != null && known.ride.isSame(ride)) return known.shape;
        Shape shape = Ridden.of(stand, of(layer, stand.edges()), new AffineTransform());
        riders.put(rider, new Bent(ride, shape));
        return shape;
    }

    private static Shape box(Layer layer, double[] edges) {
        double x = layer.box().x() + edges[0];
        double y = layer.box().y() + edges[1];
        double width = Math.max(0, layer.box().width() - edges[0] + edges[2]);
        double height = Math.max(0, layer.box().height() - edges[1] + edges[3]);
        Corners corners = layer.corners().within(width, height);
        double slant = Math.max(-width, Math.min(width, layer.slant()));
        return slant == 0
                ? box(x, y, width, height, corners, layer.flipped())
                : slanted(x, y, width, height, slant, corners, layer.flipped());
    }

    /** The shape of each letter of a text; what belongs to no letter draws nothing. */
    List<Shape> letters(Layer layer) {
        return placed(layer).letters();
    }

    private Placed placed(Layer layer) {
        Placed known = texts.get(layer.runs());
        if (known != null && known.isAt(layer)) return known;
        Path2D whole = new Path2D.Double(Path2D.WIND_NON_ZERO);
        addLetters(layer, unit -> whole);
        List<Path2D> letters = new ArrayList<>();
        for (int i = 0; i < layer.units().size(); i++) letters.add(new Path2D.Double(Path2D.WIND_NON_ZERO));
        if (!letters.isEmpty()) addLetters(layer, unit -> unit < 0 ? null : letters.get(unit));
        Placed placed = new Placed(layer.box().x(), layer.baseline(), whole, new ArrayList<>(letters));
        texts.put(layer.runs(), placed);
        return placed;
    }

    private void addLetters(Layer layer, IntFunction<Path2D> pathOf) {
        for (GlyphRun run : layer.runs()) {
            for (int i = 0; i < run.glyphs().length; i++) {
                Path2D path = pathOf.apply(run.units()[i]);
                if (path == null) continue;
                AffineTransform place = new AffineTransform(
                        run.scaleX(), 0, 0, run.scaleY(), layer.box().x() + run.x()[i], layer.baseline() + run.y()[i]);
                Shape outline = outlines.computeIfAbsent(
                        new Glyph(run.font(), run.glyphs()[i]), glyph -> typesetter.outline(glyph.font(), glyph.id()));
                path.append(outline.getPathIterator(place), false);
            }
        }
    }

    /** px along the outline of a shape. */
    static double length(Shape shape) {
        double length = 0;
        double[] start = new double[2];
        double[] at = new double[2];
        double[] point = new double[6];
        for (PathIterator path = new FlatteningPathIterator(shape.getPathIterator(null), 0.05);
                !path.isDone();
                path.next()) {
            int kind = path.currentSegment(point);
            double[] to = kind == PathIterator.SEG_CLOSE ? start : point;
            if (kind != PathIterator.SEG_MOVETO) length += Math.hypot(to[0] - at[0], to[1] - at[1]);
            else start = new double[] {point[0], point[1]};
            at = new double[] {to[0], to[1]};
        }
        return length;
    }

    private static Shape box(double x, double y, double width, double height, Corners kept, boolean flipped) {
        Path2D path = new Path2D.Double();
        if (!flipped) {
            path.moveTo(x + kept.topLeft(), y);
            path.lineTo(x + width - kept.topRight(), y);
        } else path.moveTo(x + width - kept.topRight(), y);
        corner(path, x + width, y, 0, kept.topRight());
        path.lineTo(x + width, y + height - kept.bottomRight());
        corner(path, x + width, y + height, 1, kept.bottomRight());
        path.lineTo(x + kept.bottomLeft(), y + height);
        corner(path, x, y + height, 2, kept.bottomLeft());
        path.lineTo(x, y + kept.topLeft());
        corner(path, x, y, 3, kept.topLeft());
        path.closePath();
        return path;
    }

    private static void corner(Path2D path, double x, double y, int quarter, double radius) {
        double rest = radius * (1 - ROUND);
        switch (quarter) {
            case 0 -> path.curveTo(x - rest, y, x, y + rest, x, y + radius);
            case 1 -> path.curveTo(x, y - rest, x - rest, y, x - radius, y);
            case 2 -> path.curveTo(x + rest, y, x, y - rest, x, y - radius);
            default -> path.curveTo(x, y + rest, x + rest, y, x + radius, y);
        }
    }

    private static Shape slanted(
            double x, double y, double width, double height, double slant, Corners corners, boolean flipped) {
        double top = Math.max(slant, 0);
        double foot = Math.max(-slant, 0);
        double[][] points = {{x + top, y}, {x + width - foot, y}, {x + width - top, y + height}, {x + foot, y + height}
        };
        double[] radii = {corners.topLeft(), corners.topRight(), corners.bottomRight(), corners.bottomLeft()};
        Path2D path = new Path2D.Double();
        // Begins in the middle of the side before its first corner, so that every corner is rounded in the same way.
        int begins = flipped ? 2 : 0;
        double[] before = points[(begins + 3) % 4];
        path.moveTo((points[begins][0] + before[0]) / 2, (points[begins][1] + before[1]) / 2);
        for (int n = 0; n < 4; n++) {
            int i = (begins + n) % 4;
            double[] next = points[(i + 1) % 4];
            arcTo(path, points[i], new double[] {(points[i][0] + next[0]) / 2, (points[i][1] + next[1]) / 2}, radii[i]);
        }
        path.closePath();
        return path;
    }

    /** A round corner between where the path is and a point. */
    private static void arcTo(Path2D path, double[] corner, double[] to, double radius) {
        double[] from = {path.getCurrentPoint().getX(), path.getCurrentPoint().getY()};
        double[] in = direction(corner, from);
        double[] out = direction(corner, to);
        double angle = Math.acos(Math.max(-1, Math.min(1, in[0] * out[0] + in[1] * out[1])));
        if (radius == 0 || angle == 0 || angle == Math.PI) {
            path.lineTo(corner[0], corner[1]);
            return;
        }
        double back = radius / Math.tan(angle / 2);
        double handle = back - 4.0 / 3 * Math.tan((Math.PI - angle) / 4) * radius;
        path.lineTo(corner[0] + in[0] * back, corner[1] + in[1] * back);
        path.curveTo(
                corner[0] + in[0] * handle,
                corner[1] + in[1] * handle,
                corner[0] + out[0] * handle,
                corner[1] + out[1] * handle,
                corner[0] + out[0] * back,
                corner[1] + out[1] * back);
    }

    private static double[] direction(double[] from, double[] to) {
        double length = Math.hypot(to[0] - from[0], to[1] - from[1]);
        return new double[] {(to[0] - from[0]) / length, (to[1] - from[1]) / length};
    }
}
