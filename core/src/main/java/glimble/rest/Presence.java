package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import glimble.text.Blank;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * Which parts are there for some values. A text that is blank is absent; so is a part that needs a blank field, whose size
 * follows absent parts only, that rides on an absent ribbon, or that stacks or groups absent parts only; and so
 * is all of an absent group. What hung on an absent part takes that part's place.
 */
final class Presence {
    private final Map<String, Part> parts = new HashMap<>();
    private final Map<String, String> groups = new HashMap<>();
    private final Map<String, List<Part>> rowsOfStack = new HashMap<>();
    private final Set<String> absent = new HashSet<>();
    /** Places of parts that hang elsewhere, since what they hung on is absent. */
    private final Map<Axis, Map<String, Place>> closed = new EnumMap<>(Axis.class);

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
        closeUp(graphic);
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

    /** What a part stands by if it refers to another: of what rides it is the ribbon, unless it rides on the same one. */
    static Part seenBy(Part part, Part other, Function<String, Part> parts) {
        String ribbon = other.base().rides();
        return ribbon.isEmpty() || ribbon.equals(part.base().rides()) ? other : parts.apply(ribbon);
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
        if (part.isRiding() && isAbsent(part.base().rides())) return true;
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

    /** Where a part is once absent parts are taken out, as {@link ClosingUp} says. */
    Place place(Part part, Axis axis) {
        return closed.get(axis).getOrDefault(part.key(), part.span(axis).place());
    }

    /** The size that a room follows once absent parts are taken out; null if nothing is left that it could follow. */
    Size room(Size room) {
        if (room instanceof Size.Matches matches && isAbsent(matches.part())) {
            Size followed = room(parts.get(matches.part()).span(Axis.X).size());
            return followed == null ? null : scaled(followed, matches);
        }
        if (room instanceof Size.Wraps wraps && wraps.parts().stream().allMatch(this::isAbsent)) return null;
        return room instanceof Size.Own ? null : room;
    }

    /** {@code factor × size + plus}, as far as a size can say it. */
    private static Size scaled(Size size, Size.Matches by) {
        if (size instanceof Size.Fixed fixed) return new Size.Fixed(Math.max(0, fixed.px() * by.factor() + by.plus()));
        if (size instanceof Size.Share share) {
            return new Size.Share(share.factor() * by.factor(), share.of(), share.plus() * by.factor() + by.plus());
        }
        if (size instanceof Size.Matches matches) {
            return new Size.Matches(
                    matches.part(), matches.factor() * by.factor(), matches.plus() * by.factor() + by.plus());
        }
        return size;
    }

    private void closeUp(Graphic graphic) {
        for (Axis axis : Axis.values()) closed.put(axis, new HashMap<>());
        if (absent.isEmpty()) return;
        boolean needsMore = false;
        for (Part part : graphic.parts()) {
            for (Axis axis : Axis.values()) {
                Place place = closedUp(part, axis);
                if (place == part.span(axis).place()) continue;
                closed.get(axis).put(part.key(), place);
                needsMore |= Relations.needsSize(((Place.Hang) place).edge());
            }
        }
        if (needsMore && Relations.cycle(asClosed(graphic)).isPresent()) keepEdges();
    }

    private Place closedUp(Part part, Axis axis) {
        Place place = part.span(axis).place();
        // Places form no cycle, so this ends.
        while (place instanceof Place.Hang hang && !hang.stays() && !hang.onGround() && isAbsent(hang.on())) {
            place = ClosingUp.instead(part, hang, ClosingUp.placeOf(parts.get(hang.on()), axis, parts::get), axis);
        }
        return place;
    }

    private Graphic asClosed(Graphic graphic) {
        return graphic.withParts(graphic.parts().stream()
                .map(part -> part.withBase(part.base()
                        .withSpans(
                                new Span(part.span(Axis.X).size(), place(part, Axis.X)),
                                new Span(part.span(Axis.Y).size(), place(part, Axis.Y)))))
                .toList());
    }

    /** Where a size would follow itself because of the edge that was taken over, parts hang by the edge they have. */
    private void keepEdges() {
        closed.forEach((axis, places) -> places.replaceAll((key, place) -> {
            Place.Hang hang = (Place.Hang) place;
            Edge own = ((Place.Hang) parts.get(key).span(axis).place()).edge();
            return new Place.Hang(own, hang.on(), hang.at(), hang.plus(), hang.stays());
        }));
    }
}
