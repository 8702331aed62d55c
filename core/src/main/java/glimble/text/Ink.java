package glimble.text;

/** The box around what is drawn, px from the origin of its line; all 0 when nothing is. */
public record Ink(double left, double top, double right, double bottom) {
    public static final Ink NONE = new Ink(0, 0, 0, 0);

    public boolean isNone() {
        return right <= left || bottom <= top;
    }

    Ink placed(double scaleX, double scaleY, double x, double y) {
        if (isNone()) return NONE;
        return new Ink(left * scaleX + x, top * scaleY + y, right * scaleX + x, bottom * scaleY + y);
    }

    /** The box around both. */
    public Ink around(Ink other) {
        if (isNone()) return other;
        if (other.isNone()) return this;
        return new Ink(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }
}
