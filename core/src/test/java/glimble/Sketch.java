package glimble;

import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.LinePart;
import glimble.graphic.Loop;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Pivot;
import glimble.graphic.Place;
import glimble.graphic.Rate;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import java.util.List;

/** Short words for graphics in tests: a frame of 1000 × 500 px at 50 frames a second, letters 10 px wide and 20 px high. */
public final class Sketch {
    public static final Frame FRAME = new Frame(1000, 500, new Rate(50, 1), 200);
    public static final Paint INK = new Paint("#1F1A2B");
    public static final TextStyle STYLE = new TextStyle("mono", 20, INK);
    public static final double LETTER = 10;
    public static final double LINE = 20;

    private Sketch() {}

    public static Graphic graphic(Part... parts) {
        return graphic(List.of(), new Loop(0, List.of()), List.of(), parts);
    }

    public static Graphic graphic(List<Move> in, Loop loop, List<Move> out, Part... parts) {
        List<Field> fields = List.of(new Field("name", "Name", true, "Wu"), new Field("role", "Role", false, "Flyer"));
        return new Graphic("sketch", FRAME, fields, List.of(parts), new In(in), loop, new Out(out), List.of());
    }

    public static Place hang(Edge edge, String on, Edge at, double plus) {
        return new Place(edge, on, at, plus);
    }

    public static Place left() {
        return hang(Edge.START, Place.FRAME, Edge.START, 0);
    }

    public static TextPart text(String key, Place x, Place y) {
        return new TextPart(
                key, "{" + key + "}", STYLE, new Span(new Size.Own(), x), new Span(new Size.Own(), y), List.of());
    }

    public static TextPart text(String key, Place x, Place y, String mask) {
        TextPart text = text(key, x, y);
        return new TextPart(key, text.text(), STYLE, text.x(), text.y(), List.of(new Mask(mask, true)));
    }

    public static BoxPart box(String key, Size width, Place x, Size height, Place y) {
        return new BoxPart(key, INK, 4, new Span(width, x), new Span(height, y), List.of());
    }

    public static LinePart line(String key, Size width, Place x, Size height, Place y) {
        return new LinePart(key, INK, new Span(width, x), new Span(height, y), List.of());
    }

    public static Size px(double px) {
        return new Size.Fixed(px);
    }

    public static Size longest(double before, double after, String... parts) {
        return new Size.Wraps(List.of(parts), Size.Take.LONGEST, before, after);
    }

    public static Size union(double before, double after, String... parts) {
        return new Size.Wraps(List.of(parts), Size.Take.UNION, before, after);
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
                    "plate"),
            text("role", hang(Edge.START, "plate", Edge.INNER_START, 0), hang(Edge.START, "name", Edge.END, 2), "plate")
        };
    }

    public static Move move(String key, String part, Channel channel, Travel travel, Start start, int length) {
        return new Move(key, part, channel, travel, start, length, new Ease.Linear(), Pivot.CENTRE, Toward.RIGHT);
    }
}
