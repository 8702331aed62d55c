package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Pivot;
import glimble.graphic.RibbonPart;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.number.Whole;
import glimble.rest.Rect;
import glimble.text.FreshName;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Ready sets of moves for the entrance or the exit of a part. Once dropped they are plain moves. */
public final class Gestures {
    /** Seconds that most take. */
    private static final double USUAL = 0.4;

    private static final double LETTERS_A_SECOND = 20;
    /** Seconds that all letters or words of a row may take together. */
    private static final double LONGEST = 1;

    /** One change of a gesture. */
    private record Change(
            Channel channel, Travel travel, Pivot pivot, Opening opening, double share, Ease in, Ease out) {}

    private final Part part;
    private final Rect box;

    private Gestures(Part part, Rect box) {
        this.part = part;
        this.box = box;
    }

    /** Names of the gestures that a part can make, in the order people see them. */
    public static List<String> of(Part part) {
        if (part instanceof RibbonPart) {
            return List.of("unfurl", "wind in", "turn over", "unroll", "slide", "fade", "turn in", "pop");
        }
        boolean rides = part.isRiding();
        List<String> names = new ArrayList<>(
                rides
                        ? List.of("unroll", "fade", "turn in", "pop")
                        : List.of("slide", "rise", "unroll", "draw", "fade", "turn in", "pop"));
        if (part instanceof TextPart) names.addAll(List.of("type on", "letters in a row", "words in a row"));
        return names;
    }

    /**
     * The graphic with the moves of a gesture added.
     *
     * @param key of the part
     * @param phase in or out
     * @param name one of {@link #of}
     * @param box where the part rests
     * @param frame at which it begins
     * @throws IllegalArgumentException if the part has no such gesture
     */
    public static Graphic add(Graphic graphic, String key, PhaseName phase, String name, Rect box, int frame) {
        Part part = graphic.part(key).orElseThrow();
        if (!of(part).contains(name))
            throw new IllegalArgumentException("there is no gesture '" + name + "' for " + key);
        Gestures gestures = new Gestures(part, box);
        double rate = graphic.frame().rate().perSecond();
        return MoveEdits.changed(graphic, phase, moves -> {
            List<Move> all = new ArrayList<>(moves);
            Set<String> taken = new HashSet<>();
            for (Move move : moves) taken.add(move.key());
            String first = null;
            for (Change change : gestures.changes(name)) {
                String named = FreshName.take(
                        taken,
                        key + " " + name
                                + (first == null ? "" : " " + change.channel().word()));
                // All of a gesture goes with its first move, so that moving that moves all.
                Start start = first == null ? new Start.At(frame) : new Start.With(first, 0);
                first = first == null ? named : first;
                int length = Math.max(1, (int) Whole.nearest(change.share() * rate));
                Ease ease = phase == PhaseName.IN ? change.in() : change.out();
                all.add(new Move(
                                named,
                                key,
                                change.channel(),
                                change.travel(),
                                start,
                                length,
                                ease,
                                change.pivot(),
                                change.opening())
                        .withDeal(deal(name, rate)));
            }
            return all;
        });
    }

    /**
     * The graphic with the moves of a gesture that somebody has kept added to a part.
     *
     * @param moves as they were on another part
     * @param frame at which the first of them begins
     */
    public static Graphic add(Graphic graphic, String key, PhaseName phase, List<Move> moves, int frame) {
        return MoveEdits.changed(graphic, phase, known -> {
            Set<String> taken = new HashSet<>();
            for (Move move : known) taken.add(move.key());
            Map<String, String> names = new LinkedHashMap<>();
            for (Move move : moves) names.put(move.key(), FreshName.take(taken, key + " " + move.key()));
            int first = moves.stream()
                    .map(Move::start)
                    .filter(Start.At.class::isInstance)
                    .mapToInt(start -> ((Start.At) start).frame())
                    .min()
                    .orElse(0);
            List<Move> all = new ArrayList<>(known);
            for (Move move : moves) {
                Start start = move.start() instanceof Start.At at
                        ? new Start.At(at.frame() - first + frame)
                        : MoveEdits.renamed(move.start(), names);
                all.add(move.unlinked().named(names.get(move.key()), key).withStart(start));
            }
            return all;
        });
    }

    /** @param rate frames per second */
    private static Optional<Deal> deal(String name, double rate) {
        int longest = Math.max(1, (int) Whole.nearest(LONGEST * rate));
        return switch (name) {
            case "type on" ->
                Optional.of(new Deal(
                        Deal.Unit.LETTERS, Deal.Order.FIRST, 0, new Deal.Pace.PerSecond(LETTERS_A_SECOND), 0, 0));
            case "letters in a row" ->
                Optional.of(new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 0, new Deal.Pace.Each(0.85, longest), 0, 0));
            case "words in a row" ->
                Optional.of(new Deal(Deal.Unit.WORDS, Deal.Order.FIRST, 0, new Deal.Pace.Each(0.6, longest), 0, 0));
            default -> Optional.empty();
        };
    }

    private List<Change> changes(String name) {
        Ease settle = named(Ease.Family.QUINT, Ease.Direction.OUT);
        Ease leave = named(Ease.Family.CUBIC, Ease.Direction.IN);
        Ease over = named(Ease.Family.BACK, Ease.Direction.OUT);
        Ease wind = named(Ease.Family.BACK, Ease.Direction.IN);
        Map<String, List<Change>> changes = new LinkedHashMap<>();
        changes.put("slide", List.of(change(Channel.X, new Travel.ClearOfFrame(Toward.LEFT), settle, leave)));
        changes.put("rise", rise(settle, leave));
        changes.put("unroll", List.of(opening(Opening.toward(Toward.RIGHT), settle, leave)));
        changes.put("draw", List.of(opening(new Opening(isUpright() ? 90 : 0, isLine(), 0), settle, leave)));
        changes.put(
                "fade", List.of(change(Channel.OPACITY, new Travel.Factor(0), new Ease.Linear(), new Ease.Linear())));
        changes.put(
                "turn in",
                List.of(
                        new Change(
                                Channel.TURN, new Travel.Degrees(-90), Pivot.LEFT, Opening.RIGHT, USUAL, over, leave),
                        change(Channel.OPACITY, new Travel.Factor(0), new Ease.Linear(), new Ease.Linear())));
        changes.put(
                "pop",
                List.of(
                        change(Channel.SCALE_X, new Travel.Factor(0), over, wind),
                        change(Channel.SCALE_Y, new Travel.Factor(0), over, wind)));
        changes.put(
                "unfurl",
                List.of(
                        bending(Channel.REVEAL, new Travel.Factor(0), Opening.RIGHT, settle, leave),
                        bending(Channel.CURL, new Travel.Degrees(300), Opening.RIGHT, settle, leave),
                        bending(Channel.LIGHT, new Travel.Degrees(-70), Opening.RIGHT, settle, leave)));
        changes.put(
                "wind in",
                List.of(
                        bending(Channel.REVEAL, new Travel.Factor(0), Opening.toward(Toward.LEFT), settle, leave),
                        bending(Channel.TWIST, new Travel.Degrees(360), Opening.RIGHT, settle, leave),
                        bending(Channel.TAPER, new Travel.Factor(0), Opening.RIGHT, settle, leave)));
        changes.put(
                "turn over",
                List.of(
                        bending(Channel.TILT_X, new Travel.Degrees(180), Opening.RIGHT, settle, leave),
                        change(Channel.OPACITY, new Travel.Factor(0), new Ease.Linear(), new Ease.Linear())));
        Ease at = new Ease.Steps(1, true);
        changes.put(
                "type on",
                List.of(new Change(Channel.OPACITY, new Travel.Factor(0), Pivot.CENTRE, Opening.RIGHT, 0, at, at)));
        List<Change> row = List.of(
                change(Channel.Y, new Travel.OwnHeight(0.5), over, leave),
                change(Channel.OPACITY, new Travel.Factor(0), new Ease.Linear(), new Ease.Linear()));
        changes.put("letters in a row", row);
        changes.put("words in a row", row);
        return changes.get(name);
    }

    /** Out of its mask; without one, out of its own lower edge. */
    private List<Change> rise(Ease in, Ease out) {
        if (part.masks().stream().anyMatch(Mask::inside)) {
            return List.of(change(Channel.Y, new Travel.ClearOfMask(Toward.DOWN), in, out));
        }
        return List.of(
                change(Channel.Y, new Travel.OwnHeight(1), in, out), opening(Opening.toward(Toward.DOWN), in, out));
    }

    private boolean isLine() {
        return part instanceof LinePart;
    }

    private boolean isUpright() {
        return isLine() && box.extent(Axis.Y) > box.extent(Axis.X);
    }

    private static Ease named(Ease.Family family, Ease.Direction direction) {
        return new Ease.Named(family, direction);
    }

    private static Change change(Channel channel, Travel travel, Ease in, Ease out) {
        return new Change(channel, travel, Pivot.CENTRE, Opening.RIGHT, USUAL, in, out);
    }

    /** What a ribbon does takes longer than what a bar does. */
    private static Change bending(Channel channel, Travel travel, Opening opening, Ease in, Ease out) {
        return new Change(channel, travel, Pivot.CENTRE, opening, 2 * USUAL, in, out);
    }

    private static Change opening(Opening opening, Ease in, Ease out) {
        return new Change(Channel.REVEAL, new Travel.Factor(0), Pivot.CENTRE, opening, USUAL, in, out);
    }
}
