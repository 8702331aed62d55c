package glimble.proof;

import glimble.graphic.BoxPart;
import glimble.graphic.Check;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.TextPart;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.LayerLook;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;

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

    /** Share of the contrast that is enough while letters breathe. */
    private static final double IN_PASSING = 0.5;
    /** Points of the extent of letters that are looked at. */
    private static final int ACROSS = 12;

    private static final int DOWN = 4;
    private static final int OF_A_LETTER = 3;
    /** Steps of 255 in which colours are the same to anybody. */
    private static final double NOBODY_TELLS = 1.5;

    private Contrast() {}

    static void check(Judged judged) {
        List<Layer> layers = judged.reel.layers();
        for (int i = 0; i < layers.size(); i++) {
            Layer text = layers.get(i);
            // Letters that are filled with a picture have no colour of their own.
            if (text.runs().isEmpty() || text.unseen() || !text.picture().isEmpty()) continue;
            boolean large = text.em() >= LARGE * judged.reel.height();
            double needed = judged.limit(Check.CONTRAST) * (large ? FOR_LARGE : 1);
            if (!judged.courses(PhaseName.IN).get(i).isSeen(judged.reel.in())) continue;
            double rest = judged.courses(PhaseName.IN).get(i).opacity(judged.reel.in());
            fault(judged, i, PhaseName.IN, judged.reel.in(), rest, needed);
            Course loop = judged.courses(PhaseName.LOOP).get(i);
            int faintest = 0;
            for (int frame = 1; frame < loop.frames(); frame++) {
                if (loop.opacity(frame) < loop.opacity(faintest)) faintest = frame;
            }
            // While it stands it may fade until nobody can read it.
            if (judged.reel.loop() > 0 && loop.opacity(faintest) < rest) {
                fault(judged, i, PhaseName.LOOP, faintest, loop.opacity(faintest), needed * IN_PASSING);
            }
            OptionalInt darkest = RibbonContrast.darkest(judged, i);
            if (darkest.isPresent())
                fault(judged, i, PhaseName.LOOP, darkest.getAsInt(), loop.opacity(darkest.getAsInt()), needed);
        }
    }

    private static void fault(Judged judged, int i, PhaseName phase, int frame, double opacity, double needed) {
        Layer text = judged.reel.layers().get(i);
        double has = text.rides() < 0 ? of(judged, i, opacity) : RibbonContrast.of(judged, i, phase, frame, opacity);
        if (has >= needed - 1e-9) return;
        double shown = Math.floor(has * 10) / 10;
        judged.faults()
                .add(new Fault(
                        Check.CONTRAST,
                        text.part(),
                        "",
                        phase,
                        frame,
                        shown,
                        needed,
                        "its letters stand out by " + FaultList.tenth(shown) + " : 1 only and need "
                                + FaultList.tenth(needed) + " : 1",
                        "choose a lighter or darker colour, or put a box or scrim behind it",
                        Courses.atRest(judged.reel, i)));
    }

    /**
     * How much letters stand out where they do least, but for a tenth of their extent; over a black and a white picture. Their fill or
     * their stroke may stand out from the ground, or one from the other.
     */
    private static double of(Judged judged, int index, double opacity) {
        Layer text = judged.reel.layers().get(index);
        // Of letters that a mask hides nothing has to stand out.
        Rect ink = judged.courses(PhaseName.IN).get(index).seen(judged.reel.in());
        Colours fill = Colours.of(text.fill());
        boolean stroked = text.stroke().width() >= judged.px(2);
        double[] stroke = stroked ? parsed(text.stroke().colour()) : null;
        List<Ground> grounds = grounds(judged, index, ink);
        boolean even = fill.isPlain() && grounds.stream().allMatch(ground -> ground.isEven(ink));
        double[] across = even ? new double[] {ink.x() + ink.width() / 2} : across(judged, text, ink);
        double least = Double.POSITIVE_INFINITY;
        for (double picture : new double[] {0, 255}) {
            double[] ratios = new double[even ? 1 : across.length * DOWN];
            double[] before = {};
            for (int point = 0; point < ratios.length; point++) {
                double x = across[point % across.length];
                double y = ink.y() + ink.height() * (point / across.length + 0.5) / DOWN;
                double[] behind = {picture, picture, picture, 1};
                for (Ground ground : grounds) {
                    if (ground.covers(x, y)) behind = over(ground.colours.at(x, y), ground.opacity, behind);
                }
                // Most points have the same behind them as their neighbour.
                if (fill.isPlain() && Arrays.equals(behind, before)) {
                    ratios[point] = ratios[point - 1];
                    continue;
                }
                before = behind;
                double[] letters = over(fill.at(x, y), opacity, behind);
                ratios[point] = ratio(letters, behind);
                if (!stroked) continue;
                double[] line = over(stroke, opacity, behind);
                ratios[point] = Math.max(ratios[point], Math.max(ratio(line, behind), ratio(letters, line)));
            }
            Arrays.sort(ratios);
            least = Math.min(least, ratios[ratios.length / 10]);
        }
        return least;
    }

    /** Where letters are looked at, px: each of them at as many places, if they are few; else all along their extent. */
    private static double[] across(Judged judged, Layer text, Rect ink) {
        List<Rect> letters = LayerLook.units(judged.rest.part(text.part()));
        boolean few = !letters.isEmpty() && letters.size() <= 2 * ACROSS;
        double[] across = new double[few ? letters.size() * OF_A_LETTER : ACROSS];
        for (int i = 0; i < across.length; i++) {
            Rect of = few ? letters.get(i / OF_A_LETTER) : ink;
            double share = few ? (i % OF_A_LETTER + 0.5) / OF_A_LETTER : (i + 0.5) / ACROSS;
            across[i] = Math.max(ink.x(), Math.min(ink.right(), of.x() + of.width() * share));
        }
        return across;
    }

    /** Whether a plain colour, or both ends of a gradient, let nothing through. */
    static boolean isOpaque(Layer.Fill fill) {
        return parsed(fill.from())[3] == 1 && parsed(fill.to())[3] == 1;
    }

    /**
     * Whether a shape has no other colour than what is behind it, at any of its points, whatever picture it stands over. Letters have a check of
     * their own; what throws a shadow, has a stroke or a picture is told by that.
     */
    static boolean isLost(Judged judged, int index) {
        Layer layer = judged.layer(index);
        boolean pictured = isPictured(judged, index);
        boolean told = pictured
                || !layer.runs().isEmpty()
                || layer.ribbon() != null
                || layer.solid() != null
                || layer.rides() >= 0
                || layer.stroke().width() > 0
                || !layer.shadow().colour().isEmpty()
                || !layer.glow().colour().isEmpty();
        if (told) return false;
        Course course = judged.courses(PhaseName.IN).get(index);
        Rect seen = course.seen(judged.reel.in());
        double opacity = course.opacity(judged.reel.in());
        Colours fill = Colours.of(layer.fill());
        List<Ground> grounds = grounds(judged, index, seen);
        for (double picture : new double[] {0, 255}) {
            for (double[] point : points(layer, seen)) {
                double x = point[0];
                double y = point[1];
                double[] behind = {picture, picture, picture, 1};
                for (Ground ground : grounds) {
                    if (ground.covers(x, y)) behind = over(ground.colours.at(x, y), ground.opacity, behind);
                }
                double[] there = over(fill.at(x, y), opacity, behind);
                for (int i = 0; i < 3; i++) if (Math.abs(there[i] - behind[i]) > NOBODY_TELLS) return false;
            }
        }
        return true;
    }

    /** Whether it is a picture, or filled with one. */
    static boolean isPictured(Judged judged, int index) {
        Part part = judged.graphic.part(judged.layer(index).part()).orElseThrow();
        if (part instanceof TextPart text) return text.style().fill() instanceof Paint.Picture;
        return part instanceof PicturePart || part instanceof BoxPart box && box.fill() instanceof Paint.Picture;
    }

    /** Points of what is seen of a shape, those at its edges and those where its gradient begins and ends among them. */
    private static List<double[]> points(Layer layer, Rect seen) {
        List<double[]> points = new ArrayList<>();
        for (int across = 0; across <= ACROSS; across++) {
            for (int down = 0; down <= DOWN; down++) {
                points.add(
                        new double[] {seen.x() + seen.width() * across / ACROSS, seen.y() + seen.height() * down / DOWN
                        });
            }
        }
        points.add(new double[] {layer.fill().x1(), layer.fill().y1()});
        points.add(new double[] {layer.fill().x2(), layer.fill().y2()});
        Plate plate = new Plate(layer);
        points.removeIf(point -> !isIn(seen, point[0], point[1]) || !plate.has(point[0], point[1]));
        return points;
    }

    /**
     * What is behind letters at rest.
     *
     * @param shape of it, whatever masks leave of that
     * @param outside boxes inside which it is masked away
     */
    private record Ground(Rect seen, Plate shape, List<Rect> outside, Colours colours, double opacity) {
        boolean covers(double x, double y) {
            return isIn(seen, x, y) && shape.has(x, y) && outside.stream().noneMatch(box -> isIn(box, x, y));
        }

        /** Whether it is the same behind all of them. */
        boolean isEven(Rect ink) {
            return colours.isPlain()
                    && outside.isEmpty()
                    && isIn(seen, ink.x(), ink.y())
                    && isIn(seen, ink.right(), ink.bottom())
                    && shape.has(ink);
        }
    }

    /** Everything behind a layer that meets its ink, back to front. */
    private static List<Ground> grounds(Judged judged, int index, Rect ink) {
        List<Course> rest = judged.courses(PhaseName.IN);
        int frame = judged.reel.in();
        List<Ground> grounds = new ArrayList<>();
        for (int i = 0; i < index; i++) {
            Layer behind = judged.layer(i);
            // What letters leave of a box is no ground for others.
            boolean letters = behind.masks().stream()
                    .anyMatch(mask ->
                            mask.inside() && !judged.layer(mask.layer()).runs().isEmpty());
            if (!judged.isDrawn(i) || !behind.runs().isEmpty() || letters) continue;
            Rect seen = rest.get(i).seen(frame);
            boolean meets = seen.x() <= ink.right()
                    && seen.right() >= ink.x()
                    && seen.y() <= ink.bottom()
                    && seen.bottom() >= ink.y();
            if (!meets) continue;
            List<Rect> outside = behind.masks().stream()
                    .filter(mask -> !mask.inside()
                            && judged.layer(mask.layer()).runs().isEmpty()
                            && !judged.layer(mask.layer()).kind().equals("group"))
                    .map(mask -> rest.get(mask.layer()).body(frame))
                    .toList();
            grounds.add(new Ground(
                    seen,
                    new Plate(behind),
                    outside,
                    Colours.of(behind.fill()),
                    rest.get(i).opacity(frame)));
        }
        return grounds;
    }

    private static boolean isIn(Rect box, double x, double y) {
        return x >= box.x() && x <= box.right() && y >= box.y() && y <= box.bottom();
    }

    /** Of a fill, red, green and blue 0–255 and opacity 0–1; no colour is nothing at all. */
    record Colours(Layer.Fill fill, double[] from, double[] to) {
        static Colours of(Layer.Fill fill) {
            return new Colours(fill, parsed(fill.from()), parsed(fill.to()));
        }

        boolean isPlain() {
            return fill.from().equals(fill.to());
        }

        double[] at(double x, double y) {
            if (isPlain()) return from;
            double share = share(fill, x, y);
            double[] mixed = new double[4];
            for (int i = 0; i < 4; i++) mixed[i] = from[i] + (to[i] - from[i]) * share;
            return mixed;
        }
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

    static double[] over(double[] colour, double opacity, double[] ground) {
        double alpha = colour[3] * opacity;
        double[] mixed = new double[4];
        for (int i = 0; i < 3; i++) mixed[i] = colour[i] * alpha + ground[i] * (1 - alpha);
        mixed[3] = 1;
        return mixed;
    }

    static double[] parsed(String colour) {
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

    static double luminance(double[] colour) {
        return 0.2126 * linear(colour[0]) + 0.7152 * linear(colour[1]) + 0.0722 * linear(colour[2]);
    }

    private static double linear(double channel) {
        double share = channel / 255;
        return share <= 0.04045 ? share / 12.92 : StrictMath.pow((share + 0.055) / 1.055, 2.4);
    }
}
