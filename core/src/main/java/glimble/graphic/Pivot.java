package glimble.graphic;

/** The point a part scales and turns about, as a share of its width and height at rest. */
public enum Pivot {
    CENTRE("centre", 0.5, 0.5),
    LEFT("left", 0, 0.5),
    RIGHT("right", 1, 0.5),
    TOP("top", 0.5, 0),
    BOTTOM("bottom", 0.5, 1),
    TOP_LEFT("top left", 0, 0),
    TOP_RIGHT("top right", 1, 0),
    BOTTOM_LEFT("bottom left", 0, 1),
    BOTTOM_RIGHT("bottom right", 1, 1);

    private final String word;
    private final double x;
    private final double y;

    Pivot(String word, double x, double y) {
        this.word = word;
        this.x = x;
        this.y = y;
    }

    public String word() {
        return word;
    }

    /** 0 at the left, 1 at the right. */
    public double x() {
        return x;
    }

    /** 0 at the top, 1 at the bottom. */
    public double y() {
        return y;
    }

    /** The same seen in a mirror. */
    public Pivot mirrored() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case TOP_LEFT -> TOP_RIGHT;
            case TOP_RIGHT -> TOP_LEFT;
            case BOTTOM_LEFT -> BOTTOM_RIGHT;
            case BOTTOM_RIGHT -> BOTTOM_LEFT;
            default -> this;
        };
    }
}
