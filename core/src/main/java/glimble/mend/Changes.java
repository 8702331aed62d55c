package glimble.mend;

import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.TextPart;
import glimble.graphic.Variant;
import java.util.List;
import java.util.function.UnaryOperator;

/** Single changes of a graphic, where a part stands otherwise in a variant there too. */
final class Changes {
    private Changes() {}

    static Graphic part(Graphic graphic, String key, UnaryOperator<Part> change) {
        return graphic.withParts(graphic.parts().stream()
                .map(part -> part.key().equals(key) ? change.apply(part) : part)
                .toList());
    }

    static Graphic base(Graphic graphic, String key, UnaryOperator<Base> change) {
        return part(graphic, key, part -> part.withBase(change.apply(part.base())));
    }

    /** The extent of a part along an axis, wherever it is said. */
    static Graphic size(Graphic graphic, String key, Axis axis, UnaryOperator<Size> change) {
        Graphic changed = base(graphic, key, base -> {
            Span span = base.span(axis);
            Span other = new Span(change.apply(span.size()), span.place());
            return axis == Axis.X ? base.withSpans(other, base.y()) : base.withSpans(base.x(), other);
        });
        return changed.withVariants(changed.variants().stream()
                .map(variant -> variant.withStands(variant.stands().stream()
                        .map(stand -> stand.part().equals(key) && stand.axis() == axis
                                ? new Variant.Stand(
                                        key,
                                        axis,
                                        new Span(
                                                change.apply(stand.span().size()),
                                                stand.span().place()))
                                : stand)
                        .toList()))
                .toList());
    }

    static Graphic text(Graphic graphic, String key, UnaryOperator<TextPart> change) {
        return part(graphic, key, part -> part instanceof TextPart text ? change.apply(text) : part);
    }

    static Graphic longest(Graphic graphic, String field, int letters) {
        List<Field> fields = graphic.fields().stream()
                .map(one -> one.key().equals(field) ? one.withLongest(letters) : one)
                .toList();
        return graphic.withFields(fields);
    }
}
