package glimble.graphic;

/** The two directions of the picture: x to the right, y downwards, in px. */
public enum Axis {
    X,
    Y
}
