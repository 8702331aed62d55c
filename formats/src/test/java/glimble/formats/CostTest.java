package glimble.formats;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.*;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Corners;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Fit;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Guides;
import glimble.graphic.In;
import glimble.graphic.Look;
import glimble.graphic.Loop;
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
import glimble.graphic.Start;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelEffort;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Track;
import glimble.typeset.JdkTypesetter;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/**
 * Grows every dimension of the format to its limit, alone and in pairs, and works out what is accepted: none may take more than a second
 * or 64 MB.
 */
class CostTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final String FONT = "barlow-condensed-600";
    private static final long BYTES = 64 << 20;
    private static final double SECONDS = 1;

    /** What a graphic is grown from. */
    private record Grown(List<Part> parts, List<Move> in, List<Move> loop, Timing timing, Rate rate, String name) {
        Graphic graphic() {
            Field field = new Field("name", "Name", Field.Kind.LINES, false, 0, List.of(), "");
            return new Graphic(
                    "grown",
                    new Frame(1920, 1080, rate, 250),
                    List.of(field),
                    parts,
                    new In(in, timing),
                    new Loop(0, loop),
                    new Out(List.of(), Timing.NONE, true),
                    Optional.empty(),
                    List.of(),
                    List.of(),
                    Guides.NONE);
        }

        Grown withParts(List<Part> others) {
            return new Grown(others, in, loop, timing, rate, name);
        }

        Grown withIn(List<Move> moves) {
            return new Grown(parts, moves, loop, timing, rate, name);
        }
    }

    private static Base base(String key, Size width, Size height) {
        Place at = new Place.Hang(Edge.START, Place.FRAME, Edge.START, 10);
        return new Base(key, "", List.of(), new Span(width, at), new Span(height, at), List.of());
    }

    private static TextPart text(String key, Optional<Fit> fit) {
        return new TextPart(
                base(key, new Size.Own(), new Size.Own()),
                "{name}",
                new TextStyle(FONT, 40, 0, new Paint.Colour("#FFFFFF")),
                TextLayout.USUAL,
                fit,
                Look.PLAIN);
    }

    private static BoxPart box(String key, Size width) {
        return new BoxPart(
                base(key, width, new Size.Fixed(20)), new Paint.Colour("#000000"), Corners.SHARP, 0, Look.PLAIN);
    }

    private static Move move(String key, String part, Start start, int length) {
        return new Move(
                key,
                part,
                Channel.OPACITY,
                new Travel.Factor(0),
                start,
                length,
                new Ease.Named(Ease.Family.ELASTIC, Ease.Direction.OUT),
                Pivot.CENTRE,
                Opening.RIGHT);
    }

    private static Move dealt(String key, Deal deal, int length) {
        return move(key, "text", new Start.At(0), length).withDeal(Optional.of(deal));
    }

    private static Deal deal(double perSecond, double scatter, double rate) {
        return new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 1, new Deal.Pace.PerSecond(perSecond), scatter, rate);
    }

    private static <T> List<T> and(List<T> first, List<? extends T> second) {
        List<T> all = new ArrayList<>(first);
        all.addAll(second);
        return all;
    }

    private static Grown least() {
        return new Grown(
                List.of(text("text", Optional.empty())), List.of(), List.of(), Timing.NONE, new Rate(50, 1), "Wu");
    }

    private static Map<String, UnaryOperator<Grown>> dimensions() {
        Map<String, UnaryOperator<Grown>> grow = new LinkedHashMap<>();
        grow.put(
                "letters",
                of -> new Grown(of.parts, of.in, of.loop, of.timing, of.rate, "Wu Þórhallsdóttir ".repeat(117)));
        grow.put("rate", of -> new Grown(of.parts, of.in, of.loop, of.timing, new Rate(1000, 1), of.name));
        grow.put("texts", of -> {
            List<Part> more = new ArrayList<>();
            for (int i = 0; i < 50; i++) more.add(text("text " + i, Optional.empty()));
            return of.withParts(and(of.parts, more));
        });
        grow.put("lines", of -> {
            List<Part> more = new ArrayList<>();
            for (int i = 0; i < 30; i++) {
                more.add(text("fit " + i, Optional.of(new Fit(new Size.Fixed(300), 20, 0.5, true, "all"))));
            }
            return of.withParts(and(of.parts, more));
        });
        grow.put("boxes", of -> {
            List<Part> more = new ArrayList<>();
            for (int i = 0; i < 30; i++) {
                more.add(box("box " + i, new Size.Wraps(List.of("text"), Size.Take.UNION, 1, 1, 0, 9_000)));
            }
            return of.withParts(and(of.parts, more));
        });
        grow.put("revealed", of -> {
            Size follows = new Size.Wraps(List.of("text"), Size.Take.LONGEST, 1, 1, 0, 9_000, true);
            return of.withParts(and(of.parts, List.of(box("follows", follows))));
        });
        grow.put("slow letters", of -> of.withIn(and(of.in, List.of(dealt("slow", deal(0.1, 0, 0), 10)))));
        grow.put("scattered", of -> of.withIn(and(of.in, List.of(dealt("scattered", deal(1000, 1, 1000), 10_000)))));
        grow.put("chained", of -> {
            List<Move> more = new ArrayList<>();
            for (int i = 0; i < 300; i++) {
                Start start = i == 0 ? new Start.At(0) : new Start.After("chain " + (i - 1), 0);
                more.add(move("chain " + i, "text", start, 1_900));
            }
            return of.withIn(and(of.in, more));
        });
        grow.put("long moves", of -> {
            List<Move> more = new ArrayList<>();
            for (int i = 0; i < 80; i++) more.add(move("long " + i, "text", new Start.At(0), 10_000));
            return of.withIn(and(of.in, more));
        });
        grow.put("staggered", of -> {
            List<String> keys = of.parts.stream().map(Part::key).toList();
            Timing timing = new Timing(List.of(), List.of(new Timing.Stagger(keys, 10_000)), List.of());
            List<Move> more = new ArrayList<>();
            for (String key : keys) more.add(move("of " + key, key, new Start.At(0), 10));
            return new Grown(of.parts, and(of.in, more), of.loop, timing, of.rate, of.name);
        });
        grow.put("rounds", of -> {
            List<Move> more = new ArrayList<>();
            int[] primes = {997, 1009, 1013, 1019, 1021, 1031};
            for (int i = 0; i < primes.length; i++) {
                Move plain = move("round " + i, "text", new Start.At(0), 20);
                more.add(new Move(
                        plain.key(),
                        plain.part(),
                        plain.channel(),
                        plain.travel(),
                        plain.start(),
                        20,
                        plain.ease(),
                        plain.pivot(),
                        plain.opening(),
                        List.of(),
                        Optional.empty(),
                        primes[i],
                        ""));
            }
            return new Grown(of.parts, of.in, and(of.loop, more), of.timing, of.rate, of.name);
        });
        return grow;
    }

    @Test
    void no_accepted_graphic_takes_more_than_a_second_or_64_megabytes() {
        Map<String, UnaryOperator<Grown>> dimensions = dimensions();
        List<String> names = new ArrayList<>(dimensions.keySet());
        work(least().graphic(), least().name(), "least");
        int refused = 0;
        for (int a = 0; a < names.size(); a++) {
            for (int b = a; b < names.size(); b++) {
                Grown one = dimensions.get(names.get(a)).apply(least());
                Grown grown = a == b ? one : dimensions.get(names.get(b)).apply(one);
                String what = names.get(a) + " and " + names.get(b);
                Graphic graphic = grown.graphic();
                assertThat(GraphicReader.read(GraphicWriter.write(graphic), TYPESETTER.fonts())
                                .problems())
                        .as(what)
                        .isEmpty();
                Optional<String> why = ReelEffort.of(graphic, Map.of("name", grown.name()), 250)
                        .refusal();
                if (why.isEmpty()) work(graphic, grown.name(), what);
                else {
                    refused++;
                    assertThat(why.get()).as(what).contains(";");
                }
            }
        }
        // Something is refused, and most is not.
        assertThat(refused).isBetween(5, names.size() * names.size() / 3);
    }

    private static void work(Graphic graphic, String name, String what) {
        long before = cpu();
        Reel reel = ReelMaker.make(graphic, Map.of("name", name), TYPESETTER).reel();
        double seconds = (cpu() - before) / 1e9;
        assertThat(seconds).as("seconds of %s", what).isLessThan(SECONDS);
        assertThat(bytes(reel)).as("bytes of %s", what).isLessThan(BYTES);
    }

    private static long cpu() {
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
    }

    /** Of all numbers of a reel. */
    private static long bytes(Reel reel) {
        long numbers = 0;
        for (Layer layer : reel.layers()) {
            for (Track track : layer.tracks()) {
                numbers += track.values().length
                        + track.dealt().factors().length
                        + 3L * track.dealt().starts().length;
            }
            for (Resize resize : layer.resizes()) numbers += 4L * resize.left().length;
            for (var run : layer.runs()) numbers += 4L * run.glyphs().length;
            numbers += 4L * layer.units().size();
        }
        return 8 * numbers;
    }
}
