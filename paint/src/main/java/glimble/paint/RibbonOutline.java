package glimble.paint;

import glimble.reel.RibbonNow;
import glimble.ribbon.Facets;
import glimble.ribbon.Runs;
import java.awt.geom.Path2D;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What is seen of a ribbon, in runs, in px of the picture before it is moved as a whole. */
final class RibbonOutline {
    private final RibbonNow ribbon;
    private final Facets facets;
    private final List<Runs.Run> runs;
    private final Map<Runs.Run, Path2D> outlines;
    private final Path2D whole;

    private RibbonOutline(RibbonNow ribbon) {
        this.ribbon = ribbon;
        facets = Facets.of(ribbon.surface(), ribbon.from(), ribbon.to());
        runs = Runs.of(facets);
        outlines = new HashMap<>();
        whole = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (Runs.Run run : runs) {
            outlines.put(run, made(run));
            whole.append(outlines.get(run), false);
        }
    }

    /** The same shape in another light. */
    private RibbonOutline(RibbonNow ribbon, RibbonOutline same) {
        this.ribbon = ribbon;
        facets = same.facets;
        runs = same.runs;
        outlines = same.outlines;
        whole = same.whole;
    }

    /** @param before that of another frame, of which everything is kept that is the same; or null */
    static RibbonOutline of(RibbonNow ribbon, RibbonOutline before) {
        boolean same = before != null && before.ribbon.isSeenAs(ribbon);
        return same ? new RibbonOutline(ribbon, before) : new RibbonOutline(ribbon);
    }

    RibbonNow ribbon() {
        return ribbon;
    }

    Facets facets() {
        return facets;
    }

    /** What is further away first. */
    List<Runs.Run> runs() {
        return runs;
    }

    /** All of it; the same object as long as it is the same shape. */
    Path2D whole() {
        return whole;
    }

    /** One of its runs. */
    Path2D outline(Runs.Run run) {
        return outlines.get(run);
    }

    /** One run, clockwise as it is seen; with a facet more where the same side goes on, so that no seam is left. */
    private Path2D made(Runs.Run run) {
        int last = run.last() + 1;
        if (last < facets.count() && facets.isFront(last) == run.front()) last++;
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        int at = run.first();
        while (at < last) {
            int end = at;
            while (end < last && !facets.isBow(end)) end++;
            if (end > at) band(path, at, end, run.front());
            else bow(path, at);
            at = Math.max(end, at + 1);
        }
        return path;
    }

    /** Facets between two rulings, clockwise as they are seen. */
    private void band(Path2D path, int first, int last, boolean front) {
        if (front) {
            for (int i = first; i <= last; i++) top(path, i, i == first);
            for (int i = last; i >= first; i--) foot(path, i, false);
        } else {
            for (int i = first; i <= last; i++) foot(path, i, i == first);
            for (int i = last; i >= first; i--) top(path, i, false);
        }
        path.closePath();
    }

    /** One that looks like a bow tie: strip by strip, each clockwise. */
    private void bow(Path2D path, int facet) {
        for (int strip = 0; strip < RibbonCells.BOW; strip++) {
            double[][] corners =
                    corners(facet, strip / (double) RibbonCells.BOW, (strip + 1) / (double) RibbonCells.BOW);
            boolean clockwise = area(corners) >= 0;
            for (int k = 0; k < 4; k++) {
                double[] corner = corners[clockwise ? k : 3 - k];
                if (k == 0) path.moveTo(corner[0], corner[1]);
                else path.lineTo(corner[0], corner[1]);
            }
            path.closePath();
        }
    }

    /** A piece of a facet between two shares of its rulings: x and y of its corners in the picture, clockwise where its front is seen. */
    double[][] corners(int facet, double from, double to) {
        return new double[][] {corner(facet, from), corner(facet + 1, from), corner(facet + 1, to), corner(facet, to)};
    }

    private double[] corner(int ruling, double share) {
        return new double[] {
            ribbon.x() + facets.topX(ruling) + (facets.footX(ruling) - facets.topX(ruling)) * share,
            ribbon.y() + facets.topY(ruling) + (facets.footY(ruling) - facets.topY(ruling)) * share
        };
    }

    /** Twice the area, px²; negative anticlockwise. */
    static double area(double[][] corners) {
        return (corners[2][0] - corners[0][0]) * (corners[3][1] - corners[1][1])
                - (corners[2][1] - corners[0][1]) * (corners[3][0] - corners[1][0]);
    }

    private void top(Path2D path, int ruling, boolean first) {
        to(path, facets.topX(ruling), facets.topY(ruling), first);
    }

    private void foot(Path2D path, int ruling, boolean first) {
        to(path, facets.footX(ruling), facets.footY(ruling), first);
    }

    private void to(Path2D path, double x, double y, boolean first) {
        if (first) path.moveTo(ribbon.x() + x, ribbon.y() + y);
        else path.lineTo(ribbon.x() + x, ribbon.y() + y);
    }
}
