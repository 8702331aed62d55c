package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.Fit;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import java.util.List;
import java.util.function.UnaryOperator;

/** Makes changed copies of parts and moves; what is not named stays as it is. */
final class Rewrite {
    private Rewrite() {}

    static Part key(Part part, String key) {
        return part.withBase(part.base().withKey(key));
    }

    /** A part whose sizes, places and masks, and the room of a text, are changed by rules. */
    static Part relations(
            Part part, UnaryOperator<Size> size, UnaryOperator<Place> place, UnaryOperator<List<Mask>> masks) {
        Base base = part.base();
        Part changed = part.withBase(base.withSpans(span(base, Axis.X, size, place), span(base, Axis.Y, size, place))
                .withMasks(masks.apply(base.masks())));
        return room(changed, size);
    }

    /** A part whose room, if it is a text with one, is changed by a rule. */
    static Part room(Part part, UnaryOperator<Size> size) {
        if (!(part instanceof TextPart text) || text.fit().isEmpty()) return part;
        Fit fit = text.fit().get();
        return text.withFit(fit.withRoom(size.apply(fit.room())));
    }

    private static Span span(Base base, Axis axis, UnaryOperator<Size> size, UnaryOperator<Place> place) {
        Span span = base.span(axis);
        return new Span(size.apply(span.size()), place.apply(span.place()));
    }

    /** A move under another key, of another part, with another start. */
    static Move move(Move move, String key, String part, Start start) {
        return move.named(key, part).withStart(start);
    }
}
