package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
import java.util.function.Function;

/**
 * The one rule for what hung on a part that is not there, absent or removed: it takes that part's place. It hangs by the edge by which
 * the other hung, on what that hung on, so it begins, ends or is centred where the other was. A distance between two different edges
 * was a gap to the other and goes with it; one between the same edges was an indent, and stays if it is from that very edge.
 */
public final class ClosingUp {
    private ClosingUp() {}

    /**
     * Where a part hangs instead.
     *
     * @param part the part that hung on one that is gone
     * @param hang where it hung
     * @param gone the place of the one that is gone, as {@link #placeOf} says
     */
    public static Place.Hang instead(Part part, Place.Hang hang, Place gone, Axis axis) {
        // A row has no place of its own: what hung on it is left at the beginning of the stack.
        if (gone instanceof Place.Stacked in) {
            return new Place.Hang(Edge.START, in.stack(), Edge.START, kept(hang, Edge.START), hang.stays());
        }
        Place.Hang next = (Place.Hang) gone;
        Edge edge = had(part, next.edge(), axis);
        return new Place.Hang(edge, next.on(), next.at(), next.plus() + kept(hang, next.edge()), hang.stays());
    }

    private static double kept(Place.Hang hang, Edge held) {
        boolean indent = hang.edge().outer() == hang.at().outer() && hang.edge().outer() == held.outer();
        return indent ? hang.plus() : 0;
    }

    /** The same edge of another part, or the nearest that it has. */
    private static Edge had(Part part, Edge edge, Axis axis) {
        return switch (edge) {
            case BASELINE -> part instanceof TextPart ? edge : Edge.END;
            case INNER_START, INNER_END -> part.span(axis).size() instanceof Size.Wraps ? edge : edge.outer();
            default -> edge;
        };
    }

    /** The place of a part; of what stands around others, that of the first of them. */
    public static Place placeOf(Part part, Axis axis, Function<String, Part> parts) {
        Part at = part;
        while (at.span(axis).place() instanceof Place.Around && at.span(axis).size() instanceof Size.Wraps wraps) {
            at = parts.apply(wraps.parts().get(0));
        }
        return at.span(axis).place();
    }
}
