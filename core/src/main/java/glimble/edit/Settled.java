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
        return graphic.withParts(parts)
                .withMoves(moves -> moves.stream().map(settled::move).toList());
    }

    private Part part(Part part) {
        return part.withBase(part.base().withSpans(span(part, Axis.X), span(part, Axis.Y)));
    }

    private Span span(Part part, Axis axis) {
        Span span = part.span(axis);
        if (!(span.place() instanceof Place.Hang hang)) return span;
        Edge at = hang.onGround() ? hang.at() : edge(hang.at(), parts.get(hang.on()), axis);
        return new Span(
                span.size(), new Place.Hang(edge(hang.edge(), part, axis), hang.on(), at, hang.plus(), hang.stays()));
    }

    private static Edge edge(Edge edge, Part part, Axis axis) {
        return part.span(axis).size() instanceof Size.Wraps ? edge : edge.outer();
    }

    private Move move(Move move) {
        boolean masked = parts.get(move.part()).masks().stream().anyMatch(Mask::inside);
        if (masked || !(move.travel() instanceof Travel.ClearOfMask clear)) return move;
        return move.withTravel(new Travel.ClearOfFrame(clear.toward()));
    }
}
