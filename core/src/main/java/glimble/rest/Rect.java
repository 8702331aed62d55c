package glimble.rest;

import glimble.graphic.Axis;

/** A rectangle in the picture, px; x and y are its left and top. */
public record Rect(double x, double y, double width, double height) {

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public double start(Axis axis) {
        return axis == Axis.X ? x : y;
    }

    public double end(Axis axis) {
        return axis == Axis.X ? right() : bottom();
    }

    public double extent(Axis axis) {
        return axis == Axis.X ? width : height;
    }

    /** The smallest rectangle around both. */
    public Rect around(Rect other) {
        double left = Math.min(x, other.x);
        double top = Math.min(y, other.y);
        return new Rect(left, top, Math.max(right(), other.right()) - left, Math.max(bottom(), other.bottom()) - top);
    }

    /** So many px larger on every side; smaller by less than 0, and then it may have less than nothing. */
    public Rect grown(double by) {
        return new Rect(x - by, y - by, width + 2 * by, height + 2 * by);
    }
}
