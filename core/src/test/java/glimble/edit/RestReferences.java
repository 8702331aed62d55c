package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Fit;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import java.util.HashSet;
import java.util.Set;

/** Every part that the rest of a part follows, directly or through others. */
final class RestReferences {
    private final Graphic graphic;
    private final Set<String> found = new HashSet<>();

    private RestReferences(Graphic graphic) {
        this.graphic = graphic;
    }

    static Set<String> of(Graphic graphic, String key) {
        RestReferences references = new RestReferences(graphic);
        references.add(key);
        return references.found;
    }

    private void add(String key) {
        if (!found.add(key)) return;
        Part part = graphic.part(key).orElseThrow();
        for (Axis axis : Axis.values()) {
            size(part.span(axis).size());
            if (part.span(axis).place() instanceof Place.Hang hang && !hang.onGround()) add(hang.on());
            if (part.span(axis).place() instanceof Place.Stacked in) {
                add(in.stack());
                for (Part row : graphic.parts()) {
                    if (row.span(axis).place().equals(in)) add(row.key());
                }
            }
        }
        if (part instanceof GroupPart group) group.parts().forEach(this::add);
        graphic.groupOf(key).ifPresent(group -> add(group.key()));
        if (part instanceof StackPart) {
            for (Part row : graphic.parts()) {
                for (Axis axis : Axis.values()) {
                    if (row.span(axis).place().equals(new Place.Stacked(key))) add(row.key());
                }
            }
        }
        if (part instanceof TextPart text && text.fit().isPresent()) {
            size(text.fit().get().room());
            for (Part other : graphic.parts()) {
                boolean together = other instanceof TextPart linked
                        && linked.fit()
                                .map(Fit::together)
                                .filter(word -> !word.isEmpty())
                                .equals(text.fit().map(Fit::together));
                if (together) add(other.key());
            }
        }
    }

    private void size(Size size) {
        if (size instanceof Size.Matches matches) add(matches.part());
        if (size instanceof Size.Wraps wraps) wraps.parts().forEach(this::add);
    }
}
