package glimble.proof;

import static glimble.Sketch.hang;
import static glimble.Sketch.move;
import static glimble.Sketch.px;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.budget.Budget;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Case;
import glimble.graphic.Channel;
import glimble.graphic.Check;
import glimble.graphic.Condition;
import glimble.graphic.Corners;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Fit;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Look;
import glimble.graphic.Loop;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.Played;
import glimble.graphic.ProofRules;
import glimble.graphic.Rate;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.Step;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Timing;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.rest.Pictures;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ChecksTest {
    /** A change for the worse. */
    private interface Damage {
        Graphic apply(Graphic graphic);

        default Damage andThen(Damage next) {
            return graphic -> next.apply(apply(graphic));
        }
    }

    private static final Paint FOAM = new Paint.Colour("#F4F1EA");
    private static final Place LEFT = hang(Edge.START, Place.FRAME, Edge.START, 100);
    private static final Place TOP = hang(Edge.START, Place.FRAME, Edge.START, 200);
    private static final Map<String, String> VALUES = Map.of("name", "Oona Varga", "role", "Flyer");

    private static BoxPart plate(double pad) {
        Size width = Sketch.longest(pad, pad, "name", "role");
        Size height = Sketch.union(pad, pad, "name", "role");
        Base base = new Base("plate", "", List.of(), new Span(width, LEFT), new Span(height, TOP), List.of());
        return new BoxPart(base, Sketch.INK, Corners.SHARP, 0, Look.PLAIN);
    }

    private static TextPart text(String key, Place y, Optional<Fit> fit) {
        Span across = new Span(new Size.Own(), hang(Edge.START, "plate", Edge.INNER_START, 0));
        Base base = new Base(key, "", List.of(), across, new Span(new Size.Own(), y), List.of(new Mask("plate", true)));
        TextStyle style = new TextStyle("mono", 20, 0, FOAM);
        return new TextPart(base, "{" + key + "}", style, TextLayout.USUAL, fit, Look.PLAIN);
    }

    private static TextPart name() {
        return text("name", hang(Edge.START, "plate", Edge.INNER_START, 0), Optional.empty());
    }

    private static TextPart role() {
        return text("role", hang(Edge.START, "name", Edge.END, 4), Optional.empty());
    }

    private static Move reveals(String key, String part, Start start) {
        return move(key, part, Channel.REVEAL, new Travel.Factor(0), start, 10);
    }

    private static Move rises(String part, Start start) {
        return move(part + " moves", part, Channel.Y, new Travel.ClearOfMask(Toward.DOWN), start, 10);
    }

    /** A plate that opens, and two lines that rise in it once it is there; the same backwards, and nothing wrong with it. */
    private static Graphic sound() {
        In in = new In(List.of(
                reveals("plate opens", "plate", new Start.At(0)),
                rises("name", new Start.After("plate opens", 0)),
                rises("role", new Start.With("name moves", 4))));
        Out out = new Out(List.of(
                rises("role", new Start.At(0)),
                rises("name", new Start.With("role moves", 2)),
                reveals("plate shuts", "plate", new Start.After("name moves", 0))));
        return Sketch.graphic(plate(12), name(), role())
                .withFrame(new Frame(1000, 500, new Rate(50, 1), 400))
                .withPhases(in, new Loop(0, List.of()), out);
    }

    private static List<Fault> faults(Graphic graphic, Map<String, String> values) {
        return new Prover(graphic, new Palette(Map.of()), new MonoTypesetter(), ChecksTest::picture)
                .faults(new Filling("x", values));
    }

    private static Optional<Pictures.Extent> picture(String key) {
        return key.equals("crest") ? Optional.of(new Pictures.Extent(40, 40)) : Optional.empty();
    }

    private static Damage parts(UnaryOperator<Part> rule) {
        return graphic -> graphic.withParts(graphic.parts().stream().map(rule).toList());
    }

    private static Part replaced(Part part, Part by) {
        return part.key().equals(by.key()) ? by : part;
    }

    private static Damage with(Part... more) {
        return graphic -> {
            List<Part> all = new ArrayList<>(graphic.parts());
            all.addAll(List.of(more));
            return graphic.withParts(all);
        };
    }

    private static Damage moves(UnaryOperator<Move> rule) {
        return graphic -> graphic.withMoves(moves -> moves.stream().map(rule).toList());
    }

    private static Damage in(UnaryOperator<Move> rule) {
        return graphic -> graphic.withPhases(
                new In(graphic.in().moves().stream().map(rule).toList()), graphic.loop(), graphic.out());
    }

    private static Damage out(UnaryOperator<Move> rule) {
        return graphic -> graphic.withPhase(
                new Out(graphic.out().moves().stream().map(rule).toList()));
    }

    private static Damage loop(int length, Move... moves) {
        return graphic -> graphic.withPhases(graphic.in(), new Loop(length, List.of(moves)), graphic.out());
    }

    private static Damage enters(String part) {
        return graphic -> {
            List<Move> in = new ArrayList<>(graphic.in().moves());
            in.add(reveals(part + " comes", part, new Start.At(0)));
            List<Move> out = new ArrayList<>(graphic.out().moves());
            out.add(reveals(part + " goes", part, new Start.After("plate shuts", -10)));
            return graphic.withPhases(new In(in), graphic.loop(), new Out(out));
        };
    }

    private static BoxPart box(String key, double width, double height, Place x, Place y) {
        return Sketch.box(key, px(width), x, px(height), y);
    }

    private static PicturePart crest(String picture) {
        Place x = hang(Edge.START, Place.FRAME, Edge.START, 600);
        Base base = new Base("crest", "", List.of(), new Span(px(40), x), new Span(px(40), TOP), List.of());
        return new PicturePart(base, picture, false, Corners.SHARP, Look.PLAIN);
    }

    private static Damage cases(Case... rows) {
        return graphic -> graphic.withCases(List.of(rows));
    }

    private static Case row(boolean alone, Condition... when) {
        return new Case("row " + when.length, List.of(when), Played.PLAIN, alone);
    }

    private static Arguments damage(Check check, String what, Damage damage) {
        return Arguments.of(check, what, damage, VALUES);
    }

    static Stream<Arguments> damages() {
        Damage narrowMask = graphic -> with(box("window", 60, 68, LEFT, TOP))
                .apply(parts(part -> part.key().equals("name")
                                ? part.withBase(part.base().withMasks(List.of(new Mask("window", true))))
                                : part)
                        .apply(graphic));
        Size tiny = px(50);
        Fit squeezed = new Fit(tiny, 1, 0.9, false, "");
        return Stream.of(
                damage(Check.BOX, "no padding", parts(part -> replaced(part, plate(0)))),
                damage(
                        Check.BOX,
                        "a box that stops growing",
                        parts(part -> part.key().equals("plate")
                                ? part.withBase(part.base()
                                        .withSpans(
                                                new Span(
                                                        new Size.Wraps(
                                                                List.of("name"), Size.Take.LONGEST, 12, 12, 0, 118),
                                                        LEFT),
                                                part.base().y()))
                                : part)),
                damage(Check.CUT, "a mask that is too narrow", graphic -> unseen(narrowMask.apply(graphic), "window")),
                Arguments.of(
                        Check.SAFE,
                        "too long a name",
                        (Damage) graphic -> graphic,
                        Map.of("name", "x".repeat(88), "role", "Flyer")),
                damage(
                        Check.ENDS,
                        "an out that stops short",
                        graphic -> graphic.withPhases(
                                graphic.in(),
                                graphic.loop(),
                                new Out(graphic.out().moves().stream()
                                        .map(move -> move.key().equals("plate shuts")
                                                ? move.withTravel(new Travel.Factor(0.2))
                                                : move)
                                        .toList()))),
                damage(
                        Check.EMPTY,
                        "an in that waits before anything comes",
                        in(move -> move.key().equals("plate opens") ? move.withStart(new Start.At(30)) : move)),
                damage(Check.EMPTY, "an out that goes on when all of it is gone", graphic -> {
                    List<Move> moves = new ArrayList<>(graphic.out().moves());
                    Start last = new Start.After("plate shuts", 0);
                    moves.add(move("lingers", "plate", Channel.X, new Travel.Px(10), last, 30));
                    return graphic.withPhase(new Out(moves));
                }),
                damage(
                        Check.SWALLOWED,
                        "a plate that shuts before its letters are gone",
                        out(move -> move.key().equals("plate shuts")
                                ? move.withStart(new Start.At(0)).withLength(4)
                                : move)),
                damage(
                        Check.EARLY,
                        "a line that stands about before it moves",
                        in(move -> move.key().equals("role moves")
                                ? move.withTravel(new Travel.Px(5)).withStart(new Start.After("plate opens", 10))
                                : move)),
                damage(
                        Check.JUMP,
                        "a loop that goes far in a frame",
                        loop(20, move("hops", "plate", Channel.X, new Travel.Px(900), new Start.At(0), 3))
                                .andThen(graphic ->
                                        graphic.withProof(new ProofRules(Map.of("jump", 100.0), List.of())))),
                damage(
                        Check.LATE,
                        "a text that is there before its box",
                        graphic -> parts(part -> part instanceof TextPart
                                        ? part.withBase(part.base().withMasks(List.of()))
                                        : part)
                                .andThen(in(move -> move.part().equals("plate")
                                        ? move.withStart(new Start.At(8))
                                        : fades(move, new Start.At(0))))
                                .andThen(g -> g.withPhases(g.in(), g.loop(), new Out(List.of(), Timing.NONE, true)))
                                .apply(graphic)),
                damage(
                        Check.OVER,
                        "one text over the other",
                        parts(part -> replaced(
                                part, text("role", hang(Edge.START, "name", Edge.END, -8), Optional.empty())))),
                Arguments.of(
                        Check.BLANK,
                        "a box of its own that stays",
                        with(
                                        box("tag", 80, 30, hang(Edge.START, Place.FRAME, Edge.START, 600), TOP),
                                        Sketch.text(
                                                "side",
                                                hang(Edge.CENTRE, "tag", Edge.CENTRE, 0),
                                                hang(Edge.CENTRE, "tag", Edge.CENTRE, 0)))
                                .andThen(enters("tag")),
                        VALUES),
                damage(
                        Check.STEP,
                        "a step with nothing after it",
                        graphic -> graphic.withPhases(
                                graphic.in().withSteps(List.of(new Step("role", 0), new Step("role", 1_000))),
                                graphic.loop(),
                                graphic.out())),
                damage(Check.CASES, "no case", cases(row(false, new Condition.Filled("role", false)))),
                damage(
                        Check.CASES,
                        "two cases, one meant to be alone",
                        cases(row(true, new Condition.Filled("name", true)), row(false))),
                damage(
                        Check.SQUEEZE,
                        "no room",
                        parts(part -> replaced(
                                part,
                                text("name", hang(Edge.START, "plate", Edge.INNER_START, 0), Optional.of(squeezed))))),
                damage(
                        Check.CONTRAST,
                        "dark on dark",
                        parts(part ->
                                part instanceof TextPart text && text.key().equals("role")
                                        ? new TextPart(
                                                text.base(),
                                                text.text(),
                                                new TextStyle("mono", 20, 0, new Paint.Colour("#5B3A6B")),
                                                text.layout(),
                                                text.fit(),
                                                text.look())
                                        : part)),
                damage(Check.READ, "gone too soon", graphic -> graphic.withFrame(frame(70))),
                damage(
                        Check.LENGTH,
                        "no time for both",
                        graphic -> graphic.withFrame(frame(40))
                                .withProof(new ProofRules(Map.of("read", 1000.0), List.of()))),
                damage(
                        Check.FLASH,
                        "a plate that flickers",
                        graphic -> parts(part -> part.key().equals("plate")
                                        ? part.withBase(part.base()
                                                .withSpans(
                                                        new Span(
                                                                new Size.Wraps(
                                                                        List.of("name", "role"),
                                                                        Size.Take.LONGEST,
                                                                        12,
                                                                        12,
                                                                        400,
                                                                        900),
                                                                LEFT),
                                                        new Span(
                                                                new Size.Wraps(
                                                                        List.of("name", "role"),
                                                                        Size.Take.UNION,
                                                                        12,
                                                                        12,
                                                                        120,
                                                                        900),
                                                                TOP)))
                                        : part)
                                .andThen(loop(
                                        10,
                                        move(
                                                "flickers",
                                                "plate",
                                                Channel.OPACITY,
                                                new Travel.Factor(0.4),
                                                new Start.At(0),
                                                10)))
                                .apply(graphic)),
                damage(
                        Check.STRETCH,
                        "round corners scaled",
                        parts(part -> part instanceof BoxPart plate
                                        ? new BoxPart(plate.base(), plate.fill(), Corners.all(8), 0, Look.PLAIN)
                                        : part)
                                .andThen(moves(move -> move.part().equals("plate")
                                        ? move(
                                                        "s" + move.key(),
                                                        "plate",
                                                        Channel.SCALE_X,
                                                        new Travel.Factor(0),
                                                        move.start(),
                                                        10)
                                                .named(move.key(), "plate")
                                        : move))),
                Arguments.of(
                        Check.DRAWN,
                        "a letter that no font has",
                        (Damage) graphic -> graphic,
                        Map.of("name", "Oona" + MonoTypesetter.LACKING, "role", "Flyer")),
                damage(
                        Check.COLOUR,
                        "a tint to a colour that is not in the palette",
                        loop(
                                20,
                                move(
                                        "tints",
                                        "plate",
                                        Channel.TINT,
                                        new Travel.Tint("nowhere", 0.02),
                                        new Start.At(0),
                                        20))),
                damage(
                        Check.FLASH,
                        "a plate that is tinted black and white",
                        wide().andThen(loop(
                                10,
                                move(
                                                "flickers",
                                                "plate",
                                                Channel.TINT,
                                                new Travel.Tint("#F4F1EA", 0.4),
                                                new Start.At(0),
                                                10)
                                        .withEase(new Ease.Linear(), List.of())))),
                damage(
                        Check.FLASH,
                        "a plate that grows and shrinks",
                        wide().andThen(unmasked())
                                .andThen(loop(
                                        10,
                                        move(
                                                "beats",
                                                "plate",
                                                Channel.SCALE_Y,
                                                new Travel.Factor(2),
                                                new Start.At(0),
                                                10),
                                        move(
                                                "beats too",
                                                "plate",
                                                Channel.SCALE_X,
                                                new Travel.Factor(2),
                                                new Start.At(0),
                                                10)))),
                damage(
                        Check.LATE,
                        "letters that are tracked out of their box",
                        loop(60, move("apart", "name", Channel.TRACKING, new Travel.Tracking(400), new Start.At(0), 60))
                                .andThen(unmasked())),
                damage(
                        Check.JUMP,
                        "letters that jump one by one",
                        loop(
                                        40,
                                        move("hop", "name", Channel.Y, new Travel.Px(24), new Start.At(0), 2)
                                                .withDeal(Optional.of(new Deal(
                                                        Deal.Unit.LETTERS,
                                                        Deal.Order.FIRST,
                                                        0,
                                                        new Deal.Pace.Each(0),
                                                        0,
                                                        0))))
                                .andThen(graphic -> graphic.withProof(
                                        new ProofRules(Map.of("jump", 20.0, "late", 99.0), List.of())))),
                damage(
                        Check.CONTRAST,
                        "letters that all but vanish while they stand",
                        loop(80, move("fades", "name", Channel.OPACITY, new Travel.Factor(0.02), new Start.At(0), 80))),
                damage(
                        Check.ENDS,
                        "a shadow that is left over",
                        graphic -> graphic.withPhases(
                                        graphic.in(),
                                        graphic.loop(),
                                        new Out(graphic.out().moves().stream()
                                                .map(move -> move.key().equals("plate shuts")
                                                        ? move(
                                                                "plate shuts",
                                                                "plate",
                                                                Channel.X,
                                                                new Travel.Px(-230),
                                                                move.start(),
                                                                10)
                                                        : move)
                                                .toList()))
                                .withParts(graphic.parts().stream()
                                        .map(part -> part instanceof BoxPart plate
                                                ? new BoxPart(plate.base(), plate.fill(), Corners.SHARP, 0, thrown(40))
                                                : part)
                                        .toList())),
                damage(
                        Check.PICTURE,
                        "a fill with a picture that is not there",
                        with(new BoxPart(
                                        box("tag", 80, 30, hang(Edge.START, Place.FRAME, Edge.START, 600), TOP)
                                                .base(),
                                        new Paint.Picture("gone"),
                                        Corners.SHARP,
                                        0,
                                        Look.PLAIN))
                                .andThen(enters("tag"))),
                damage(
                        Check.PICTURE,
                        "a picture that is not there",
                        with(crest("gone")).andThen(enters("crest"))),
                damage(
                        Check.UNSEEN,
                        "a line of the colour of its plate",
                        with(box("rule", 40, 4, LEFT, hang(Edge.START, Place.FRAME, Edge.START, 202)))
                                .andThen(enters("rule"))),
                damage(Check.UNSEEN, "a box under the plate", graphic -> {
                    List<Part> all = new ArrayList<>(graphic.parts());
                    BoxPart under = box("under", 40, 20, LEFT, TOP);
                    all.add(0, new BoxPart(under.base(), FOAM, Corners.SHARP, 0, Look.PLAIN));
                    return enters("under").apply(graphic.withParts(all));
                }),
                damage(
                        Check.UNSEEN,
                        "a box that stands where its mask is not",
                        with(box("tag", 40, 20, hang(Edge.START, Place.FRAME, Edge.START, 600), TOP))
                                .andThen(parts(part -> part.key().equals("tag")
                                        ? part.withBase(part.base().withMasks(List.of(new Mask("plate", true))))
                                        : part))
                                .andThen(enters("tag"))),
                damage(
                        Check.PICTURE,
                        "a picture drawn out",
                        with(crest("crest"))
                                .andThen(enters("crest"))
                                .andThen(moves(move -> move.part().equals("crest")
                                        ? move("s", "crest", Channel.SCALE_X, new Travel.Factor(0), move.start(), 10)
                                                .named(move.key(), "crest")
                                        : move))));
    }

    private static Look thrown(double x) {
        return new Look(Optional.empty(), Optional.of(new Look.Shadow("#000000", x, 0, 0)));
    }

    /** Letters fade in once the plate is there, and are cut by nothing. */
    private static Damage unmasked() {
        return parts(part ->
                        part instanceof TextPart ? part.withBase(part.base().withMasks(List.of())) : part)
                .andThen(in(move -> move.part().equals("plate") ? move : fades(move, new Start.At(10))))
                .andThen(graphic ->
                        graphic.withPhases(graphic.in(), graphic.loop(), new Out(List.of(), Timing.NONE, true)));
    }

    /** A plate that is large enough for what it does to be seen as flashing. */
    private static Damage wide() {
        return parts(part -> part.key().equals("plate")
                ? part.withBase(part.base()
                        .withSpans(
                                new Span(
                                        new Size.Wraps(List.of("name", "role"), Size.Take.LONGEST, 12, 12, 400, 900),
                                        LEFT),
                                new Span(
                                        new Size.Wraps(List.of("name", "role"), Size.Take.UNION, 12, 12, 120, 900),
                                        TOP)))
                : part);
    }

    private static Graphic ofText(UnaryOperator<TextPart> rule, Part... grounds) {
        List<Part> parts = new ArrayList<>();
        for (Part part : sound().parts()) {
            parts.add(part instanceof TextPart text && text.key().equals("name") ? rule.apply(text) : part);
        }
        for (Part ground : grounds) parts.add(1, ground);
        return sound().withParts(parts);
    }

    private static boolean isFound(Check check, Graphic graphic) {
        return faults(graphic, VALUES).stream().anyMatch(fault -> fault.check() == check);
    }

    @Test
    void letters_filled_with_a_picture_or_only_outlined_are_no_fault_of_contrast() {
        UnaryOperator<TextPart> pictured = text -> new TextPart(
                text.base(),
                text.text(),
                new TextStyle("mono", 20, 0, new Paint.Picture("crest")),
                text.layout(),
                text.fit(),
                text.look());
        assertThat(isFound(Check.CONTRAST, ofText(pictured))).isFalse();
        UnaryOperator<TextPart> outlined = text -> new TextPart(
                text.base(),
                text.text(),
                new TextStyle("mono", 20, 0, new Paint.Colour("#F4F1EA00")),
                text.layout(),
                text.fit(),
                new Look(Optional.of(new Look.Stroke("#F4F1EA", 2)), Optional.empty()));
        assertThat(isFound(Check.CONTRAST, ofText(outlined))).isFalse();
    }

    @Test
    void letters_across_two_dark_boxes_stand_out_from_both() {
        Place first = hang(Edge.START, Place.FRAME, Edge.START, 100);
        Place second = hang(Edge.START, Place.FRAME, Edge.START, 160);
        UnaryOperator<TextPart> free = text -> new TextPart(
                text.base()
                        .withSpans(
                                new Span(new Size.Own(), hang(Edge.START, Place.FRAME, Edge.START, 110)),
                                text.base().y()),
                text.text(),
                text.style(),
                text.layout(),
                text.fit(),
                text.look());
        Graphic graphic = ofText(free, box("one", 60, 80, first, TOP), box("two", 80, 80, second, TOP));
        List<Part> parts = new ArrayList<>(graphic.parts());
        // The plate itself is light, and behind both.
        parts.set(0, new BoxPart(parts.get(0).base(), FOAM, Corners.SHARP, 0, Look.PLAIN));
        assertThat(faults(graphic.withParts(parts), VALUES))
                .filteredOn(fault -> fault.check() == Check.CONTRAST)
                .extracting(Fault::part)
                .doesNotContain("name");
    }

    @Test
    void usual_limits_in_px_grow_with_the_raster_and_stated_ones_do_not() {
        ProofRules stated = new ProofRules(Map.of("jump", 100.0), List.of());
        assertThat(Check.JUMP.limit(ProofRules.USUAL, 1080)).isEqualTo(400);
        assertThat(Check.JUMP.limit(ProofRules.USUAL, 2160)).isEqualTo(800);
        assertThat(Check.JUMP.limit(stated, 2160)).isEqualTo(100);
        assertThat(Check.READ.limit(ProofRules.USUAL, 2160)).isEqualTo(18);
    }

    @Test
    void loops_whose_rounds_never_meet_and_phases_without_an_end_are_proved_within_bounds() {
        List<Part> parts = new ArrayList<>();
        List<Move> loop = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            parts.add(box("box " + i, 20, 20, hang(Edge.START, Place.FRAME, Edge.START, 30 * i), TOP));
            for (int round : new int[] {997, 1009}) {
                Move move = move(
                        "move " + i + " " + round,
                        "box " + i,
                        round == 997 ? Channel.X : Channel.Y,
                        new Travel.Px(3),
                        new Start.At(0),
                        40);
                loop.add(new Move(
                        move.key(),
                        move.part(),
                        move.channel(),
                        move.travel(),
                        move.start(),
                        40,
                        move.ease(),
                        move.pivot(),
                        move.opening(),
                        List.of(),
                        Optional.empty(),
                        round,
                        ""));
            }
        }
        Graphic endless = Sketch.graphic(parts.toArray(Part[]::new))
                .withPhases(new In(List.of()), new Loop(0, loop), new Out(List.of()));
        assertThat(faults(endless, VALUES)).extracting(Fault::check).contains(Check.LENGTH);
        Move slow = move("slow", "name", Channel.OPACITY, new Travel.Factor(0), new Start.At(0), 10)
                .withDeal(Optional.of(
                        new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 0, new Deal.Pace.PerSecond(0.1), 0, 0)));
        Graphic typed = sound().withPhases(new In(List.of(slow)), new Loop(0, List.of()), new Out(List.of()));
        assertThat(faults(typed, Map.of("name", "x".repeat(800))))
                .singleElement()
                .satisfies(fault -> assertThat(fault.sentence()).contains("more than can be proved"));
    }

    private static Move fades(Move move, Start start) {
        return move(move.key(), move.part(), Channel.OPACITY, new Travel.Factor(0), start, 4);
    }

    private static Frame frame(int length) {
        return new Frame(1000, 500, new Rate(50, 1), length);
    }

    private static Graphic unseen(Graphic graphic, String key) {
        return parts(part -> part.key().equals(key)
                        ? part.withBase(new Base(
                                key, "", List.of(), part.base().x(), part.base().y(), List.of(), true))
                        : part)
                .apply(graphic);
    }

    @Test
    void a_sound_graphic_has_no_fault_for_any_filling() {
        Graphic graphic = sound().withProof(new ProofRules(Map.of("read", 40.0), List.of()));
        Prover prover = new Prover(graphic, new Palette(Map.of()), new MonoTypesetter(), ChecksTest::picture);
        List<Filling> fillings = Fillings.of(graphic, new MonoTypesetter(), ChecksTest::picture);
        assertThat(fillings).hasSizeGreaterThan(40);
        for (Filling filling : fillings) {
            assertThat(prover.faults(filling)).as("%s", filling).isEmpty();
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("damages")
    void each_check_finds_its_fault_and_no_other_does(
            Check check, String what, Damage damage, Map<String, String> values) {
        assertThat(faults(sound(), VALUES)).isEmpty();
        List<Fault> faults = faults(damage.apply(sound()), values);
        assertThat(faults).extracting(Fault::check).as("%s", faults).containsOnly(check);
        assertThat(faults).allSatisfy(fault -> {
            assertThat(fault.sentence()).isNotBlank();
            assertThat(fault.mend()).isNotBlank();
            // Too little room to an edge is something else than too far beyond it.
            boolean less = fault.measured() < fault.allowed();
            if (fault.check() == Check.BOX)
                assertThat(fault.unit().contains("to its edge")).isEqualTo(less);
        });
    }

    @Test
    void every_check_has_a_fault_that_it_finds() {
        Set<Check> all = EnumSet.allOf(Check.class);
        // Those of changes alone have their own in ChangeChecksTest, those of ribbons in RibbonChecksTest.
        all.removeAll(Set.of(Check.STAYS, Check.BOTH, Check.OFF, Check.BACK, Check.TURNED, Check.BENT));
        assertThat(damages().map(damage -> damage.get()[0])).contains(all.toArray());
    }

    @Test
    void a_jump_that_is_marked_as_a_cut_is_meant() {
        Damage hop = loop(
                20,
                move("hops", "plate", Channel.X, new Travel.Px(900), new Start.At(0), 3)
                        .withEase(new Ease.Steps(1, false), List.of()));
        assertThat(faults(hop.apply(sound()), VALUES)).isEmpty();
    }

    @Test
    void faults_of_one_cause_are_one_finding_and_what_is_meant_says_why() {
        Graphic graphic = parts(part -> replaced(part, plate(0)))
                .apply(sound())
                .withProof(new ProofRules(
                        Map.of(), List.of(ProofRules.Accepted.all("box", "role", "the role is meant to touch"))));
        Findings findings = new Findings(graphic, java.util.Collections.nCopies(4, new Filling("", VALUES)));
        findings.add(0, faults(graphic, VALUES));
        findings.add(3, faults(graphic, Map.of("name", "Wu", "role", "x")));
        assertThat(findings.all()).hasSize(2);
        assertThat(findings.all().get(0).trials()).containsExactly(0, 3);
        assertThat(findings.all().get(0).accepted()).isEmpty();
        assertThat(findings.all().get(1).accepted()).contains("the role is meant to touch");
    }

    @Test
    void a_filling_is_reduced_to_the_least_that_still_shows_the_fault() {
        Prover prover = new Prover(sound(), new Palette(Map.of()), new MonoTypesetter(), ChecksTest::picture);
        Filling filling = new Filling("long", Map.of("name", "x".repeat(120), "role", "Flyer"));
        Fault safe = prover.faults(filling).stream()
                .filter(fault -> fault.part().equals("name") && fault.check() == Check.SAFE)
                .findFirst()
                .orElseThrow();
        Filling least = Reducer.reduced(prover, filling, safe.cause(), Budget.endless());
        // From 112 on, 84 letters end at 952; title-safe ends at 950.
        assertThat(least.values()).containsEntry("name", "x".repeat(84)).containsEntry("role", "");
    }

    @Test
    void faults_say_where_they_are_worst() {
        Fault late = faults(
                        in(move -> move.key().equals("role moves") ? move.withTravel(new Travel.Px(5)) : move)
                                .apply(sound()),
                        VALUES)
                .get(0);
        assertThat(late.check()).isEqualTo(Check.EARLY);
        assertThat(late.phase()).isEqualTo(PhaseName.IN);
        assertThat(late.where().width()).isPositive();
    }
}
