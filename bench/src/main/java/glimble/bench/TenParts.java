package glimble.bench;

import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Corners;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Look;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import java.util.ArrayList;
import java.util.List;

/** A graphic of ten parts, made of the flyer bar and six tags that hang on each other, each with a move in. */
final class TenParts {
    private static final int TAGS = 6;

    private TenParts() {}

    static Graphic graphic(Graphic flyerBar) {
        return graphic(flyerBar, TAGS);
    }

    /** The same with another number of tags. */
    static Graphic graphic(Graphic flyerBar, int tags) {
        List<Part> parts = new ArrayList<>(flyerBar.parts());
        List<Move> in = new ArrayList<>(flyerBar.in().moves());
        Move pattern = in.get(0);
        for (int i = 0; i < tags; i++) {
            String before = i == 0 ? "plate" : "tag " + (i - 1);
            parts.add(tag("tag " + i, before));
            Start start = i == 0 ? new Start.After("rule draws", 0) : new Start.With("tag " + (i - 1) + " comes", 3);
            in.add(pattern.named("tag " + i + " comes", "tag " + i).withStart(start));
        }
        return new Graphic(
                "Ten parts",
                flyerBar.frame(),
                flyerBar.fields(),
                parts,
                new In(in),
                flyerBar.loop(),
                new Out(flyerBar.out().moves()),
                flyerBar.mirror(),
                flyerBar.trials(),
                flyerBar.tags(),
                flyerBar.guides());
    }

    private static Part tag(String key, String before) {
        Span x = new Span(
                new Size.Wraps(List.of("name", "role"), Size.Take.LONGEST, 4, 4, 0, 100_000),
                new Place.Hang(Edge.START, before, Edge.START, 6));
        Span y = new Span(new Size.Matches("name", 0.5, 2), new Place.Hang(Edge.END, before, Edge.START, -4));
        return new BoxPart(
                new Base(key, "", List.of(), x, y, List.of()),
                new Paint.Colour("#5B3A6B"),
                Corners.all(4),
                0,
                Look.PLAIN);
    }
}
