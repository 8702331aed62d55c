package glimble.edit;

import glimble.graphic.Align;
import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Corners;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Move;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.ScrimPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.Start;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Toward;
import glimble.motion.Members;
import glimble.motion.MoveOrder;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Edits of the parts of a document that touch more than the part itself. Each gives a new document in which every reference
 * still holds.
 */
public final class PartEdits {
    private static final Paint INK = new Paint.Colour("#1F1A2B");
    private static final Paint FOAM = new Paint.Colour("#F4F1EA");
    /** What a new picture is called until one is chosen. */
    static final String NO_PICTURE = "none yet";

    private static final Paint SEA_GLASS = new Paint.Colour("#7AD3C0");

    private PartEdits() {}

    /**
     * A new part in front of all others, in the middle of the picture.
     *
     * @param kind {@code text}, {@code box}, {@code line}, {@code picture}, {@code scrim} or {@code stack}
     * @param font id of the font of a new text
     * @throws IllegalArgumentException if there is no such kind
     */
    public static Graphic add(Graphic graphic, String kind, String font) {
        String key = free(graphic, kind);
        Part part = switch (kind) {
            case "text" ->
                new TextPart(
                        base(key, new Size.Own(), new Size.Own()),
                        "New text",
                        new TextStyle(font, 64, 0, FOAM),
                        TextLayout.USUAL,
                        Optional.empty(),
                        Look.PLAIN);
            case "box" ->
                new BoxPart(base(key, new Size.Fixed(480), new Size.Fixed(120)), INK, Corners.all(8), 0, Look.PLAIN);
            case "line" ->
                new LinePart(base(key, new Size.Fixed(480), new Size.Fixed(8)), SEA_GLASS, false, Look.PLAIN);
            case "picture" ->
                new PicturePart(
                        base(key, new Size.Fixed(160), new Size.Fixed(160)),
                        NO_PICTURE,
                        false,
                        Corners.SHARP,
                        Look.PLAIN);
            case "scrim" ->
                new ScrimPart(
                        base(key, new Size.Share(1, Place.FRAME, 0), new Size.Share(0.4, Place.FRAME, 0)),
                        "#000000",
                        0.6,
                        Optional.of(Toward.DOWN));
            case "stack" ->
                new StackPart(base(key, new Size.Fixed(800), new Size.Fixed(500)), Axis.Y, Align.START, 4, 16, 16);
            default -> throw new IllegalArgumentException("there is no part of the kind " + kind);
        };
        List<Part> parts = new ArrayList<>(graphic.parts());
        parts.add(part);
        return graphic.withParts(parts);
    }

    private static Base base(String key, Size width, Size height) {
        Place middle = new Place.Hang(Edge.CENTRE, Place.FRAME, Edge.CENTRE, 0);
        return new Base(key, "", List.of(), new Span(width, middle), new Span(height, middle), List.of());
    }

    /** {@code word}, or the first of {@code word 2}, {@code word 3} … that no part has. */
    static String free(Graphic graphic, String word) {
        Set<String> taken = graphic.parts().stream().map(Part::key).collect(Collectors.toSet());
        String key = word;
        for (int i = 2; taken.contains(key); i++) key = word + " " + i;
        return key;
    }

    /** The part under another name, in everything that refers to it. */
    public static Graphic rename(Graphic graphic, String key, String to) {
        List<Part> parts = new ArrayList<>();
        for (Part part : graphic.parts()) {
            Part referring = Rewrite.relations(
                    part,
                    size -> renamed(size, key, to),
                    place -> renamed(place, key, to),
                    masks -> masks.stream()
                            .map(mask -> mask.by().equals(key) ? mask.by(to) : mask)
                            .toList());
            Part renamed = referring instanceof GroupPart group
                    ? new GroupPart(group.base(), renamed(group.parts(), key, to))
                    : referring;
            parts.add(part.key().equals(key) ? Rewrite.key(renamed, to) : renamed);
        }
        Graphic moved = MoveReferences.renamed(graphic.withParts(parts), part -> part.equals(key) ? to : part);
        return CaseReferences.renamed(
                moved,
                part -> part.equals(key) ? to : part,
                size -> renamed(size, key, to),
                place -> renamed(place, key, to));
    }

    private static Size renamed(Size size, String key, String to) {
        if (size instanceof Size.Matches matches && matches.part().equals(key)) {
            return new Size.Matches(to, matches.factor(), matches.plus());
        }
        if (size instanceof Size.Wraps wraps) {
            List<String> parts = renamed(wraps.parts(), key, to);
            return wraps.of(parts);
        }
        return size;
    }

    private static List<String> renamed(List<String> parts, String key, String to) {
        return parts.stream().map(part -> part.equals(key) ? to : part).toList();
    }

    private static Place renamed(Place place, String key, String to) {
        if (place instanceof Place.Stacked in) return in.stack().equals(key) ? new Place.Stacked(to) : place;
        if (!(place instanceof Place.Hang hang)) return place;
        return hang.on().equals(key) ? hang.onto(to, hang.at(), hang.plus()) : hang;
    }

    /**
     * The document without a part. What hung on it hangs on what it hung on; what followed its size keeps the size it has now;
     * its moves go, and who waited for them takes their place. With every relation kept, nothing else moves more than it must.
     *
     * @param boxes where parts rest now, by key; absent ones may be missing
     */
    public static Graphic remove(Graphic graphic, String key, Map<String, Rect> boxes) {
        Part gone = graphic.part(key).orElseThrow();
        List<Part> parts = new ArrayList<>();
        for (Part part : graphic.parts()) {
            if (part.key().equals(key)) continue;
            Part freed = without(part, gone, boxes);
            if (freed instanceof GroupPart group && group.parts().isEmpty()) continue;
            parts.add(freed);
        }
        Graphic freed = graphic.withParts(parts).withMoves(moves -> without(moves, key));
        return Settled.of(CaseReferences.withoutPart(MoveReferences.without(freed, key, boxes.get(key)), key));
    }

    private static Part without(Part part, Part gone, Map<String, Rect> boxes) {
        Base base = part.base();
        Base freed = base.withSpans(
                        without(base.x(), Axis.X, part, gone, boxes), without(base.y(), Axis.Y, part, gone, boxes))
                .withMasks(base.masks().stream()
                        .filter(mask -> !mask.by().equals(gone.key()))
                        .toList());
        Part placed = part instanceof GroupPart group
                ? new GroupPart(freed, without(group.parts(), gone))
                : part.withBase(freed);
        return Rewrite.relations(
                placed, size -> without(size, gone, boxes.get(part.key()), Axis.X), place -> place, masks -> masks);
    }

    private static Span without(Span span, Axis axis, Part part, Part gone, Map<String, Rect> boxes) {
        Rect box = boxes.get(part.key());
        Size size = without(span.size(), gone, box, axis);
        Place place = without(span.place(), axis, gone, box);
        // With nothing left to stand around it keeps the place it has.
        return new Span(size, place instanceof Place.Around && !(size instanceof Size.Wraps) ? kept(box, axis) : place);
    }

    /** Without a part; the parts of a group that is gone take its place. */
    private static List<String> without(List<String> keys, Part gone) {
        List<String> members = gone instanceof GroupPart group ? group.parts() : List.of();
        return keys.stream()
                .flatMap(key -> key.equals(gone.key()) ? members.stream() : Stream.of(key))
                .distinct()
                .toList();
    }

    private static Place kept(Rect box, Axis axis) {
        return new Place.Hang(Edge.START, Place.FRAME, Edge.START, box == null ? 0 : Math.rint(box.start(axis)));
    }

    private static Size without(Size size, Part gone, Rect box, Axis axis) {
        Size kept = new Size.Fixed(box == null ? 100 : Math.rint(box.extent(axis)));
        if (size instanceof Size.Matches matches) return matches.part().equals(gone.key()) ? kept : size;
        if (!(size instanceof Size.Wraps wraps)) return size;
        List<String> parts = without(wraps.parts(), gone);
        if (parts.isEmpty()) return kept;
        return wraps.of(parts);
    }

    private static Place without(Place place, Axis axis, Part gone, Rect box) {
        Place kept = kept(box, axis);
        if (place instanceof Place.Stacked in) return in.stack().equals(gone.key()) ? kept : place;
        if (!(place instanceof Place.Hang hang) || !hang.on().equals(gone.key())) return place;
        // It may itself hang on a row of a stack, or on the part that is taken away.
        return gone.span(axis).place() instanceof Place.Hang next && !next.on().equals(gone.key())
                ? hang.onto(next.on(), next.at(), next.plus())
                : kept;
    }

    private static List<Move> without(List<Move> moves, String part) {
        Members alone = new Members(List.of());
        Map<String, Start> starts = MoveOrder.closedUp(moves, alone, part::equals);
        return moves.stream()
                .filter(move -> starts.containsKey(move.key()))
                .map(move -> Rewrite.move(move, move.key(), move.part(), starts.get(move.key())))
                .toList();
    }

    /**
     * A copy in front of the part, with copies of its moves; from then on the two have nothing to do with each other. A group is
     * copied with all its parts, and these refer to each other as theirs do.
     */
    public static Graphic duplicate(Graphic graphic, String key) {
        List<String> copied = GroupEdits.all(graphic, key);
        Map<String, String> names = new LinkedHashMap<>();
        Set<String> taken = graphic.parts().stream().map(Part::key).collect(Collectors.toCollection(HashSet::new));
        for (String original : copied) names.put(original, freshName(taken, original));
        List<Part> parts = new ArrayList<>(graphic.parts());
        List<Part> copies = new ArrayList<>();
        int front = 0;
        for (Part part : graphic.parts()) {
            if (!names.containsKey(part.key())) continue;
            front = parts.indexOf(part) + 1;
            copies.add(copy(part, names));
        }
        parts.addAll(front, copies);
        return graphic.withParts(parts).withMoves(moves -> withCopies(moves, names));
    }

    private static Part copy(Part part, Map<String, String> names) {
        Part copy = Rewrite.key(part, names.get(part.key()));
        // A part refers to those that are copied with it by their new names.
        for (Map.Entry<String, String> name : names.entrySet()) {
            copy = Rewrite.relations(
                    copy,
                    size -> renamed(size, name.getKey(), name.getValue()),
                    place -> renamed(place, name.getKey(), name.getValue()),
                    masks -> masks.stream()
                            .map(mask -> mask.by().equals(name.getKey()) ? mask.by(name.getValue()) : mask)
                            .toList());
            if (copy instanceof GroupPart group) {
                copy = new GroupPart(group.base(), renamed(group.parts(), name.getKey(), name.getValue()));
            }
        }
        return copy;
    }

    private static String freshName(Set<String> taken, String word) {
        String name = word;
        for (int i = 2; !taken.add(name); i++) name = word + " " + i;
        return name;
    }

    private static List<Move> withCopies(List<Move> moves, Map<String, String> names) {
        List<Move> all = new ArrayList<>(moves);
        Set<String> taken = moves.stream().map(Move::key).collect(Collectors.toCollection(HashSet::new));
        for (Move move : moves) {
            if (!names.containsKey(move.part())) continue;
            all.add(Rewrite.move(move, freshName(taken, move.key() + " copy"), names.get(move.part()), move.start()));
        }
        return all;
    }

    /**
     * The part moved in the stacking order.
     *
     * @param steps how many parts further to the front; negative to the back. Beyond the end it stays there
     */
    public static Graphic reorder(Graphic graphic, String key, int steps) {
        List<Part> parts = new ArrayList<>(graphic.parts());
        Part moved = graphic.part(key).orElseThrow();
        int from = parts.indexOf(moved);
        parts.remove(from);
        parts.add(Math.max(0, Math.min(parts.size(), from + steps)), moved);
        return graphic.withParts(parts);
    }
}
