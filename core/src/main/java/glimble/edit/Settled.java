package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Travel;
import glimble.graphic.Variant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Mends what a removal leaves behind: inner edges of what wraps nothing any more become its plain edges, and what was to go
 * clear of a mask that is gone goes clear of the frame.
 */
final class Settled {
    private final Map<String, Part> parts = new HashMap<>();

    private Settled(Graphic graphic) {
        for (Part part : graphic.parts()) parts.put(part.key(), part);
    }

    static Graphic of(Graphic graphic) {
        Settled settled = new Settled(graphic);
        List<Part> parts = graphic.parts().stream().map(settled::part).toList();
        Graphic mended = graphic.withParts(parts);
        return mended.withVariants(
                        mended.variants().stream().map(settled::variant).toList())
                .withMoves(moves -> moves.stream().map(settled::move).toList());
    }

    private Part part(Part part) {
        return part.withBase(part.base().withSpans(span(part, Axis.X), span(part, Axis.Y)));
    }

    private Variant variant(Variant variant) {
        return variant.withStands(variant.stands().stream()
                .map(stand -> new Variant.Stand(stand.part(), stand.axis(), span(stand.span(), stand.axis())))
                .toList());
    }

    private Span span(Part part, Axis axis) {
        return span(part.span(axis), axis);
    }

    /** Edges of parts as they rest without variants: what only a variant makes wrap others is judged by the reader. */
    private Span span(Span span, Axis axis) {
        if (!(span.place() instanceof Place.Hang hang)) return span;
        Edge at = hang.onGround()
                ? hang.at()
                : edge(hang.at(), parts.get(hang.on()).span(axis).size());
        return new Span(
                span.size(), new Place.Hang(edge(hang.edge(), span.size()), hang.on(), at, hang.plus(), hang.stays()));
    }

    private static Edge edge(Edge edge, Size size) {
        return size instanceof Size.Wraps ? edge : edge.outer();
    }

    private Move move(Move move) {
        boolean masked = parts.get(move.part()).masks().stream().anyMatch(Mask::inside);
        if (masked || !(move.travel() instanceof Travel.ClearOfMask clear)) return move;
        return move.withTravel(new Travel.ClearOfFrame(clear.toward()));
    }
}
