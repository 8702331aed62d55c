package glimble.text;

/** The box around what is drawn, px from the origin of its line; all 0 when nothing is. */
public record Ink(double left, double top, double right, double bottom) {
    public static final Ink NONE = new Ink(0, 0, 0, 0);

    public boolean isNone() {
        return right <= left || bottom <= top;
    }
}
