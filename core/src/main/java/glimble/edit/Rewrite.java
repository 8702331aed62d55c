package glimble.edit;

import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Fit;
import glimble.graphic.LinePart;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.Travel;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Makes changed copies of parts and moves; what is not named stays as it is. */
final class Rewrite {
    private Rewrite() {}

    static Part base(Part part, Base base) {
        if (part instanceof TextPart text)
            return new TextPart(base, text.text(), text.style(), text.layout(), text.fit(), text.look());
        if (part instanceof BoxPart box) return new BoxPart(base, box.fill(), box.radius(), box.slant(), box.look());
        if (part instanceof LinePart line) return new LinePart(base, line.fill());
        StackPart stack = (StackPart) part;
        return new StackPart(base, stack.along(), stack.align(), stack.least(), stack.usual(), stack.widest());
    }

    static Part key(Part part, String key) {
        Base base = part.base();
        return base(part, new Base(key, base.tag(), base.needs(), base.x(), base.y(), base.masks()));
    }

    /** A part whose sizes, places and masks, and the room of a text, are changed by rules. */
    static Part relations(
            Part part, UnaryOperator<Size> size, UnaryOperator<Place> place, UnaryOperator<List<Mask>> masks) {
        Base base = part.base();
        Span x = new Span(size.apply(base.x().size()), place.apply(base.x().place()));
        Span y = new Span(size.apply(base.y().size()), place.apply(base.y().place()));
        Part changed = base(part, new Base(base.key(), base.tag(), base.needs(), x, y, masks.apply(base.masks())));
        if (!(changed instanceof TextPart text) || text.fit().isEmpty()) return changed;
        Fit fit = text.fit().get();
        Fit fitted = new Fit(size.apply(fit.room()), fit.lines(), fit.least(), fit.both(), fit.together());
        return new TextPart(text.base(), text.text(), text.style(), text.layout(), Optional.of(fitted), text.look());
    }

    static Move move(Move move, String key, String part, Start start) {
        return new Move(
                key,
                part,
                move.channel(),
                move.travel(),
                start,
                move.length(),
                move.ease(),
                move.pivot(),
                move.toward());
    }

    static Move travel(Move move, Travel travel) {
        return new Move(
                move.key(),
                move.part(),
                move.channel(),
                travel,
                move.start(),
                move.length(),
                move.ease(),
                move.pivot(),
                move.toward());
    }
}
