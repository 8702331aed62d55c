package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import glimble.text.Blank;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which parts are there for some values. A text that is blank is absent; so is a part that needs a blank field, whose size
 * follows absent parts only, or that stacks or groups absent parts only; and so
 * is all of an absent group. What hung on an absent part takes that part's place.
 */
final class Presence {
    private final Map<String, Part> parts = new HashMap<>();
    private final Map<String, String> groups = new HashMap<>();
    private final Map<String, List<Part>> rowsOfStack = new HashMap<>();
    private final Set<String> absent = new HashSet<>();

    Presence(Graphic graphic, Map<String, String> values) {
        for (Part part : graphic.parts()) {
            parts.put(part.key(), part);
            if (part instanceof StackPart stack) rowsOfStack.put(stack.key(), rows(graphic, stack));
            if (part instanceof GroupPart group) group.parts().forEach(member -> groups.put(member, group.key()));
            if (isBlank(part, values)) absent.add(part.key());
        }
        while (graphic.parts().stream().filter(this::losesItsHold).anyMatch(part -> absent.add(part.key()))) {
            // Each round may take away what others follow; there are at most as many rounds as parts.
        }
    }

    /** The parts that stand in a stack, present or not, in their order in the document. */
    static List<Part> rows(Graphic graphic, StackPart stack) {
        List<Part> rows = new ArrayList<>();
        for (Part part : graphic.parts()) {
            if (part.span(stack.along()).place() instanceof Place.Stacked in
                    && in.stack().equals(stack.key())) {
                rows.add(part);
            }
        }
        return rows;
    }

    private static boolean isBlank(Part part, Map<String, String> values) {
        boolean lacks = part.base().needs().stream().anyMatch(field -> Blank.isBlank(values.getOrDefault(field, "")));
        if (lacks) return true;
        if (part instanceof PicturePart picture) return Blank.isBlank(TextPattern.fill(picture.picture(), values));
        return part instanceof TextPart text && Blank.isBlank(TextPattern.fill(text.text(), values));
    }

    boolean isAbsent(String key) {
        return absent.contains(key);
    }

    Part part(String key) {
        return parts.get(key);
    }

    /** All rows of a stack, absent ones too. */
    List<Part> allRows(String stack) {
        return rowsOfStack.get(stack);
    }

    List<Part> presentRows(String stack) {
        return allRows(stack).stream().filter(row -> !isAbsent(row.key())).toList();
    }

    private boolean losesItsHold(Part part) {
        if (isAbsent(part.key())) return false;
        if (part instanceof StackPart stack && presentRows(stack.key()).isEmpty()) return true;
        if (part instanceof GroupPart group && group.parts().stream().allMatch(this::isAbsent)) return true;
        if (groups.containsKey(part.key()) && isAbsent(groups.get(part.key()))) return true;
        return losesItsSize(part.span(Axis.X).size())
                || losesItsSize(part.span(Axis.Y).size());
    }

    private boolean losesItsSize(Size size) {
        if (size instanceof Size.Wraps wraps) return wraps.parts().stream().allMatch(this::isAbsent);
        if (size instanceof Size.Matches matches) return isAbsent(matches.part());
        return false;
    }

    /**
     * What a part hangs on once absent parts are taken out. A distance between two different edges was a gap to the
     * absent part and goes with it; a distance between the same edges was an indent and stays.
     */
    Place place(Part part, Axis axis) {
        Place place = part.span(axis).place();
        // Places form no cycle, so this ends.
        while (place instanceof Place.Hang hang && !hang.stays() && !hang.onGround() && isAbsent(hang.on())) {
            Place gone = placeOf(hang.on(), axis);
            double kept = hang.edge().outer() == hang.at().outer() ? hang.plus() : 0;
            // An absent row has no place of its own: what hung on it is left at the beginning of the stack.
            Place.Hang target =
                    gone instanceof Place.Stacked in ? hang.onto(in.stack(), Edge.START, 0) : (Place.Hang) gone;
            place = hang.onto(target.on(), target.at(), target.plus() + kept);
        }
        return place;
    }

    /** Its place; of what stands around others, that of the first of them. */
    private Place placeOf(String key, Axis axis) {
        Part part = parts.get(key);
        while (part.span(axis).place() instanceof Place.Around
                && part.span(axis).size() instanceof Size.Wraps wraps) {
            part = parts.get(wraps.parts().get(0));
        }
        return part.span(axis).place();
    }
}
