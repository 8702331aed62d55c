package glimble.edit;

import glimble.graphic.Align;
import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.Start;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.motion.MoveOrder;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Edits of the parts of a document that touch more than the part itself. Each gives a new document in which every reference
 * still holds.
 */
public final class PartEdits {
    private static final Paint INK = new Paint.Colour("#1F1A2B");
    private static final Paint FOAM = new Paint.Colour("#F4F1EA");
    private static final Paint SEA_GLASS = new Paint.Colour("#7AD3C0");

    private PartEdits() {}

    /**
     * A new part in front of all others, in the middle of the picture.
     *
     * @param kind {@code text}, {@code box}, {@code line} or {@code stack}
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
            case "box" -> new BoxPart(base(key, new Size.Fixed(480), new Size.Fixed(120)), INK, 8, 0, Look.PLAIN);
            case "line" -> new LinePart(base(key, new Size.Fixed(480), new Size.Fixed(8)), SEA_GLASS);
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
    private static String free(Graphic graphic, String word) {
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
                            .map(mask -> mask.by().equals(key) ? new Mask(to, mask.inside()) : mask)
                            .toList());
            parts.add(part.key().equals(key) ? Rewrite.key(referring, to) : referring);
        }
        return graphic.withParts(parts)
                .withMoves(moves -> moves.stream()
                        .map(move -> move.part().equals(key) ? Rewrite.move(move, move.key(), to, move.start()) : move)
                        .toList());
    }

    private static Size renamed(Size size, String key, String to) {
        if (size instanceof Size.Matches matches && matches.part().equals(key)) {
            return new Size.Matches(to, matches.factor(), matches.plus());
        }
        if (size instanceof Size.Wraps wraps) {
            List<String> parts = wraps.parts().stream()
                    .map(part -> part.equals(key) ? to : part)
                    .toList();
            return new Size.Wraps(parts, wraps.take(), wraps.before(), wraps.after(), wraps.least(), wraps.most());
        }
        return size;
    }

    private static Place renamed(Place place, String key, String to) {
        if (place instanceof Place.Stacked in) return in.stack().equals(key) ? new Place.Stacked(to) : place;
        Place.Hang hang = (Place.Hang) place;
        return hang.on().equals(key) ? new Place.Hang(hang.edge(), to, hang.at(), hang.plus()) : hang;
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
            parts.add(without(part, gone, boxes));
        }
        return Settled.of(graphic.withParts(parts).withMoves(moves -> without(moves, key)));
    }

    private static Part without(Part part, Part gone, Map<String, Rect> boxes) {
        Base base = part.base();
        Base freed = new Base(
                base.key(),
                base.tag(),
                base.needs(),
                without(base.x(), Axis.X, part, gone, boxes),
                without(base.y(), Axis.Y, part, gone, boxes),
                base.masks().stream()
                        .filter(mask -> !mask.by().equals(gone.key()))
                        .toList());
        return Rewrite.relations(
                Rewrite.base(part, freed),
                size -> without(size, gone.key(), boxes.get(part.key()), Axis.X),
                place -> place,
                masks -> masks);
    }

    private static Span without(Span span, Axis axis, Part part, Part gone, Map<String, Rect> boxes) {
        Rect box = boxes.get(part.key());
        return new Span(without(span.size(), gone.key(), box, axis), without(span.place(), axis, gone, box));
    }

    private static Size without(Size size, String gone, Rect box, Axis axis) {
        Size kept = new Size.Fixed(box == null ? 100 : Math.rint(box.extent(axis)));
        if (size instanceof Size.Matches matches) return matches.part().equals(gone) ? kept : size;
        if (!(size instanceof Size.Wraps wraps)) return size;
        List<String> parts =
                wraps.parts().stream().filter(part -> !part.equals(gone)).toList();
        if (parts.isEmpty()) return kept;
        return new Size.Wraps(parts, wraps.take(), wraps.before(), wraps.after(), wraps.least(), wraps.most());
    }

    private static Place without(Place place, Axis axis, Part gone, Rect box) {
        double at = box == null ? 0 : Math.rint(box.start(axis));
        Place kept = new Place.Hang(Edge.START, Place.FRAME, Edge.START, at);
        if (place instanceof Place.Stacked in) return in.stack().equals(gone.key()) ? kept : place;
        Place.Hang hang = (Place.Hang) place;
        if (!hang.on().equals(gone.key())) return hang;
        // It may itself hang on a row of a stack, or on the part that is taken away.
        return gone.span(axis).place() instanceof Place.Hang next && !next.on().equals(gone.key())
                ? new Place.Hang(hang.edge(), next.on(), next.at(), next.plus())
                : kept;
    }

    private static List<Move> without(List<Move> moves, String part) {
        Map<String, Start> starts = MoveOrder.closedUp(moves, part::equals);
        return moves.stream()
                .filter(move -> starts.containsKey(move.key()))
                .map(move -> Rewrite.move(move, move.key(), move.part(), starts.get(move.key())))
                .toList();
    }

    /** A copy in front of the part, with copies of its moves; from then on the two have nothing to do with each other. */
    public static Graphic duplicate(Graphic graphic, String key) {
        String copy = free(graphic, key);
        List<Part> parts = new ArrayList<>();
        for (Part part : graphic.parts()) {
            parts.add(part);
            if (part.key().equals(key)) parts.add(Rewrite.key(part, copy));
        }
        return graphic.withParts(parts).withMoves(moves -> {
            List<Move> all = new ArrayList<>(moves);
            Set<String> taken = moves.stream().map(Move::key).collect(Collectors.toSet());
            for (Move move : moves) {
                if (!move.part().equals(key)) continue;
                String name = move.key() + " copy";
                for (int i = 2; !taken.add(name); i++) name = move.key() + " copy " + i;
                all.add(Rewrite.move(move, name, copy, move.start()));
            }
            return all;
        });
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
