package glimble.edit;

import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import java.util.function.UnaryOperator;

/** What parts say of other parts, under other names. */
final class Renaming {
    private Renaming() {}

    /** A part, under its own name, that names all others otherwise. */
    static Part references(Part part, UnaryOperator<String> name) {
        Part renamed = Rewrite.relations(
                part,
                size -> size(size, name),
                place -> place(place, name),
                masks -> masks.stream()
                        .map(mask -> mask.by(name.apply(mask.by())))
                        .toList());
        String ribbon = renamed.base().rides();
        if (!ribbon.isEmpty()) return renamed.withBase(renamed.base().withRides(name.apply(ribbon)));
        if (!(renamed instanceof GroupPart group)) return renamed;
        return new GroupPart(group.base(), group.parts().stream().map(name).toList());
    }

    static Span span(Span span, UnaryOperator<String> name) {
        return new Span(size(span.size(), name), place(span.place(), name));
    }

    private static Size size(Size size, UnaryOperator<String> name) {
        if (size instanceof Size.Matches matches) {
            return new Size.Matches(name.apply(matches.part()), matches.factor(), matches.plus());
        }
        if (size instanceof Size.Wraps wraps) {
            return wraps.of(wraps.parts().stream().map(name).toList());
        }
        return size;
    }

    private static Place place(Place place, UnaryOperator<String> name) {
        if (place instanceof Place.Stacked in) return new Place.Stacked(name.apply(in.stack()));
        if (!(place instanceof Place.Hang hang) || hang.onGround()) return place;
        return hang.onto(name.apply(hang.on()), hang.at(), hang.plus());
    }
}
