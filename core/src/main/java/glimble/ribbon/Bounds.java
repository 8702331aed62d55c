package glimble.ribbon;

/** The smallest upright rectangle around something, px from the point that a ribbon holds. */
public record Bounds(double left, double top, double right, double bottom) {
    public double width() {
        return right - left;
    }

    public double height() {
        return bottom - top;
    }
}
