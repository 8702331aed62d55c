package glimble.reel;

import glimble.graphic.Channel;
import glimble.graphic.Look;
import glimble.graphic.PhaseName;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Follows every layer of a reel through a phase by its extent: the smallest upright rectangle around it, as it is moved, turned and
 * scaled by itself and its groups, cut by its reveals and masks. A slanted or round mask counts as its rectangle; a tilt as the
 * narrowing it makes. Cost is linear in layers × frames, and in letters × frames for moves that are dealt.
 */
public final class Courses {
    private static final int EDGES = 4;
    /** Frames of a loop that are followed at most. */
    public static final int LONGEST = 10_000;

    private final Reel reel;
    private final PhaseName phase;
    private final int length;
    private final List<Course> shapes = new ArrayList<>();
    private final List<Course> courses = new ArrayList<>();
    /** Each ribbon as it was worked out, by its layer: of the frames that were asked for, and the one of them that was the last. */
    private final Map<Integer, RibbonNow[]> ribbons = new HashMap<>();

    private final Map<Integer, RibbonNow> latest = new HashMap<>();

    private Courses(Reel reel, PhaseName phase) {
        this.reel = reel;
        this.phase = phase;
        length = reel.length(phase);
    }

    /** One for each layer, in their order. */
    public static List<Course> of(Reel reel, PhaseName phase) {
        Courses courses = new Courses(reel, phase);
        List<Layer> layers = reel.layers();
        for (int i = 0; i < layers.size(); i++) courses.shapes.add(courses.shape(i));
        for (int i = 0; i < layers.size(); i++) courses.courses.add(courses.masked(i));
        return courses.courses;
    }

    /** What is drawn of a layer at rest, px: of letters their ink, of a ribbon and of what rides on it what is seen of it. */
    public static Rect atRest(Reel reel, int index) {
        Layer layer = reel.layers().get(index);
        Rect rest = layer.runs().isEmpty() ? layer.box() : layer.ink();
        if (layer.ribbon() != null) return RibbonNow.atRest(layer, reel.width()).whole();
        return layer.rides() < 0
                ? rest
                : RibbonNow.atRest(reel.layers().get(layer.rides()), reel.width())
                        .ridden(rest);
    }

    /** The tracks and resizes of a layer in the phase. */
    private List<Track> tracks(Layer layer) {
        List<Track> tracks = new ArrayList<>();
        for (Track track : layer.tracks()) if (track.phase() == phase) tracks.add(track);
        return tracks;
    }

    private Resize resize(Layer layer) {
        for (Resize resize : layer.resizes()) if (resize.phase() == phase) return resize;
        return null;
    }

    /** Without its masks. */
    private Course shape(int index) {
        List<Layer> chain = new ArrayList<>();
        int ridden = reel.layers().get(index).rides();
        // What rides goes with its ribbon, and with all that takes that along.
        if (ridden >= 0) chain.add(reel.layers().get(index));
        for (int at = ridden >= 0 ? ridden : index;
                at >= 0;
                at = reel.layers().get(at).within()) chain.add(reel.layers().get(at));
        List<List<Track>> tracks = chain.stream().map(this::tracks).toList();
        Layer layer = chain.get(0);
        Resize resize = resize(layer);
        int ribbonAt = ridden >= 0 ? 1 : layer.ribbon() != null ? 0 : -1;
        Resize ribbonResize = ridden >= 0 ? resize(chain.get(1)) : null;
        RibbonNow ribbon = null;
        boolean still =
                resize == null && ribbonResize == null && tracks.stream().allMatch(List::isEmpty);
        boolean absent = chain.stream().anyMatch(one -> one.absentIn().contains(phase));
        int frames = still ? 1 : period(tracks, resize == null ? ribbonResize : resize) + 1;
        double[] body = new double[EDGES * frames];
        double[] seen = new double[EDGES * frames];
        double[] opacity = new double[frames];
        double[] uneven = new double[frames];
        double[] drawn = new double[EDGES * frames];
        double[] leap = new double[frames];
        Extent extent = new Extent();
        int begins = still ? 0 : Math.min(begins(tracks, resize), begins(tracks, ribbonResize));
        int ends = still ? 0 : Math.max(ends(tracks, resize), ends(tracks, ribbonResize));
        for (int frame = 0; frame < frames; frame++) {
            boolean held = frame > 0 && (frame <= begins || frame > ends);
            if (held) {
                for (double[] edges : List.of(body, seen, drawn)) {
                    System.arraycopy(edges, EDGES * (frame - 1), edges, EDGES * frame, EDGES);
                }
                opacity[frame] = opacity[frame - 1];
                uneven[frame] = uneven[frame - 1];
                continue;
            }
            extent.begin(layer, tracks.get(0), resize, frame);
            if (ribbonAt >= 0) {
                ribbon = ribbon(ribbonAt == 0 ? index : ridden, frame);
            }
            for (int step = 0; step < chain.size(); step++) {
                if (step == ribbonAt && step == 0) extent.runs(ribbon, layer);
                if (step == ribbonAt && step == 1)
                    extent.ride(ribbon, chain.get(1).opacity());
                extent.move(chain.get(step), tracks.get(step), frame);
            }
            extent.put(body, seen, drawn, frame);
            leap[frame] = extent.leap;
            opacity[frame] = absent || isNothing(layer, tracks.get(0), frame) ? 0 : extent.opacity;
            uneven[frame] = extent.uneven;
        }
        return new Course(body, seen, drawn, opacity, uneven, leap, phase == PhaseName.LOOP);
    }

    /** Whether nothing of it is painted: it has no fill, and its stroke has no width. */
    private static boolean isNothing(Layer layer, List<Track> tracks, int frame) {
        boolean hollow = layer.picture().isEmpty()
                && layer.ribbon() == null
                && isClear(layer.fill().from())
                && isClear(layer.fill().to());
        if (!hollow || layer.kind().equals("group")) return false;
        double width = layer.stroke().width();
        for (Track track : tracks) {
            // Letters whose strokes have widths of their own are looked at one by one.
            if (track.channel() == Channel.STROKE && track.overLetters()) return false;
            if (track.channel() == Channel.STROKE) width *= Math.max(0, track.at(frame));
        }
        return width <= 0 || isClear(layer.stroke().colour());
    }

    private static boolean isClear(String colour) {
        return colour.isEmpty() || colour.length() == 9 && colour.endsWith("00");
    }

    /** As it runs at a frame: once for all that ride on it. */
    private RibbonNow ribbon(int index, int frame) {
        RibbonNow[] known = ribbons.computeIfAbsent(index, none -> new RibbonNow[length + 1]);
        if (known[frame] == null) {
            Layer layer = reel.layers().get(index);
            known[frame] = RibbonNow.plain(layer, tracks(layer), resize(layer), frame, reel.width(), latest.get(index));
        }
        latest.put(index, known[frame]);
        return known[frame];
    }

    /** The last frame that is like the first. */
    private static int begins(List<List<Track>> tracks, Resize resize) {
        int begins = resize == null ? Integer.MAX_VALUE : resize.round() > 0 ? 0 : resize.first();
        for (List<Track> of : tracks) for (Track track : of) begins = Math.min(begins, track.begins());
        return begins;
    }

    /** The first frame from which on all are alike. */
    private static int ends(List<List<Track>> tracks, Resize resize) {
        int ends = resize == null ? 0 : resize.round() > 0 ? Integer.MAX_VALUE : resize.last();
        for (List<Track> of : tracks) for (Track track : of) ends = Math.max(ends, track.ends());
        return ends;
    }

    /**
     * Frames after which what these tracks do begins again: of the loop, each part has its own, and rounds that never meet are followed as
     * long as a phase may be.
     */
    private int period(List<List<Track>> tracks, Resize resize) {
        if (phase != PhaseName.LOOP) return length;
        long common = resize == null ? 1 : Math.max(1, resize.round());
        for (List<Track> of : tracks) {
            for (Track track : of) common = Math.min(LONGEST, Rounds.common(common, Math.max(1, track.round())));
        }
        return (int) Math.min(length, common);
    }

    private Course masked(int index) {
        Layer layer = reel.layers().get(index);
        Course shape = shapes.get(index);
        if (layer.masks().isEmpty()) return shape;
        boolean still = shape.isStill();
        List<List<Integer>> masks = new ArrayList<>();
        for (Layer.MaskBy mask : layer.masks()) {
            List<Integer> by = maskShapes(mask.layer());
            masks.add(by);
            still &= by.stream().allMatch(one -> shapes.get(one).isStill());
        }
        int frames = still ? 1 : frames(shape, masks) + 1;
        double[] seen = new double[EDGES * frames];
        double[] drawn = new double[EDGES * frames];
        for (int frame = 0; frame < frames; frame++) {
            Rect left = shape.seen(frame);
            Rect around = shape.drawn(frame);
            for (int m = 0; m < masks.size(); m++) {
                Layer.MaskBy mask = layer.masks().get(m);
                Rect by = around(masks.get(m), isGroup(mask.layer()), frame);
                boolean filled = mask.inside() || isFilled(mask.layer());
                if (filled) left = cut(left, by, mask.inside());
                if (filled)
                    around = cut(around, grown(by, (mask.inside() ? 1 : -1) * Look.FADES * mask.soft()), mask.inside());
            }
            put(seen, frame, left);
            put(drawn, frame, around);
        }
        return new Course(
                spread(shape.body(), shape, frames, EDGES),
                seen,
                drawn,
                spread(shape.opacity(), shape, frames, 1),
                spread(shape.uneven(), shape, frames, 1),
                spread(shape.leap(), shape, frames, 1),
                phase == PhaseName.LOOP);
    }

    private static Rect cut(Rect rect, Rect by, boolean inside) {
        if (inside) return shared(rect, by);
        return contains(by, rect) ? new Rect(rect.x(), rect.y(), 0, 0) : rect;
    }

    /** Nothing stays nothing. */
    private static Rect grown(Rect rect, double by) {
        if (rect.width() <= 0 || rect.height() <= 0) return rect;
        Rect grown = rect.grown(by);
        return new Rect(grown.x(), grown.y(), Math.max(0, grown.width()), Math.max(0, grown.height()));
    }

    /** Frames after which a layer and its masks begin again together. */
    private int frames(Course shape, List<List<Integer>> masks) {
        if (phase != PhaseName.LOOP) return length;
        long common = Math.max(1, shape.frames() - 1);
        for (List<Integer> by : masks) {
            for (int one : by) {
                common = Math.min(
                        LONGEST,
                        Rounds.common(common, Math.max(1, shapes.get(one).frames() - 1)));
            }
        }
        return (int) Math.min(length, common);
    }

    /** What is kept once, or for one round, kept for every frame. */
    private double[] spread(double[] values, Course course, int frames, int each) {
        if (course.frames() == frames) return values;
        double[] spread = new double[frames * each];
        for (int frame = 0; frame < frames; frame++) {
            System.arraycopy(values, each * course.index(frame), spread, each * frame, each);
        }
        return spread;
    }

    private boolean isGroup(int index) {
        return reel.layers().get(index).kind().equals("group");
    }

    /** Whether nothing is seen through it anywhere within its bounds: letters and groups have gaps, ribbons bend. */
    private boolean isFilled(int index) {
        return !List.of("text", "group", "ribbon")
                .contains(reel.layers().get(index).kind());
    }

    /** The layers whose shapes a mask has: itself, or of a group all within it. */
    private List<Integer> maskShapes(int index) {
        if (!isGroup(index)) return List.of(index);
        List<Integer> within = new ArrayList<>();
        for (int i = 0; i < reel.layers().size(); i++) {
            for (int at = reel.layers().get(i).within();
                    at >= 0;
                    at = reel.layers().get(at).within()) {
                if (at == index && !isGroup(i)) within.add(i);
            }
        }
        return within;
    }

    private Rect around(List<Integer> layers, boolean group, int frame) {
        Rect around = null;
        for (int index : layers) {
            if (group && reel.layers().get(index).isAbsent(phase, frame)) continue;
            Rect seen = shapes.get(index).seen(frame);
            if (seen.width() <= 0 || seen.height() <= 0) continue;
            around = around == null ? seen : around.around(seen);
        }
        return around == null ? new Rect(0, 0, 0, 0) : around;
    }

    public static Rect shared(Rect a, Rect b) {
        double x = Math.max(a.x(), b.x());
        double y = Math.max(a.y(), b.y());
        return new Rect(
                x,
                y,
                Math.max(0, Math.min(a.right(), b.right()) - x),
                Math.max(0, Math.min(a.bottom(), b.bottom()) - y));
    }

    public static boolean contains(Rect outer, Rect inner) {
        return inner.x() >= outer.x()
                && inner.y() >= outer.y()
                && inner.right() <= outer.right()
                && inner.bottom() <= outer.bottom();
    }

    private static void put(double[] edges, int frame, Rect rect) {
        edges[EDGES * frame] = rect.x();
        edges[EDGES * frame + 1] = rect.y();
        edges[EDGES * frame + 2] = rect.right();
        edges[EDGES * frame + 3] = rect.bottom();
    }
}
