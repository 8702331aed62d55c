package glimble.document;

import glimble.graphic.Axis;
import glimble.graphic.BoxPart;
import glimble.graphic.Edge;
import glimble.graphic.LinePart;
import glimble.graphic.Mask;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/** Reads a part: what it looks like, and its size and place as relations. */
final class PartReader {
    private static final Map<String, Function<Spot, Size>> SIZES = Map.of(
            "px", PartReader::fixed,
            "own", PartReader::own,
            "wraps", PartReader::wraps,
            "matches", PartReader::matches);

    private PartReader() {}

    static Part part(Spot spot) {
        String key = spot.at("key").key();
        Span x = span(spot, Axis.X);
        Span y = span(spot, Axis.Y);
        List<Mask> masks = new ArrayList<>();
        for (Spot item : spot.items("masks", Limits.MASKS)) masks.add(mask(item));
        return switch (spot.choice("kind", new String[] {"text", "box", "line"}, Function.identity())) {
            case "text" -> {
                spot.only("key", "kind", "text", "style", "width", "height", "x", "y", "masks");
                yield new TextPart(key, spot.at("text").text(Limits.TEXT), style(spot.at("style")), x, y, masks);
            }
            case "box" -> {
                spot.only("key", "kind", "fill", "radius", "width", "height", "x", "y", "masks");
                double radius = spot.number("radius", 0, Limits.PX, 0);
                yield new BoxPart(key, paint(spot.at("fill")), radius, x, y, masks);
            }
            default -> {
                spot.only("key", "kind", "fill", "width", "height", "x", "y", "masks");
                yield new LinePart(key, paint(spot.at("fill")), x, y, masks);
            }
        };
    }

    private static TextStyle style(Spot spot) {
        spot.only("font", "size", "fill");
        return new TextStyle(spot.at("font").key(), spot.number("size", 1, 2_000), paint(spot.at("fill")));
    }

    private static Paint paint(Spot spot) {
        String colour = spot.text(9);
        boolean sound = (colour.length() == 7 || colour.length() == 9)
                && colour.charAt(0) == '#'
                && colour.substring(1).chars().allMatch(c -> Character.digit(c, 16) >= 0 && c < 128);
        if (!sound && spot.isText()) spot.problem("must be a colour like '#7AD3C0', or '#7AD3C080' with alpha");
        return new Paint(colour.toUpperCase(Locale.ROOT));
    }

    private static Mask mask(Spot spot) {
        spot.only("by", "side");
        return new Mask(
                spot.at("by").key(),
                spot.choice("side", new String[] {"inside", "outside"}, Function.identity(), "inside")
                        .equals("inside"));
    }

    private static Span span(Spot part, Axis axis) {
        Spot size = part.at(axis == Axis.X ? "width" : "height");
        Spot place = part.at(axis == Axis.X ? "x" : "y");
        return new Span(size.oneOf(SIZES, new Size.Own()), place(place, axis));
    }

    private static Size fixed(Spot spot) {
        spot.only("px");
        return new Size.Fixed(spot.number("px", 0, Limits.PX));
    }

    private static Size own(Spot spot) {
        spot.only("own");
        if (!spot.flag("own", true)) spot.at("own").problem("must be true; leave it out for another size");
        return new Size.Own();
    }

    private static Size wraps(Spot spot) {
        spot.only("wraps", "take", "pad");
        List<String> parts = new ArrayList<>();
        for (Spot item : spot.items("wraps", Limits.PARTS)) parts.add(item.key());
        if (parts.isEmpty()) spot.at("wraps").problem("must name at least one part");
        List<Spot> pads = spot.items("pad", 2);
        double before = pads.isEmpty() ? 0 : pads.get(0).number(-Limits.PX, Limits.PX);
        double after = pads.isEmpty() ? 0 : pads.get(pads.size() - 1).number(-Limits.PX, Limits.PX);
        return new Size.Wraps(
                parts, spot.choice("take", Size.Take.values(), Size.Take::word, Size.Take.LONGEST), before, after);
    }

    private static Size matches(Spot spot) {
        spot.only("matches", "factor", "plus");
        return new Size.Matches(
                spot.at("matches").key(),
                spot.number("factor", 0, 1_000, 1),
                spot.number("plus", -Limits.PX, Limits.PX, 0));
    }

    private static Place place(Spot spot, Axis axis) {
        spot.only("hangs", "on", "at", "plus");
        return new Place(
                spot.choice("hangs", Edge.values(), edge -> edge.word(axis)),
                spot.at("on").key(),
                spot.choice("at", Edge.values(), edge -> edge.word(axis)),
                spot.number("plus", -Limits.PX, Limits.PX, 0));
    }
}
