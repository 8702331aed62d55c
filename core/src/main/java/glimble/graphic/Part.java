package glimble.graphic;

import java.util.List;

/** Anything drawn. Its size and place are relations, solved for given values. */
public sealed interface Part permits TextPart, BoxPart, LinePart {

    /** Unique in the graphic; how other parts, masks and moves refer to it. */
    String key();

    /** Size and place from left to right. */
    Span x();

    /** Size and place from top to bottom. */
    Span y();

    /** Parts through whose shape this one is seen; all of them count. */
    List<Mask> masks();

    default Span span(Axis axis) {
        return axis == Axis.X ? x() : y();
    }

    /** The plain word for what kind of part it is. */
    String kind();
}
