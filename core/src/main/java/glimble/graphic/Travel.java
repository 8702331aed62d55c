package glimble.graphic;

/** How far a move goes from rest. Measured once rest is known. */
public sealed interface Travel {

    /** So many px. */
    record Px(double px) implements Travel {}

    /** To so many times its size at rest, or to a share 0–1 of its opacity or extent. */
    record Factor(double factor) implements Travel {}

    /** So many degrees, clockwise. */
    record Degrees(double degrees) implements Travel {}

    /** So many times the part's own width; negative goes left or up. */
    record OwnWidth(double times) implements Travel {}

    /** So many times the part's own height; negative goes left or up. */
    record OwnHeight(double times) implements Travel {}

    /** Just so far that nothing of the part is left in the frame. */
    record ClearOfFrame(Toward toward) implements Travel {}

    /** Just so far that nothing of the part is left inside the part it is masked by. */
    record ClearOfMask(Toward toward) implements Travel {}
}
