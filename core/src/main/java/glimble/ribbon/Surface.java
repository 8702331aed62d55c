package glimble.ribbon;

import glimble.graphic.RibbonForm;

/**
 * A ribbon as it is seen: a row of rulings across its course, each a straight line, with straight facets in between. So many that the
 * edge is nowhere further than a fifth of a px from the true one, and neighbours differ by no more than a degree. Coordinates are px
 * from the point that the ribbon holds, x to the right, y downwards, z towards the eye; the eye is straight before that point.
 */
public final class Surface {
    /** px by which the edge may miss. */
    private static final double MISSES = 0.2;
    /** Radians between neighbours. */
    private static final double STEP = Math.toRadians(1);

    /** Degrees away from the eye from which on its back is seen. */
    public static final double BACK = 90;

    private static final int MOST = 1_440;
    /** Facets of a piece come in so many, so that their number seldom changes from frame to frame. */
    private static final int BY = 4;
    /** Share of the way to the eye beyond which nothing comes nearer. */
    private static final double NEAREST = 0.8;

    private final double length;
    private final double breadth;
    private final double eye;
    private final boolean mirrored;
    private final double eased;
    private final Grid grid;
    /** Of each ruling: its middle, the way across, and the way it faces; three numbers each. */
    private final double[] middle;

    private final double[] across;
    private final double[] facing;
    private final double[] half;

    /**
     * @param length px along its course
     * @param breadth px across it
     * @param mirrored whether it stands as in a mirror; its start is then what was its end
     * @param eye px from the eye to the picture
     */
    public Surface(RibbonForm form, boolean mirrored, double length, double breadth, double eye, RibbonState state) {
        this(form, mirrored, length, breadth, eye, state, true);
    }

    private Surface(
            RibbonForm form,
            boolean mirrored,
            double length,
            double breadth,
            double eye,
            RibbonState state,
            boolean lit) {
        this.length = length;
        this.breadth = breadth;
        this.eye = eye;
        this.mirrored = mirrored;
        Course course = new Course(form, state, length, breadth);
        eased = course.eased();
        grid = grid(course, lit);
        int rulings = grid.count() + 1;
        middle = new double[3 * rulings];
        across = new double[3 * rulings];
        facing = new double[3 * rulings];
        half = new double[rulings];
        double[][] turned = turned(form, state);
        double[] at = new double[3];
        double[] held = new double[3];
        double[] tangent = tangent(course, 0);
        double before = 0;
        for (int i = 0; i < rulings; i++) {
            double u = grid.share(i);
            if (i > 0) {
                double[] between = tangent(course, (before + u) / 2);
                double[] next = tangent(course, u);
                double step = length * (u - before) / 6;
                for (int k = 0; k < 3; k++) at[k] += step * (tangent[k] + 4 * between[k] + next[k]);
                tangent = next;
            }
            before = u;
            // The point it holds is at a joint.
            if (u == form.holds()) held = turn(turned, at);
            put(middle, i, turn(turned, at));
            double a = course.plane(u);
            double b = course.depth(u);
            double[] side = {-StrictMath.sin(a), StrictMath.cos(a), 0};
            double[] face = {
                -StrictMath.cos(a) * StrictMath.sin(b), -StrictMath.sin(a) * StrictMath.sin(b), StrictMath.cos(b)
            };
            double cos = StrictMath.cos(course.twist(u));
            double sin = StrictMath.sin(course.twist(u));
            double[] way = new double[3];
            double[] out = new double[3];
            for (int k = 0; k < 3; k++) {
                way[k] = cos * side[k] + sin * face[k];
                out[k] = cos * face[k] - sin * side[k];
            }
            put(across, i, turn(turned, way));
            put(facing, i, turn(turned, out));
            half[i] = breadth / 2 * course.width(u);
        }
        for (int i = 0; i < middle.length; i++) middle[i] -= held[i % 3];
    }

    /** The same with as many facets as its shape needs, but not its light. */
    public static Surface plain(
            RibbonForm form, boolean mirrored, double length, double breadth, double eye, RibbonState state) {
        return new Surface(form, mirrored, length, breadth, eye, state, false);
    }

    private Grid grid(Course course, boolean lit) {
        double[] joints = course.joints();
        int[] counts = new int[joints.length - 1];
        for (int i = 0; i < counts.length; i++) {
            double share = joints[i + 1] - joints[i];
            double middle = (joints[i] + joints[i + 1]) / 2;
            double turns = course.rate(middle) * share;
            double rounds = course.narrows(middle) ? course.rounded() * share * share : 0;
            // A chord of a curve that turns by κ a px misses it by its length squared × κ / 8; a twist bends the edge
            // by half the breadth.
            double bends = length * share * turns + breadth / 2 * (turns * turns + rounds);
            double least = Math.max(Math.sqrt(bends / (8 * MISSES)), lit ? turns / STEP : 0);
            int wanted = (int) Math.ceil(Math.min(MOST / counts.length, Math.max(1, least)));
            counts[i] = lit ? (wanted + BY - 1) / BY * BY : wanted;
        }
        return new Grid(joints, counts);
    }

    private static double[] tangent(Course course, double u) {
        double a = course.plane(u);
        double b = course.depth(u);
        double level = StrictMath.cos(b);
        return new double[] {StrictMath.cos(a) * level, StrictMath.sin(a) * level, StrictMath.sin(b)};
    }

    /** Sines and cosines of what all of it is turned by: clockwise, then its top away, then its right away. */
    private double[][] turned(RibbonForm form, RibbonState state) {
        double side = mirrored ? -1 : 1;
        double[] degrees = {
            form.tilt().turn(), form.tilt().x() + state.tiltX(), form.tilt().y() + side * state.tiltY()
        };
        double[][] turned = new double[3][];
        for (int i = 0; i < 3; i++) {
            double radians = StrictMath.toRadians(degrees[i]);
            turned[i] = new double[] {StrictMath.sin(radians), StrictMath.cos(radians)};
        }
        return turned;
    }

    private double[] turn(double[][] by, double[] at) {
        double x = at[0] * by[0][1] - at[1] * by[0][0];
        double y = at[0] * by[0][0] + at[1] * by[0][1];
        double tippedY = y * by[1][1] - at[2] * by[1][0];
        double z = y * by[1][0] + at[2] * by[1][1];
        double turnedX = x * by[2][1] + z * by[2][0];
        double turnedZ = z * by[2][1] - x * by[2][0];
        return new double[] {turnedX, tippedY, turnedZ};
    }

    private static void put(double[] list, int i, double[] three) {
        System.arraycopy(three, 0, list, 3 * i, 3);
    }

    /** px from the eye to the picture: twice as far as that is wide. */
    public static double eye(double width) {
        return 2 * width;
    }

    /** px from its start to the point it holds. */
    public double held(RibbonForm form) {
        return length * (mirrored ? 1 - form.holds() : form.holds());
    }

    public double length() {
        return length;
    }

    public double breadth() {
        return breadth;
    }

    /** Share of its bends in the plane that is left, see {@link RibbonForm#least}. */
    public double eased() {
        return eased;
    }

    public int facets() {
        return grid.count();
    }

    /** px along the course at which a ruling lies. */
    public double along(int ruling) {
        double share = grid.share(mirrored ? grid.count() - ruling : ruling);
        return length * (mirrored ? 1 - share : share);
    }

    /** px from the course to either edge. */
    public double half(double along) {
        return between(half, 1, 0, place(along));
    }

    /**
     * Where a point of the ribbon is seen.
     *
     * @param along px from its start; beyond its ends it goes straight on
     * @param off px from its course, towards its foot
     * @return x and y, px, and z
     */
    public double[] point(double along, double off) {
        return seen(solid(along, off));
    }

    /** In perspective. */
    private double[] seen(double[] at) {
        double near = eye / (eye - Math.min(at[2], NEAREST * eye));
        return new double[] {at[0] * near, at[1] * near, at[2]};
    }

    /** The way it faces at a place along its course: x, y and z of a vector of length 1. */
    public double[] facing(double along) {
        double place = place(along);
        double x = between(facing, 3, 0, place);
        double y = between(facing, 3, 1, place);
        double z = between(facing, 3, 2, place);
        double size = Math.max(1e-9, Math.sqrt(x * x + y * y + z * z));
        return new double[] {(mirrored ? -x : x) / size, y / size, z / size};
    }

    /** Degrees between the way it faces at a place along its course and the way to the eye: from 90 on its back is seen. */
    public double turned(double along) {
        double[] at = solid(along, 0);
        double[] facing = facing(along);
        double[] toEye = {-at[0], -at[1], eye - at[2]};
        double size = Math.sqrt(toEye[0] * toEye[0] + toEye[1] * toEye[1] + toEye[2] * toEye[2]);
        double cosine = (facing[0] * toEye[0] + facing[1] * toEye[1] + facing[2] * toEye[2]) / size;
        return StrictMath.toDegrees(StrictMath.acos(Math.max(-1, Math.min(1, cosine))));
    }

    /**
     * How much longer than its course it is beside it: less than 1 on the inner side of a bend.
     *
     * @param off px from its course
     * @param over px along its course over which it is measured
     */
    public double stretch(double along, double off, double over) {
        double[] from = solid(along - over / 2, off);
        double[] to = solid(along + over / 2, off);
        double x = to[0] - from[0];
        double y = to[1] - from[1];
        double z = to[2] - from[2];
        double[] start = solid(along - over / 2, 0);
        double[] end = solid(along + over / 2, 0);
        double course = Math.sqrt(
                Math.pow(end[0] - start[0], 2) + Math.pow(end[1] - start[1], 2) + Math.pow(end[2] - start[2], 2));
        return Math.sqrt(x * x + y * y + z * z) / Math.max(1e-9, course);
    }

    /** A point before it is seen in perspective. */
    private double[] solid(double along, double off) {
        double place = place(along);
        double x = between(middle, 3, 0, place) + off * between(across, 3, 0, place);
        double y = between(middle, 3, 1, place) + off * between(across, 3, 1, place);
        double z = between(middle, 3, 2, place) + off * between(across, 3, 2, place);
        return new double[] {mirrored ? -x : x, y, z};
    }

    /** Rulings from its first one, with what lies between. */
    private double place(double along) {
        double share = length <= 0 ? 0 : along / length;
        return grid.place(mirrored ? 1 - share : share);
    }

    private double between(double[] of, int each, int k, double place) {
        int i = (int) Math.max(0, Math.min(grid.count() - 1, Math.floor(place)));
        double share = place - i;
        double from = of[each * i + k];
        return from + (of[each * (i + 1) + k] - from) * share;
    }

    /** The smallest upright rectangle around a stretch of it, px from the point it holds. */
    public Bounds extent(double from, double to) {
        return extent(from, to, Double.NaN, Double.NaN);
    }

    /**
     * The same of a rectangle on it.
     *
     * @param top px from its course to the top of the rectangle
     * @param foot px to its foot
     */
    public Bounds extent(double from, double to, double top, double foot) {
        double[] edges = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        double end = Math.max(from, to);
        boolean whole = Double.isNaN(top);
        for (double along : new double[] {from, end}) {
            double half = half(along);
            reach(edges, point(along, whole ? -half : top));
            reach(edges, point(along, whole ? half : foot));
        }
        for (int ruling = 0; ruling <= grid.count(); ruling++) {
            double share = grid.share(ruling);
            double along = length * (mirrored ? 1 - share : share);
            if (along <= from || along >= end) continue;
            reach(edges, seen(onRuling(ruling, whole ? -half[ruling] : top)));
            reach(edges, seen(onRuling(ruling, whole ? half[ruling] : foot)));
        }
        return new Bounds(edges[0], edges[1], edges[2], edges[3]);
    }

    /** What {@link #solid} says where a ruling lies, without looking for it. */
    private double[] onRuling(int ruling, double off) {
        int at = 3 * ruling;
        double x = middle[at] + off * across[at];
        return new double[] {
            mirrored ? -x : x, middle[at + 1] + off * across[at + 1], middle[at + 2] + off * across[at + 2]
        };
    }

    private static void reach(double[] edges, double[] at) {
        edges[0] = Math.min(edges[0], at[0]);
        edges[1] = Math.min(edges[1], at[1]);
        edges[2] = Math.max(edges[2], at[0]);
        edges[3] = Math.max(edges[3], at[1]);
    }
}
