package glimble.reel;

import glimble.graphic.Channel;
import glimble.graphic.Light;
import glimble.graphic.PhaseName;
import glimble.rest.Rect;
import glimble.ribbon.Bounds;
import glimble.ribbon.RibbonState;
import glimble.ribbon.Shade;
import glimble.ribbon.Surface;
import java.util.List;

/**
 * A ribbon at a frame, before it is moved as a whole.
 *
 * @param surface in px from the point it holds
 * @param x of that point in the picture, px
 * @param y of that point
 * @param straight where it would stand if it were straight, px
 * @param from px along its course: revealed from here …
 * @param to … to here
 * @param state what its channels add
 */
public record RibbonNow(Surface surface, double x, double y, Rect straight, double from, double to, RibbonState state) {
    /** px; what sums of doubles may be off by. */
    private static final double ROUNDING = 1e-6;
    /** px; a strip thinner than that is not there. */
    private static final double THIN = 0.25;

    /**
     * With facets fine enough for its light.
     *
     * @param layer of a ribbon
     * @param width px of the picture
     */
    public static RibbonNow of(Layer layer, PhaseName phase, int frame, double width) {
        return of(layer, phase, frame, width, null);
    }

    /** @param before that of another frame, whose surface is taken if it is the same; or null */
    public static RibbonNow of(Layer layer, PhaseName phase, int frame, double width, RibbonNow before) {
        List<Track> tracks =
                layer.tracks().stream().filter(track -> track.phase() == phase).toList();
        Resize resize = layer.resizes().stream()
                .filter(one -> one.phase() == phase)
                .findFirst()
                .orElse(null);
        return of(layer, tracks, resize, frame, width, before, true);
    }

    /**
     * With as many facets as its shape needs.
     *
     * @param before that of another frame, whose surface is taken if it is the same; or null
     */
    static RibbonNow plain(Layer layer, List<Track> tracks, Resize resize, int frame, double width, RibbonNow before) {
        return of(layer, tracks, resize, frame, width, before, false);
    }

    private static RibbonNow of(
            Layer layer, List<Track> tracks, Resize resize, int frame, double width, RibbonNow before, boolean lit) {
        Rect box = resize == null ? layer.box() : resized(layer.box(), resize, resize.index(frame));
        RibbonState state = state(tracks, frame);
        double from = box.x();
        double to = box.right();
        for (Track track : tracks) {
            double share = track.at(frame);
            if (track.channel() != Channel.REVEAL || share >= 1) continue;
            double[] seen = share <= 0 ? new double[] {from, from} : seen(track, share);
            from = Math.max(from, seen[0]);
            to = Math.min(to, seen[1]);
        }
        Layer.Ribbon ribbon = layer.ribbon();
        double eye = Surface.eye(width);
        Surface surface;
        if (before != null && before.state.isShapedAs(state) && before.straight.equals(box)) surface = before.surface;
        else if (lit) surface = new Surface(ribbon.form(), ribbon.mirrored(), box.width(), box.height(), eye, state);
        else surface = Surface.plain(ribbon.form(), ribbon.mirrored(), box.width(), box.height(), eye, state);
        return new RibbonNow(
                surface,
                box.x() + surface.held(ribbon.form()),
                box.y() + box.height() / 2,
                box,
                from - box.x(),
                Math.max(from, to) - box.x(),
                state);
    }

    private static Rect resized(Rect box, Resize resize, int i) {
        double left = Rounding.px(box.x() + resize.left()[i]);
        double top = Rounding.px(box.y() + resize.top()[i]);
        double right = Rounding.px(box.right() + resize.right()[i]);
        double bottom = Rounding.px(box.bottom() + resize.bottom()[i]);
        return new Rect(left, top, Math.max(0, Rounding.px(right - left)), Math.max(0, Rounding.px(bottom - top)));
    }

    /** As it rests. */
    public static RibbonNow atRest(Layer layer, double width) {
        return plain(layer, List.of(), null, 0, width, null);
    }

    /** From where to where a band that opens along x is open, px. */
    private static double[] seen(Track track, double share) {
        boolean back = track.opening().degrees() % 360 != 0;
        double from = track.band().from(share);
        double to = track.band().to(share);
        return back ? new double[] {-to, -from} : new double[] {from, to};
    }

    private static RibbonState state(List<Track> tracks, int frame) {
        double bend = 1;
        double curl = 0;
        double twist = 0;
        double taper = 1;
        double tiltX = 0;
        double tiltY = 0;
        double light = 0;
        for (Track track : tracks) {
            if (track.overLetters()) continue;
            switch (track.channel()) {
                case BEND -> bend *= track.at(frame);
                case CURL -> curl += track.at(frame);
                case TWIST -> twist += track.at(frame);
                case TAPER -> taper *= track.at(frame);
                case TILT_X -> tiltX += track.at(frame);
                case TILT_Y -> tiltY += track.at(frame);
                case LIGHT -> light += track.at(frame);
                default -> {
                    // All others change nothing of how it runs.
                }
            }
        }
        return new RibbonState(bend, curl, twist, taper, tiltX, tiltY, light);
    }

    /** Whether the same is seen of it in the same place, whatever its light. */
    public boolean isSeenAs(RibbonNow other) {
        return surface == other.surface && straight.equals(other.straight) && from == other.from && to == other.to;
    }

    /** Whether it is revealed from its very start; what rides is seen before it as well then. */
    public boolean isOpenAtStart() {
        return from < ROUNDING;
    }

    public boolean isOpenAtEnd() {
        return to > surface.length() - ROUNDING;
    }

    /** All of it that is revealed, px in the picture; nothing where nothing is. */
    public Rect seen() {
        if (to - from < THIN) return new Rect(x, y, 0, 0);
        return moved(surface.extent(from, to));
    }

    /** All of it, revealed or not. */
    public Rect whole() {
        return moved(surface.extent(0, surface.length()));
    }

    /** Where something is seen that stands on it, by where that would be if it were straight. */
    public Rect ridden(Rect rect) {
        double middle = straight.y() + straight.height() / 2;
        return moved(surface.extent(
                rect.x() - straight.x(), rect.right() - straight.x(), rect.y() - middle, rect.bottom() - middle));
    }

    /** Where a point of it is seen, by where that would be if it were straight: x and y, px. */
    public double[] point(double atX, double atY) {
        double[] at = surface.point(atX - straight.x(), atY - straight.y() - straight.height() / 2);
        return new double[] {x + at[0], y + at[1]};
    }

    /**
     * How light falls on it at a place along its course.
     *
     * @param front whether its front is seen there
     */
    public Shade shade(Layer.Ribbon ribbon, double along, boolean front) {
        double[] facing = surface.facing(along);
        double side = front ? 1 : -1;
        Light of = ribbon.lit().light();
        Light light = new Light(of.from() + state.light(), of.height(), of.soft(), of.strength());
        return Shade.of(new double[] {side * facing[0], side * facing[1], side * facing[2]}, light, ribbon.sheen());
    }

    private Rect moved(Bounds seen) {
        return new Rect(x + seen.left(), y + seen.top(), seen.width(), seen.height());
    }
}
