package glimble.graphic;

/** An edge, or a line between edges, that parts hang by. The inner edges lie inside by the padding of a wrapping size. */
public enum Edge {
    START("left", "top"),
    CENTRE("centre", "centre"),
    END("right", "bottom"),
    INNER_START("inner left", "inner top"),
    INNER_END("inner right", "inner bottom"),
    /** The line the letters stand on; only along y, only of a text. */
    BASELINE(null, "baseline");

    private final String alongX;
    private final String alongY;

    Edge(String alongX, String alongY) {
        this.alongX = alongX;
        this.alongY = alongY;
    }

    /** The plain word for it along an axis; null if it has none there. */
    public String word(Axis axis) {
        return axis == Axis.X ? alongX : alongY;
    }

    /** The plain edge that an inner one lies beside; any other edge is itself. */
    public Edge outer() {
        return switch (this) {
            case INNER_START -> START;
            case INNER_END -> END;
            default -> this;
        };
    }
}
