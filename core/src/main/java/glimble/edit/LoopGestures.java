package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Corners;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Loop;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Pivot;
import glimble.graphic.Place;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.Start;
import glimble.graphic.Travel;
import glimble.number.Whole;
import glimble.rest.Rect;
import glimble.text.FreshName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Ready moves for the loop of a part. Light that goes along it is a part of its own, seen through it: at rest it stands beside it, where
 * it is not seen.
 */
public final class LoopGestures {
    private static final String BREATHE = "breathe";
    private static final String SWAY = "sway";
    private static final String GLINT = "glint along it";
    private static final String LIGHT = "light along it";

    private static final Ease SOFT = new Ease.Named(Ease.Family.SINE, Ease.Direction.IN_OUT);
    /** To one side and, through rest, to the other. */
    private static final List<Move.Key> BOTH_WAYS = List.of(new Move.Key(0.25, 0, SOFT), new Move.Key(0.75, 2, SOFT));

    /** Seconds of a round where the loop has none yet. */
    private static final double ROUND = 3;
    /** Share of the round in which light is on its way. */
    private static final double ON_ITS_WAY = 0.4;
    /** px in a raster of 1080 lines. */
    private static final double GLINT_WIDTH = 90;
    /** Times its height. */
    private static final double SLANT = 0.35;

    private LoopGestures() {}

    /** Names of those that a part can make, in the order people see them. */
    public static List<String> of(Part part) {
        if (part instanceof StackPart) return List.of();
        if (part instanceof GroupPart) return List.of(BREATHE, SWAY);
        if (part.isRiding()) return List.of(BREATHE);
        return List.of(BREATHE, SWAY, part instanceof LinePart ? LIGHT : GLINT);
    }

    /**
     * The graphic with a gesture added to its loop.
     *
     * @param box where the part rests
     * @throws IllegalArgumentException if the part has no such gesture
     */
    public static Graphic add(Graphic graphic, String key, String name, Rect box) {
        Part part = graphic.part(key).orElseThrow();
        if (!of(part).contains(name))
            throw new IllegalArgumentException("there is no gesture '" + name + "' of the loop for " + key);
        Graphic looping = withRound(graphic);
        int round = looping.loop().length();
        if (name.equals(BREATHE)) return breathing(looping, key, round);
        if (name.equals(SWAY)) return swaying(looping, key, round);
        if (part instanceof RibbonPart) return glinting(looping, key, round);
        return lit(looping, part, box, round);
    }

    private static Graphic withRound(Graphic graphic) {
        if (graphic.loop().length() > 0) return graphic;
        double rate = graphic.frame().rate().perSecond();
        Loop loop = new Loop(
                (int) Whole.nearest(ROUND * rate),
                graphic.loop().moves(),
                graphic.loop().timing());
        return graphic.withPhases(graphic.in(), loop, graphic.out());
    }

    private static Graphic breathing(Graphic graphic, String key, int round) {
        return with(graphic, key + " breathes", key, Channel.OPACITY, new Travel.Factor(0.75), round, List.of());
    }

    /** To one side and, through rest, to the other. */
    private static Graphic swaying(Graphic graphic, String key, int round) {
        return with(graphic, key + " sways", key, Channel.TURN, new Travel.Degrees(1), round, BOTH_WAYS);
    }

    /** The light goes to one side and, through where it rests, to the other, so that its sheen runs over the ribbon. */
    private static Graphic glinting(Graphic graphic, String key, int round) {
        return with(graphic, key + " glints", key, Channel.LIGHT, new Travel.Degrees(70), round, BOTH_WAYS);
    }

    private static Graphic with(
            Graphic graphic,
            String name,
            String part,
            Channel channel,
            Travel travel,
            int length,
            List<Move.Key> keys) {
        return MoveEdits.changed(graphic, PhaseName.LOOP, moves -> {
            Set<String> taken = moves.stream().map(Move::key).collect(Collectors.toSet());
            List<Move> all = new ArrayList<>(moves);
            Move move = new Move(
                    FreshName.take(taken, name),
                    part,
                    channel,
                    travel,
                    new Start.At(0),
                    length,
                    SOFT,
                    Pivot.CENTRE,
                    Opening.RIGHT);
            all.add(move.withEase(SOFT, keys));
            return all;
        });
    }

    /** A narrow light before the part, seen through it; it passes over it and is back before anyone can see it. */
    private static Graphic lit(Graphic graphic, Part part, Rect box, int round) {
        boolean upright = box.height() > box.width();
        Axis along = upright ? Axis.Y : Axis.X;
        double unit = graphic.frame().height() / 1080.0;
        double width = Math.max(2, Math.min(GLINT_WIDTH * unit, box.extent(along) / 2));
        String light = PartEdits.free(graphic, part.key() + " light");
        Span lengthways = new Span(new Size.Fixed(Whole.nearest(width)), hang(part.key(), Edge.END, Edge.START));
        Span across = new Span(new Size.Matches(part.key(), 1, 0), hang(part.key(), Edge.START, Edge.START));
        Base base = new Base(
                light,
                "",
                part.base().needs(),
                upright ? across : lengthways,
                upright ? lengthways : across,
                List.of(new Mask(part.key(), true)));
        double slant = upright ? 0 : Math.min(width / 2, Whole.nearest(box.height() * SLANT));
        Look faint = new Look(Optional.empty(), Optional.empty(), Optional.empty(), 0.5);
        Part glint = new BoxPart(
                base, new Paint.Linear("#FFFFFF00", "#FFFFFF", upright ? 90 : 0), Corners.SHARP, slant, faint);
        List<Part> parts = new ArrayList<>();
        for (Part one : graphic.parts()) {
            parts.add(one);
            if (one == part) parts.add(glint);
        }
        Graphic with = graphic.withParts(parts);
        int length = Math.max(2, (int) Whole.nearest(round * ON_ITS_WAY));
        // Away over it on every frame but the last, on which it is at rest again.
        List<Move.Key> keys = List.of(new Move.Key(1 - 1.0 / length, 0, new Ease.Steps(1, false)));
        // Over all of it, and as far again as it is wide itself.
        double times = 1 + width / Math.max(1, box.extent(along));
        return with(
                with,
                light + " passes",
                light,
                upright ? Channel.Y : Channel.X,
                new Travel.SizeOf(part.key(), Math.ceil(times * 100) / 100),
                length,
                keys);
    }

    private static Place hang(String on, Edge edge, Edge at) {
        return new Place.Hang(edge, on, at, 0);
    }
}
