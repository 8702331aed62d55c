package glimble.graphic;

import java.util.List;

/** Anything drawn, or that places what is drawn. Its size and place are relations, solved for given values. */
public sealed interface Part
        permits TextPart, BoxPart, LinePart, PicturePart, ScrimPart, StackPart, GroupPart, RibbonPart {

    Base base();

    /** The plain word for what kind of part it is. */
    String kind();

    /** The same part with another base. */
    Part withBase(Base other);

    default String key() {
        return base().key();
    }

    /** What surrounds its fill. */
    default Look look() {
        return Look.PLAIN;
    }

    /** How far what is drawn of it reaches beyond its box or ink, px, on the side that a direction points to; 0 or more. */
    default double reach(Toward toward, boolean mirrored) {
        // Inside a box, outside letters.
        double around = this instanceof TextPart
                ? look().stroke().map(Look.Stroke::width).orElse(0.0)
                : 0;
        return look().reach(toward, mirrored, around);
    }

    default List<Mask> masks() {
        return base().masks();
    }

    default Span span(Axis axis) {
        return base().span(axis);
    }

    /** Whether it stands on a ribbon and bends with it. */
    default boolean isRiding() {
        return !base().rides().isEmpty();
    }

    /** Whether it is seen itself; a stack and a group only place others. */
    default boolean isDrawn() {
        return true;
    }
}
