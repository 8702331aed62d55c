package glimble.change;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.LayerLook;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Rounding;
import glimble.reel.Standing;
import glimble.reel.Track;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** The layers of one part in a change: as it was, going away, and as it will be, coming back or flowing. */
final class Layers {
    static final List<PhaseName> GONE = List.of(PhaseName.LOOP, PhaseName.OUT);

    private final Graphic was;
    private final Graphic will;
    private final Roles roles;
    private final Middle middle;
    private final Times times;
    private final Standing standing;
    private final Pictures pictures;
    private final Predicate<String> inTime;

    Layers(
            Graphic was,
            Graphic will,
            Roles roles,
            Middle middle,
            Times times,
            Standing standing,
            Pictures pictures,
            Predicate<String> inTime) {
        this.was = was;
        this.will = will;
        this.roles = roles;
        this.middle = middle;
        this.times = times;
        this.standing = standing;
        this.pictures = pictures;
        this.inTime = inTime;
    }

    private PartRest middle(String key) {
        if (!times.apart) return middle.middle(key);
        return middle.old().isPresent(key) ? middle.old(key) : middle.next(key);
    }

    /** A part as it was, on its way out; only of one that leaves or of which two are drawn. */
    Layer old(Part part, Half half) {
        String key = part.key();
        int index = roles.oldIndex(key);
        int end = times.awayEnd(key);
        boolean laidOver = roles.isLaidOver(key);
        if (laidOver) end = times.backEnd(key);
        List<Track> out = half.tracks(part, 0);
        List<Track> tracks = new ArrayList<>();
        boolean goesByItself = half.moves(key) && !roles.isComing(key);
        if (goesByItself) tracks.addAll(standing.leaving(index, out, half.last(key)));
        else tracks.addAll(standing.going(index));
        Layer layer = roles.oldLayer(key);
        Resize resize = flow(part, layer, true, tracks);
        if (isGated(key)) tracks.add(gate(end, false));
        return apart(
                        layer.with(tracks, resize == null ? List.of() : List.of(resize)),
                        was,
                        middle.old().part(key))
                .absentIn(GONE);
    }

    /**
     * A part as it will be.
     *
     * @param coming tracks by which it comes, in the in of the change
     */
    Layer next(Part part, List<Track> coming) {
        String key = part.key();
        Layer layer = roles.nextLayer(key);
        List<Track> tracks = new ArrayList<>(coming);
        boolean same = roles.of(key) == Doing.STAYS || roles.of(key) == Doing.FLOWS || roles.isTinted(key);
        if (same) tracks.addAll(going(part));
        Resize resize = flow(part, layer, false, tracks);
        // What comes by the in is hidden until then by how it comes.
        boolean gated = !same && isGated(key) && !inTime.test(key);
        if (gated && times.backStart(key) > 0) tracks.add(gate(times.backStart(key), true));
        // First back to the colour it had, then to what that was still tinted with.
        if (roles.isTinted(key)) tracks.add(0, tint(key));
        for (Track track : layer.tracks()) if (track.phase() != PhaseName.IN) tracks.add(track);
        List<Resize> resizes = new ArrayList<>();
        if (resize != null) resizes.add(resize);
        for (Resize other : layer.resizes()) if (other.phase() != PhaseName.IN) resizes.add(other);
        return apart(layer.with(tracks, resizes), will, middle.next().part(key));
    }

    /** Tracks by which it goes on, about the points where these lie for the new rest. */
    private List<Track> going(Part part) {
        List<Track> going = standing.going(roles.oldIndex(part.key()));
        if (!isCarried(part) || roles.of(part.key()) == Doing.STAYS) return going;
        double[][] at = places(part);
        double x = at[2][0] - at[0][0];
        double y = at[2][1] - at[0][1];
        return going.stream().map(track -> track.moved(x, y)).toList();
    }

    /** Whether it goes over as a whole, and not by its edges. */
    private boolean isCarried(Part part) {
        boolean swapping = roles.of(part.key()) != Doing.FLOWS;
        return List.of("text", "group").contains(part.kind())
                || swapping && part.kind().equals("picture");
    }

    private double[][] places(Part part) {
        String key = part.key();
        boolean letters = (roles.of(key) == Doing.FLOWS || roles.isTinted(key)) && letters(key)[2].length > 0;
        return letters ? letters(key) : anchors(part);
    }

    /** Letters that move one by one have to be told apart. */
    private static Layer apart(Layer layer, Graphic graphic, PartRest at) {
        boolean known = !layer.units().isEmpty() || !ReelMaker.isApart(layer.tracks());
        return known ? layer : layer.withUnits(LayerLook.units(at));
    }

    /** A group that is replaced takes all that is in it along; of one that leaves or enters, everything goes at its own time. */
    private boolean isGated(String key) {
        if (roles.isRiding(key)) return false;
        return !will.part(key).orElseThrow().kind().equals("group") || roles.of(key) == Doing.SWAPS;
    }

    /** Nothing before a frame, or from it on. */
    static Track gate(int frame, boolean opens) {
        double[] values = opens ? new double[] {0, 1} : new double[] {1, 0};
        return Track.flowing(Channel.OPACITY, 0, 0, frame - 1, values);
    }

    /** From the colour that it had. */
    private Track tint(String key) {
        int frames = UsualSwap.frames(will, 2 * UsualSwap.THROUGH_NOTHING);
        double[] values = new double[frames + 1];
        for (int i = 0; i <= frames; i++) {
            double t = i / (double) frames;
            values[i] = Rounding.px(1 - t * t * (3 - 2 * t));
        }
        return Track.plain(
                PhaseName.IN, Channel.TINT, roles.oldLayer(key).fill().from(), 0, values);
    }

    /**
     * How a layer gets from one rest to the other: boxes by their edges, letters and pictures as a whole.
     *
     * @param old whether it is the layer of what was there
     * @param tracks to which those are added that take it there
     * @return how its box goes; null if it does not change
     */
    private Resize flow(Part part, Layer layer, boolean old, List<Track> tracks) {
        String key = part.key();
        Doing doing = roles.of(key);
        boolean same = doing == Doing.STAYS || doing == Doing.FLOWS || roles.isTinted(key) || roles.isLaidOver(key);
        Resize going = old || same ? goes(key) : null;
        boolean flows = roles.movesEarly(key) || roles.movesLate(key);
        if (!flows || doing == Doing.STAYS || roles.isRiding(key)) return going;
        if (!isCarried(part)) return resized(part, layer, old, going);
        double[][] at = places(part);
        double[] base = old ? at[0] : at[2];
        int last = times.flow.lateEnd();
        double[] x = new double[last + 1];
        double[] y = new double[last + 1];
        double[] across = new double[last + 1];
        double[] down = new double[last + 1];
        for (int frame = 0; frame <= last; frame++) {
            x[frame] = Rounding.px(times.flow.at(at[0][0], at[1][0], at[2][0], frame) - base[0]);
            y[frame] = Rounding.px(times.flow.at(at[0][1], at[1][1], at[2][1], frame) - base[1]);
            across[frame] = Rounding.factor(times.flow.at(at[0][2], at[1][2], at[2][2], frame) / base[2]);
            down[frame] = Rounding.factor(times.flow.at(at[0][3], at[1][3], at[2][3], frame) / base[3]);
        }
        add(tracks, Channel.X, base, x);
        add(tracks, Channel.Y, base, y);
        add(tracks, Channel.SCALE_X, base, across);
        add(tracks, Channel.SCALE_Y, base, down);
        return going;
    }

    private Resize goes(String key) {
        return roles.hasOld(key) ? standing.resizing(roles.oldIndex(key)) : null;
    }

    private static void add(List<Track> tracks, Channel channel, double[] base, double[] values) {
        for (double value : values) {
            if (value == channel.rest()) continue;
            tracks.add(Track.flowing(channel, Rounding.px(base[0]), Rounding.px(base[1]), 0, values));
            return;
        }
    }

    /** Where its letters stand and how large they are in the three rests. */
    private double[][] letters(String key) {
        return new double[][] {
            Middle.letters(middle.old(key)), Middle.letters(middle(key)), Middle.letters(middle.next(key))
        };
    }

    private double[][] anchors(Part part) {
        return new double[][] {
            anchor(part, middle.old(part.key())),
            anchor(part, middle(part.key())),
            anchor(part, middle.next(part.key()))
        };
    }

    private double[] anchor(Part part, PartRest at) {
        boolean mirrored = middle.next().mirrored();
        return new double[] {middle.anchor(part, at, Axis.X, mirrored), middle.anchor(part, at, Axis.Y, mirrored), 1, 1
        };
    }

    private Resize resized(Part part, Layer layer, boolean old, Resize going) {
        String key = part.key();
        Rect[] at = {
            middle.old(key).straight(), middle(key).straight(), middle.next(key).straight()
        };
        Rect base = old ? at[0] : at[2];
        int last = times.flow.lateEnd();
        if (going != null) last = Math.max(last, going.last());
        double[][] edges = new double[4][last + 1];
        for (int frame = 0; frame <= last; frame++) {
            int i = going == null ? 0 : going.index(frame);
            edges[0][frame] = Rounding.px(flow(at[0].x(), at[1].x(), at[2].x(), frame) - base.x() + value(going, 0, i));
            edges[1][frame] = Rounding.px(flow(at[0].y(), at[1].y(), at[2].y(), frame) - base.y() + value(going, 1, i));
            edges[2][frame] = Rounding.px(
                    flow(at[0].right(), at[1].right(), at[2].right(), frame) - base.right() + value(going, 2, i));
            edges[3][frame] = Rounding.px(
                    flow(at[0].bottom(), at[1].bottom(), at[2].bottom(), frame) - base.bottom() + value(going, 3, i));
        }
        return new Resize(
                PhaseName.IN,
                0,
                edges[0],
                edges[1],
                edges[2],
                edges[3],
                fill(part, layer, at, last),
                picture(layer, at, last),
                0);
    }

    private static double value(Resize resize, int edge, int i) {
        if (resize == null) return 0;
        return switch (edge) {
            case 0 -> resize.left()[i];
            case 1 -> resize.top()[i];
            case 2 -> resize.right()[i];
            default -> resize.bottom()[i];
        };
    }

    private double flow(double old, double middle, double next, int frame) {
        return times.flow.at(old, middle, next, frame);
    }

    /** A gradient goes with its box, by the same rule as at rest at both ends. */
    private double[] fill(Part part, Layer layer, Rect[] at, int last) {
        if (layer.fill().from().equals(layer.fill().to())) return new double[0];
        boolean mirrored = middle.next().mirrored();
        double[][] points = new double[3][];
        for (int i = 0; i < 3; i++) {
            Layer.Fill fill = LayerLook.fill(part, at[i], mirrored);
            points[i] = new double[] {fill.x1(), fill.y1(), fill.x2(), fill.y2()};
        }
        return four(points, last);
    }

    private double[] picture(Layer layer, Rect[] at, int last) {
        if (layer.picture().isEmpty()) return new double[0];
        boolean fills =
                !(will.part(layer.part()).orElseThrow() instanceof glimble.graphic.PicturePart of) || of.fills();
        double[][] places = new double[3][];
        for (int i = 0; i < 3; i++) {
            Rect place = LayerLook.picture(pictures.extent(layer.picture()).orElseThrow(), at[i], fills);
            places[i] = new double[] {place.x(), place.y(), place.width(), place.height()};
        }
        return four(places, last);
    }

    private double[] four(double[][] at, int last) {
        double[] values = new double[4 * (last + 1)];
        for (int frame = 0; frame <= last; frame++) {
            for (int i = 0; i < 4; i++) values[4 * frame + i] = Rounding.px(flow(at[0][i], at[1][i], at[2][i], frame));
        }
        return values;
    }
}
