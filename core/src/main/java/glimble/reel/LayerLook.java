package glimble.reel;

import glimble.colour.Grading;
import glimble.graphic.Align;
import glimble.graphic.BoxPart;
import glimble.graphic.Corners;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Light;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.RibbonPart;
import glimble.graphic.ScrimPart;
import glimble.graphic.TextPart;
import glimble.graphic.Toward;
import glimble.number.Whole;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.ribbon.Surface;
import java.util.List;

/** The look of a part as plain numbers, for the place where it rests. */
public final class LayerLook {
    private static final Layer.Fill NOTHING = new Layer.Fill("#00000000", "#00000000", false, 0, 0, 0, 0);
    private static final Layer.ThrownShadow NONE = new Layer.ThrownShadow("", 0, 0, 0);
    private static final int OPAQUE = 7;

    private LayerLook() {}

    /** @param mirrored whether the graphic stands mirrored, and with it gradients, slants and shadows */
    public static Layer.Fill fill(Part part, Rect box, boolean mirrored) {
        if (part instanceof TextPart text) return fill(text.style().fill(), box, mirrored);
        if (part instanceof BoxPart plate) return fill(plate.fill(), box, mirrored);
        if (part instanceof LinePart line) return fill(line.fill(), box, mirrored);
        if (part instanceof RibbonPart ribbon) return fill(ribbon.fill(), box, mirrored);
        return part instanceof ScrimPart scrim ? scrim(scrim, box, mirrored) : NOTHING;
    }

    private static Layer.Fill fill(Paint paint, Rect box, boolean mirrored) {
        if (paint instanceof Paint.Colour plain) {
            return new Layer.Fill(plain.colour(), plain.colour(), false, 0, 0, 0, 0);
        }
        if (paint instanceof Paint.Radial radial) return radial(radial.from(), radial.to(), box);
        if (!(paint instanceof Paint.Linear linear)) return NOTHING;
        double radians = StrictMath.toRadians(linear.angle());
        double cos = StrictMath.cos(radians) * (mirrored ? -1 : 1);
        return linear(linear.from(), linear.to(), cos, StrictMath.sin(radians), box);
    }

    private static Layer.Fill radial(String from, String to, Rect box) {
        return new Layer.Fill(
                from,
                to,
                true,
                Rounding.px(box.x() + box.width() / 2),
                Rounding.px(box.y() + box.height() / 2),
                Rounding.px(box.right()),
                Rounding.px(box.bottom()));
    }

    /** So long that the corners get the pure colours. Source: CSS Images Level 3, linear gradients. */
    private static Layer.Fill linear(String from, String to, double cos, double sin, Rect box) {
        double x = box.x() + box.width() / 2;
        double y = box.y() + box.height() / 2;
        double half = (Math.abs(box.width() * cos) + Math.abs(box.height() * sin)) / 2;
        return new Layer.Fill(
                from,
                to,
                false,
                Rounding.px(x - cos * half),
                Rounding.px(y - sin * half),
                Rounding.px(x + cos * half),
                Rounding.px(y + sin * half));
    }

    /** Strongest on its side, nothing at the other one, or at the rim. */
    private static Layer.Fill scrim(ScrimPart scrim, Rect box, boolean mirrored) {
        String strong = withAlpha(scrim.colour(), scrim.strength());
        String nothing = withAlpha(scrim.colour(), 0);
        if (scrim.from().isEmpty()) {
            // Its rim lies inside the box, so that no edge is seen.
            double x = box.x() + box.width() / 2;
            double y = box.y() + box.height() / 2;
            double rim = Math.min(box.width(), box.height()) / 2;
            return new Layer.Fill(
                    strong, nothing, true, Rounding.px(x), Rounding.px(y), Rounding.px(x + rim), Rounding.px(y));
        }
        Toward side = mirrored ? scrim.from().get().mirrored() : scrim.from().get();
        return switch (side) {
            case LEFT -> linear(strong, nothing, 1, 0, box);
            case RIGHT -> linear(strong, nothing, -1, 0, box);
            case UP -> linear(strong, nothing, 0, 1, box);
            case DOWN -> linear(strong, nothing, 0, -1, box);
        };
    }

    /** @param share 0–1 of the alpha that the colour has */
    private static String withAlpha(String colour, double share) {
        // Names are put in before; one that is not has no alpha to change.
        if (!Palette.isColour(colour)) return colour;
        int alpha = colour.length() > OPAQUE ? Integer.parseInt(colour.substring(OPAQUE), 16) : 255;
        int kept = (int) Whole.nearest(alpha * share);
        return colour.substring(0, OPAQUE)
                + Integer.toHexString(0x100 + kept).substring(1).toUpperCase(java.util.Locale.ROOT);
    }

    /** How a ribbon runs; none for any other part. */
    static Layer.Ribbon ribbon(Part part, Graphic graphic, Rect box, boolean mirrored) {
        if (!(part instanceof RibbonPart ribbon)) return null;
        Layer.Fill back = ribbon.back().isEmpty()
                ? fill(ribbon.fill(), box, mirrored)
                : fill(new Paint.Colour(ribbon.back()), box, mirrored);
        return new Layer.Ribbon(ribbon.form(), mirrored, back, ribbon.sheen(), lit(graphic, mirrored));
    }

    /** How thick a box is; none for anything flat. */
    static Layer.Solid solid(Part part, Graphic graphic, boolean mirrored) {
        if (!(part instanceof BoxPart box) || box.depth() == 0) return null;
        Frame frame = graphic.frame();
        return new Layer.Solid(
                box.depth(),
                frame.width() / 2.0,
                frame.height() / 2.0,
                Surface.eye(frame.width()),
                lit(graphic, mirrored));
    }

    private static Layer.Lit lit(Graphic graphic, boolean mirrored) {
        Light light = mirrored ? graphic.light().mirrored() : graphic.light();
        Grading grading = new Grading(graphic.grade());
        return new Layer.Lit(light, grading.of("#000000"), grading.of("#FFFFFF"));
    }

    /** As round as it says; of what is as round as it can be, rounder than any box. */
    static Corners corners(Part part, boolean mirrored) {
        Corners given = Corners.SHARP;
        if (part instanceof BoxPart plate) given = plate.corners();
        if (part instanceof PicturePart picture) given = picture.corners();
        if (part instanceof LinePart line && line.round()) given = Corners.ROUND;
        Corners seen = mirrored ? given.mirrored() : given;
        return new Corners(
                Rounding.px(seen.topLeft()),
                Rounding.px(seen.topRight()),
                Rounding.px(seen.bottomRight()),
                Rounding.px(seen.bottomLeft()));
    }

    /** As slanted as it says. */
    static double slant(Part part, boolean mirrored) {
        if (!(part instanceof BoxPart slanted)) return 0;
        return Rounding.px(mirrored ? -slanted.slant() : slanted.slant());
    }

    /** Boxes of the pieces of a text, px. */
    public static List<Rect> units(PartRest at) {
        return at.line()
                .map(line -> line.pieces().stream()
                        .map(unit -> Rounding.px(new Rect(
                                at.straight().x() + unit.x(),
                                at.baseline() + unit.baseline() - line.ascent(),
                                unit.width(),
                                line.ascent() + line.ascent() / 3)))
                        .toList())
                .orElse(List.of());
    }

    static double em(Part part) {
        return part instanceof TextPart text ? text.style().size() : 0;
    }

    /** The end of a line that its alignment holds. */
    static double held(Part part, boolean mirrored) {
        if (!(part instanceof TextPart text)) return 0;
        Align align = text.layout().align();
        return (mirrored ? align.mirrored() : align).share();
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
                .orElse(NONE);
    }

    static Layer.ThrownShadow glow(Look look) {
        return look.glow()
                .map(glow -> new Layer.ThrownShadow(glow.colour(), 0, 0, glow.blur()))
                .orElse(NONE);
    }

    /**
     * Where a picture stands in its part, its proportion kept.
     *
     * @param fills whether it covers the part; otherwise it fits inside it
     */
    public static Rect picture(Pictures.Extent extent, Rect box, boolean fills) {
        double across = box.width() / extent.width();
        double down = box.height() / extent.height();
        double factor = fills ? Math.max(across, down) : Math.min(across, down);
        double width = extent.width() * factor;
        double height = extent.height() * factor;
        return Rounding.px(
                new Rect(box.x() + (box.width() - width) / 2, box.y() + (box.height() - height) / 2, width, height));
    }
}
