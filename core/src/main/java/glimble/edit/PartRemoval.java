package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Variant;
import glimble.motion.Members;
import glimble.rest.ClosingUp;
import glimble.rest.Rect;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A document without a part. What hung on it stays where it is seen, or closes up as if it were absent; what followed its size keeps the
 * size it has now; its moves go, and who waited for them waits for what they waited for. The parts of a group that is removed stay where
 * they are, and a group that is left without parts goes too.
 */
final class PartRemoval {
    private final Graphic graphic;
    private final Part gone;
    private final Map<String, Rect> boxes;
    private final boolean keeps;
    private final Map<String, Part> parts = new HashMap<>();

    private PartRemoval(Graphic graphic, String key, Map<String, Rect> boxes, boolean keeps) {
        this.graphic = graphic;
        this.boxes = boxes;
        this.keeps = keeps;
        gone = graphic.part(key).orElseThrow();
        for (Part part : graphic.parts()) parts.put(part.key(), part);
    }

    /**
     * @param boxes where parts rest now, by key; absent ones may be missing
     * @param keeps whether what hung on it stays where it is seen; what is absent now closes up
     */
    static Graphic of(Graphic graphic, String key, Map<String, Rect> boxes, boolean keeps) {
        return Settled.of(withoutEmptyGroups(new PartRemoval(graphic, key, boxes, keeps).removed(), boxes));
    }

    /** Without groups that have no parts, and what names them. */
    static Graphic withoutEmptyGroups(Graphic graphic, Map<String, Rect> boxes) {
        Graphic left = graphic;
        for (Part part : graphic.parts()) {
            boolean empty = left.part(part.key()).orElse(null) instanceof GroupPart group
                    && group.parts().isEmpty();
            if (empty) return withoutEmptyGroups(new PartRemoval(left, part.key(), boxes, false).removed(), boxes);
        }
        return left;
    }

    private Graphic removed() {
        List<Part> left = graphic.parts().stream()
                .filter(part -> part != gone)
                .map(this::without)
                .toList();
        Graphic moved = MoveReferences.without(graphic.withMoves(this::movesWithout), gone, boxes);
        Graphic freed = CaseReferences.withoutPart(moved, gone.key(), boxes.get(gone.key()));
        List<Variant> variants = freed.variants().stream().map(this::without).toList();
        Graphic removed = freed.withVariants(variants).withParts(left);
        CaseReferences.checkWidthsAreShown(removed, gone.key());
        return removed;
    }

    private Part without(Part part) {
        Base base = part.base();
        boolean grouped = gone instanceof GroupPart of && of.parts().contains(part.key());
        Base own = grouped ? GroupEdits.left(base, gone) : base;
        boolean rode = base.rides().equals(gone.key());
        Base freed = (rode ? own.withRides("") : own)
                .withSpans(without(base.x(), Axis.X, part), without(base.y(), Axis.Y, part))
                .withMasks(own.masks().stream()
                        .filter(mask -> !mask.by().equals(gone.key()))
                        .toList());
        Part placed =
                part instanceof GroupPart group ? new GroupPart(freed, without(group.parts())) : part.withBase(freed);
        return Rewrite.room(placed, this::room);
    }

    private Variant without(Variant variant) {
        return variant.withStands(variant.stands().stream()
                .filter(stand -> !stand.part().equals(gone.key()))
                .map(stand -> new Variant.Stand(
                        stand.part(), stand.axis(), without(stand.span(), stand.axis(), parts.get(stand.part()))))
                .toList());
    }

    private Span without(Span span, Axis axis, Part part) {
        Rect box = boxes.get(part.key());
        Size size = size(span.size(), box, axis);
        Place place = place(span.place(), part, box, axis);
        // What rode on it stays where it is seen.
        boolean rode = part.base().rides().equals(gone.key());
        if (rode && span.place() instanceof Place.Hang hang && hang.on().equals(gone.key()))
            return new Span(size, kept(box, axis));
        // With nothing left to stand around it keeps the place it has.
        return new Span(size, place instanceof Place.Around && !(size instanceof Size.Wraps) ? kept(box, axis) : place);
    }

    /** Without a part; the parts of a group that is gone take its place. */
    private List<String> without(List<String> keys) {
        List<String> members = gone instanceof GroupPart group ? group.parts() : List.of();
        return keys.stream()
                .flatMap(key -> key.equals(gone.key()) ? members.stream() : Stream.of(key))
                .distinct()
                .toList();
    }

    private static Place kept(Rect box, Axis axis) {
        return new Place.Hang(Edge.START, Place.FRAME, Edge.START, box == null ? 0 : box.start(axis));
    }

    private Size size(Size size, Rect box, Axis axis) {
        if (size instanceof Size.Matches matches && matches.part().equals(gone.key())) return fixed(box, axis);
        if (!(size instanceof Size.Wraps wraps) || !wraps.parts().contains(gone.key())) return size;
        List<String> left = without(wraps.parts());
        return left.isEmpty() ? fixed(box, axis) : wraps.of(left);
    }

    private static Size fixed(Rect box, Axis axis) {
        return new Size.Fixed(box == null ? 100 : box.extent(axis));
    }

    /** A room that followed the part keeps the px it has now. */
    private Size room(Size room) {
        Rect box = boxes.get(gone.key());
        double extent = box == null ? 100 : box.width();
        if (room instanceof Size.Matches matches && matches.part().equals(gone.key())) {
            return new Size.Fixed(Math.max(0, matches.factor() * extent + matches.plus()));
        }
        if (!(room instanceof Size.Wraps wraps) || !wraps.parts().contains(gone.key())) return room;
        List<String> left = without(wraps.parts());
        return left.isEmpty() ? new Size.Fixed(Math.max(0, extent + wraps.before() + wraps.after())) : wraps.of(left);
    }

    private Place place(Place place, Part part, Rect box, Axis axis) {
        if (place instanceof Place.Stacked in) return in.stack().equals(gone.key()) ? kept(box, axis) : place;
        if (!(place instanceof Place.Hang hang) || !hang.on().equals(gone.key())) return place;
        boolean group = gone instanceof GroupPart members && !members.parts().isEmpty();
        if (hang.stays() || group || (keeps && box != null)) return asItStands(hang, part, box, axis);
        return ClosingUp.instead(part, hang, ClosingUp.placeOf(gone, axis, parts::get), axis);
    }

    /** By the same edge on what the one that is gone hung on, so far from it that it stands where it stands now. */
    private Place asItStands(Place.Hang hang, Part part, Rect box, Axis axis) {
        boolean hung = gone.span(axis).place() instanceof Place.Hang;
        if (box == null || !hung) return kept(box, axis);
        Place.Hang next = (Place.Hang) gone.span(axis).place();
        // What wrapped only what is gone has no inner edges any more.
        Part on = parts.get(next.on());
        boolean inner = on != null
                && on.span(axis).size() instanceof Size.Wraps wraps
                && !without(wraps.parts()).isEmpty();
        if (!inner) next = next.onto(next.on(), outer(next.at()), 0);
        Double had = next.onGround() ? null : line(next, axis);
        Double own = line(box, hang.edge(), axis);
        boolean known =
                !next.onGround() && had != null && own != null && !next.on().equals(part.key());
        return known ? hang.onto(next.on(), next.at(), own - had) : kept(box, axis);
    }

    private static Edge outer(Edge edge) {
        return edge == Edge.INNER_START ? Edge.START : edge == Edge.INNER_END ? Edge.END : edge;
    }

    /** Where the edge is that something hangs on, px; null if that is not known. */
    private Double line(Place.Hang hang, Axis axis) {
        Rect box = boxes.get(hang.on());
        Part on = parts.get(hang.on());
        boolean inner = hang.at() == Edge.INNER_START || hang.at() == Edge.INNER_END;
        if (!inner || box == null || on == null) return line(box, hang.at(), axis);
        if (!(on.span(axis).size() instanceof Size.Wraps wraps)) return null;
        return hang.at() == Edge.INNER_START
                ? Double.valueOf(box.start(axis) + wraps.before())
                : Double.valueOf(box.end(axis) - wraps.after());
    }

    /** Where an edge of a box is, px; null if its box does not say. */
    private static Double line(Rect box, Edge edge, Axis axis) {
        if (box == null) return null;
        return switch (edge) {
            case START -> box.start(axis);
            case CENTRE -> (box.start(axis) + box.end(axis)) / 2;
            case END -> box.end(axis);
            case INNER_START, INNER_END, BASELINE -> null;
        };
    }

    private List<Move> movesWithout(List<Move> moves) {
        List<String> keys = moves.stream()
                .filter(move -> move.part().equals(gone.key()))
                .map(Move::key)
                .toList();
        return MoveEdits.without(moves, keys, new Members(graphic));
    }
}
