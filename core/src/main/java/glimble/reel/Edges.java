package glimble.reel;

import glimble.graphic.Look;
import glimble.rest.Rect;

/** Four edges that are worked on, px. */
final class Edges {
    double left;
    double top;
    double right;
    double bottom;

    void set(double toLeft, double toTop, double toRight, double toBottom) {
        left = toLeft;
        top = toTop;
        right = toRight;
        bottom = toBottom;
    }

    void set(Rect rect) {
        set(rect.x(), rect.y(), rect.right(), rect.bottom());
    }

    Rect rect() {
        return new Rect(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
    }

    boolean isAny() {
        return right > left && bottom > top;
    }

    /** As far as the stroke around letters, the shadow and the glow of a layer reach. */
    void reach(Layer layer) {
        double around = layer.runs().isEmpty() ? 0 : layer.stroke().width();
        Rect shape = new Rect(left, top, right - left, bottom - top).grown(around);
        Rect whole = shape;
        if (!layer.glow().colour().isEmpty()) whole = whole.around(thrown(rect(), layer.glow()));
        if (!layer.shadow().colour().isEmpty()) whole = whole.around(thrown(shape, layer.shadow()));
        if (layer.solid() != null) whole = whole.around(further(rect(), layer.solid()));
        set(whole);
    }

    /** Where the back of a box with depth is seen. */
    private static Rect further(Rect front, Layer.Solid solid) {
        double left = Layer.Solid.further(front.x(), solid.x(), solid.eye(), solid.depth());
        double top = Layer.Solid.further(front.y(), solid.y(), solid.eye(), solid.depth());
        double right = Layer.Solid.further(front.right(), solid.x(), solid.eye(), solid.depth());
        double bottom = Layer.Solid.further(front.bottom(), solid.y(), solid.eye(), solid.depth());
        return new Rect(left, top, right - left, bottom - top);
    }

    private static Rect thrown(Rect shape, Layer.ThrownShadow shadow) {
        double fades = Look.FADES * shadow.blur();
        return new Rect(
                shape.x() + shadow.x() - fades,
                shape.y() + shadow.y() - fades,
                shape.width() + 2 * fades,
                shape.height() + 2 * fades);
    }

    void grow(double by) {
        if (by == 0 || !isAny()) return;
        set(left - by, top - by, right + by, bottom + by);
    }

    /** Of nothing nothing is seen, however thick it is. */
    void widen(double byLeft, double byTop, double byRight, double byBottom) {
        set(left + byLeft, top + byTop, right + byRight, bottom + byBottom);
    }

    void shift(double x, double y) {
        set(left + x, top + y, right + x, bottom + y);
    }

    void scaleX(double pivot, double factor) {
        double from = pivot + (left - pivot) * factor;
        double to = pivot + (right - pivot) * factor;
        left = Math.min(from, to);
        right = Math.max(from, to);
    }

    void scaleY(double pivot, double factor) {
        double from = pivot + (top - pivot) * factor;
        double to = pivot + (bottom - pivot) * factor;
        top = Math.min(from, to);
        bottom = Math.max(from, to);
    }

    void put(double[] edges, int frame) {
        int i = 4 * frame;
        edges[i] = left;
        edges[i + 1] = top;
        edges[i + 2] = Math.max(left, right);
        edges[i + 3] = Math.max(top, bottom);
    }
}
