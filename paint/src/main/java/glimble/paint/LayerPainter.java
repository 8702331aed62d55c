package glimble.paint;

import glimble.graphic.Look;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Paint;
import java.awt.RadialGradientPaint;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;

/** Paints one layer as it is, uncut: its letters one by one where they move so, or all of it. */
final class LayerPainter {
    private static final double[] ALL = {0, 1};

    private final Shapes shapes;
    private final Pictures pictures;
    private final int width;
    private final int height;

    LayerPainter(Shapes shapes, Pictures pictures, int width, int height) {
        this.shapes = shapes;
        this.pictures = pictures;
        this.width = width;
        this.height = height;
    }

    BufferedImage blank() {
        return new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
    }

    static Graphics2D graphics(BufferedImage image) {
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setRenderingHint(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
        return graphics;
    }

    /** @param matrix from rest to where it is drawn */
    void paint(BufferedImage onto, Layer layer, Stand stand, PhaseName phase, int frame, AffineTransform matrix) {
        if (!Letter.areApart(layer, phase, frame, stand.tracking())) {
            paint(
                    onto,
                    layer,
                    shapes.of(layer, stand.edges()),
                    matrix,
                    stand.opacity(),
                    stand.stroke(),
                    stand.tints(),
                    stand.drawn());
            return;
        }
        List<Shape> letters = shapes.letters(layer);
        for (int unit = 0; unit < letters.size(); unit++) {
            Letter letter = Letter.of(layer, phase, frame, unit, stand.tracking());
            if (letter.opacity() == 0) continue;
            AffineTransform at = standing(letter, stand, matrix);
            List<Stand.Tint> tints = new ArrayList<>(stand.tints());
            tints.addAll(letter.tints());
            Shape shape = letter.seen(letters.get(unit));
            double opacity = stand.opacity() * letter.opacity();
            if (letter.blur() == 0) {
                paint(onto, layer, shape, at, opacity, stand.stroke() * letter.stroke(), tints, ALL);
                continue;
            }
            BufferedImage apart = blank();
            paint(apart, layer, shape, at, opacity, stand.stroke() * letter.stroke(), tints, ALL);
            Blur.apply(apart, letter.blur());
            lay(onto, apart, AlphaComposite.SrcOver);
        }
    }

    private static AffineTransform standing(Letter letter, Stand stand, AffineTransform matrix) {
        AffineTransform at = new AffineTransform(matrix);
        at.translate(stand.edges()[0], stand.edges()[1]);
        at.concatenate(letter.matrix());
        return at;
    }

    static void lay(BufferedImage onto, BufferedImage what, AlphaComposite how) {
        Graphics2D graphics = onto.createGraphics();
        graphics.setComposite(how);
        graphics.drawImage(what, 0, 0, null);
        graphics.dispose();
    }

    private void paint(
            BufferedImage onto,
            Layer layer,
            Shape shape,
            AffineTransform matrix,
            double opacity,
            double strokeFactor,
            List<Stand.Tint> tints,
            double[] drawn) {
        Graphics2D graphics = graphics(onto);
        AlphaComposite composite = AlphaComposite.SrcOver.derive((float) opacity);
        Paint fill = fill(layer, tints);
        double strokeWidth = layer.stroke().width() * strokeFactor;
        boolean around = strokeWidth > 0 && layer.kind().equals("text");
        if (!layer.glow().colour().isEmpty()) {
            shadow(onto, layer.glow(), matrix, opacity, fill, shape, null);
            draw(graphics, matrix, composite, fill, shape);
        }
        Shape outline = around ? outline(shape, strokeWidth) : null;
        boolean shown = !layer.picture().isEmpty();
        if (!layer.shadow().colour().isEmpty() && !shown) {
            shadow(onto, layer.shadow(), matrix, opacity, fill, around ? null : shape, outline);
        }
        if (around) draw(graphics, matrix, composite, Colours.of(layer.stroke().colour(), tints), outline);
        if (shown) picture(onto, layer, shape, matrix, opacity);
        else draw(graphics, matrix, composite, fill, shape);
        if (strokeWidth > 0 && !around && drawn[1] > drawn[0]) {
            // Twice as wide and cut to the shape: what is seen of it is inside.
            Area inside = new Area(drawn(shape, strokeWidth, drawn));
            inside.intersect(new Area(shape));
            draw(graphics, matrix, composite, Colours.of(layer.stroke().colour(), tints), inside);
        }
        graphics.dispose();
    }

    private static Shape outline(Shape shape, double width) {
        return new BasicStroke((float) (2 * width), BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND)
                .createStrokedShape(shape);
    }

    /** The stroke around a shape from one share of its length to another. */
    private static Shape drawn(Shape shape, double width, double[] shares) {
        if (shares[0] == 0 && shares[1] == 1) return outline(shape, width);
        double length = Shapes.length(shape);
        float[] dash = {(float) ((shares[1] - shares[0]) * length), (float) (2 * length)};
        float phase = (float) ((2 - shares[0] + shares[1] - shares[0]) * length);
        float offset = shares[0] == 0 ? 0 : phase;
        return new BasicStroke((float) (2 * width), BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, dash, offset)
                .createStrokedShape(shape);
    }

    private static void draw(
            Graphics2D graphics, AffineTransform matrix, AlphaComposite composite, Paint paint, Shape shape) {
        graphics.setTransform(matrix);
        graphics.setComposite(composite);
        graphics.setPaint(paint);
        graphics.fill(shape);
    }

    /** Half the blur is the standard deviation. Source: HTML, shadows of a canvas. */
    private void shadow(
            BufferedImage onto,
            Layer.ThrownShadow shadow,
            AffineTransform matrix,
            double opacity,
            Paint fill,
            Shape shape,
            Shape outline) {
        // Shadows are not scaled or turned with what throws them.
        AffineTransform at = AffineTransform.getTranslateInstance(shadow.x(), shadow.y());
        at.concatenate(matrix);
        Shape thrower = outline == null ? shape : outline;
        // What lies off the picture may throw a shadow into it: the shadow is painted with so much around it as fades.
        int around = (int) Math.ceil(Look.FADES * shadow.blur()) + 2;
        Rectangle area = at.createTransformedShape(thrower).getBounds();
        area.grow(around, around);
        area = area.intersection(new Rectangle(-around, -around, width + 2 * around, height + 2 * around));
        if (area.isEmpty()) return;
        BufferedImage thrown = new BufferedImage(area.width, area.height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = graphics(thrown);
        AffineTransform inside = AffineTransform.getTranslateInstance(-area.x, -area.y);
        inside.concatenate(at);
        draw(graphics, inside, AlphaComposite.SrcOver, outline == null ? fill : Color.BLACK, thrower);
        graphics.setTransform(new AffineTransform());
        graphics.setComposite(AlphaComposite.SrcIn);
        graphics.setPaint(Colours.of(shadow.colour(), List.of()));
        graphics.fillRect(0, 0, area.width, area.height);
        graphics.dispose();
        Blur.apply(thrown, shadow.blur() / 2);
        Graphics2D below = onto.createGraphics();
        below.setComposite(AlphaComposite.SrcOver.derive((float) opacity));
        below.drawImage(thrown, area.x, area.y, null);
        below.dispose();
    }

    private void picture(BufferedImage onto, Layer layer, Shape shape, AffineTransform matrix, double opacity) {
        BufferedImage apart = blank();
        Graphics2D graphics = graphics(apart);
        graphics.setTransform(matrix);
        boolean drawn = pictures.draw(graphics, layer.picture(), layer.pictureAt());
        graphics.dispose();
        if (!drawn) return;
        boolean inside = layer.pictureAt().width() <= layer.box().width() + 0.01
                && layer.pictureAt().height() <= layer.box().height() + 0.01;
        boolean sharp = layer.corners().equals(glimble.graphic.Corners.SHARP) && layer.slant() == 0;
        if (!inside || !sharp || layer.kind().equals("text")) {
            BufferedImage cut = blank();
            Graphics2D cutter = graphics(cut);
            draw(cutter, matrix, AlphaComposite.SrcOver, Color.BLACK, shape);
            cutter.dispose();
            lay(apart, cut, AlphaComposite.DstIn);
        }
        if (inside
                && sharp
                && !layer.kind().equals("text")
                && !layer.shadow().colour().isEmpty()) {
            BufferedImage thrown = blank();
            Graphics2D thrower = graphics(thrown);
            thrower.translate(layer.shadow().x(), layer.shadow().y());
            thrower.drawImage(apart, 0, 0, null);
            thrower.setTransform(new AffineTransform());
            thrower.setComposite(AlphaComposite.SrcIn);
            thrower.setPaint(Colours.of(layer.shadow().colour(), List.of()));
            thrower.fillRect(0, 0, width, height);
            thrower.dispose();
            Blur.apply(thrown, layer.shadow().blur() / 2);
            lay(onto, thrown, AlphaComposite.SrcOver.derive((float) opacity));
        }
        lay(onto, apart, AlphaComposite.SrcOver.derive((float) opacity));
    }

    private static Paint fill(Layer layer, List<Stand.Tint> tints) {
        Layer.Fill fill = layer.fill();
        Color from = Colours.of(fill.from(), tints);
        if (fill.from().equals(fill.to())) return from;
        Color to = Colours.of(fill.to(), tints);
        if (!fill.radial()) {
            return new GradientPaint(
                    (float) fill.x1(), (float) fill.y1(), from, (float) fill.x2(), (float) fill.y2(), to);
        }
        double radius = Math.hypot(fill.x2() - fill.x1(), fill.y2() - fill.y1());
        // Of nothing there is nothing to be seen, whatever its colour.
        if (radius <= 0) return from;
        return new RadialGradientPaint(
                (float) fill.x1(), (float) fill.y1(), (float) radius, new float[] {0, 1}, new Color[] {from, to});
    }

    /** The shape of a layer as it stands, opaque; of letters that move apart, each as it stands. */
    void fillShape(BufferedImage onto, Layer layer, Stand stand, PhaseName phase, int frame, AffineTransform matrix) {
        Graphics2D graphics = graphics(onto);
        if (!Letter.areApart(layer, phase, frame, stand.tracking())) {
            draw(graphics, matrix, AlphaComposite.SrcOver, Color.BLACK, shapes.of(layer, stand.edges()));
        } else {
            List<Shape> letters = shapes.letters(layer);
            for (int unit = 0; unit < letters.size(); unit++) {
                Letter letter = Letter.of(layer, phase, frame, unit, stand.tracking());
                AlphaComposite composite = AlphaComposite.SrcOver.derive((float) letter.opacity());
                Shape seen = letter.seen(letters.get(unit));
                draw(graphics, standing(letter, stand, matrix), composite, Color.BLACK, seen);
            }
        }
        graphics.dispose();
    }
}
