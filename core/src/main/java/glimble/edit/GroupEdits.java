package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Mask;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Edits of groups. A part is in one group at most. */
public final class GroupEdits {
    private GroupEdits() {}

    /**
     * A new group around parts, in front of all of them. They leave the groups they were in; a group that is left without parts
     * goes.
     *
     * @param keys of parts that are there, one or more
     * @param boxes where parts rest now, by key; absent ones may be missing
     */
    public static Graphic group(Graphic graphic, List<String> keys, Map<String, Rect> boxes) {
        String key = PartEdits.free(graphic, "group");
        Span around = new Span(GroupPart.around(keys), new Place.Around());
        Part group = new GroupPart(new Base(key, "", List.of(), around, around, List.of()), keys);
        List<Part> parts = new ArrayList<>();
        int front = 0;
        for (Part part : graphic.parts()) {
            Part left = part instanceof GroupPart other ? leave(other, keys) : part;
            if (keys.contains(part.key())) {
                Base own = graphic.groupOf(part.key())
                        .map(other -> left(part.base(), other))
                        .orElse(part.base());
                left = left.withBase(own.withSpans(left.span(Axis.X), left.span(Axis.Y)));
            }
            parts.add(left);
            if (keys.contains(part.key())) front = parts.size();
        }
        parts.add(front, group);
        return Settled.of(PartRemoval.withoutEmptyGroups(graphic.withParts(parts), boxes));
    }

    /** What a part is that has left its group: what that is seen through, and needs, is its own from then on. */
    static Base left(Base base, Part group) {
        List<Mask> masks = group.masks().stream()
                .filter(mask -> !mask.by().equals(base.key()))
                .toList();
        return base.withNeeds(joined(base.needs(), group.base().needs())).withMasks(joined(base.masks(), masks));
    }

    private static <T> List<T> joined(List<T> first, List<T> second) {
        return Stream.concat(first.stream(), second.stream()).distinct().toList();
    }

    private static GroupPart leave(GroupPart group, List<String> keys) {
        List<String> stay =
                group.parts().stream().filter(key -> !keys.contains(key)).toList();
        if (stay.size() == group.parts().size()) return group;
        Base base = group.base();
        return new GroupPart(base.withSpans(span(base.x(), group, stay), span(base.y(), group, stay)), stay);
    }

    /** A group that stands around its parts does so around those that stay. */
    private static Span span(Span span, GroupPart group, List<String> stay) {
        boolean around =
                span.size() instanceof Size.Wraps wraps && wraps.parts().equals(group.parts());
        return around && !stay.isEmpty() ? new Span(((Size.Wraps) span.size()).of(stay), span.place()) : span;
    }

    /** A part and, of a group, all that is in it, also in groups within. */
    public static List<String> all(Graphic graphic, String key) {
        List<String> all = new ArrayList<>(List.of(key));
        if (graphic.part(key).orElse(null) instanceof GroupPart group) {
            for (String member : group.parts()) all.addAll(all(graphic, member));
        }
        return all;
    }
}
