package glimble.paint;

import glimble.graphic.Corners;
import glimble.graphic.Look;
import glimble.graphic.PhaseName;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.rest.Rect;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Paint;
import java.awt.RadialGradientPaint;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.Transparency;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** Paints one layer as it is, uncut: its letters one by one where they move so, or all of it. */
final class LayerPainter {
    private static final double[] ALL = {0, 1};
    /** px by which a picture may stand outside its box, as places are rounded. */
    private static final double ROUNDED = 0.01;

    private final Shapes shapes;
    private final Pictures pictures;
    private final CastShadows shadows = new CastShadows();
    private final int width;
    private final int height;

    LayerPainter(Shapes shapes, Pictures pictures, int width, int height) {
        this.shapes = shapes;
        this.pictures = pictures;
        this.width = width;
        this.height = height;
    }

    /** The whole picture. */
    Rectangle frame() {
        return new Rectangle(width, height);
    }

    /** The part of the picture in which a layer draws anything; empty if it does nowhere. */
    Rectangle area(Layer layer, Stand stand, PhaseName phase, int frame, AffineTransform matrix) {
        double around = layer.kind().equals("text") ? layer.stroke().width() * stand.stroke() : 0;
        Rectangle area = new Rectangle(0, 0, -1, -1);
        if (!Letter.areApart(layer, phase, frame, stand.tracking())) {
            area = area.union(bounds(shape(layer, stand), around, matrix));
        } else {
            List<Shape> letters = shapes.letters(layer);
            for (int unit = 0; unit < letters.size(); unit++) {
                Letter letter = Letter.of(layer, phase, frame, unit, stand.tracking());
                if (letter.opacity() == 0) continue;
                Rectangle bounds = bounds(
                        shape(letter, letters.get(unit), stand),
                        around * Math.max(1, letter.stroke()),
                        standing(letter, stand, matrix));
                if (!bounds.isEmpty()) area = area.union(Sheet.grown(bounds, Blur.reach(letter.blur())));
            }
        }
        if (area.isEmpty()) return area;
        Rectangle all = new Rectangle(area);
        for (Layer.ThrownShadow thrown : List.of(layer.shadow(), layer.glow())) {
            if (thrown.colour().isEmpty()) continue;
            Rectangle shadow = Sheet.grown(area, fades(thrown));
            shadow.translate((int) Math.round(thrown.x()), (int) Math.round(thrown.y()));
            all = all.union(shadow);
        }
        return all.intersection(frame());
    }

    private static Rectangle bounds(Shape shape, double around, AffineTransform matrix) {
        Rectangle2D box = shape.getBounds2D();
        if (box.isEmpty()) return new Rectangle();
        Rectangle2D grown = new Rectangle2D.Double(
                box.getX() - around, box.getY() - around, box.getWidth() + 2 * around, box.getHeight() + 2 * around);
        // What is smoothed reaches a px further.
        return Sheet.grown(matrix.createTransformedShape(grown).getBounds(), 1);
    }

    /** px around what throws it. */
    private static int fades(Layer.ThrownShadow shadow) {
        return (int) Math.ceil(Look.FADES * shadow.blur()) + 2;
    }

    /** @param matrix from rest to where it is drawn */
    void paint(Sheet onto, Layer layer, Stand stand, PhaseName phase, int frame, AffineTransform matrix) {
        if (!Letter.areApart(layer, phase, frame, stand.tracking())) {
            paint(
                    onto,
                    layer,
                    stand,
                    shape(layer, stand),
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
            Shape shape = shape(letter, letter.seen(letters.get(unit)), stand);
            double opacity = stand.opacity() * letter.opacity();
            if (letter.blur() == 0) {
                paint(onto, layer, stand, shape, at, opacity, stand.stroke() * letter.stroke(), tints, ALL);
                continue;
            }
            double around = layer.kind().equals("text") ? layer.stroke().width() * stand.stroke() * letter.stroke() : 0;
            Rectangle drawn = bounds(shape, around, at);
            if (drawn.isEmpty()) continue;
            int reach = Blur.reach(letter.blur());
            for (Layer.ThrownShadow thrown : List.of(layer.shadow(), layer.glow())) {
                if (thrown.colour().isEmpty()) continue;
                int far = (int) Math.ceil(Math.max(Math.abs(thrown.x()), Math.abs(thrown.y()))) + fades(thrown);
                reach = Math.max(reach, far + Blur.reach(letter.blur()));
            }
            Rectangle area = Sheet.grown(drawn, reach).intersection(frame());
            if (area.isEmpty()) continue;
            Sheet apart = Sheet.blank(area);
            paint(apart, layer, stand, shape, at, opacity, stand.stroke() * letter.stroke(), tints, ALL);
            Blur.apply(apart.image(), letter.blur());
            onto.lay(apart, Laid.How.OVER);
        }
    }

    /** The shape of a layer in the coordinates that its matrix takes to the picture. */
    Shape shape(Layer layer, Stand stand) {
        return shapes.standing(layer, stand);
    }

    /** The same of one of its letters, of what rides taken to where it is seen on its ribbon. */
    static Shape shape(Letter letter, Shape shape, Stand stand) {
        if (stand.riding() == null) return shape;
        AffineTransform flat = AffineTransform.getTranslateInstance(stand.edges()[0], stand.edges()[1]);
        flat.concatenate(letter.matrix());
        return Ridden.of(stand, shape, flat);
    }

    static AffineTransform standing(Letter letter, Stand stand, AffineTransform matrix) {
        if (stand.riding() != null) return matrix;
        AffineTransform at = new AffineTransform(matrix);
        at.translate(stand.edges()[0], stand.edges()[1]);
        at.concatenate(letter.matrix());
        return at;
    }

    private void paint(
            Sheet onto,
            Layer layer,
            Stand stand,
            Shape shape,
            AffineTransform matrix,
            double opacity,
            double strokeFactor,
            List<Stand.Tint> tints,
            double[] drawn) {
        Graphics2D graphics = onto.graphics();
        AffineTransform here = onto.from(matrix);
        AlphaComposite composite = AlphaComposite.SrcOver.derive((float) opacity);
        Paint fill = fill(layer, tints);
        Object filledWith = List.of(layer.fill(), List.copyOf(tints));
        double strokeWidth = layer.stroke().width() * strokeFactor;
        boolean around = strokeWidth > 0 && layer.kind().equals("text");
        if (!layer.glow().colour().isEmpty()) {
            shadow(onto, layer.glow(), matrix, opacity, fill, filledWith, shape, null);
            if (layer.ribbon() == null) fill(onto, graphics, matrix, opacity, fill, shape);
        }
        Shape outline = around ? outline(shape, strokeWidth) : null;
        boolean shown = !layer.picture().isEmpty();
        if (!layer.shadow().colour().isEmpty() && !shown) {
            shadow(onto, layer.shadow(), matrix, opacity, fill, filledWith, around ? null : shape, outline);
        }
        if (around) draw(graphics, here, composite, Colours.of(layer.stroke().colour(), tints), outline);
        if (shown) picture(onto, layer, stand, shape, matrix, opacity);
        else if (layer.ribbon() != null) RibbonPainter.fill(onto, layer, stand.ribbon(), matrix, tints, opacity);
        else fill(onto, graphics, matrix, opacity, fill, shape);
        if (strokeWidth > 0 && !around && drawn[1] > drawn[0]) {
            // Twice as wide and cut to the shape: what is seen of it is inside.
            Area inside = new Area(drawn(shape, strokeWidth, drawn));
            inside.intersect(new Area(shape));
            draw(graphics, here, composite, Colours.of(layer.stroke().colour(), tints), inside);
        }
        graphics.dispose();
    }

    private static void fill(
            Sheet onto, Graphics2D graphics, AffineTransform matrix, double opacity, Paint fill, Shape shape) {
        if (fill instanceof GradientPaint graded) Graded.fill(onto, shape, matrix, graded, opacity);
        else draw(graphics, onto.from(matrix), AlphaComposite.SrcOver.derive((float) opacity), fill, shape);
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
            Sheet onto,
            Layer.ThrownShadow shadow,
            AffineTransform matrix,
            double opacity,
            Paint fill,
            Object filledWith,
            Shape shape,
            Shape outline) {
        // Shadows are not scaled or turned with what throws them.
        AffineTransform at = AffineTransform.getTranslateInstance(shadow.x(), shadow.y());
        at.concatenate(matrix);
        Shape thrower = outline == null ? shape : outline;
        // What lies off the picture may throw a shadow into it: the shadow is painted with so much around it as fades.
        int around = fades(shadow);
        Rectangle area = at.createTransformedShape(thrower).getBounds();
        area.grow(around, around);
        area = area.intersection(Sheet.grown(onto.at(), around));
        if (area.isEmpty()) return;
        Rectangle within = area;
        // Only how much is covered counts for a shadow.
        boolean opaque = outline != null || fill.getTransparency() == Transparency.OPAQUE;
        Paint covers = opaque ? Color.BLACK : fill;
        Supplier<Sheet> cast = () -> cast(shadow, within, at, thrower, covers);
        Object filled = opaque ? Color.BLACK : filledWith;
        Sheet thrown = shadows.of(shadow, within, at, thrower, filled, cast);
        onto.layOver(thrown, opacity);
    }

    private static Sheet cast(
            Layer.ThrownShadow shadow, Rectangle area, AffineTransform at, Shape thrower, Paint covers) {
        Sheet thrown = Sheet.blank(area);
        Graphics2D graphics = thrown.graphics();
        draw(graphics, thrown.from(at), AlphaComposite.SrcOver, covers, thrower);
        graphics.dispose();
        Blur.shadow(thrown.image(), shadow.blur() / 2, Colours.of(shadow.colour(), List.of()));
        return thrown;
    }

    private void picture(Sheet onto, Layer layer, Stand stand, Shape shape, AffineTransform matrix, double opacity) {
        Sheet apart = Sheet.blank(onto.at());
        if (stand.riding() != null) {
            if (BentPicture.draw(apart, layer, pictures, stand, matrix)) {
                apart.lay(Sheet.covered(onto.at(), shape, matrix), Laid.How.KEEPS);
                onto.layOver(apart, opacity);
            }
            return;
        }
        Graphics2D graphics = apart.graphics();
        graphics.setTransform(apart.from(matrix));
        boolean drawn = pictures.draw(graphics, layer.picture(), layer.grade(), layer.pictureAt());
        graphics.dispose();
        if (!drawn) return;
        boolean whole = isWhole(layer, stand);
        if (!whole) apart.lay(Sheet.covered(onto.at(), shape, matrix), Laid.How.KEEPS);
        if (whole && !layer.shadow().colour().isEmpty()) {
            Sheet thrown = Sheet.blank(onto.at());
            Graphics2D thrower = thrown.image().createGraphics();
            thrower.translate(layer.shadow().x(), layer.shadow().y());
            thrower.drawImage(apart.image(), 0, 0, null);
            thrower.dispose();
            Layer.ThrownShadow shadow = layer.shadow();
            Blur.shadow(thrown.image(), shadow.blur() / 2, Colours.of(shadow.colour(), List.of()));
            onto.layOver(thrown, opacity);
        }
        onto.layOver(apart, opacity);
    }

    /** Whether nothing of its picture is cut off by its shape. */
    static boolean isWhole(Layer layer, Stand stand) {
        boolean sharp = layer.corners().equals(Corners.SHARP) && layer.slant() == 0;
        Rect box = stand.box(layer).grown(ROUNDED);
        return sharp && !layer.kind().equals("text") && Courses.contains(box, layer.pictureAt());
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
    void fillShape(Sheet onto, Layer layer, Stand stand, PhaseName phase, int frame, AffineTransform matrix) {
        Graphics2D graphics = onto.graphics();
        if (!Letter.areApart(layer, phase, frame, stand.tracking())) {
            draw(graphics, onto.from(matrix), AlphaComposite.SrcOver, Color.BLACK, shape(layer, stand));
        } else {
            List<Shape> letters = shapes.letters(layer);
            for (int unit = 0; unit < letters.size(); unit++) {
                Letter letter = Letter.of(layer, phase, frame, unit, stand.tracking());
                AlphaComposite composite = AlphaComposite.SrcOver.derive((float) letter.opacity());
                Shape seen = shape(letter, letter.seen(letters.get(unit)), stand);
                draw(graphics, onto.from(standing(letter, stand, matrix)), composite, Color.BLACK, seen);
            }
        }
        graphics.dispose();
    }
}
