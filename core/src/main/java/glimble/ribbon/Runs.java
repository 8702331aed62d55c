package glimble.ribbon;

import java.util.ArrayList;
import java.util.List;

/**
 * The order in which a ribbon is drawn, so that it passes before and behind itself as it should: runs of neighbouring facets that show the
 * same side and turn by less than a third of a round, so that none lies over itself; what is further away first.
 */
public final class Runs {
    /** Radians by which the edge of a run may turn, as it is seen. */
    private static final double MOST = Math.toRadians(120);

    /** Facets of a run that are compared with those of another one, about. */
    private static final int LOOKED_AT = 32;

    private Runs() {}

    /**
     * Neighbouring facets that are drawn together.
     *
     * @param first the first of them
     * @param last the last of them
     * @param front whether their front is seen
     * @param covers whether it lies before something of the same ribbon that is drawn earlier
     */
    public record Run(int first, int last, boolean front, boolean covers) {}

    /** Those of a ribbon, what is further away first. */
    public static List<Run> of(Facets facets) {
        List<Run> runs = cut(facets);
        if (runs.size() < 2) return runs;
        return ordered(runs, facets);
    }

    private static List<Run> cut(Facets facets) {
        List<Run> runs = new ArrayList<>();
        int first = 0;
        double turned = 0;
        for (int i = 1; i <= facets.count(); i++) {
            boolean ends = i == facets.count() || facets.isFront(i) != facets.isFront(first);
            if (!ends) {
                turned += turn(facets, i);
                ends = Math.abs(turned) > MOST;
            }
            if (!ends) continue;
            runs.add(new Run(first, i - 1, facets.isFront(first), false));
            first = i;
            turned = 0;
        }
        return runs;
    }

    /** Radians by which the middle of a facet heads elsewhere than that of the one before. */
    private static double turn(Facets facets, int facet) {
        double ax = middleX(facets, facet) - middleX(facets, facet - 1);
        double ay = middleY(facets, facet) - middleY(facets, facet - 1);
        double bx = middleX(facets, facet + 1) - middleX(facets, facet);
        double by = middleY(facets, facet + 1) - middleY(facets, facet);
        return Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
    }

    private static double middleX(Facets facets, int ruling) {
        return (facets.topX(ruling) + facets.footX(ruling)) / 2;
    }

    private static double middleY(Facets facets, int ruling) {
        return (facets.topY(ruling) + facets.footY(ruling)) / 2;
    }

    private static List<Run> ordered(List<Run> runs, Facets facets) {
        double[][] corners = new double[facets.count()][];
        double[][] boxes = new double[facets.count()][];
        for (int i = 0; i < corners.length; i++) {
            corners[i] = facets.corners(i);
            boxes[i] = Overlap.around(corners[i]);
        }
        int count = runs.size();
        double[][] nearer = new double[count][count];
        for (int a = 0; a < count; a++) {
            for (int b = a + 1; b < count; b++) {
                nearer[a][b] = nearer(runs.get(a), runs.get(b), corners, boxes);
                nearer[b][a] = -nearer[a][b];
            }
        }
        List<Run> ordered = new ArrayList<>();
        boolean[] drawn = new boolean[count];
        while (ordered.size() < count) {
            int next = next(nearer, drawn);
            drawn[next] = true;
            boolean covers = false;
            for (int other = 0; other < count; other++) covers |= drawn[other] && nearer[next][other] > 0;
            Run run = runs.get(next);
            ordered.add(new Run(run.first(), run.last(), run.front(), covers));
        }
        return ordered;
    }

    /** The first that has nothing undrawn behind it; if all have, the one with the least. */
    private static int next(double[][] nearer, boolean[] drawn) {
        int next = -1;
        double least = Double.MAX_VALUE;
        for (int a = 0; a < drawn.length; a++) {
            if (drawn[a]) continue;
            double behind = 0;
            for (int b = 0; b < drawn.length; b++) if (!drawn[b] && nearer[a][b] > 0) behind += nearer[a][b];
            if (behind < least) {
                least = behind;
                next = a;
            }
        }
        return next;
    }

    /** px by which the facets of one run are nearer, summed over those that are looked at and seen one over the other. */
    private static double nearer(Run a, Run b, double[][] corners, double[][] boxes) {
        double[] around = Overlap.around(boxes, b.first(), b.last());
        int step = step(a);
        int beyond = step(b);
        double nearer = 0;
        for (int i = a.first(); i <= a.last(); i += step) {
            if (!Overlap.meet(boxes[i], around)) continue;
            for (int j = b.first(); j <= b.last(); j += beyond) {
                boolean beside = Math.abs(i - j) <= 1;
                if (!beside && Overlap.meet(boxes[i], boxes[j])) nearer += Overlap.nearer(corners[i], corners[j]);
            }
        }
        return nearer;
    }

    /** Every how many of its facets are looked at: a run is long, and its neighbours are as far away. */
    private static int step(Run run) {
        return Math.max(1, (run.last() - run.first() + 1) / LOOKED_AT);
    }
}
