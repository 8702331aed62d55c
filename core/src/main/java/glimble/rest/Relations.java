package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * The relations of a graphic as a graph: which unknown follows which. Tells whether they can be solved, whatever values
 * are filled in: absent parts only shorten the ways through it.
 */
public final class Relations {

    /** One number to be solved: the size or the place of a part along an axis. */
    private record Unknown(String part, Axis axis, boolean size) {
        @Override
        public String toString() {
            return part + " · " + (size ? (axis == Axis.X ? "width" : "height") : (axis == Axis.X ? "x" : "y"));
        }
    }

    private final Map<String, Part> parts = new HashMap<>();
    private final Map<String, List<Part>> rows = new HashMap<>();
    private final Map<String, List<TextPart>> squeezedTogether;

    private Relations(Graphic graphic) {
        squeezedTogether = Squeeze.groups(graphic);
        for (Part part : graphic.parts()) {
            parts.put(part.key(), part);
            if (part instanceof StackPart stack) rows.put(stack.key(), Presence.rows(graphic, stack));
        }
    }

    /**
     * The first circle of unknowns that follow each other, in words, each followed by what it follows; empty if all can be
     * solved. References must hold.
     */
    public static Optional<String> cycle(Graphic graphic) {
        Relations relations = new Relations(graphic);
        Set<Unknown> solved = new HashSet<>();
        for (Part part : graphic.parts()) {
            for (Axis axis : Axis.values()) {
                for (boolean size : new boolean[] {true, false}) {
                    Optional<String> cycle =
                            relations.cycle(new Unknown(part.key(), axis, size), new LinkedHashSet<>(), solved);
                    if (cycle.isPresent()) return cycle;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<String> cycle(Unknown unknown, LinkedHashSet<Unknown> path, Set<Unknown> solved) {
        if (solved.contains(unknown)) return Optional.empty();
        if (!path.add(unknown)) return Optional.of(words(path, unknown));
        for (Unknown followed : follows(unknown)) {
            Optional<String> cycle = cycle(followed, path, solved);
            if (cycle.isPresent()) return cycle;
        }
        path.remove(unknown);
        solved.add(unknown);
        return Optional.empty();
    }

    private static String words(Set<Unknown> path, Unknown again) {
        List<String> circle = new ArrayList<>();
        boolean inside = false;
        for (Unknown unknown : path) {
            inside |= unknown.equals(again);
            if (inside) circle.add(unknown.toString());
        }
        circle.add(again.toString());
        return String.join(" follows ", circle);
    }

    private Set<Unknown> follows(Unknown unknown) {
        Set<Unknown> followed = new LinkedHashSet<>();
        Part part = parts.get(unknown.part());
        Axis axis = unknown.axis();
        if (unknown.size()) addSize(part, axis, part.span(axis).size(), followed);
        else addPlace(part, axis, followed);
        return followed;
    }

    private void addPlace(Part part, Axis axis, Set<Unknown> followed) {
        if (part.span(axis).place() instanceof Place.Around) {
            // It has a union to stand around: the reader sees to that.
            for (String key : ((Size.Wraps) part.span(axis).size()).parts()) {
                followed.add(new Unknown(seenBy(part, key).key(), axis, false));
            }
            return;
        }
        if (part.span(axis).place() instanceof Place.Hang hang) {
            if (needsSize(hang.edge())) addExtent(part, part, axis, followed);
            if (!hang.onGround()) {
                Part on = seenBy(part, hang.on());
                // What rides is placed from the start of its ribbon, wherever that is.
                if (!on.key().equals(part.base().rides())) followed.add(new Unknown(on.key(), axis, false));
                if (needsSize(hang.at())) addExtent(part, on, axis, followed);
            }
            return;
        }
        String stack = ((Place.Stacked) part.span(axis).place()).stack();
        followed.add(new Unknown(stack, axis, false));
        followed.add(new Unknown(stack, axis, true));
        for (Part row : rows.get(stack)) followed.add(new Unknown(row.key(), axis, true));
    }

    private Part seenBy(Part part, String other) {
        return Presence.seenBy(part, parts.get(other), parts::get);
    }

    /** How large another part is for one: of a ribbon what is seen of it, which follows both its length and its breadth, unless it rides on it. */
    private static void addExtent(Part part, Part other, Axis axis, Set<Unknown> followed) {
        boolean seen =
                other instanceof RibbonPart && !other.key().equals(part.base().rides());
        for (Axis any : Axis.values()) {
            if (seen || any == axis) followed.add(new Unknown(other.key(), any, true));
        }
    }

    private void addSize(Part part, Axis axis, Size size, Set<Unknown> followed) {
        if (part instanceof TextPart text && text.fit().isPresent() && size instanceof Size.Own) {
            addRooms(text, followed);
        }
        if (size instanceof Size.Matches matches) addExtent(part, parts.get(matches.part()), axis, followed);
        if (size instanceof Size.Wraps wraps) {
            boolean union = wraps.take() == Size.Take.UNION;
            for (String key : wraps.parts())
                addExtent(part, union ? seenBy(part, key) : parts.get(key), axis, followed);
            if (wraps.take() == Size.Take.UNION) addUnion(part, wraps, axis, followed);
        }
    }

    /** Both sizes of a text that is squeezed or broken follow its room, and those of all it is squeezed with. */
    private void addRooms(TextPart text, Set<Unknown> followed) {
        for (TextPart member : squeezedTogether.get(text.key())) {
            addSize(member, Axis.X, member.fit().orElseThrow().room(), followed);
        }
    }

    private void addUnion(Part wrapper, Size.Wraps wraps, Axis axis, Set<Unknown> followed) {
        List<Part> wrapped =
                wraps.parts().stream().map(key -> seenBy(wrapper, key)).toList();
        Edge shared = sharedEdge(wrapper.key(), wrapped, part -> part.span(axis).place(), key -> seenBy(wrapper, key));
        for (Part start : wrapped) {
            if (shared == null) {
                followed.add(new Unknown(start.key(), axis, false));
                continue;
            }
            for (Part part = start;
                    part != wrapper;
                    part = seenBy(wrapper, ((Place.Hang) part.span(axis).place()).on())) {
                // All of them hang: only so do they share an edge.
                Place.Hang place = (Place.Hang) part.span(axis).place();
                if (needsSize(place.edge())) addExtent(part, part, axis, followed);
                boolean between = !place.on().equals(wrapper.key());
                if (between && needsSize(place.at())) addExtent(part, seenBy(wrapper, place.on()), axis, followed);
            }
        }
    }

    static boolean needsSize(Edge edge) {
        return edge == Edge.CENTRE || edge == Edge.END || edge == Edge.INNER_END || edge == Edge.BASELINE;
    }

    /**
     * The edge of {@code wrapper} on which all these parts hang, directly or through others; null if they do not all hang on
     * one and the same edge of it.
     */
    static Edge sharedEdge(
            String wrapper, List<Part> wrapped, Function<Part, Place> placeOf, Function<String, Part> partOf) {
        Edge shared = null;
        for (Part start : wrapped) {
            Edge edge = null;
            Set<String> seen = new HashSet<>();
            for (Part part = start; part != null && seen.add(part.key()); ) {
                Place.Hang hang = placeOf.apply(part) instanceof Place.Hang found ? found : null;
                if (hang != null && hang.on().equals(wrapper)) edge = hang.at();
                part = hang == null || hang.onGround() || edge != null ? null : partOf.apply(hang.on());
            }
            if (edge == null || (shared != null && shared != edge)) return null;
            shared = edge;
        }
        return shared;
    }
}
