package glimble.reel;

import glimble.graphic.BoxPart;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.rest.Rect;

/** The look of a part as plain numbers, for the place where it rests. */
final class LayerLook {
    private LayerLook() {}

    /** @param mirrored whether the graphic stands mirrored, and with it gradients, slants and shadows */
    static Layer.Fill fill(Part part, Rect box, boolean mirrored) {
        Paint paint = paint(part);
        double x = box.x() + box.width() / 2;
        double y = box.y() + box.height() / 2;
        if (paint instanceof Paint.Colour plain) {
            return new Layer.Fill(plain.colour(), plain.colour(), false, 0, 0, 0, 0);
        }
        if (paint instanceof Paint.Radial radial) {
            return new Layer.Fill(
                    radial.from(),
                    radial.to(),
                    true,
                    Rounding.px(x),
                    Rounding.px(y),
                    Rounding.px(box.right()),
                    Rounding.px(box.bottom()));
        }
        Paint.Linear linear = (Paint.Linear) paint;
        double radians = StrictMath.toRadians(linear.angle());
        double cos = StrictMath.cos(radians) * (mirrored ? -1 : 1);
        double sin = StrictMath.sin(radians);
        // So long that the corners get the pure colours. Source: CSS Images Level 3, linear gradients.
        double half = (Math.abs(box.width() * cos) + Math.abs(box.height() * sin)) / 2;
        return new Layer.Fill(
                linear.from(),
                linear.to(),
                false,
                Rounding.px(x - cos * half),
                Rounding.px(y - sin * half),
                Rounding.px(x + cos * half),
                Rounding.px(y + sin * half));
    }

    private static Paint paint(Part part) {
        if (part instanceof TextPart text) return text.style().fill();
        return part instanceof BoxPart box ? box.fill() : ((LinePart) part).fill();
    }

    /** As round as it says, but no rounder than the box has room for. */
    static double radius(Part part, Rect box) {
        if (!(part instanceof BoxPart rounded)) return 0;
        return Rounding.px(Math.min(rounded.radius(), Math.min(box.width(), box.height()) / 2));
    }

    /** As slanted as it says, but not beyond its own other end. */
    static double slant(Part part, Rect box, boolean mirrored) {
        if (!(part instanceof BoxPart slanted)) return 0;
        double slant = Math.max(-box.width(), Math.min(box.width(), slanted.slant()));
        return Rounding.px(mirrored ? -slant : slant);
    }

    static Layer.Line stroke(Look look) {
        return look.stroke()
                .map(stroke -> new Layer.Line(stroke.colour(), stroke.width()))
                .orElse(new Layer.Line("", 0));
    }

    static Layer.ThrownShadow shadow(Look look, boolean mirrored) {
        return look.shadow()
                .map(shadow -> new Layer.ThrownShadow(
                        shadow.colour(), mirrored ? -shadow.x() : shadow.x(), shadow.y(), shadow.blur()))
                .orElse(new Layer.ThrownShadow("", 0, 0, 0));
    }
}
