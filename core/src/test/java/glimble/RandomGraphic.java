package glimble;

import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Align;
import glimble.graphic.Away;
import glimble.graphic.Axis;
import glimble.graphic.Back;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Case;
import glimble.graphic.Channel;
import glimble.graphic.Condition;
import glimble.graphic.Corners;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Fit;
import glimble.graphic.Frame;
import glimble.graphic.Grade;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Guides;
import glimble.graphic.In;
import glimble.graphic.Light;
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
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.Pivot;
import glimble.graphic.Place;
import glimble.graphic.Played;
import glimble.graphic.ProofRules;
import glimble.graphic.Rate;
import glimble.graphic.Reach;
import glimble.graphic.SafeAreas;
import glimble.graphic.ScrimPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.Start;
import glimble.graphic.Step;
import glimble.graphic.Swap;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Timing;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.graphic.Trial;
import glimble.graphic.Variant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;

/**
 * Graphics that use every member of the format, and values of every script, from a seed. Each is sound: the reader takes it. What they look
 * like makes no sense; whatever holds for every graphic must hold for them.
 */
public final class RandomGraphic {
    private static final List<String> COLOURS = List.of("#1F1A2B", "#F4F1EA", "#7AD3C0", "#F2A65A80", "kelp", "plum");
    private static final List<String> TEXTS = List.of(
            "Wu",
            "Oona Varga",
            "Tiago Brandão-Escarpa",
            "ŞÜKRÜ ÅNGSTRÖM-ÇELİK",
            "Елена Журавлёва-Щукина",
            "ليلى الصقّار",
            "Nguyễn Thị Hạnh Phước",
            "office affine",
            "illi il fitti",
            "\u05d3\u05e0\u05d4 \u05dc\u05d5\u05d9",
            "a\u200bb\u00adc",
            "",
            "   ",
            "\t",
            "heat 4 of 11, two-line freestyle",
            "ὈΔΥΣΣΕΎΣ",
            "3rd",
            "x");

    /** What any part may do. */
    private static final Channel[] ORDINARY = Arrays.stream(Channel.values())
            .filter(channel -> !channel.isOfRibbons())
            .toArray(Channel[]::new);

    private final Random random;
    /** For what was added later, so that the same seeds go on making the same graphics. */
    private final Random apart;

    private final List<String> fonts;
    private final int width;
    private final int height;
    private final List<Field> fields = new ArrayList<>();
    private final List<Part> parts = new ArrayList<>();
    private int count;

    private RandomGraphic(Random random, Random apart, Set<String> fonts, int width, int height) {
        this.random = random;
        this.apart = apart;
        this.fonts = fonts.stream().sorted().toList();
        this.width = width;
        this.height = height;
    }

    /** One of 1920 × 1080 px in the font of the {@link MonoTypesetter}. */
    public static Graphic of(long seed) {
        return of(seed, Set.of("mono"), 1920, 1080);
    }

    public static Graphic of(long seed, Set<String> fonts, int width, int height) {
        for (long attempt = 0; ; attempt++) {
            Random random = new Random(seed * 7919 + attempt);
            Graphic plain = new RandomGraphic(random, new Random(seed), fonts, width, height).made();
            Random added = new Random(seed + attempt);
            Graphic made = RandomDepths.added(RandomColours.added(plain, added), added);
            if (GraphicReader.read(GraphicWriter.write(made), fonts).problems().isEmpty()) return made;
        }
    }

    /** Values for its fields, any of them blank. */
    public static Map<String, String> values(Graphic graphic, Random random) {
        Map<String, String> values = new HashMap<>();
        for (Field field : graphic.fields()) {
            if (random.nextInt(8) == 0) continue;
            values.put(
                    field.key(),
                    switch (field.kind()) {
                        case CHOICE ->
                            field.options().get(random.nextInt(field.options().size()));
                        case SWITCH -> random.nextBoolean() ? "on" : "";
                        case NUMBER -> List.of("7", "-3,5", "1 000", "").get(random.nextInt(4));
                        case COLOUR -> random.nextBoolean() ? "#2F5D50" : "";
                        case PICTURE -> random.nextBoolean() ? "mark" : "";
                        case LINES ->
                            text(random) + "\n" + text(random) + (random.nextBoolean() ? "\r\n" + text(random) : "");
                        case TEXT -> text(random);
                        case SPOKEN ->
                            random.nextBoolean()
                                    ? text(random)
                                    : "WEBVTT\n\n00:00.200 --> 00:01.400\nOona <00:00.600>Varga of Skerry\n";
                    });
        }
        return values;
    }

    private static String text(Random random) {
        String text = TEXTS.get(random.nextInt(TEXTS.size()));
        return random.nextInt(5) == 0 ? text + " " + TEXTS.get(random.nextInt(TEXTS.size())) : text;
    }

    private boolean one(int in) {
        return random.nextInt(in) == 0;
    }

    private int upTo(int most) {
        return random.nextInt(most + 1);
    }

    private <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private <T> T any(T[] of) {
        return of[random.nextInt(of.length)];
    }

    /** px, in steps that make sums easy to read. */
    private double px(int most) {
        return random.nextInt(2 * most + 1) - most;
    }

    /** Told by what there is, so that nothing else comes out otherwise. */
    private Out.Pace pace() {
        int count = parts.size();
        if (count % 3 == 0) return Out.Pace.AS_IN;
        return count % 3 == 1 ? new Out.Frames(4 + count) : new Out.Share(0.3 + count / 16.0);
    }

    private Graphic made() {
        fields();
        int bars = 1 + upTo(2);
        for (int i = 0; i < bars; i++) bar();
        int more = upTo(4);
        for (int i = 0; i < more; i++) parts.add(part());
        if (one(3)) stack();
        if (one(2)) group();
        In in = new In(moves(PhaseName.IN), timing(true), steps());
        Loop loop = new Loop(upTo(60), moves(PhaseName.LOOP), timing(false));
        Out out = one(3) ? Out.backwards(pace()) : new Out(moves(PhaseName.OUT), timing(true), false);
        List<Variant> variants = variants();
        Graphic graphic = new Graphic(
                "random",
                new Frame(
                        width,
                        height,
                        one(4) ? new Rate(30000, 1001) : new Rate(50, 1),
                        100 + upTo(200),
                        one(6),
                        SafeAreas.USUAL,
                        false),
                fields,
                masked(),
                in,
                loop,
                out,
                Swap.USUAL,
                one(3) ? Optional.of(new Mirror("side", "right")) : Optional.empty(),
                trials(),
                one(3) ? List.of("kites", "bar") : List.of(),
                one(4) ? new Guides(List.of(96.0), List.of(54.0, 100.5)) : Guides.NONE,
                variants,
                cases(variants),
                one(4) ? new ProofRules(Map.of("contrast", 3.0), List.of(accepted(parts))) : ProofRules.USUAL,
                one(4) ? any(List.of("tr", "el-GR", "de")) : "",
                apart.nextInt(3) == 0 ? "bar" : Graphic.USUAL_BERTH,
                List.of(),
                Light.USUAL,
                List.of(),
                Grade.NONE);
        Graphic asked = asked(spoken(inSeries(one(3) ? graphic : swapping(graphic))));
        return RandomDials.offered(
                RandomRibbons.added(asked, new Random(apart.nextLong()), fonts), apart, Set.copyOf(fonts));
    }

    /** Forms may say more beside fields. */
    private Graphic asked(Graphic graphic) {
        return graphic.withFields(graphic.fields().stream()
                .map(field -> apart.nextInt(3) == 0
                        ? new Field(
                                field.key(),
                                field.label(),
                                field.kind(),
                                field.required(),
                                field.longest(),
                                field.options(),
                                field.sample(),
                                field.language(),
                                field.series(),
                                new Field.Asked(
                                        apart.nextBoolean() ? "Flyer" : "",
                                        apart.nextBoolean() ? "As on the list" : "",
                                        apart.nextBoolean()),
                                List.of("once " + field.key()))
                        : field)
                .toList());
    }

    /** Words of a text may go by the times at which they are spoken. */
    private Graphic spoken(Graphic graphic) {
        if (one(2)) return graphic;
        List<Field> speaking = graphic.fields().stream()
                .map(field -> field.key().equals("name") && one(2)
                        ? new Field(
                                field.key(),
                                field.label(),
                                Field.Kind.SPOKEN,
                                field.required(),
                                field.longest(),
                                field.options(),
                                field.sample())
                        : field)
                .toList();
        Deal.Pace pace = new Deal.Pace.Spoken(20 + upTo(100), upTo(20));
        return graphic.withFields(speaking)
                .withMoves(moves -> moves.stream()
                        .map(move -> move.withDeal(move.deal()
                                .map(deal -> new Deal(
                                        deal.over(),
                                        deal.order(),
                                        deal.seed(),
                                        pace,
                                        deal.scatter(),
                                        deal.rate(),
                                        deal.backwards()))))
                        .toList());
    }

    /** The lines of a field may be shown one after the other. */
    private Graphic inSeries(Graphic graphic) {
        if (one(2)) return graphic;
        return graphic.withFields(graphic.fields().stream()
                .map(field -> field.kind() == Field.Kind.LINES
                        ? field.withSeries(Optional.of(new Field.Series(20 + upTo(100), one(2))))
                        : field)
                .toList());
    }

    /** With a swap of its own, and a variant of it where there are cases. */
    private Graphic swapping(Graphic graphic) {
        Graphic swapping = graphic.withSwap(new Swap(away(), back(), one(8)));
        if (graphic.cases().isEmpty() || one(2)) return swapping;
        List<Variant> variants = new ArrayList<>(graphic.variants());
        variants.add(new Variant("quick", away(), List.of()));
        if (one(2)) variants.add(new Variant("quick", back(), List.of()));
        List<Case> cases = new ArrayList<>(graphic.cases());
        Case first = cases.get(0);
        cases.set(0, new Case(first.name(), first.when(), first.played().with(PhaseName.BACK, "quick"), first.alone()));
        return swapping.withVariants(variants).withCases(cases);
    }

    private Away away() {
        return new Away(moves(PhaseName.AWAY), timing(false));
    }

    private Back back() {
        Back.Flow flow = one(2) ? Back.Flow.USUAL : new Back.Flow(1 + upTo(30), new Ease.Linear());
        return new Back(moves(PhaseName.BACK), timing(false), upTo(20) - 8, flow);
    }

    private void fields() {
        fields.add(field("name", Field.Kind.TEXT, true));
        fields.add(field("role", one(4) ? Field.Kind.LINES : Field.Kind.TEXT, false));
        fields.add(new Field("side", "Side", Field.Kind.CHOICE, false, 0, List.of("left", "right"), "left", ""));
        fields.add(field("live", Field.Kind.SWITCH, false));
        fields.add(field("points", Field.Kind.NUMBER, false));
        fields.add(field("hue", Field.Kind.COLOUR, false));
        fields.add(field("crest", Field.Kind.PICTURE, false));
    }

    private Field field(String key, Field.Kind kind, boolean required) {
        String sample = switch (kind) {
            case TEXT, LINES -> any(TEXTS);
            case NUMBER -> "7";
            case COLOUR -> "#7AD3C0";
            case SWITCH -> "on";
            default -> "mark";
        };
        return new Field(key, key, kind, required, one(3) ? 10 + upTo(30) : 0, List.of(), sample, one(5) ? "tr" : "");
    }

    private String fresh(String word) {
        return word + " " + ++count;
    }

    /** A plate that wraps texts, with inner edges, and lines that go with it. */
    private void bar() {
        String plate = fresh("plate");
        List<String> texts = new ArrayList<>();
        int lines = 1 + upTo(2);
        for (int i = 0; i < lines; i++) texts.add(fresh("text"));
        Size.Take take = any(Size.Take.values());
        Size wide = new Size.Wraps(
                texts, take, px(40), px(40), one(3) ? upTo(200) : 0, one(3) ? 900 : Size.ENDLESS, one(6));
        Size high = new Size.Wraps(texts, Size.Take.UNION, upTo(20), upTo(20), 0, Size.ENDLESS);
        parts.add(box(base(plate, new Span(wide, ground(Axis.X)), new Span(high, ground(Axis.Y)))));
        for (int i = 0; i < lines; i++) {
            Place across = new Place.Hang(Edge.START, plate, Edge.INNER_START, one(3) ? px(20) : 0);
            Place below = i == 0
                    ? new Place.Hang(Edge.START, plate, Edge.INNER_START, 0)
                    : new Place.Hang(
                            one(3) ? Edge.BASELINE : Edge.START,
                            texts.get(i - 1),
                            one(3) ? Edge.BASELINE : Edge.END,
                            upTo(40),
                            one(8));
            parts.add(text(base(texts.get(i), new Span(own(), across), new Span(own(), below))));
        }
        if (one(2)) {
            Size along = new Size.Matches(plate, one(2) ? 1 : 0.5, px(20));
            Place at = new Place.Hang(Edge.START, plate, Edge.START, 0);
            Place under = new Place.Hang(Edge.START, plate, Edge.END, upTo(8));
            parts.add(line(base(fresh("rule"), new Span(along, at), new Span(new Size.Fixed(1 + upTo(8)), under))));
        }
    }

    private Size own() {
        return new Size.Own(one(6));
    }

    private Place ground(Axis axis) {
        String on = any(List.of(Place.FRAME, Place.ACTION_SAFE, Place.TITLE_SAFE));
        Edge edge = any(List.of(Edge.START, Edge.CENTRE, Edge.END));
        double plus = edge == Edge.CENTRE ? px(200) : edge == Edge.START ? upTo(200) : -upTo(200);
        return new Place.Hang(edge, on, edge, plus);
    }

    private Base base(String key, Span x, Span y) {
        return new Base(
                key,
                one(4) ? any(COLOURS) : "",
                one(5) ? List.of(any(List.of("role", "live", "crest"))) : List.of(),
                x,
                y,
                List.of(),
                one(10));
    }

    private Base loose(String word) {
        return base(fresh(word), new Span(size(Axis.X), place(Axis.X)), new Span(size(Axis.Y), place(Axis.Y)));
    }

    private Size size(Axis axis) {
        return switch (random.nextInt(4)) {
            case 0 -> new Size.Share(random.nextInt(5) / 10.0, any(List.of(Place.FRAME, Place.TITLE_SAFE)), px(30));
            case 1 -> new Size.Matches(any(parts).key(), 0.5 + random.nextInt(3) / 4.0, px(30));
            case 2 ->
                new Size.Wraps(
                        List.of(any(parts).key(), any(parts).key()).stream()
                                .distinct()
                                .toList(),
                        Size.Take.LONGEST,
                        px(20),
                        px(20),
                        0,
                        Size.ENDLESS);
            default -> new Size.Fixed(20 + upTo(axis == Axis.X ? 400 : 150));
        };
    }

    private Place place(Axis axis) {
        if (one(3)) return ground(axis);
        Edge edge = any(List.of(Edge.START, Edge.CENTRE, Edge.END));
        return new Place.Hang(edge, any(parts).key(), any(List.of(Edge.START, Edge.CENTRE, Edge.END)), px(60), one(6));
    }

    private Part part() {
        return switch (random.nextInt(5)) {
            case 0 -> box(loose("box"));
            case 1 -> line(loose("line"));
            case 2 -> new PicturePart(loose("picture"), one(2) ? "{crest}" : "mark", one(2), corners(), look(true));
            case 3 ->
                new ScrimPart(
                        loose("scrim"),
                        any(COLOURS),
                        random.nextInt(11) / 10.0,
                        one(3) ? Optional.empty() : Optional.of(any(Toward.values())));
            default -> {
                Base base = loose("text");
                yield text(base.withSpans(
                        new Span(one(2) ? own() : base.x().size(), base.x().place()),
                        new Span(own(), base.y().place())));
            }
        };
    }

    private BoxPart box(Base base) {
        return new BoxPart(base, paint(), corners(), one(4) ? px(30) : 0, look(true));
    }

    private LinePart line(Base base) {
        return new LinePart(base, paint(), one(3), look(false));
    }

    private TextPart text(Base base) {
        String letters = any(List.of("{name}", "{role}", "{name} {role}", "on air", "{points} pts", "{name}"));
        Optional<Fit> fit = one(3)
                ? Optional.of(new Fit(
                        one(3) ? new Size.Share(0.4, Place.FRAME, 0) : new Size.Fixed(100 + upTo(400)),
                        1 + upTo(3),
                        one(2) ? 0.5 + random.nextInt(5) / 10.0 : 1,
                        one(2),
                        one(3) ? "rows" : ""))
                : Optional.empty();
        return new TextPart(
                base,
                letters,
                new TextStyle(any(fonts), 20 + upTo(50), one(4) ? px(100) : 0, paint()),
                new TextLayout(any(TextLayout.LetterCase.values()), any(Align.values()), one(3) ? 1.2 : 1),
                fit,
                look(true));
    }

    private Paint paint() {
        return switch (random.nextInt(7)) {
            case 0 -> new Paint.Linear(colour(), colour(), random.nextInt(8) * 45);
            case 1 -> new Paint.Radial(colour(), colour());
            case 2 -> one(2) ? new Paint.Picture("mark") : new Paint.Colour("{hue}");
            default -> new Paint.Colour(colour());
        };
    }

    private String colour() {
        return any(COLOURS);
    }

    private Corners corners() {
        return switch (random.nextInt(3)) {
            case 0 -> Corners.SHARP;
            case 1 -> Corners.all(upTo(20));
            default -> new Corners(upTo(20), 0, upTo(9), upTo(30));
        };
    }

    private Look look(boolean strokes) {
        return new Look(
                strokes && one(4) ? Optional.of(new Look.Stroke(colour(), 1 + upTo(5))) : Optional.empty(),
                one(5) ? Optional.of(new Look.Shadow(colour(), px(12), px(12), upTo(12))) : Optional.empty(),
                one(7) ? Optional.of(new Look.Glow(colour(), upTo(16))) : Optional.empty(),
                one(5) ? 0.5 : 1);
    }

    private void stack() {
        String stack = fresh("stack");
        boolean down = one(2);
        parts.add(new StackPart(
                base(
                        stack,
                        new Span(new Size.Fixed(600), ground(Axis.X)),
                        new Span(new Size.Fixed(300), ground(Axis.Y))),
                down ? Axis.Y : Axis.X,
                any(Align.values()),
                -upTo(5),
                upTo(20),
                20 + upTo(20)));
        int rows = 1 + upTo(3);
        for (int i = 0; i < rows; i++) {
            Place row = new Place.Stacked(stack);
            Place beside = new Place.Hang(Edge.START, stack, Edge.START, 0);
            Base base = base(fresh("row"), new Span(own(), down ? beside : row), new Span(own(), down ? row : beside));
            parts.add(text(base));
        }
    }

    private void group() {
        List<String> loose = parts.stream().map(Part::key).toList();
        List<String> members =
                List.of(any(loose), any(loose)).stream().distinct().toList();
        Span around = new Span(GroupPart.around(members), new Place.Around());
        Span padded = new Span(new Size.Wraps(members, Size.Take.UNION, 5, 7, 0, Size.ENDLESS), new Place.Around());
        if (one(3)) parts.add(box(base(fresh("ring"), padded, padded)));
        parts.add(new GroupPart(base(fresh("group"), one(2) ? around : padded, around), members));
    }

    private List<Part> masked() {
        List<Part> masked = new ArrayList<>();
        for (Part part : parts) {
            String by = any(parts).key();
            boolean masks = one(4) && !by.equals(part.key());
            List<Mask> inside = List.of(new Mask(by, !one(4), one(4) ? upTo(20) : 0));
            masked.add(masks ? part.withBase(part.base().withMasks(inside)) : part);
        }
        return masked;
    }

    private List<Move> moves(PhaseName phase) {
        List<Move> moves = new ArrayList<>();
        int many = upTo(8);
        for (int i = 0; i < many; i++) {
            String part = any(parts).key();
            Start start = start(i);
            boolean like = i > 0 && one(8) && moves.get(i - 1).like().isEmpty();
            // What only some parts can do stays with their own moves.
            boolean general = like
                    && moves.get(i - 1).deal().isEmpty()
                    && moves.get(i - 1).channel() != Channel.DRAW
                    && !(moves.get(i - 1).travel() instanceof Travel.ClearOfMask);
            moves.add(
                    general
                            ? moves.get(i - 1).linkedCopy("move " + i, part, start)
                            : move("move " + i, part, start, phase));
        }
        return moves;
    }

    private Move move(String key, String partKey, Start start, PhaseName phase) {
        Part part = parts.stream()
                .filter(found -> found.key().equals(partKey))
                .findFirst()
                .orElseThrow();
        Channel channel = any(ORDINARY);
        if (channel == Channel.DRAW && !(part instanceof BoxPart)) channel = Channel.REVEAL;
        boolean dealt = part instanceof TextPart && one(3);
        return new Move(
                key,
                partKey,
                channel,
                travel(channel),
                start,
                1 + upTo(20),
                ease(),
                any(Pivot.values()),
                channel == Channel.REVEAL || channel == Channel.DRAW
                        ? new Opening(
                                one(3) ? random.nextInt(360) : random.nextInt(4) * 90, one(3), one(4) ? upTo(30) : 0)
                        : Opening.RIGHT,
                one(5)
                        ? List.of(new Move.Key(0.3, random.nextInt(3) / 2.0, ease()), new Move.Key(0.7, 1.1, ease()))
                        : List.of(),
                dealt ? Optional.of(deal()) : Optional.empty(),
                phase == PhaseName.LOOP && one(4) ? 20 + upTo(40) : 0,
                "");
    }

    private Deal deal() {
        Deal.Pace pace = any(List.of(
                new Deal.Pace.Each(0.5, parts.size() % 2 * 30), new Deal.Pace.Total(0.3), new Deal.Pace.PerSecond(25)));
        return new Deal(
                any(Deal.Unit.values()),
                any(Deal.Order.values()),
                upTo(9),
                pace,
                one(3) ? random.nextInt(11) / 10.0 : 0,
                one(3) ? 6 : 0,
                one(5));
    }

    private Start start(int before) {
        if (before == 0 || one(3)) return new Start.At(upTo(25));
        String waited = "move " + random.nextInt(before);
        int plus = upTo(10) - 5;
        return switch (random.nextInt(6)) {
            case 0 -> new Start.AfterPart(any(parts).key(), plus);
            case 1 -> new Start.WithPart(any(parts).key(), plus);
            case 2, 3 -> new Start.With(waited, plus);
            default -> new Start.After(waited, plus);
        };
    }

    private Ease ease() {
        return switch (random.nextInt(5)) {
            case 0 -> new Ease.Linear();
            case 1 -> new Ease.Steps(1 + upTo(4), one(2));
            case 2 -> new Ease.Bezier(0.3, -0.5, 0.6, 1.4);
            default -> new Ease.Named(any(Ease.Family.values()), any(Ease.Direction.values()));
        };
    }

    private Travel travel(Channel channel) {
        return switch (channel.measure()) {
            case DISTANCE -> distance(channel);
            case DEGREES -> new Travel.Degrees(px(180));
            case FACTOR -> new Travel.Factor(random.nextInt(20) / 10.0);
            case SHARE -> new Travel.Factor(one(2) ? 0 : random.nextInt(11) / 10.0);
            case BLUR -> new Travel.Blur(upTo(20));
            case TINT -> new Travel.Tint(one(3) ? "{hue}" : colour(), random.nextInt(11) / 10.0);
            case TRACKING -> new Travel.Tracking(px(400));
        };
    }

    private Travel distance(Channel channel) {
        boolean across = channel == Channel.X;
        Toward toward = across ? any(List.of(Toward.LEFT, Toward.RIGHT)) : any(List.of(Toward.UP, Toward.DOWN));
        return switch (random.nextInt(8)) {
            case 0 -> new Travel.OwnWidth(px(2));
            case 1 -> new Travel.OwnHeight(px(2));
            case 2 -> new Travel.SizeOf(any(parts).key(), px(2));
            case 3 -> new Travel.ShareOf(0.5, any(List.of(Place.FRAME, Place.ACTION_SAFE)));
            case 4 -> new Travel.ToLine(Place.TITLE_SAFE, any(List.of(Edge.START, Edge.CENTRE, Edge.END)));
            case 5 -> new Travel.ClearOfFrame(toward);
            default -> new Travel.Px(px(200));
        };
    }

    private Timing timing(boolean spans) {
        return new Timing(
                one(5) ? List.of(new Timing.Delay(any(parts).key(), upTo(12))) : List.of(),
                one(5)
                        ? List.of(new Timing.Stagger(
                                List.of(any(parts).key(), any(parts).key()).stream()
                                        .distinct()
                                        .toList(),
                                upTo(6)))
                        : List.of(),
                spans && one(4)
                        ? List.of(new Timing.TimeSpan(1 + upTo(10), true), new Timing.TimeSpan(1 + upTo(20), false))
                        : List.of());
    }

    private List<Step> steps() {
        return one(5) ? List.of(new Step(any(parts).key(), upTo(10) - 5)) : List.of();
    }

    private List<Variant> variants() {
        List<Variant> variants = new ArrayList<>();
        if (!one(2)) return variants;
        Part elsewhere = any(parts);
        Variant.Stand stand = new Variant.Stand(
                elsewhere.key(), Axis.X, new Span(elsewhere.span(Axis.X).size(), ground(Axis.X)));
        variants.add(new Variant(
                "short", new In(moves(PhaseName.IN), timing(true), steps()), one(2) ? List.of(stand) : List.of()));
        variants.add(new Variant("still", new Loop(upTo(50), moves(PhaseName.LOOP)), List.of()));
        variants.add(new Variant("other", new Out(moves(PhaseName.OUT), timing(true), false), List.of()));
        return variants;
    }

    private List<Case> cases(List<Variant> variants) {
        if (variants.isEmpty() || one(3)) return List.of();
        List<Condition> all = List.of(
                new Condition.Filled("role", one(2)),
                new Condition.OneOf("side", List.of("right", "left")),
                new Condition.Longer("name", 3 + upTo(10)),
                new Condition.Wider("name", "", 100 + upTo(200)),
                new Condition.Wider("name", parts.get(0).key(), 0),
                new Condition.Number("points", one(2), 5.5),
                new Condition.OnAir(any(Condition.Standing.values())));
        List<Condition> first = List.of(any(all), any(all));
        return List.of(
                new Case("first", first, new Played("short", "", "other"), one(3)),
                new Case("second", List.of(any(all)), new Played("", "still", ""), false),
                new Case("else", List.of(), Played.PLAIN, false));
    }

    private ProofRules.Accepted accepted(List<Part> parts) {
        String part = any(parts).key();
        if (apart.nextInt(2) == 0) return ProofRules.Accepted.all("safe", part, "meant");
        return new ProofRules.Accepted(
                "box",
                part,
                Optional.of(
                        apart.nextInt(2) == 0
                                ? parts.get(apart.nextInt(parts.size())).key()
                                : "title-safe"),
                Optional.of(apart.nextInt(2) == 0 ? PhaseName.IN : PhaseName.BACK),
                OptionalDouble.of(3.5),
                new Reach(Map.of("name", List.of("long", "longest")), Map.of("size", List.of("as designed"))),
                "meant");
    }

    private List<Trial> trials() {
        Map<String, String> values = new HashMap<>();
        for (Field field : fields) values.put(field.key(), field.sample());
        return one(2) ? List.of(new Trial("sample", values)) : List.of();
    }
}
