package glimble.paint;

import glimble.document.Tree;
import glimble.reel.Layer;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * A whole layer or one of its letters over all frames, as layers of a vector animation. Source: Lottie Animation specification 1.0.
 *
 * @param frames how it is drawn, one a frame; null where it is not
 */
record AnimatedPiece(List<Drawn> frames) {
    private static final double SEEN = 0.0005;
    /** px; further than anything that is seen. */
    static final double FAR = 20_000;

    private static final int LINEAR = 1;
    private static final int RADIAL = 2;

    /**
     * @param outline at rest
     * @param at from rest to where it is
     * @param opacity 0–1
     * @param stroke px of the line around it
     * @param drawn shares of its length from where to where that line is drawn
     * @param reveal what is seen of the outline at rest; null for all
     * @param shift px by which the outline stands elsewhere than its fill is given for
     */
    record Drawn(
            Layer layer,
            Outline outline,
            AffineTransform at,
            double opacity,
            double stroke,
            double[] drawn,
            List<Stand.Tint> tints,
            Rectangle2D reveal,
            double[] shift) {}

    /** Pieces that can become one another from frame to frame are one. */
    record Key(int unit, List<Integer> form) {}

    static AnimatedPiece of(int frames) {
        return new AnimatedPiece(new ArrayList<>(Collections.nCopies(frames, null)));
    }

    private Drawn any() {
        return frames.stream().filter(Objects::nonNull).findFirst().orElseThrow();
    }

    /** While it is not drawn it stays as it was, or will be. */
    <T> List<T> over(Function<Drawn, T> value) {
        List<T> all = new ArrayList<>();
        T now = value.apply(any());
        for (Drawn drawn : frames) {
            if (drawn != null) now = value.apply(drawn);
            all.add(now);
        }
        return all;
    }

    private double[][] numbers(Function<Drawn, double[]> value) {
        return over(value).toArray(double[][]::new);
    }

    private double[][] number(ToDoubleFunction<Drawn> value) {
        return numbers(drawn -> new double[] {value.applyAsDouble(drawn)});
    }

    /** Percent, nothing where it is not drawn. */
    Tree opacity(ToDoubleFunction<Drawn> share) {
        double[][] values = new double[frames.size()][];
        for (int i = 0; i < values.length; i++) {
            Drawn drawn = frames.get(i);
            values[i] = new double[] {drawn == null ? 0 : 100 * drawn.opacity() * share.applyAsDouble(drawn)};
        }
        return KeyedValue.of(values, 0.05);
    }

    /**
     * Layers of it, front to back.
     *
     * @param within its picture, cut to its shape; empty where it has none
     */
    List<Tree.Maker> layers(List<Tree.Maker> within) {
        boolean text = any().layer().kind().equals("text");
        boolean stroked = any().layer().stroke().width() > 0;
        List<Tree.Maker> layers = new ArrayList<>();
        if (stroked && !text) layers.add(line());
        layers.addAll(within);
        List<Tree> paints = new ArrayList<>();
        if (any().layer().picture().isEmpty()) paints.add(fill());
        // Around letters it lies behind them.
        if (stroked && text) paints.add(stroke());
        if (!paints.isEmpty()) layers.add(shape(paints));
        return layers;
    }

    /**
     * Its shape for others that are seen through it.
     *
     * @param faint whether it counts how faint it is
     */
    Tree.Maker matte(boolean faint) {
        Tree white = Tree.object()
                .put("ty", "fl")
                .put("c", KeyedValue.still(1, 1, 1))
                .put("o", faint ? opacity(drawn -> 1) : KeyedValue.still(100))
                .put("r", 1)
                .made();
        return shape(List.of(white));
    }

    private Tree.Maker shape(List<Tree> paints) {
        List<Tree> items = new ArrayList<>(paths());
        items.addAll(paints);
        items.add(Tree.object()
                .put("ty", "tr")
                .put("o", KeyedValue.still(100))
                .put("p", KeyedValue.still(0, 0))
                .put("a", KeyedValue.still(0, 0))
                .put("s", KeyedValue.still(100, 100))
                .put("r", KeyedValue.still(0))
                .made());
        Tree group =
                Tree.object().put("ty", "gr").put("it", new Tree.Arr(items)).made();
        Tree.Maker layer =
                placed(over(Drawn::at), KeyedValue.still(100)).put("ty", 4).put("shapes", new Tree.Arr(List.of(group)));
        if (frames.stream().anyMatch(drawn -> drawn != null && drawn.reveal() != null)) {
            layer.put("hasMask", true).put("masksProperties", new Tree.Arr(List.of(mask(revealed()))));
        }
        return layer;
    }

    /**
     * A layer without what it shows.
     *
     * @param at where it stands, one a frame
     */
    Tree.Maker placed(List<AffineTransform> at, Tree opacity) {
        Tree.Maker transform = Tree.object().put("o", opacity);
        KeyedMatrix.put(transform, at);
        int first = 0;
        while (frames.get(first) == null) first++;
        int end = frames.size();
        while (frames.get(end - 1) == null) end--;
        return Tree.object()
                .put("ddd", 0)
                .put("nm", any().layer().part())
                .put("sr", 1)
                .put("ks", transform.made())
                .put("ip", first)
                .put("op", end)
                .put("st", 0)
                .put("bm", 0);
    }

    private List<Tree> paths() {
        List<Tree> paths = new ArrayList<>();
        for (int i = 0; i < any().outline().curves().size(); i++) {
            int curve = i;
            double[][] values = numbers(drawn -> drawn.outline().curves().get(curve));
            paths.add(Tree.object()
                    .put("ty", "sh")
                    .put("ks", KeyedValue.of(values, 0.02, Outline::written))
                    .made());
        }
        return paths;
    }

    private double[][] revealed() {
        return numbers(drawn -> {
            Rectangle2D seen =
                    drawn.reveal() == null ? new Rectangle2D.Double(-FAR, -FAR, 2 * FAR, 2 * FAR) : drawn.reveal();
            double left = Math.max(-FAR, seen.getMinX());
            double right = Math.min(FAR, seen.getMaxX());
            double top = Math.max(-FAR, seen.getMinY());
            double foot = Math.min(FAR, seen.getMaxY());
            return cornered(left, top, right, top, right, foot, left, foot);
        });
    }

    /** A curve of straight lines between points. */
    static double[] cornered(double... points) {
        double[] curve = new double[points.length * 3];
        for (int i = 0; i < points.length / 2; i++) {
            curve[6 * i] = points[2 * i];
            curve[6 * i + 1] = points[2 * i + 1];
        }
        return curve;
    }

    /** What is seen inside a curve only. */
    static Tree mask(double[][] curve) {
        return Tree.object()
                .put("mode", "a")
                .put("inv", false)
                .put("pt", KeyedValue.of(curve, 0.02, Outline::written))
                .put("o", KeyedValue.still(100))
                .put("x", KeyedValue.still(0))
                .made();
    }

    private Tree fill() {
        Layer.Fill of = any().layer().fill();
        boolean plain = of.from().equals(of.to()) || of.radial() && radius(of) <= 0;
        if (plain)
            return painted("fl", drawn -> drawn.layer().fill().from())
                    .put("r", 1)
                    .made();
        double[][] colours = numbers(AnimatedPiece::stops);
        Tree.Maker stops = Tree.object().put("p", 2).put("k", KeyedValue.of(colours, 0.002));
        return Tree.object()
                .put("ty", "gf")
                .put("t", of.radial() ? RADIAL : LINEAR)
                .put("g", stops.made())
                .put(
                        "s",
                        KeyedValue.of(
                                numbers(drawn -> point(
                                        drawn,
                                        drawn.layer().fill().x1(),
                                        drawn.layer().fill().y1())),
                                0.02))
                .put(
                        "e",
                        KeyedValue.of(
                                numbers(drawn -> point(
                                        drawn,
                                        drawn.layer().fill().x2(),
                                        drawn.layer().fill().y2())),
                                0.02))
                .put("h", KeyedValue.still(0))
                .put("a", KeyedValue.still(0))
                .put("o", opacity(drawn -> 1))
                .put("r", 1)
                .made();
    }

    private static double radius(Layer.Fill fill) {
        return Math.hypot(fill.x2() - fill.x1(), fill.y2() - fill.y1());
    }

    private static double[] point(Drawn drawn, double x, double y) {
        return new double[] {x - drawn.shift()[0], y - drawn.shift()[1]};
    }

    /** Where each stop is and its colour, then likewise its alpha. */
    private static double[] stops(Drawn drawn) {
        double[] from = shares(drawn, drawn.layer().fill().from());
        double[] to = shares(drawn, drawn.layer().fill().to());
        return new double[] {0, from[0], from[1], from[2], 1, to[0], to[1], to[2], 0, from[3], 1, to[3]};
    }

    private static double[] shares(Drawn drawn, String colour) {
        Color of = Colours.of(colour, drawn.tints());
        return new double[] {of.getRed() / 255.0, of.getGreen() / 255.0, of.getBlue() / 255.0, of.getAlpha() / 255.0};
    }

    private Tree.Maker painted(String type, Function<Drawn, String> colour) {
        double[][] solid = numbers(drawn -> Arrays.copyOf(shares(drawn, colour.apply(drawn)), 3));
        return Tree.object()
                .put("ty", type)
                .put("c", KeyedValue.of(solid, 0.002))
                .put("o", opacity(drawn -> shares(drawn, colour.apply(drawn))[3]));
    }

    /** Twice as wide as what is seen of it, since half lies under the letters or is cut off. */
    private Tree stroke() {
        return painted("st", drawn -> drawn.layer().stroke().colour())
                .put("w", KeyedValue.of(number(drawn -> 2 * drawn.stroke()), 0.01))
                .put("lc", 1)
                .put("lj", 2)
                .made();
    }

    /** The line inside a box, drawn in part. */
    private Tree.Maker line() {
        List<Tree> paints = new ArrayList<>();
        boolean inPart = frames.stream()
                .filter(Objects::nonNull)
                .anyMatch(drawn -> drawn.drawn()[0] > 0 || drawn.drawn()[1] < 1);
        if (inPart) {
            paints.add(Tree.object()
                    .put("ty", "tm")
                    .put("s", KeyedValue.of(number(drawn -> 100 * drawn.drawn()[0]), 0.005))
                    .put("e", KeyedValue.of(number(drawn -> 100 * drawn.drawn()[1]), 0.005))
                    .put("o", KeyedValue.still(0))
                    .put("m", 1)
                    .made());
        }
        paints.add(stroke());
        List<Tree> inside = new ArrayList<>();
        for (int i = 0; i < any().outline().curves().size(); i++) {
            int curve = i;
            inside.add(mask(numbers(drawn -> drawn.outline().curves().get(curve))));
        }
        return shape(paints).put("hasMask", true).put("masksProperties", new Tree.Arr(inside));
    }

    /** Whether anything of it is ever seen. */
    boolean isSeen() {
        return frames.stream().anyMatch(drawn -> drawn != null && drawn.opacity() > SEEN);
    }
}
