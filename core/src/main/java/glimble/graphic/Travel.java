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

    /** So many times the size of another part, along the axis of the channel; negative goes left or up. */
    record SizeOf(String part, double times) implements Travel {}

    /** So large a share of the frame or a safe area, along the axis of the channel; negative goes left or up. */
    record ShareOf(double share, String of) implements Travel {}

    /**
     * As far as the part must go for one of its edges to lie on a line of the frame or a safe area.
     *
     * @param edge {@code START}, {@code CENTRE} or {@code END} of both
     */
    record ToLine(String of, Edge edge) implements Travel {}

    /** px of blur. */
    record Blur(double px) implements Travel {}

    /** A share 0–1 of the way to another colour. */
    record Tint(String colour, double share) implements Travel {}

    /** Thousandths of an em. */
    record Tracking(double thousandths) implements Travel {}

    /** Just so far that nothing of the part is left in the frame. */
    record ClearOfFrame(Toward toward) implements Travel {}

    /** Just so far that nothing of the part is left inside the part it is masked by. */
    record ClearOfMask(Toward toward) implements Travel {}
}
