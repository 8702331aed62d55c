package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Frame;
import glimble.graphic.RibbonPart;
import glimble.ribbon.Bounds;
import glimble.ribbon.RibbonState;
import glimble.ribbon.Surface;
import java.util.HashMap;
import java.util.Map;
import java.util.function.BiFunction;

/** The ribbons of a graphic at rest: as large as they are seen to be, and where they would stand if they were straight. */
final class RibbonRests {
    private final Frame frame;
    private final boolean mirrored;
    private final BiFunction<RibbonPart, Axis, Reckoning> size;
    private final Map<String, Surface> surfaces = new HashMap<>();

    /** @param size how long and how broad a ribbon is */
    RibbonRests(Frame frame, boolean mirrored, BiFunction<RibbonPart, Axis, Reckoning> size) {
        this.frame = frame;
        this.mirrored = mirrored;
        this.size = size;
    }

    private Surface surface(RibbonPart ribbon) {
        Surface known = surfaces.get(ribbon.key());
        if (known != null) return known;
        double length = size.apply(ribbon, Axis.X).value();
        double breadth = size.apply(ribbon, Axis.Y).value();
        Surface surface =
                Surface.plain(ribbon.form(), mirrored, length, breadth, Surface.eye(frame.width()), RibbonState.REST);
        surfaces.put(ribbon.key(), surface);
        return surface;
    }

    /** All of it. Sines and cosines may differ in their last digits from one home to another; what follows from them here does not. */
    private Bounds whole(RibbonPart ribbon) {
        Bounds whole = surface(ribbon).extent(0, surface(ribbon).length());
        return new Bounds(rounded(whole.left()), rounded(whole.top()), rounded(whole.right()), rounded(whole.bottom()));
    }

    private static double rounded(double px) {
        return Math.rint(px * 1000) / 1000;
    }

    /** How much room it takes in the picture along an axis. */
    Reckoning extent(RibbonPart ribbon, Axis axis) {
        Rect seen = seen(ribbon, 0, 0);
        String what = ribbon.key() + (axis == Axis.X ? " · width as it is seen" : " · height as it is seen");
        Reckoning length = size.apply(ribbon, Axis.X);
        Reckoning breadth = size.apply(ribbon, Axis.Y);
        return Reckoning.sum(
                what,
                axis == Axis.X ? length : breadth,
                Reckoning.measured(
                        "bent, twisted and tilted", seen.extent(axis) - (axis == Axis.X ? length : breadth).value()));
    }

    /** All that is seen of it, by the left and top of that. */
    Rect seen(RibbonPart ribbon, double left, double top) {
        Bounds extent = whole(ribbon);
        return new Rect(left, top, extent.width(), extent.height());
    }

    /** Where it would stand if it were straight. */
    Rect straight(RibbonPart ribbon, double left, double top) {
        Surface surface = surface(ribbon);
        Bounds extent = whole(ribbon);
        return new Rect(
                left - extent.left() - surface.held(ribbon.form()),
                top - extent.top() - surface.breadth() / 2,
                surface.length(),
                surface.breadth());
    }

    /** What is seen of something that stands on it, by where that would be if it were straight. */
    Rect ridden(RibbonPart ribbon, double left, double top, Rect straight) {
        Surface surface = surface(ribbon);
        Rect under = straight(ribbon, left, top);
        Bounds extent = whole(ribbon);
        double middle = under.y() + under.height() / 2;
        Bounds seen = surface.extent(
                straight.x() - under.x(),
                straight.right() - under.x(),
                straight.y() - middle,
                straight.bottom() - middle);
        return new Rect(
                left - extent.left() + rounded(seen.left()),
                top - extent.top() + rounded(seen.top()),
                rounded(seen.width()),
                rounded(seen.height()));
    }
}
