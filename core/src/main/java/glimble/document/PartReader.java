package glimble.document;

import glimble.graphic.Align;
import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Corners;
import glimble.graphic.Edge;
import glimble.graphic.Fit;
import glimble.graphic.GroupPart;
import glimble.graphic.Limits;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Mask;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.RibbonPart;
import glimble.graphic.ScrimPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Toward;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** Reads a part: what it looks like, and its size and place as relations. */
final class PartReader {
    private static final Map<String, Function<Spot, Size>> SIZES = Map.of(
            "px",
            PartReader::fixed,
            "own",
            PartReader::own,
            "wraps",
            PartReader::wraps,
            "matches",
            PartReader::matches,
            "share",
            PartReader::share);

    private PartReader() {}

    private static final String[] BASE = {
        "key", "kind", "tag", "needs", "width", "height", "x", "y", "masks", "unseen", "rides"
    };
    private static final Map<String, Function<Spot, Part>> KINDS = Map.of(
            "text",
            PartReader::text,
            "box",
            PartReader::box,
            "line",
            PartReader::line,
            "picture",
            PartReader::picture,
            "scrim",
            PartReader::scrim,
            "stack",
            PartReader::stack,
            "group",
            PartReader::group,
            "ribbon",
            PartReader::ribbon);

    static Part part(Spot spot) {
        String[] kinds = KINDS.keySet().stream().sorted().toArray(String[]::new);
        return KINDS.get(spot.choice("kind", kinds, Function.identity())).apply(spot);
    }

    private static Base base(Spot spot, String... further) {
        spot.only(Stream.concat(Stream.of(BASE), Stream.of(further)).toArray(String[]::new));
        return base(spot, span(spot, Axis.X), span(spot, Axis.Y));
    }

    private static Base base(Spot spot, Span x, Span y) {
        List<String> needs = new ArrayList<>();
        for (Spot item : spot.items("needs", Limits.FIELDS)) needs.add(item.key());
        List<Mask> masks = new ArrayList<>();
        for (Spot item : spot.items("masks", Limits.MASKS)) masks.add(mask(item));
        return new Base(
                spot.at("key").key(),
                spot.has("tag") ? colour(spot.at("tag")) : "",
                needs,
                x,
                y,
                masks,
                spot.flag("unseen", false),
                spot.has("rides") ? spot.at("rides").key() : "");
    }

    private static TextPart text(Spot spot) {
        Base base =
                base(spot, "text", "style", "case", "align", "leading", "fit", "stroke", "shadow", "glow", "opacity");
        TextLayout layout = new TextLayout(
                spot.choice(
                        "case",
                        TextLayout.LetterCase.values(),
                        TextLayout.LetterCase::word,
                        TextLayout.USUAL.letters()),
                spot.choice("align", Align.values(), Align::word, TextLayout.USUAL.align()),
                spot.number("leading", 0, 10, TextLayout.USUAL.leading()));
        return new TextPart(
                base,
                spot.at("text").text(Limits.TEXT),
                style(spot.at("style")),
                layout,
                spot.has("fit") ? Optional.of(fit(spot.at("fit"))) : Optional.empty(),
                look(spot));
    }

    private static Fit fit(Spot spot) {
        spot.only("room", "lines", "least", "both", "together");
        return new Fit(
                spot.at("room").oneOf(SIZES, new Size.Fixed(0)),
                spot.whole("lines", 1, 20, 1),
                spot.number("least", 0.01, 1, 1),
                spot.flag("both", false),
                spot.has("together") ? spot.at("together").key() : "");
    }

    private static BoxPart box(Spot spot) {
        Base base = base(spot, "fill", "radius", "slant", "depth", "stroke", "shadow", "glow", "opacity");
        return new BoxPart(
                base,
                paint(spot.at("fill")),
                corners(spot),
                spot.number("slant", -Limits.PX, Limits.PX, 0),
                spot.number("depth", 0, 1_000, 0),
                look(spot));
    }

    private static Look look(Spot spot) {
        Spot stroke = spot.at("stroke");
        Spot shadow = spot.at("shadow");
        if (spot.has("stroke")) stroke.only("colour", "width");
        if (spot.has("shadow")) shadow.only("colour", "x", "y", "blur");
        Spot glow = spot.at("glow");
        if (spot.has("glow")) glow.only("colour", "blur");
        return new Look(
                spot.has("stroke")
                        ? Optional.of(new Look.Stroke(colour(stroke.at("colour")), stroke.number("width", 0, 1_000)))
                        : Optional.empty(),
                spot.has("shadow")
                        ? Optional.of(new Look.Shadow(
                                colour(shadow.at("colour")),
                                shadow.number("x", -1_000, 1_000, 0),
                                shadow.number("y", -1_000, 1_000, 0),
                                shadow.number("blur", 0, 1_000, 0)))
                        : Optional.empty(),
                spot.has("glow")
                        ? Optional.of(new Look.Glow(colour(glow.at("colour")), glow.number("blur", 0, 1_000)))
                        : Optional.empty(),
                spot.number("opacity", 0, 1, 1));
    }

    private static LinePart line(Spot spot) {
        Base base = base(spot, "fill", "ends", "shadow", "glow", "opacity");
        boolean round = spot.choice("ends", new String[] {"flat", "round"}, Function.identity(), "flat")
                .equals("round");
        return new LinePart(base, paint(spot.at("fill")), round, look(spot));
    }

    private static PicturePart picture(Spot spot) {
        Base base = base(spot, "picture", "keeps", "radius", "stroke", "shadow", "glow", "opacity");
        boolean fills = spot.choice("keeps", new String[] {"inside", "filling"}, Function.identity(), "inside")
                .equals("filling");
        return new PicturePart(base, spot.at("picture").text(Limits.KEY), fills, corners(spot), look(spot));
    }

    private static ScrimPart scrim(Spot spot) {
        Base base = base(spot, "colour", "strength", "from");
        return new ScrimPart(
                base,
                colour(spot.at("colour")),
                spot.number("strength", 0, 1),
                spot.has("from")
                        ? Optional.of(spot.choice("from", Toward.values(), toward -> toward.side()))
                        : Optional.empty());
    }

    private static RibbonPart ribbon(Spot spot) {
        String[] own = {"fill", "back", "sheen", "shadow", "glow", "opacity"};
        Base base = base(
                spot,
                Stream.concat(Stream.of(own), Stream.of(RibbonReader.MEMBERS)).toArray(String[]::new));
        Paint fill = paint(spot.at("fill"));
        if (!(fill instanceof Paint.Colour || fill instanceof Paint.Linear)) {
            spot.at("fill").problem("must be a colour, or a gradient along or across the ribbon");
        }
        return new RibbonPart(
                base,
                fill,
                spot.has("back") ? colour(spot.at("back")) : "",
                RibbonReader.form(spot),
                spot.number("sheen", 0, 1, 0),
                look(spot));
    }

    /** Sizes and places that it does not state are those of its parts. */
    private static GroupPart group(Spot spot) {
        List<String> parts = new ArrayList<>();
        for (Spot item : spot.items("parts", Limits.PARTS)) parts.add(item.key());
        if (parts.isEmpty()) spot.at("parts").problem("must name at least one part");
        spot.only(Stream.concat(Stream.of(BASE), Stream.of("parts")).toArray(String[]::new));
        Base base = base(spot, span(spot, Axis.X, parts), span(spot, Axis.Y, parts));
        return new GroupPart(base, parts);
    }

    private static Span span(Spot group, Axis axis, List<String> parts) {
        String size = axis == Axis.X ? "width" : "height";
        String place = axis == Axis.X ? "x" : "y";
        return new Span(
                group.has(size) ? group.at(size).oneOf(SIZES, new Size.Own()) : GroupPart.around(parts),
                group.has(place) ? place(group.at(place), axis) : new Place.Around());
    }

    /** One radius for all corners, or a list of four, clockwise from the top left. */
    private static Corners corners(Spot spot) {
        if (!spot.isList("radius")) return Corners.all(spot.number("radius", 0, Limits.PX, 0));
        List<Spot> radii = spot.items("radius", 4);
        if (radii.size() != 4) {
            spot.at("radius").problem("must be px, or a list of four: top left, top right, bottom right, bottom left");
            return Corners.SHARP;
        }
        double[] px = radii.stream()
                .mapToDouble(radius -> radius.number(0, Limits.PX))
                .toArray();
        return new Corners(px[0], px[1], px[2], px[3]);
    }

    private static StackPart stack(Spot spot) {
        Base base = base(spot, "along", "align", "gap");
        Spot gap = spot.at("gap");
        gap.only("least", "usual", "widest");
        double usual = gap.number("usual", -Limits.PX, Limits.PX);
        return new StackPart(
                base,
                spot.choice("along", Axis.values(), axis -> axis == Axis.X ? "x" : "y", Axis.Y),
                spot.choice("align", Align.values(), Align::word, Align.START),
                gap.number("least", -Limits.PX, usual, usual),
                usual,
                gap.number("widest", usual, Limits.PX, usual));
    }

    private static TextStyle style(Spot spot) {
        spot.only("font", "size", "tracking", "fill");
        return new TextStyle(
                spot.at("font").key(),
                spot.number("size", 1, 2_000),
                spot.number("tracking", -1_000, 10_000, 0),
                paint(spot.at("fill")));
    }

    /** A colour as text, or a gradient as an object. */
    private static Paint paint(Spot spot) {
        if (!spot.isObject()) return new Paint.Colour(colour(spot));
        if (spot.has("picture")) {
            spot.only("picture");
            return new Paint.Picture(spot.at("picture").text(Limits.KEY));
        }
        spot.only("from", "to", "angle", "radial");
        String from = colour(spot.at("from"));
        String to = colour(spot.at("to"));
        double angle = spot.number("angle", -360, 360, 0);
        return spot.flag("radial", false) ? new Paint.Radial(from, to) : new Paint.Linear(from, to, angle);
    }

    /** {@code #RRGGBB}, {@code #RRGGBBAA}, the name of an entry of the palette, or {@code {field}}. */
    static String colour(Spot spot) {
        String colour = spot.text(Limits.KEY);
        if (colour.startsWith("{") && colour.endsWith("}")) return colour;
        if (!colour.startsWith("#")) return spot.key();
        if (!Palette.isColour(colour))
            spot.problem("must be a colour like '#7AD3C0', '#7AD3C080' with alpha, or a name of the palette");
        return colour.toUpperCase(Locale.ROOT);
    }

    private static Mask mask(Spot spot) {
        spot.only("by", "side", "soft");
        return new Mask(
                spot.at("by").key(),
                spot.choice("side", new String[] {"inside", "outside"}, Function.identity(), "inside")
                        .equals("inside"),
                spot.number("soft", 0, 1_000, 0));
    }

    private static Span span(Spot part, Axis axis) {
        Spot size = part.at(axis == Axis.X ? "width" : "height");
        Spot place = part.at(axis == Axis.X ? "x" : "y");
        return new Span(size(size), place(place, axis));
    }

    static Size size(Spot spot) {
        return spot.oneOf(SIZES, new Size.Own());
    }

    private static Size fixed(Spot spot) {
        spot.only("px");
        return new Size.Fixed(spot.number("px", 0, Limits.PX));
    }

    private static Size own(Spot spot) {
        spot.only("own", "ink");
        if (!spot.flag("own", true)) spot.at("own").problem("must be true; leave it out for another size");
        return new Size.Own(spot.flag("ink", false));
    }

    private static Size wraps(Spot spot) {
        spot.only("wraps", "take", "pad", "least", "most", "revealed");
        List<String> parts = new ArrayList<>();
        for (Spot item : spot.items("wraps", Limits.PARTS)) parts.add(item.key());
        if (parts.isEmpty()) spot.at("wraps").problem("must name at least one part");
        double before = pad(spot, 0);
        double after = pad(spot, 1);
        double least = spot.number("least", 0, Limits.PX, 0);
        return new Size.Wraps(
                parts,
                spot.choice("take", Size.Take.values(), Size.Take::word, Size.Take.LONGEST),
                before,
                after,
                least,
                spot.number("most", least, Limits.PX, Limits.PX),
                spot.flag("revealed", false));
    }

    /** One number for both sides, or a list: before, after. */
    private static double pad(Spot spot, int side) {
        if (!spot.isList("pad")) return spot.number("pad", -Limits.PX, Limits.PX, 0);
        List<Spot> pads = spot.items("pad", 2);
        return pads.isEmpty() ? 0 : pads.get(Math.min(side, pads.size() - 1)).number(-Limits.PX, Limits.PX);
    }

    private static Size share(Spot spot) {
        spot.only("share", "of", "plus");
        return new Size.Share(
                spot.number("share", 0, 1_000),
                spot.choice("of", new String[] {Place.FRAME, Place.ACTION_SAFE, Place.TITLE_SAFE}, Function.identity()),
                spot.number("plus", -Limits.PX, Limits.PX, 0));
    }

    private static Size matches(Spot spot) {
        spot.only("matches", "factor", "plus");
        return new Size.Matches(
                spot.at("matches").key(),
                spot.number("factor", 0, 1_000, 1),
                spot.number("plus", -Limits.PX, Limits.PX, 0));
    }

    static Place place(Spot spot, Axis axis) {
        if (spot.has("in")) {
            spot.only("in");
            return new Place.Stacked(spot.at("in").key());
        }
        if (spot.has("around")) {
            spot.only("around");
            if (!spot.flag("around", true)) spot.at("around").problem("must be true; leave it out for another place");
            return new Place.Around();
        }
        spot.only("hangs", "on", "at", "plus", "stays");
        return new Place.Hang(
                spot.choice("hangs", Edge.values(), edge -> edge.word(axis)),
                spot.at("on").key(),
                spot.choice("at", Edge.values(), edge -> edge.word(axis)),
                spot.number("plus", -Limits.PX, Limits.PX, 0),
                spot.flag("stays", false));
    }
}
