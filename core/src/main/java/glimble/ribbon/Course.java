package glimble.ribbon;

import glimble.graphic.Bend;
import glimble.graphic.RibbonForm;
import java.util.List;
import java.util.TreeSet;

/**
 * The headings of a ribbon along its course, and how wide it is. The tangent at a share {@code u} of the length is
 * {@code (cos α cos β, sin α cos β, sin β)}, x to the right, y downwards, z towards the eye, with α the heading in the plane and β the one
 * in depth; so the course has its stated length however it bends.
 */
final class Course {
    /** Share of the length; what sums of doubles may be off by. */
    private static final double NEAR = 1e-9;

    private final RibbonForm form;
    private final RibbonState state;
    private final double heldPlane;
    private final double heldDepth;
    private final double furthest;
    private final double eased;

    /**
     * @param length px along the course
     * @param breadth px across it
     */
    Course(RibbonForm form, RibbonState state, double length, double breadth) {
        this.form = form;
        this.state = state;
        heldPlane = heading(form.bends(), form.holds(), true);
        heldDepth = heading(form.waves(), form.holds(), true);
        furthest = Math.max(form.holds(), 1 - form.holds());
        double steepest = steepest(form.bends()) / Math.max(length, 1e-6);
        double most = (1 - form.least()) / Math.max(steepest * breadth / 2, 1e-9);
        eased = Math.min(1, most);
    }

    /** Share of its bends in the plane that is left so that nothing on them is squeezed too much, 0–1. */
    double eased() {
        return eased;
    }

    /** Radians downwards. */
    double plane(double u) {
        return StrictMath.toRadians(state.bend() * eased * (heading(form.bends(), u, false) - heldPlane));
    }

    /** Radians towards the eye. */
    double depth(double u) {
        double away = u - form.holds();
        // Rolled ever closer towards a loose end, so that the rounds lie within each other.
        double rolled = away * Math.abs(away) / furthest;
        return StrictMath.toRadians(
                state.bend() * (heading(form.waves(), u, false) - heldDepth) + state.curl() * rolled);
    }

    /** Radians about the course. */
    double twist(double u) {
        return StrictMath.toRadians((form.twist() + state.twist()) * (u - form.holds()));
    }

    /** Share of the breadth. */
    double width(double u) {
        return tapered(u, form.taper().start()) * tapered(1 - u, form.taper().end());
    }

    private double tapered(double from, double left) {
        double over = form.taper().over();
        if (over <= 0 || from >= over) return 1;
        double q = Math.max(0, from / over);
        double end = Math.max(0, left * state.taper());
        return end + (1 - end) * q * q * (3 - 2 * q);
    }

    /** How fast the edge bends where it narrows, at most: the second derivative of {@link #width} by the share of the length. */
    double rounded() {
        RibbonForm.Taper taper = form.taper();
        double most = Math.max(Math.abs(1 - taper.start() * state.taper()), Math.abs(1 - taper.end() * state.taper()));
        return taper.over() <= 0 || most == 0 ? 0 : 6 * most / (taper.over() * taper.over());
    }

    /** Radians for its whole length by which it turns and twists at most at a place. */
    double rate(double u) {
        double curled = 2 * Math.abs(state.curl());
        double twisted = Math.abs(form.twist() + state.twist());
        return Math.abs(state.bend()) * (eased * rate(form.bends(), u) + rate(form.waves(), u))
                + StrictMath.toRadians(curled + twisted);
    }

    /** Shares of its length at which something about it changes of a sudden, from 0 to 1. */
    double[] joints() {
        TreeSet<Double> joints = new TreeSet<>(List.of(0.0, 1.0, form.holds()));
        for (List<Bend> pieces : List.of(form.bends(), form.waves())) {
            double from = 0;
            for (Bend piece : pieces) {
                from += piece.share() / shares(pieces);
                if (from < 1 - NEAR) joints.add(from);
            }
        }
        if (rounded() > 0)
            joints.addAll(List.of(form.taper().over(), 1 - form.taper().over()));
        return joints.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** Whether it narrows there. */
    boolean narrows(double u) {
        return u < form.taper().over() || u > 1 - form.taper().over();
    }

    /** Degrees at a share of the length; of its turns only, or with its swings. */
    private static double heading(List<Bend> pieces, double u, boolean turnsOnly) {
        double all = shares(pieces);
        double from = 0;
        double heading = 0;
        for (Bend piece : pieces) {
            double share = piece.share() / all;
            double v = share <= 0 ? (u >= from ? 1 : 0) : Math.max(0, Math.min(1, (u - from) / share));
            if (piece.waves() == 0) heading += piece.degrees() * v;
            else if (!turnsOnly) heading += piece.degrees() * StrictMath.sin(2 * Math.PI * piece.waves() * v);
            from += share;
        }
        return heading;
    }

    /** Radians for the whole length by which the piece turns at most that lies at a place. */
    private static double rate(List<Bend> pieces, double u) {
        double from = 0;
        for (Bend piece : pieces) {
            from += piece.share() / shares(pieces);
            if (u <= from) return rate(piece, shares(pieces));
        }
        return 0;
    }

    private static double rate(Bend piece, double all) {
        double radians = StrictMath.toRadians(Math.abs(piece.degrees()))
                * (piece.waves() == 0 ? 1 : 2 * Math.PI * piece.waves());
        return radians * all / Math.max(piece.share(), 1e-6);
    }

    /** Radians for the whole length, where it turns fastest. */
    private static double steepest(List<Bend> pieces) {
        double steepest = 0;
        for (Bend piece : pieces) steepest = Math.max(steepest, rate(piece, shares(pieces)));
        return steepest;
    }

    private static double shares(List<Bend> pieces) {
        double all = 0;
        for (Bend piece : pieces) all += piece.share();
        return all <= 0 ? 1 : all;
    }
}
