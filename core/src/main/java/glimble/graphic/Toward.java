package glimble.graphic;

/** A direction in the picture. */
public enum Toward {
    LEFT("left", Axis.X),
    RIGHT("right", Axis.X),
    UP("up", Axis.Y),
    DOWN("down", Axis.Y);

    private final String word;
    private final Axis axis;

    Toward(String word, Axis axis) {
        this.word = word;
        this.axis = axis;
    }

    public String word() {
        return word;
    }

    public Axis axis() {
        return axis;
    }

    /** The plain word for the side of something that lies there. */
    public String side() {
        return switch (this) {
            case UP -> "top";
            case DOWN -> "bottom";
            default -> word;
        };
    }

    /** Whether coordinates grow that way. */
    public boolean forward() {
        return this == RIGHT || this == DOWN;
    }

    /** The same seen in a mirror. */
    public Toward mirrored() {
        return this == LEFT ? RIGHT : this == RIGHT ? LEFT : this;
    }

    public Toward opposite() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case UP -> DOWN;
            case DOWN -> UP;
        };
    }
}
