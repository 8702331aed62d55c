package glimble.proof;

import static glimble.Sketch.hang;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.cases.Answered;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Case;
import glimble.graphic.Channel;
import glimble.graphic.Condition;
import glimble.graphic.Corners;
import glimble.graphic.Edge;
import glimble.graphic.Field;
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
import glimble.graphic.Place;
import glimble.graphic.Played;
import glimble.graphic.Rate;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Timing;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.graphic.Variant;
import glimble.motion.Travels;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Track;
import glimble.rest.Pictures;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Sound graphics of random rows are damaged in one place at random; the proof must find it wherever it changes any picture. */
class DamageTest {
    private static final int GRAPHICS = Integer.getInteger("damage.graphics", 40);
    private static final Paint FOAM = new Paint.Colour("#F4F1EA");
    private static final MonoTypesetter TYPESETTER = new MonoTypesetter();

    private final Random random = new Random(5);

    private enum Damage {
        PADDING_REMOVED,
        TRAVEL_FIXED,
        MASK_SHRUNK,
        WAIT_DELETED,
        CASE_DELETED
    }

    /** Rows of a text in a box, each entering in one of three ways; without the first row a shorter in is played. */
    private Graphic sound() {
        List<Field> fields = new ArrayList<>();
        List<Part> parts = new ArrayList<>();
        List<Move> in = new ArrayList<>();
        int rows = 1 + random.nextInt(3);
        for (int i = 0; i < rows; i++) {
            fields.add(new Field("row " + i, "row", Field.Kind.TEXT, false, 20, List.of(), "Oona Varga"));
            addRow(i, random.nextInt(3), parts, in);
        }
        Variant quick = new Variant("quick", new In(fading(in)), List.of());
        return Sketch.graphic(parts.toArray(Part[]::new))
                .withFields(fields)
                .withFrame(new Frame(1000, 500, new Rate(50, 1), 600))
                .withPhases(new In(in), new Loop(0, List.of()), new Out(List.of(), Timing.NONE, true))
                .withVariants(List.of(quick))
                .withCases(List.of(
                        new Case("full", List.of(new Condition.Filled("row 0", true)), Played.PLAIN, false),
                        new Case(
                                "quick",
                                List.of(new Condition.Filled("row 0", false)),
                                new Played("quick", "", ""),
                                false)));
    }

    private static List<Move> fading(List<Move> moves) {
        List<Move> fading = new ArrayList<>();
        for (Move move : moves) {
            fading.add(move(move.key(), move.part(), Channel.OPACITY, new Travel.Factor(0), new Start.At(0), 9));
        }
        return fading;
    }

    private void addRow(int i, int way, List<Part> parts, List<Move> in) {
        String text = "row " + i;
        String plate = "plate " + i;
        double pad = 8 + random.nextInt(30);
        int start = 1 + random.nextInt(7);
        int length = 10 + random.nextInt(12);
        Place top = hang(Edge.START, Place.FRAME, Edge.START, 60 + 110 * i);
        Place left = hang(Edge.START, Place.FRAME, Edge.START, 100);
        Base base = new Base(
                plate,
                "",
                List.of(),
                new Span(Sketch.longest(pad, pad, text), left),
                new Span(Sketch.longest(pad, pad, text), top),
                List.of());
        parts.add(new BoxPart(base, Sketch.INK, Corners.SHARP, 0, Look.PLAIN));
        List<Mask> masks = way == 0 ? List.of(new Mask(plate, true)) : List.of();
        Base letters = new Base(
                text,
                "",
                List.of(),
                new Span(new Size.Own(), hang(Edge.START, plate, Edge.INNER_START, 0)),
                new Span(new Size.Own(), hang(Edge.START, plate, Edge.INNER_START, 0)),
                masks);
        TextStyle style = new TextStyle("mono", 20, 0, FOAM);
        parts.add(new TextPart(letters, "{" + text + "}", style, TextLayout.USUAL, Optional.empty(), Look.PLAIN));
        String opens = plate + " enters";
        if (way == 2) {
            Travel clear = new Travel.ClearOfFrame(Toward.LEFT);
            parts.add(Sketch.group("group " + i, plate, text));
            in.add(move(opens, "group " + i, Channel.X, clear, new Start.At(start), length));
            return;
        }
        in.add(move(opens, plate, Channel.REVEAL, new Travel.Factor(0), new Start.At(start), length));
        if (way == 0) {
            Travel clear = new Travel.ClearOfMask(Toward.LEFT);
            in.add(move(text + " enters", text, Channel.X, clear, new Start.At(start + length), length));
        } else {
            Start after = new Start.After(opens, random.nextInt(3));
            in.add(move(text + " enters", text, Channel.OPACITY, new Travel.Factor(0), after, 6));
        }
    }

    private Optional<Graphic> damaged(Graphic graphic, Damage damage) {
        return switch (damage) {
            case PADDING_REMOVED -> padded(graphic, 0);
            case MASK_SHRUNK -> shrunk(graphic);
            case TRAVEL_FIXED -> fixed(graphic);
            case WAIT_DELETED -> unwaited(graphic);
            case CASE_DELETED ->
                Optional.of(graphic.withCases(List.of(
                        graphic.cases().get(random.nextInt(graphic.cases().size())))));
        };
    }

    private <T> Optional<T> any(List<T> list) {
        return list.isEmpty() ? Optional.empty() : Optional.of(list.get(random.nextInt(list.size())));
    }

    private Optional<Graphic> padded(Graphic graphic, double pad) {
        List<Part> boxes =
                graphic.parts().stream().filter(BoxPart.class::isInstance).toList();
        return any(boxes).map(box -> wrapping(graphic, box, pad));
    }

    private static Graphic wrapping(Graphic graphic, Part box, double pad) {
        String text = ((Size.Wraps) box.base().x().size()).parts().get(0);
        Size size = Sketch.longest(pad, pad, text);
        Part tight = box.withBase(box.base()
                .withSpans(
                        new Span(size, box.base().x().place()),
                        new Span(size, box.base().y().place())));
        return graphic.withParts(
                graphic.parts().stream().map(part -> part == box ? tight : part).toList());
    }

    private Optional<Graphic> shrunk(Graphic graphic) {
        List<Part> masks = graphic.parts().stream()
                .flatMap(part -> part.masks().stream())
                .flatMap(mask -> graphic.part(mask.by()).stream())
                .toList();
        return any(masks).map(mask -> wrapping(graphic, mask, -2 - random.nextInt(6)));
    }

    /** As an animator would who looks at one short text only. */
    private Optional<Graphic> fixed(Graphic graphic) {
        List<Move> clear = graphic.in().moves().stream()
                .filter(move ->
                        move.travel() instanceof Travel.ClearOfFrame || move.travel() instanceof Travel.ClearOfMask)
                .toList();
        Map<String, String> shortest = new TreeMap<>();
        for (Field field : graphic.fields()) shortest.put(field.key(), "Wu");
        Rest rest = RestSolver.solve(graphic, shortest, TYPESETTER);
        return any(clear).map(move -> {
            double px = Travels.away(move, graphic.part(move.part()).orElseThrow(), rest, graphic, 0);
            return replaced(graphic, move, move.withTravel(new Travel.Px(px)));
        });
    }

    private Optional<Graphic> unwaited(Graphic graphic) {
        List<Move> waiting = graphic.in().moves().stream()
                .filter(move -> !(move.start() instanceof Start.At))
                .toList();
        return any(waiting).map(move -> replaced(graphic, move, move.withStart(new Start.At(0))));
    }

    private static Graphic replaced(Graphic graphic, Move move, Move by) {
        List<Move> moves = graphic.in().moves().stream()
                .map(other -> other == move ? by : other)
                .toList();
        return graphic.withPhases(new In(moves), graphic.loop(), graphic.out());
    }

    private static List<Filling> fillings(Graphic graphic) {
        return Fillings.of(graphic, TYPESETTER, Pictures.NONE);
    }

    private static List<Fault> faults(Graphic graphic, List<Filling> fillings) {
        Prover prover = new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE);
        return fillings.stream()
                .flatMap(filling -> prover.faults(filling).stream())
                .toList();
    }

    /** Everything a player draws of it, as numbers in words. */
    private static String drawn(Graphic graphic, Filling filling) {
        Graphic played = Answered.of(graphic, filling.values(), filling.onAir(), TYPESETTER, Pictures.NONE)
                .graphic();
        Reel reel = ReelMaker.make(played, filling.values(), TYPESETTER).reel();
        StringBuilder all =
                new StringBuilder().append(reel.in()).append(reel.loop()).append(reel.out());
        for (Layer layer : reel.layers()) {
            all.append(layer.part()).append(layer.box()).append(layer.ink()).append(layer.masks());
            for (Track track : layer.tracks()) {
                all.append(track.phase()).append(track.channel()).append(track.first());
                all.append(Arrays.toString(track.values()));
            }
        }
        return all.toString();
    }

    @Test
    void nineteen_of_twenty_damages_that_change_a_picture_are_found() {
        Map<Damage, int[]> counts = new TreeMap<>();
        List<String> missed = new ArrayList<>();
        for (int i = 0; i < GRAPHICS; i++) {
            Graphic graphic = sound();
            List<Filling> fillings = fillings(graphic);
            assertThat(faults(graphic, fillings)).as("graphic %s is sound", i).isEmpty();
            for (Damage damage : Damage.values()) {
                Optional<Graphic> damaged = damaged(graphic, damage);
                if (damaged.isEmpty()) continue;
                boolean changes = fillings.stream()
                        .anyMatch(filling -> !drawn(graphic, filling).equals(drawn(damaged.get(), filling)));
                if (!changes) continue;
                int[] count = counts.computeIfAbsent(damage, none -> new int[2]);
                count[1]++;
                if (!faults(damaged.get(), fillings).isEmpty()) count[0]++;
                else missed.add(i + " " + damage);
            }
        }
        assertThat(counts).containsOnlyKeys(Damage.values());
        assertThat(counts.values()).allSatisfy(count -> assertThat(count[1]).isGreaterThan(GRAPHICS / 4 - 1));
        int found = counts.values().stream().mapToInt(count -> count[0]).sum();
        int all = counts.values().stream().mapToInt(count -> count[1]).sum();
        System.out.println("damages found: " + found + " of " + all);
        assertThat(found / (double) all).as("missed %s", missed).isGreaterThanOrEqualTo(0.95);
    }

    @Test
    void the_pixels_of_a_damage_are_told_apart() {
        Graphic graphic = sound();
        Filling filling = fillings(graphic).get(0);
        assertThat(drawn(padded(graphic, 0).orElseThrow(), filling)).isNotEqualTo(drawn(graphic, filling));
    }
}
