package glimble;

import glimble.graphic.Align;
import glimble.graphic.Base;
import glimble.graphic.Bend;
import glimble.graphic.Channel;
import glimble.graphic.Corners;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Light;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.Pivot;
import glimble.graphic.Place;
import glimble.graphic.RibbonForm;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Travel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Ribbons with every way to run, what rides on them, and what they do. */
public final class RandomRibbons {
    private final Random random;
    private final List<String> fonts;

    private RandomRibbons(Random random, List<String> fonts) {
        this.random = random;
        this.fonts = fonts;
    }

    /** A third of all graphics have one. */
    static Graphic added(Graphic graphic, Random random, List<String> fonts) {
        return random.nextInt(3) > 0 ? graphic : new RandomRibbons(random, fonts).with(graphic);
    }

    private boolean one(int in) {
        return random.nextInt(in) == 0;
    }

    private double degrees(int most) {
        return random.nextInt(2 * most + 1) - most;
    }

    private double share() {
        return random.nextInt(11) / 10.0;
    }

    private Graphic with(Graphic graphic) {
        List<Part> parts = new ArrayList<>(graphic.parts());
        boolean two = one(3);
        for (int i = 0; i < (two ? 2 : 1); i++) {
            String ribbon = "ribbon " + i;
            String title = "title " + i;
            Size length = one(4)
                    ? new Size.Share(0.6, Place.FRAME, 0)
                    : new Size.Wraps(List.of(title), Size.Take.LONGEST, 40, 60, one(2) ? 300 : 0, Size.ENDLESS);
            Place above = new Place.Hang(Edge.START, parts.get(0).key(), Edge.START, degrees(60));
            Base base = base(
                    ribbon,
                    new Span(length, new Place.Hang(Edge.CENTRE, Place.FRAME, Edge.CENTRE, degrees(200))),
                    new Span(
                            new Size.Fixed(60 + random.nextInt(140)),
                            one(3) ? above : new Place.Hang(Edge.CENTRE, Place.FRAME, Edge.CENTRE, degrees(200))));
            parts.add(new RibbonPart(base, fill(), one(2) ? "#5B3A6B" : "", form(random), share(), look()));
            Place along = new Place.Hang(
                    Edge.CENTRE,
                    ribbon,
                    length instanceof Size.Wraps && one(3) ? Edge.INNER_START : Edge.CENTRE,
                    degrees(20));
            Place across = new Place.Hang(Edge.CENTRE, ribbon, Edge.CENTRE, degrees(10));
            parts.add(text(base(title, new Span(new Size.Own(), along), new Span(new Size.Own(), across))
                    .withRides(ribbon)));
            Place under = new Place.Hang(Edge.START, title, Edge.START, degrees(5));
            Place below = new Place.Hang(Edge.START, title, one(2) ? Edge.BASELINE : Edge.END, 4);
            Base ruled = base(
                    "rule of " + i,
                    new Span(new Size.Matches(one(2) ? title : ribbon, 0.9, 0), under),
                    new Span(new Size.Fixed(4), below));
            if (one(2)) parts.add(new LinePart(ruled.withRides(ribbon), fill(), one(2), Look.PLAIN));
            Base crest =
                    base("crest of " + i, new Span(new Size.Fixed(40), along), new Span(new Size.Fixed(40), across));
            if (one(4)) parts.add(new PicturePart(crest.withRides(ribbon), "mark", one(2), Corners.SHARP, look()));
        }
        Light light = new Light(random.nextInt(360), random.nextInt(91), share(), share());
        return graphic.withParts(parts)
                .withLight(one(2) ? Light.USUAL : light)
                .withPhases((glimble.graphic.Phase phase) -> phase.withMoves(moves(phase, two)));
    }

    private Base base(String key, Span x, Span y) {
        return new Base(key, "", List.of(), x, y, List.of());
    }

    private Paint fill() {
        return one(2) ? new Paint.Colour("kelp") : new Paint.Linear("#F2A65A", "plum", random.nextInt(8) * 45);
    }

    private Look look() {
        return new Look(
                Optional.empty(),
                one(4) ? Optional.of(new Look.Shadow("#000000A0", 4, 8, 12)) : Optional.empty(),
                Optional.empty(),
                one(4) ? 0.7 : 1);
    }

    private TextPart text(Base base) {
        return new TextPart(
                base,
                one(3) ? "{name} {role}" : "{name}",
                new TextStyle(
                        fonts.get(random.nextInt(fonts.size())),
                        30 + random.nextInt(50),
                        0,
                        new Paint.Colour("#F4F1EA")),
                new TextLayout(TextLayout.USUAL.letters(), Align.values()[random.nextInt(3)], 1),
                Optional.empty(),
                look());
    }

    /** Any way a ribbon may run. */
    public static RibbonForm form(Random random) {
        RandomRibbons of = new RandomRibbons(random, List.of());
        return new RibbonForm(
                of.bends(120),
                of.bends(90),
                of.one(2) ? 0.5 : of.share(),
                of.one(2) ? 0 : of.degrees(200),
                of.one(2) ? RibbonForm.Taper.NONE : new RibbonForm.Taper(of.share(), of.share(), of.share() / 2),
                of.one(2) ? RibbonForm.Tilt.NONE : new RibbonForm.Tilt(of.degrees(90), of.degrees(60), of.degrees(60)),
                0.1 + 0.9 * of.share());
    }

    private List<Bend> bends(int most) {
        List<Bend> bends = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            bends.add(new Bend(degrees(most), one(2) ? 0 : random.nextInt(8) / 4.0, 1 + random.nextInt(3)));
        }
        return bends;
    }

    private List<Move> moves(glimble.graphic.Phase phase, boolean two) {
        List<Move> moves = new ArrayList<>(phase.moves());
        if (phase.name() == PhaseName.OUT && ((glimble.graphic.Out) phase).mirrorsIn()) return moves;
        int many = random.nextInt(4);
        for (int i = 0; i < many; i++) {
            String of = String.valueOf(two ? random.nextInt(2) : 0);
            boolean ribbon = !one(3);
            List<Channel> channels = ribbon
                    ? List.of(
                            Channel.BEND,
                            Channel.CURL,
                            Channel.TWIST,
                            Channel.TAPER,
                            Channel.LIGHT,
                            Channel.REVEAL,
                            Channel.TILT_X,
                            Channel.TILT_Y,
                            Channel.X,
                            Channel.OPACITY)
                    : List.of(Channel.X, Channel.Y, Channel.REVEAL, Channel.OPACITY, Channel.SCALE_X);
            Channel channel = channels.get(random.nextInt(channels.size()));
            moves.add(new Move(
                    "ribbon move " + i,
                    (ribbon ? "ribbon " : "title ") + of,
                    channel,
                    travel(channel),
                    new Start.At(random.nextInt(20)),
                    1 + random.nextInt(30),
                    new Ease.Linear(),
                    Pivot.CENTRE,
                    channel == Channel.REVEAL ? new Opening(one(2) ? 0 : 180, one(3), 0) : Opening.RIGHT,
                    List.of(),
                    Optional.empty(),
                    0,
                    ""));
        }
        return moves;
    }

    private Travel travel(Channel channel) {
        return switch (channel.measure()) {
            case DEGREES -> new Travel.Degrees(degrees(200));
            case FACTOR -> new Travel.Factor(random.nextInt(20) / 10.0);
            case SHARE -> new Travel.Factor(one(2) ? 0 : share());
            default -> new Travel.Px(degrees(200));
        };
    }
}
