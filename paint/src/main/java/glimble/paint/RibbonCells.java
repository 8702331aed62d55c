package glimble.paint;

import glimble.reel.Layer;
import glimble.reel.RibbonNow;
import glimble.ribbon.Facets;
import glimble.ribbon.Runs;
import glimble.ribbon.Shade;
import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What a ribbon is filled with: pieces of facets, each in its colour as it is lit, that reach a little over each other and beyond the edge. What is cut to
 * the edge of their run has no seams. In px of the picture.
 */
final class RibbonCells {
    /** px by which facets reach over their neighbours and beyond the edge that cuts them. */
    private static final double OVER = 0.75;
    /** Steps of colour across a ribbon whose gradient runs that way, at most. */
    private static final int STRIPS = 24;

    private final Layer layer;
    private final RibbonOutline outline;
    private final Facets facets;
    private final RibbonNow ribbon;
    private final AffineTransform matrix;
    private final List<Stand.Tint> tints;
    private final Color black;
    private final Color white;

    /** By so much, of 255, colours may differ that are filled as one. */
    private static final int ALIKE = 2;

    /** Strips across a facet whose ends are seen from different sides. */
    static final int BOW = 12;

    /**
     * @param shape of one colour
     * @param depth z towards the eye
     */
    record Cell(Shape shape, Color colour, double depth) {}

    /**
     * A piece of a facet.
     *
     * @param rulings pieces of the two it lies between: their tops and feet, in px of the picture
     * @param whole whether it reaches from edge to edge, so that its neighbours may be filled with it
     */
    private record Piece(double[][][] rulings, Color colour, double depth, boolean whole) {
        boolean isFilledWith(Piece other) {
            return whole
                    && other.whole
                    && Math.abs(colour.getRed() - other.colour.getRed()) <= ALIKE
                    && Math.abs(colour.getGreen() - other.colour.getGreen()) <= ALIKE
                    && Math.abs(colour.getBlue() - other.colour.getBlue()) <= ALIKE;
        }
    }

    RibbonCells(Layer layer, RibbonOutline outline, AffineTransform matrix, List<Stand.Tint> tints) {
        this.layer = layer;
        this.matrix = matrix;
        this.tints = tints;
        black = Colours.of(layer.ribbon().lit().black(), List.of());
        white = Colours.of(layer.ribbon().lit().white(), List.of());
        this.outline = outline;
        facets = outline.facets();
        ribbon = outline.ribbon();
    }

    /** Those of a run, what is further away first: where a ribbon turns over an edge that leans, neighbours are seen one over the other. */
    List<Cell> of(Runs.Run run) {
        List<Piece> pieces = new ArrayList<>();
        int last = Math.min(facets.count() - 1, run.last() + 1);
        for (int facet = run.first(); facet <= last; facet++) facet(pieces, run, facet);
        List<Cell> cells = joined(pieces);
        cells.sort(Comparator.comparingDouble(Cell::depth));
        return cells;
    }

    /** With neighbours whose colours nobody tells apart as one, in the colour of the one in the middle. */
    private static List<Cell> joined(List<Piece> pieces) {
        List<Cell> cells = new ArrayList<>();
        int first = 0;
        for (int i = 1; i <= pieces.size(); i++) {
            if (i < pieces.size() && pieces.get(first).isFilledWith(pieces.get(i))) continue;
            List<double[][]> rulings = new ArrayList<>();
            rulings.add(pieces.get(first).rulings()[0]);
            for (int k = first; k < i; k++) rulings.add(pieces.get(k).rulings()[1]);
            Piece middle = pieces.get((first + i - 1) / 2);
            cells.add(new Cell(band(rulings), middle.colour(), middle.depth()));
            first = i;
        }
        return cells;
    }

    private void facet(List<Piece> pieces, Runs.Run run, int facet) {
        double along = (facets.along(facet) + facets.along(facet + 1)) / 2;
        double half = ribbon.surface().half(along);
        boolean bow = facets.isBow(facet);
        int strips = Math.max(strips(run.front() ? layer.fill() : layer.ribbon().back()), bow ? BOW : 1);
        for (int strip = 0; strip < strips; strip++) {
            double from = strip / (double) strips;
            double to = (strip + 1) / (double) strips;
            double[][] corners = outline.corners(facet, from, to);
            boolean front = bow ? RibbonOutline.area(corners) >= 0 : run.front();
            Layer.Fill fill = front ? layer.fill() : layer.ribbon().back();
            Shade shade = ribbon.shade(layer.ribbon(), along, front);
            Color colour = Colours.lit(colour(fill, along, half * (from + to - 1)), shade, black, white);
            for (double[] corner : corners) matrix.transform(corner, 0, corner, 0, 1);
            double[][][] rulings = {{corners[0], corners[3]}, {corners[1], corners[2]}};
            pieces.add(new Piece(rulings, colour, depth(facet, (from + to) / 2), strips == 1));
        }
    }

    private double depth(int facet, double share) {
        double top = facets.topZ(facet) + facets.topZ(facet + 1);
        return top + (facets.footZ(facet) + facets.footZ(facet + 1) - top) * share;
    }

    /** Reaching over its neighbours and beyond the edges. */
    private static Shape band(List<double[][]> rulings) {
        int last = rulings.size() - 1;
        for (int side = 0; side < 2; side++) {
            Points.away(rulings.get(0)[side], rulings.get(1)[side], OVER);
            Points.away(rulings.get(last)[side], rulings.get(last - 1)[side], OVER);
        }
        for (double[][] ruling : rulings) {
            Points.away(ruling[0], ruling[1], OVER);
            Points.away(ruling[1], ruling[0], OVER);
        }
        Path2D path = new Path2D.Double();
        path.moveTo(rulings.get(0)[0][0], rulings.get(0)[0][1]);
        for (int i = 1; i <= last; i++) path.lineTo(rulings.get(i)[0][0], rulings.get(i)[0][1]);
        for (int i = last; i >= 0; i--) path.lineTo(rulings.get(i)[1][0], rulings.get(i)[1][1]);
        path.closePath();
        return path;
    }

    private int strips(Layer.Fill fill) {
        boolean plain = fill.from().equals(fill.to());
        double down = Math.abs(fill.y2() - fill.y1());
        if (plain || down < 0.5) return 1;
        return (int) Math.max(2, Math.min(STRIPS, Math.ceil(down / 4)));
    }

    private Color colour(Layer.Fill fill, double along, double off) {
        Color from = Colours.of(fill.from(), tints);
        if (fill.from().equals(fill.to())) return from;
        double x = ribbon.straight().x() + along - fill.x1();
        double y = ribbon.straight().y() + ribbon.straight().height() / 2 + off - fill.y1();
        double dx = fill.x2() - fill.x1();
        double dy = fill.y2() - fill.y1();
        double share = Stand.within((x * dx + y * dy) / Math.max(1e-9, dx * dx + dy * dy));
        Color to = Colours.of(fill.to(), tints);
        return new Color(
                mixed(from.getRed(), to.getRed(), share),
                mixed(from.getGreen(), to.getGreen(), share),
                mixed(from.getBlue(), to.getBlue(), share));
    }

    private static int mixed(double from, double to, double share) {
        return (int) Math.round(from + (to - from) * share);
    }
}
