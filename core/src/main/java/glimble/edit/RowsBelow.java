package glimble.edit;

import glimble.graphic.Align;
import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.number.Whole;
import glimble.rest.Rect;
import glimble.text.FreshName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Makes a part, most often a group, ready to be one of several rows: a row of a stack that begins where it stands, and absent when the
 * first field it shows is blank.
 */
final class RowsBelow {
    /** Of the height of a row. */
    private static final double GAP = 0.2;
    /** px of a part that is absent now. */
    private static final double UNKNOWN = 80;

    private final Graphic graphic;
    private final String key;
    private final List<String> all;
    private final Map<String, Rect> boxes;

    private RowsBelow(Graphic graphic, String key, Map<String, Rect> boxes) {
        this.graphic = graphic;
        this.key = key;
        this.boxes = boxes;
        all = GroupEdits.all(graphic, key);
    }

    /**
     * @param count rows there shall be
     * @param boxes where parts rest now, by key; absent ones may be missing
     * @throws EditRefused if it rides on a ribbon, or what is not copied wraps it
     */
    static Graphic of(Graphic graphic, String key, int count, Map<String, Rect> boxes) {
        RowsBelow rows = new RowsBelow(graphic, key, boxes);
        if (rows.parts().stream()
                .anyMatch(part -> part.span(Axis.X).place() instanceof Place.Stacked
                        || part.span(Axis.Y).place() instanceof Place.Stacked)) return graphic;
        Optional<Part> riding = rows.parts().stream().filter(Part::isRiding).findFirst();
        if (riding.isPresent())
            throw new EditRefused(riding.get().key()
                    + " rides on a ribbon, where nothing stands below it; let it ride on none first");
        return rows.needing(rows.stacked(count));
    }

    /** Why what stands in what it follows cannot be rows: a plate that wraps a text is copied with that, or neither is. */
    static String circle(Graphic graphic, String key) {
        List<String> all = GroupEdits.all(graphic, key);
        for (Part part : graphic.parts()) {
            if (!(part.span(Axis.Y).size() instanceof Size.Wraps wraps) || part instanceof GroupPart) continue;
            boolean inside = all.contains(part.key());
            Optional<String> across = wraps.parts().stream()
                    .filter(wrapped -> all.contains(wrapped) != inside)
                    .findFirst();
            if (across.isPresent())
                return part.key() + " wraps " + across.get()
                        + ", so they are copied together: choose both, group them, and make rows of the group";
        }
        return key + " would stand in rows that follow it; hang it on something else first";
    }

    private List<Part> parts() {
        return graphic.parts().stream().filter(part -> all.contains(part.key())).toList();
    }

    /** Those whose place is said by something that is no part of the row, from top to bottom. */
    private List<Part> roots() {
        return parts().stream()
                .filter(part -> part.span(Axis.Y).place() instanceof Place.Hang hang && !all.contains(hang.on()))
                .sorted(Comparator.comparingDouble(part -> top(part.key())))
                .toList();
    }

    private double top(String part) {
        return boxes.containsKey(part) ? boxes.get(part).y() : Double.POSITIVE_INFINITY;
    }

    private Graphic stacked(int count) {
        List<Part> roots = roots();
        if (roots.isEmpty()) return graphic;
        Part first = roots.get(0);
        Set<String> taken = graphic.parts().stream().map(Part::key).collect(Collectors.toCollection(HashSet::new));
        String stack = FreshName.take(taken, "rows");
        List<Part> made = new ArrayList<>();
        Part hindmost = parts().get(0);
        for (Part part : graphic.parts()) {
            if (part == hindmost) made.add(stack(stack, first, count));
            made.add(roots.contains(part) ? row(part, first, stack) : part);
        }
        return graphic.withParts(made);
    }

    private Part row(Part part, Part first, String stack) {
        Place place = part == first
                ? new Place.Stacked(stack)
                : new Place.Hang(Edge.START, first.key(), Edge.START, below(part, first));
        return part.withBase(part.base()
                .withSpans(part.span(Axis.X), new Span(part.span(Axis.Y).size(), place)));
    }

    private double below(Part part, Part first) {
        boolean known = boxes.containsKey(part.key()) && boxes.containsKey(first.key());
        return known ? boxes.get(part.key()).y() - boxes.get(first.key()).y() : 0;
    }

    /** Where the row stands; further up only if there is no room for all of them below. */
    private Part stack(String name, Part first, int count) {
        Rect row = all.stream()
                .filter(boxes::containsKey)
                .map(boxes::get)
                .reduce(Rect::around)
                .orElse(new Rect(0, 0, UNKNOWN, UNKNOWN));
        Rect box = boxes.getOrDefault(first.key(), row);
        // Spaced is what says where the row stands; a plate around it reaches further.
        double beyond = Math.max(0, row.height() - box.height());
        double air = Math.max(1, Whole.nearest(row.height() * GAP));
        double gap = beyond + air;
        double height = count * box.height() + (count - 1) * gap;
        Place.Hang hang = (Place.Hang) first.span(Axis.Y).place();
        boolean asIs =
                hang.edge() == Edge.START || box.y() + height > graphic.frame().height();
        Place down = asIs ? hang : new Place.Hang(Edge.START, Place.FRAME, Edge.START, box.y());
        Base base = new Base(
                name,
                "",
                List.of(),
                new Span(new Size.Fixed(box.width()), new Place.Hang(Edge.START, Place.FRAME, Edge.START, box.x())),
                new Span(new Size.Fixed(height), down),
                List.of());
        return new StackPart(base, Axis.Y, Align.START, beyond + Math.min(air, 4), gap, gap);
    }

    /** What asks for no field by itself asks for the first one it shows. */
    private Graphic needing(Graphic stacked) {
        Set<String> shown = new HashSet<>();
        for (Part part : parts()) shown.addAll(FieldCopies.fields(part));
        Optional<String> first = graphic.fields().stream()
                .map(Field::key)
                .filter(shown::contains)
                .findFirst();
        boolean asks = parts().stream().anyMatch(part -> !part.base().needs().isEmpty());
        if (first.isEmpty() || asks) return stacked;
        return stacked.withParts(stacked.parts().stream()
                .map(part -> part.key().equals(key) ? part.withBase(part.base().withNeeds(List.of(first.get()))) : part)
                .toList());
    }
}
