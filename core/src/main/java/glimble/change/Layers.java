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
import java.util.function.Function;

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
    private final InTime inTime;
    private final Coming coming;

    Layers(
            Graphic was,
            Graphic will,
            Roles roles,
            Middle middle,
            Times times,
            Standing standing,
            Pictures pictures,
            InTime inTime,
            Coming coming) {
        this.was = was;
        this.will = will;
        this.roles = roles;
        this.middle = middle;
        this.times = times;
        this.standing = standing;
        this.pictures = pictures;
        this.inTime = inTime;
        this.coming = coming;
    }

    private PartRest middle(String key) {
        if (!times.apart) return middle.middle(key);
        return middle.old().isPresent(key) ? middle.old(key) : middle.next(key);
    }

    /** A part as it was, on its way out; only of one that leaves or of which two are drawn. */
    Layer old(Part part, Half half) {
        String key = part.key();
        int index = roles.oldIndex(key);
        List<Track> out = half.tracks(part, 0);
        List<Track> tracks = new ArrayList<>();
        boolean goesByItself = half.moves(key) && !roles.isComing(key);
        if (goesByItself) tracks.addAll(standing.leaving(index, out, half.last(key)));
        else tracks.addAll(standing.going(index));
        Layer layer = roles.oldLayer(key);
        Resize resize = flow(part, layer, true, tracks);
        if (isGated(key)) tracks.add(gate(times.gatedAt(key), false));
        return apart(
                        layer.with(tracks, resize == null ? List.of() : List.of(resize)),
                        was,
                        middle.old().part(key))
                .absentIn(GONE);
    }

    /**
     * A part as it will be.
     *
     * @param comes tracks by which it comes, in the in of the change
     */
    Layer next(Part part, List<Track> comes) {
        String key = part.key();
        Layer layer = roles.nextLayer(key);
        List<Track> tracks = new ArrayList<>(comes);
        boolean same = roles.of(key) == Doing.STAYS || roles.of(key) == Doing.FLOWS || roles.isTinted(key);
        if (same) tracks.addAll(going(part));
        Resize resize = flow(part, layer, false, tracks);
        int from = inTime.is(key) ? coming.from(key) : times.backStart(key);
        if (!same && isGated(key) && from > 0) tracks.add(gate(from, true));
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
        return filled(part, layer, base, new double[][] {x, y, across, down}, going);
    }

    /**
     * Letters that are carried from one place to another have their gradient or their picture as their box has it on the way.
     *
     * @param base px, about which they are scaled
     * @param carried px by which they are shifted and factors by which they are scaled, one a frame
     */
    private Resize filled(Part part, Layer layer, double[] base, double[][] carried, Resize going) {
        int flows = carried[0].length - 1;
        int last = going == null ? flows : Math.max(flows, going.last());
        Carried fill = fill(part, layer, last + 1);
        Carried picture = layer.kind().equals("text") ? picture(layer, last + 1) : null;
        if (roles.of(part.key()) != Doing.FLOWS || fill == null && picture == null) return going;
        double[][] edges = new double[4][last + 1];
        for (int frame = 0; frame <= last; frame++) {
            for (int edge = 0; edge < 4; edge++) edges[edge][frame] = value(going, edge, frame);
            Rect now = box(part.key(), frame);
            if (fill != null) fill.add(now, frame);
            if (picture != null) picture.add(now, frame);
        }
        double[][] inLayer = new double[2][];
        inLayer[0] = uncarried(values(fill), base, carried, false);
        inLayer[1] = uncarried(values(picture), base, carried, true);
        return new Resize(PhaseName.IN, 0, edges[0], edges[1], edges[2], edges[3], inLayer[0], inLayer[1], 0);
    }

    /** Places in the picture, four numbers a frame, as places in what is carried there. */
    private static double[] uncarried(double[] values, double[] base, double[][] carried, boolean sizes) {
        double[] uncarried = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            int frame = Math.min(i / 4, carried[0].length - 1);
            int axis = i % 2;
            double factor = carried[2 + axis][frame];
            boolean size = sizes && i % 4 > 1;
            uncarried[i] = Rounding.px(
                    size ? values[i] / factor : base[axis] + (values[i] - base[axis] - carried[axis][frame]) / factor);
        }
        return uncarried;
    }

    /** The box of a part on its way from one rest to the other, px, whatever was still moving it. */
    private Rect box(String key, int frame) {
        Rect old = middle.old(key).straight();
        Rect between = middle(key).straight();
        Rect next = middle.next(key).straight();
        double left = flow(old.x(), between.x(), next.x(), frame);
        double top = flow(old.y(), between.y(), next.y(), frame);
        double right = flow(old.right(), between.right(), next.right(), frame);
        double bottom = flow(old.bottom(), between.bottom(), next.bottom(), frame);
        return new Rect(left, top, right - left, bottom - top);
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
        Rect base = (old ? middle.old(key) : middle.next(key)).straight();
        int last = times.flow.lateEnd();
        if (going != null) last = Math.max(last, going.last());
        double[][] edges = new double[4][last + 1];
        Carried fill = fill(part, layer, last + 1);
        Carried picture = picture(layer, last + 1);
        for (int frame = 0; frame <= last; frame++) {
            Rect flows = box(key, frame);
            double left = flows.x() + value(going, 0, frame);
            double top = flows.y() + value(going, 1, frame);
            double right = flows.right() + value(going, 2, frame);
            double bottom = flows.bottom() + value(going, 3, frame);
            edges[0][frame] = Rounding.px(left - base.x());
            edges[1][frame] = Rounding.px(top - base.y());
            edges[2][frame] = Rounding.px(right - base.right());
            edges[3][frame] = Rounding.px(bottom - base.bottom());
            Rect now = new Rect(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
            if (fill != null) fill.add(now, frame);
            if (picture != null) picture.add(now, frame);
        }
        return new Resize(PhaseName.IN, 0, edges[0], edges[1], edges[2], edges[3], values(fill), values(picture), 0);
    }

    private static double value(Resize resize, int edge, int frame) {
        if (resize == null) return 0;
        int i = resize.index(frame);
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

    private static double[] values(Carried carried) {
        return carried == null ? new double[0] : carried.values();
    }

    /** A gradient goes with its box; null for none. */
    private Carried fill(Part part, Layer layer, int frames) {
        if (layer.fill().from().equals(layer.fill().to())) return null;
        boolean mirrored = middle.next().mirrored();
        Function<Rect, double[]> rule = box -> {
            Layer.Fill fill = LayerLook.fill(part, box, mirrored);
            return new double[] {fill.x1(), fill.y1(), fill.x2(), fill.y2()};
        };
        Layer.Fill stands = stands(part.key()).fill();
        return carried(
                part.key(),
                rule,
                new double[] {stands.x1(), stands.y1(), stands.x2(), stands.y2()},
                Resize::fill,
                frames);
    }

    /** A picture goes with its box; null for none. */
    private Carried picture(Layer layer, int frames) {
        Pictures.Extent extent = pictures.extent(layer.picture()).orElse(null);
        if (extent == null) return null;
        boolean fills =
                !(will.part(layer.part()).orElseThrow() instanceof glimble.graphic.PicturePart of) || of.fills();
        Function<Rect, double[]> rule = box -> {
            Rect place = LayerLook.picture(extent, box, fills);
            return new double[] {place.x(), place.y(), place.width(), place.height()};
        };
        Rect stands = stands(layer.part()).pictureAt();
        return carried(
                layer.part(),
                rule,
                new double[] {stands.x(), stands.y(), stands.width(), stands.height()},
                Resize::picture,
                frames);
    }

    private Layer stands(String key) {
        return roles.hasOld(key) ? roles.oldLayer(key) : roles.nextLayer(key);
    }

    private Carried carried(
            String key,
            Function<Rect, double[]> rule,
            double[] atRest,
            Function<Resize, double[]> meanwhile,
            int frames) {
        Resize going = goes(key);
        return new Carried(
                rule, stands(key).box(), going, atRest, going == null ? new double[0] : meanwhile.apply(going), frames);
    }
}
