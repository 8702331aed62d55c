package glimble.document;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Limits;
import glimble.graphic.Loop;
import glimble.graphic.Mirror;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Out;
import glimble.graphic.Pivot;
import glimble.graphic.Rate;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.graphic.Trial;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class GraphicReaderTest {
    private static final Set<String> FONTS = Set.of("mono");

    /** A graphic with every kind of travel, start, ease, size and place. */
    private static Graphic full() {
        List<Move> in = List.of(
                move("a", "name", Channel.X, new Travel.Px(-3.5), new Start.At(2), 5),
                move("b", "name", Channel.Y, new Travel.ClearOfMask(Toward.UP), new Start.After("a", -2), 5),
                move("c", "role", Channel.Y, new Travel.ClearOfFrame(Toward.DOWN), new Start.With("b", 0), 7),
                new Move(
                        "d",
                        "plate",
                        Channel.REVEAL,
                        new Travel.Factor(0.25),
                        new Start.At(0),
                        9,
                        new Ease.Named(Ease.Family.BACK, Ease.Direction.IN_OUT),
                        Pivot.CENTRE,
                        Opening.toward(Toward.LEFT)));
        List<Move> out = List.of(
                new Move(
                        "a",
                        "plate",
                        Channel.TURN,
                        new Travel.Degrees(-90),
                        new Start.At(0),
                        9,
                        new Ease.Steps(3, false),
                        Pivot.BOTTOM_LEFT,
                        Opening.RIGHT),
                new Move(
                        "b",
                        "plate",
                        Channel.SCALE_X,
                        new Travel.Factor(1.5),
                        new Start.At(0),
                        9,
                        new Ease.Bezier(0.1, -1, 0.9, 2),
                        Pivot.LEFT,
                        Opening.RIGHT),
                move("c", "name", Channel.X, new Travel.OwnWidth(-1), new Start.At(0), 1),
                move("d", "name", Channel.Y, new Travel.OwnHeight(0.5), new Start.At(0), 1));
        Loop loop =
                new Loop(50, List.of(move("a", "name", Channel.OPACITY, new Travel.Factor(0.5), new Start.At(0), 50)));
        Graphic sketch = graphic(in, loop, out, bar());
        return sketch.withMirror(Optional.of(new Mirror("side", "right")))
                .withTrials(List.of(new Trial("short", Map.of("name", "Wu"))));
    }

    @Test
    void what_is_written_is_read_back_the_same() {
        Reading reading = GraphicReader.read(GraphicWriter.write(full()), FONTS);
        assertThat(reading.problems()).isEmpty();
        assertThat(reading.graphic()).hasValue(full());
    }

    @Test
    void everything_that_can_be_said_of_a_move_and_a_phase_is_read_back_the_same() {
        Move base = move("a", "name", Channel.OPACITY, new Travel.Factor(0), new Start.At(2), 5);
        List<Move> moves = new ArrayList<>();
        List<Deal> deals = List.of(
                new Deal(Deal.Unit.LETTERS, Deal.Order.RANDOM, 7, new Deal.Pace.Each(0.5), 0.3, 4),
                new Deal(Deal.Unit.WORDS, Deal.Order.CENTRE, 0, new Deal.Pace.Total(0), 0, 0),
                new Deal(Deal.Unit.LINES, Deal.Order.EDGES, 0, new Deal.Pace.PerSecond(20), 0, 0));
        for (Deal deal : deals)
            moves.add(base.named("dealt " + moves.size(), "name").withDeal(Optional.of(deal)));
        moves.add(base.named("keyed", "role")
                .withStart(new Start.AfterPart("name", -2))
                .withEase(new Ease.Steps(3, true), List.of(new Move.Key(0.5, 1.2, new Ease.Bezier(0, 0, 1, 1)))));
        moves.add(new Move(
                "opened",
                "plate",
                Channel.REVEAL,
                new Travel.Factor(0),
                new Start.WithPart("name", 1),
                4,
                new Ease.Linear(),
                Pivot.CENTRE,
                new Opening(35, true, 12)));
        List<Travel> ways = List.of(
                new Travel.SizeOf("plate", -1.5),
                new Travel.ShareOf(0.5, "action-safe"),
                new Travel.ToLine("title-safe", Edge.END));
        for (Travel way : ways) {
            moves.add(move("y " + moves.size(), "role", Channel.Y, way, new Start.At(0), 3));
            moves.add(move("x " + moves.size(), "role", Channel.X, way, new Start.At(0), 3));
        }
        moves.add(move("blurred", "role", Channel.BLUR, new Travel.Blur(8), new Start.At(0), 3));
        moves.add(move("tinted", "role", Channel.TINT, new Travel.Tint("#FFFFFF", 0.5), new Start.At(0), 3));
        moves.add(move("spaced", "role", Channel.TRACKING, new Travel.Tracking(300), new Start.At(0), 3));
        moves.add(move("tilted", "plate", Channel.TILT_X, new Travel.Degrees(-80), new Start.At(0), 3));
        Timing timing = new Timing(
                List.of(new Timing.Delay("plate", 4)),
                List.of(new Timing.Stagger(List.of("name", "role"), 3)),
                List.of(new Timing.TimeSpan(10, true), new Timing.TimeSpan(5, false)));
        Graphic graphic = graphic(bar())
                .withPhases(new In(moves, timing), new Loop(9, List.of()), new Out(List.of(), Timing.NONE, true));
        Reading reading = GraphicReader.read(GraphicWriter.write(graphic), FONTS);
        assertThat(reading.problems()).isEmpty();
        assertThat(reading.graphic()).hasValue(graphic);
    }

    @Test
    void fractional_rates_stay_exact() {
        Tree tree = with(GraphicWriter.write(full()), "frame.rate", new Tree.Text("30000/1001"));
        assertThat(GraphicReader.read(tree, FONTS)
                        .graphic()
                        .orElseThrow()
                        .frame()
                        .rate())
                .isEqualTo(new Rate(30_000, 1_001));
    }

    private static Arguments wrong(String spot, Tree value, String path, String sentence) {
        return Arguments.of(spot, value, path, sentence);
    }

    /** @param keys and what each is made from, in turn */
    private static Tree colours(String... keys) {
        List<Tree> colours = new ArrayList<>();
        for (int i = 0; i < keys.length; i += 2) {
            colours.add(Tree.object().put("key", keys[i]).put("of", keys[i + 1]).made());
        }
        return new Tree.Arr(colours);
    }

    static Stream<Arguments> damages() {
        Tree.Text text = new Tree.Text("x");
        Tree nothing = new Tree.Nothing();
        return Stream.of(
                wrong("format", new Tree.Text("other/9"), "$.format", "glimble-graphic/1"),
                wrong("name", new Tree.Text(" "), "$.name", "blank"),
                wrong("name", new Tree.Num(3), "$.name", "must be a text, not a number"),
                wrong("frame", nothing, "$.frame", "must be an object"),
                wrong("frame.width", new Tree.Num(Double.NaN), "$.frame.width", "from 16 to 16384"),
                wrong("frame.width", new Tree.Num(Double.POSITIVE_INFINITY), "$.frame.width", "from 16"),
                wrong("frame.width", new Tree.Num(100.5), "$.frame.width", "whole"),
                wrong("frame.rate", new Tree.Text("50/0"), "$.frame.rate", "30000/1001"),
                wrong("frame.rate", new Tree.Text("fast"), "$.frame.rate", "frames per second"),
                wrong("colr", text, "$.colr", "not known"),
                wrong("fields", text, "$.fields", "must be a list, not a text"),
                wrong("fields.1.key", new Tree.Text("name"), "$.fields[1].key", "used twice"),
                wrong("fields.0.key", new Tree.Text("a,b"), "$.fields[0].key", "letters, digits"),
                wrong(
                        "fields.0.kind",
                        new Tree.Text("sound"),
                        "$.fields[0].kind",
                        "'sound' is not one of: text, lines"),
                wrong("fields.0.required", text, "$.fields[0].required", "true or false"),
                wrong(
                        "parts.0.kind",
                        new Tree.Text("blob"),
                        "$.parts[0].kind",
                        "'blob' is not one of: box, group, line, picture, ribbon, scrim, stack, text"),
                wrong("parts.0.fill", new Tree.Text("#12345"), "$.parts[0].fill", "colour like"),
                wrong("colours", colours("a", "b", "b", "#FFFFFF"), "$.colours[0].of", "'b' does not stand above it"),
                wrong("colours", colours("a", "a"), "$.colours[0].of", "does not stand above it"),
                wrong("colours", colours("a", "{nobody}"), "$.colours[0].of", "no field 'nobody'"),
                wrong("colours", colours("a", "{name}"), "$.colours[0].of", "not a colour field"),
                wrong("colours", colours("a", "#FFFFFF", "a", "#000000"), "$.colours[1].key", "used twice"),
                wrong("grade", Tree.object().put("lightness", 7).made(), "$.grade.lightness", "from 0 to 3"),
                wrong("grade", Tree.object().put("hue", 7).made(), "$.grade.hue", "not known"),
                wrong("parts.0.depth", new Tree.Num(-1), "$.parts[0].depth", "from 0"),
                wrong("parts.0.radius", new Tree.Num(-1), "$.parts[0].radius", "from 0"),
                wrong("parts.0.key", new Tree.Text("frame"), "$.parts[0].key", "kept for the picture"),
                wrong(
                        "parts.0.width",
                        Tree.object().made(),
                        "$.parts[0].width",
                        "exactly one of: matches, own, px, share, wraps"),
                wrong("parts.0.width.px", new Tree.Num(3), "$.parts[0].width", "it has px, wraps"),
                wrong(
                        "parts.0.width",
                        Tree.object().put("own", true).made(),
                        "$.parts[0].width",
                        "only a text and a picture"),
                wrong(
                        "parts.0.width.wraps.0",
                        new Tree.Text("nobody"),
                        "$.parts[0].width.wraps[0]",
                        "no part 'nobody'"),
                wrong("parts.0.x.at", new Tree.Text("top"), "$.parts[0].x.at", "'top' is not one of: left, centre"),
                wrong("parts.0.y.at", new Tree.Text("baseline"), "$.parts[0].y.at", "only a text has a baseline"),
                wrong("parts.1.x.on", new Tree.Text("role"), "$.parts[1].x.at", "no inner edges"),
                wrong("parts.1.masks.0.by", new Tree.Text("name"), "$.parts[1].masks[0].by", "its own mask"),
                wrong("parts.1.text", new Tree.Text("{club}"), "$.parts[1].text", "no field 'club'"),
                wrong("parts.1.style.font", new Tree.Text("serif"), "$.parts[1].style.font", "there are mono"),
                wrong("parts.1.masks", new Tree.Arr(List.of()), "$.in.moves[1].travel", "not inside a mask"),
                wrong("in.moves.0.part", new Tree.Text("nobody"), "$.in.moves[0].part", "no part"),
                wrong("in.moves.0.length", new Tree.Num(0), "$.in.moves[0].length", "from 1"),
                wrong(
                        "in.moves.0.travel",
                        Tree.object().put("factor", 1).made(),
                        "$.in.moves[0].travel",
                        "exactly one of"),
                wrong("in.moves.0.length", new Tree.Text("x"), "$.in.moves[0].length", "must be"),
                wrong(
                        "in.moves.0.deal",
                        Tree.object()
                                .put("over", "letters")
                                .put("each", 0.5)
                                .put("total", 0)
                                .made(),
                        "$.in.moves[0].deal",
                        "exactly one of"),
                wrong(
                        "in.moves.3.deal",
                        Tree.object().put("over", "words").put("each", 0).made(),
                        "$.in.moves[3].deal",
                        "only a text"),
                wrong(
                        "in.moves.0.start",
                        Tree.object().put("after part", "nobody").made(),
                        "$.in.moves[0].start",
                        "no part 'nobody'"),
                wrong(
                        "in.moves.0.travel",
                        Tree.object().put("size of", "nobody").made(),
                        "$.in.moves[0].travel",
                        "no part 'nobody'"),
                wrong(
                        "in.delays",
                        new Tree.Arr(List.of(Tree.object()
                                .put("part", "nobody")
                                .put("frames", 3)
                                .made())),
                        "$.in.delays",
                        "no part"),
                wrong("out.mirrors", new Tree.Text("in"), "$.out.moves", "must be left out"),
                wrong(
                        "in.moves.1.travel.toward",
                        new Tree.Text("left"),
                        "$.in.moves[1].travel.toward",
                        "not a way along y"),
                wrong("in.moves.0.toward", new Tree.Text("left"), "$.in.moves[0].toward", "only for a reveal"),
                wrong("in.moves.0.ease", new Tree.Text("bouncy"), "$.in.moves[0].ease", "not an ease"),
                wrong("in.moves.1.start.after", new Tree.Text("z"), "$.in.moves[1].start", "no move 'z' in in"),
                wrong(
                        "in.moves.0.start",
                        Tree.object().put("after", "c").made(),
                        "$.in.moves",
                        "a waits for c waits for b"),
                wrong("loop.length", new Tree.Num(-1), "$.loop.length", "from 0"),
                wrong("trials.0.values.club", text, "$.trials[0].values", "no field 'club'"));
    }

    @ParameterizedTest(name = "{0} → {2}")
    @MethodSource("damages")
    void what_is_wrong_is_said_where_it_is(String spot, Tree value, String path, String sentence) {
        Reading reading = GraphicReader.read(with(GraphicWriter.write(full()), spot, value), FONTS);
        assertThat(reading.graphic()).isEmpty();
        assertThat(reading.problems()).anySatisfy(problem -> {
            assertThat(problem.path()).isEqualTo(path);
            assertThat(problem.sentence()).contains(sentence);
        });
    }

    @Test
    void a_document_of_the_wrong_kind_is_refused_not_thrown_at() {
        for (Tree tree : List.of(new Tree.Nothing(), new Tree.Arr(List.of()), new Tree.Num(1), new Tree.Text("{}"))) {
            assertThat(GraphicReader.read(tree, FONTS).problems()).isNotEmpty();
        }
    }

    @Test
    void more_parts_than_anyone_needs_are_refused_without_reading_them() {
        List<Tree> many = new ArrayList<>();
        for (int i = 0; i < 10_000; i++) many.add(new Tree.Nothing());
        Reading reading = GraphicReader.read(with(GraphicWriter.write(full()), "parts", new Tree.Arr(many)), FONTS);
        assertThat(reading.problems()).contains(new Problem("$.parts", "has 10000 entries; at most 120 are allowed"));
    }

    @Test
    void problems_are_listed_together_but_not_without_end() {
        List<Tree> many = new ArrayList<>();
        for (int i = 0; i < 100; i++) many.add(new Tree.Nothing());
        Reading reading = GraphicReader.read(with(GraphicWriter.write(full()), "parts", new Tree.Arr(many)), FONTS);
        assertThat(reading.problems()).hasSize(Limits.PROBLEMS);
    }

    /** The tree with the value at a spot such as {@code parts.0.x.at} put in the place of what is there. */
    private static Tree with(Tree tree, String spot, Tree value) {
        if (spot.isEmpty()) return value;
        String head = spot.split("\\.")[0];
        String tail = spot.length() > head.length() ? spot.substring(head.length() + 1) : "";
        if (tree instanceof Tree.Arr list) {
            List<Tree> items = new ArrayList<>(list.items());
            items.set(Integer.parseInt(head), with(items.get(Integer.parseInt(head)), tail, value));
            return new Tree.Arr(items);
        }
        Map<String, Tree> members = new LinkedHashMap<>(((Tree.Obj) tree).members());
        members.put(head, with(members.get(head), tail, value));
        return new Tree.Obj(members);
    }
}
