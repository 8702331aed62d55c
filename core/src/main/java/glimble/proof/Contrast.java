package glimble.proof;

import glimble.graphic.PhaseName;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.rest.Rect;
import java.util.List;

/**
 * Contrast of letters against what is behind them, by the relative luminance of WCAG 2.2. Where nothing solid is behind them, the worst
 * of a black and a white picture counts; of gradients, the worse end; a stroke around the letters counts as their ground if that is
 * better.
 */
final class Contrast {
    /** Letters at least this share of the height of the picture are large: 24 px in a page of 720. */
    private static final double LARGE = 1 / 30.0;
    /** What large letters need of what small ones need, 3 : 4.5. */
    private static final double FOR_LARGE = 3 / 4.5;

    private Contrast() {}

    static void check(Judged judged) {
        List<Layer> layers = judged.reel.layers();
        for (int i = 0; i < layers.size(); i++) {
            Layer text = layers.get(i);
            if (text.runs().isEmpty() || text.unseen() || text.fill().from().isEmpty()) continue;
            boolean large = text.em() >= LARGE * judged.reel.height();
            double needed = judged.limit(Check.CONTRAST) * (large ? FOR_LARGE : 1);
            double has = Math.max(of(judged, i), stroke(text));
            if (has >= needed - 1e-9) continue;
            double shown = Math.floor(has * 10) / 10;
            judged.faults()
                    .add(new Fault(
                            Check.CONTRAST,
                            text.part(),
                            "",
                            PhaseName.IN,
                            judged.reel.in(),
                            shown,
                            needed,
                            "its letters stand out by " + FaultList.tenth(shown) + " : 1 only and need "
                                    + FaultList.tenth(needed) + " : 1",
                            "choose a lighter or darker colour, or put a box or scrim behind it",
                            text.ink()));
        }
    }

    private static double stroke(Layer text) {
        if (text.stroke().width() < 2) return 0;
        return ratio(parsed(text.fill().from()), parsed(text.stroke().colour()));
    }

    /** The least over both ends of its fill, both ends of what is behind, and both pictures. */
    private static double of(Judged judged, int index) {
        Layer text = judged.reel.layers().get(index);
        double least = Double.POSITIVE_INFINITY;
        for (double picture : new double[] {0, 255}) {
            for (boolean from : new boolean[] {true, false}) {
                double[] ground = ground(judged, index, picture, from);
                for (String fill : List.of(text.fill().from(), text.fill().to())) {
                    double[] letters = over(parsed(fill), text.opacity(), ground);
                    least = Math.min(least, ratio(letters, ground));
                }
            }
        }
        return least;
    }

    /** The colour behind a layer: everything that covers its ink at rest, one over the other. */
    private static double[] ground(Judged judged, int index, double picture, boolean from) {
        double[] ground = {picture, picture, picture, 1};
        Rect ink = judged.reel.layers().get(index).ink();
        for (int i = 0; i < index; i++) {
            Layer behind = judged.reel.layers().get(i);
            boolean covers = judged.isDrawn(i)
                    && behind.runs().isEmpty()
                    && !behind.fill().from().isEmpty();
            if (!covers || !isBehind(behind.box(), ink)) continue;
            double[] fill = behind.kind().equals("scrim")
                            || behind.fill().radial()
                            || !behind.fill().from().equals(behind.fill().to())
                    ? between(behind.fill(), ink, from)
                    : parsed(behind.fill().from());
            ground = over(fill, behind.opacity(), ground);
        }
        return ground;
    }

    /** Nine tenths of the ink, so that a letter that reaches out is no other ground. */
    private static boolean isBehind(Rect box, Rect ink) {
        Rect both = Courses.shared(box, ink);
        return both.width() * both.height() >= 0.9 * ink.width() * ink.height();
    }

    /** A gradient at that end of the ink which is nearer to its first, or second, point. */
    private static double[] between(Layer.Fill fill, Rect ink, boolean from) {
        double least = 1;
        double most = 0;
        double[][] corners = {
            {ink.x(), ink.y()}, {ink.right(), ink.y()}, {ink.x(), ink.bottom()}, {ink.right(), ink.bottom()}
        };
        for (double[] corner : corners) {
            double share = share(fill, corner[0], corner[1]);
            least = Math.min(least, share);
            most = Math.max(most, share);
        }
        if (fill.radial()) least = Math.min(least, share(fill, ink.x() + ink.width() / 2, ink.y() + ink.height() / 2));
        double at = from ? least : most;
        double[] first = parsed(fill.from());
        double[] second = parsed(fill.to());
        double[] mixed = new double[4];
        for (int i = 0; i < 4; i++) mixed[i] = first[i] + (second[i] - first[i]) * at;
        return mixed;
    }

    private static double share(Layer.Fill fill, double x, double y) {
        double dx = fill.x2() - fill.x1();
        double dy = fill.y2() - fill.y1();
        double length = Math.max(1e-9, dx * dx + dy * dy);
        double share = fill.radial()
                ? Math.sqrt(((x - fill.x1()) * (x - fill.x1()) + (y - fill.y1()) * (y - fill.y1())) / length)
                : ((x - fill.x1()) * dx + (y - fill.y1()) * dy) / length;
        return Math.max(0, Math.min(1, share));
    }

    private static double[] over(double[] colour, double opacity, double[] ground) {
        double alpha = colour[3] * opacity;
        double[] mixed = new double[4];
        for (int i = 0; i < 3; i++) mixed[i] = colour[i] * alpha + ground[i] * (1 - alpha);
        mixed[3] = 1;
        return mixed;
    }

    private static double[] parsed(String colour) {
        if (!glimble.graphic.Palette.isColour(colour)) return new double[] {0, 0, 0, 0};
        int alpha = colour.length() == 9 ? Integer.parseInt(colour.substring(7), 16) : 255;
        return new double[] {
            Integer.parseInt(colour.substring(1, 3), 16),
            Integer.parseInt(colour.substring(3, 5), 16),
            Integer.parseInt(colour.substring(5, 7), 16),
            alpha / 255.0
        };
    }

    /** Source: WCAG 2.2, contrast ratio. */
    static double ratio(double[] first, double[] second) {
        double a = luminance(first);
        double b = luminance(second);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double luminance(double[] colour) {
        return 0.2126 * linear(colour[0]) + 0.7152 * linear(colour[1]) + 0.0722 * linear(colour[2]);
    }

    private static double linear(double channel) {
        double share = channel / 255;
        return share <= 0.04045 ? share / 12.92 : StrictMath.pow((share + 0.055) / 1.055, 2.4);
    }
}
