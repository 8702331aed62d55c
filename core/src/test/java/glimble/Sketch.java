package glimble;

import glimble.graphic.Align;
import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Corners;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Fit;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Guides;
import glimble.graphic.In;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Loop;
import glimble.graphic.Mask;
import glimble.graphic.Mirror;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Out;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Pivot;
import glimble.graphic.Place;
import glimble.graphic.Rate;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.Start;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Travel;
import java.util.List;
import java.util.Optional;

/** Short words for graphics in tests: a frame of 1000 × 500 px at 50 frames a second, letters 10 px wide and 20 px high. */
public final class Sketch {
    public static final Frame FRAME = new Frame(1000, 500, new Rate(50, 1), 200);
    public static final Paint INK = new Paint.Colour("#1F1A2B");
    public static final TextStyle STYLE = new TextStyle("mono", 20, 0, INK);
    public static final double LETTER = 10;
    public static final double LINE = 20;

    private Sketch() {}

    public static Graphic graphic(Part... parts) {
        return graphic(List.of(), new Loop(0, List.of()), List.of(), parts);
    }

    public static Graphic graphic(List<Move> in, Loop loop, List<Move> out, Part... parts) {
        List<Field> fields = List.of(field("name", true), field("role", false), field("side", false));
        return new Graphic(
                "sketch",
                FRAME,
                fields,
                List.of(parts),
                new In(in),
                loop,
                new Out(out),
                Optional.empty(),
                List.of(),
                List.of(),
                Guides.NONE);
    }

    private static Field field(String key, boolean required) {
        return new Field(key, key, Field.Kind.TEXT, required, 0, List.of(), "");
    }

    /** The same graphic, mirrored where side is right. */
    public static Graphic mirrored(Graphic graphic) {
        return graphic.withMirror(Optional.of(new Mirror("side", "right")));
    }

    private static Base base(String key, Size width, Place x, Size height, Place y, List<Mask> masks) {
        return new Base(key, "", List.of(), new Span(width, x), new Span(height, y), masks);
    }

    public static Place hang(Edge edge, String on, Edge at, double plus) {
        return new Place.Hang(edge, on, at, plus);
    }

    public static Place left() {
        return hang(Edge.START, Place.FRAME, Edge.START, 0);
    }

    public static TextPart text(String key, Place x, Place y, Mask... masks) {
        return text(key, x, y, Optional.empty(), masks);
    }

    public static TextPart text(String key, Place x, Place y, Optional<Fit> fit, Mask... masks) {
        Base base = base(key, new Size.Own(), x, new Size.Own(), y, List.of(masks));
        return new TextPart(base, "{" + key + "}", STYLE, TextLayout.USUAL, fit, Look.PLAIN);
    }

    public static BoxPart box(String key, Size width, Place x, Size height, Place y) {
        return new BoxPart(base(key, width, x, height, y, List.of()), INK, Corners.all(4), 0, Look.PLAIN);
    }

    public static LinePart line(String key, Size width, Place x, Size height, Place y) {
        return new LinePart(base(key, width, x, height, y, List.of()), INK, false, Look.PLAIN);
    }

    /** A stack along y, 100 px wide, at the top left. */
    public static StackPart stack(String key, double area, Align align, double least, double usual, double widest) {
        Base base = base(key, px(100), left(), px(area), left(), List.of());
        return new StackPart(base, Axis.Y, align, least, usual, widest);
    }

    /** A group around its parts. */
    public static GroupPart group(String key, String... parts) {
        Span around = new Span(GroupPart.around(List.of(parts)), new Place.Around());
        return new GroupPart(new Base(key, "", List.of(), around, around, List.of()), List.of(parts));
    }

    public static Size px(double px) {
        return new Size.Fixed(px);
    }

    public static Size longest(double before, double after, String... parts) {
        return new Size.Wraps(List.of(parts), Size.Take.LONGEST, before, after, 0, 100_000);
    }

    public static Size union(double before, double after, String... parts) {
        return new Size.Wraps(List.of(parts), Size.Take.UNION, before, after, 0, 100_000);
    }

    /** Name above role in a plate that wraps them, padding 5 and 7 across, 3 and 4 down; at 100, 200. */
    public static Part[] bar() {
        return new Part[] {
            box(
                    "plate",
                    longest(5, 7, "name", "role"),
                    hang(Edge.START, Place.FRAME, Edge.START, 100),
                    union(3, 4, "name", "role"),
                    hang(Edge.START, Place.FRAME, Edge.START, 200)),
            text(
                    "name",
                    hang(Edge.START, "plate", Edge.INNER_START, 0),
                    hang(Edge.START, "plate", Edge.INNER_START, 0),
                    new Mask("plate", true)),
            text(
                    "role",
                    hang(Edge.START, "plate", Edge.INNER_START, 0),
                    hang(Edge.START, "name", Edge.END, 2),
                    new Mask("plate", true))
        };
    }

    public static Move move(String key, String part, Channel channel, Travel travel, Start start, int length) {
        return new Move(key, part, channel, travel, start, length, new Ease.Linear(), Pivot.CENTRE, Opening.RIGHT);
    }
}
