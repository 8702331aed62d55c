package glimble.edit;

import glimble.graphic.Align;
import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.Bend;
import glimble.graphic.BoxPart;
import glimble.graphic.Corners;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.RibbonForm;
import glimble.graphic.RibbonPart;
import glimble.graphic.ScrimPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.TextLayout;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Toward;
import glimble.rest.Rect;
import glimble.rest.Relations;
import glimble.text.FreshName;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

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

    private static final Paint KELP = new Paint.Colour("#2F5D50");
    /** One wave towards the eye and back, a little from the side, so that its light is seen at once. */
    private static final RibbonForm WAVING = new RibbonForm(
            List.of(),
            List.of(new Bend(26, 1, 1)),
            RibbonForm.STRAIGHT.holds(),
            0,
            RibbonForm.Taper.NONE,
            new RibbonForm.Tilt(-3, 12, 14),
            RibbonForm.USUAL_LEAST);

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
                        newText(graphic),
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
                        newPicture(graphic),
                        false,
                        Corners.SHARP,
                        Look.PLAIN);
            case "scrim" ->
                new ScrimPart(
                        base(key, new Size.Share(1, Place.FRAME, 0), new Size.Share(0.4, Place.FRAME, 0)),
                        "#000000",
                        0.6,
                        Optional.of(Toward.DOWN));
            case "ribbon" ->
                new RibbonPart(base(key, new Size.Fixed(900), new Size.Fixed(160)), KELP, "", WAVING, 0.4, Look.PLAIN);
            case "stack" ->
                new StackPart(base(key, new Size.Fixed(800), new Size.Fixed(500)), Axis.Y, Align.START, 4, 16, 16);
            default -> throw new IllegalArgumentException("there is no part of the kind " + kind);
        };
        List<Part> parts = new ArrayList<>(graphic.parts());
        parts.add(part);
        return graphic.withParts(parts);
    }

    /** The first field that no text shows yet, or words. */
    private static String newText(Graphic graphic) {
        return unshown(graphic, Field::isText).orElse("New text");
    }

    /** The first field for a picture that no part shows yet, or none. */
    private static String newPicture(Graphic graphic) {
        return unshown(graphic, field -> field.kind() == Field.Kind.PICTURE).orElse(NO_PICTURE);
    }

    private static Optional<String> unshown(Graphic graphic, Predicate<Field> of) {
        Set<String> shown = new HashSet<>();
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text) shown.addAll(TextPattern.fields(text.text()));
            if (part instanceof PicturePart picture) shown.addAll(TextPattern.fields(picture.picture()));
        }
        return graphic.fields().stream()
                .filter(of)
                .map(Field::key)
                .filter(key -> !shown.contains(key))
                .findFirst()
                .map(key -> "{" + key + "}");
    }

    /**
     * The same, and it takes up what is chosen: a box wraps it and stands behind it, a line goes under it, a stack arranges it, and a
     * text goes below the last text.
     *
     * @param chosen keys of parts
     * @param boxes where parts rest now, by key; absent ones may be missing
     */
    public static Graphic add(Graphic graphic, String kind, String font, List<String> chosen, Map<String, Rect> boxes) {
        Graphic added = add(graphic, kind, font);
        return TakingUp.of(added, added.parts().get(added.parts().size() - 1).key(), chosen, boxes);
    }

    private static Base base(String key, Size width, Size height) {
        Place middle = new Place.Hang(Edge.CENTRE, Place.FRAME, Edge.CENTRE, 0);
        return new Base(key, "", List.of(), new Span(width, middle), new Span(height, middle), List.of());
    }

    /** {@code word}, or the first of {@code word 2}, {@code word 3} … that no part has. */
    static String free(Graphic graphic, String word) {
        Set<String> taken = graphic.parts().stream().map(Part::key).collect(Collectors.toCollection(HashSet::new));
        return FreshName.take(taken, word);
    }

    /** The part under another name, in everything that refers to it. */
    public static Graphic rename(Graphic graphic, String key, String to) {
        UnaryOperator<String> name = part -> part.equals(key) ? to : part;
        List<Part> parts = graphic.parts().stream()
                .map(part -> Rewrite.key(Renaming.references(part, name), name.apply(part.key())))
                .toList();
        return CaseReferences.renamed(MoveReferences.renamed(graphic.withParts(parts), name), name)
                .withPlaces(DialPlaces.ofPart(key, to));
    }

    /**
     * The document without some parts, and all that is in those that are groups; what referred to them goes on as {@link PartRemoval} says.
     *
     * @param boxes where parts rest now, by key; absent ones may be missing
     * @param keeps whether what hung on them stays where it is seen; otherwise it closes up
     * @throws EditRefused if a case measures one of them that is absent now
     */
    public static Graphic remove(Graphic graphic, List<String> keys, Map<String, Rect> boxes, boolean keeps) {
        Set<String> all = new LinkedHashSet<>();
        for (String key : keys) all.addAll(GroupEdits.all(graphic, key));
        List<String> innermost = new ArrayList<>(all);
        Collections.reverse(innermost);
        Graphic left = graphic;
        for (String key : innermost) {
            // A group without parts has gone with the last of them.
            if (left.part(key).isPresent()) left = PartRemoval.of(left, key, boxes, keeps);
        }
        return left;
    }

    /** Without a group, whose parts stay. */
    public static Graphic ungroup(Graphic graphic, String key, Map<String, Rect> boxes) {
        return PartRemoval.of(graphic, key, boxes, false);
    }

    /**
     * A copy in front of the part, with copies of its moves; from then on the two have nothing to do with each other. A group is
     * copied with all its parts, and these refer to each other as theirs do.
     */
    public static Graphic duplicate(Graphic graphic, String key) {
        return PartDuplication.of(graphic, key);
    }

    /**
     * A part, most often a group, as several rows below each other: copies of it with fields of their own ({@code name 2} after {@code name
     * 1}), one after the other. What is in no stack yet comes into a new one, and is absent from then on when its first field is blank.
     *
     * @param count rows there are then, with the original; 2 or more
     * @param by frames from one to the next in the in; 0 for none
     * @param boxes where parts rest now, by key; absent ones may be missing
     * @throws EditRefused if it rides on a ribbon
     */
    public static Graphic rows(Graphic graphic, String key, int count, int by, Map<String, Rect> boxes) {
        Graphic rows = PartDuplication.rows(RowsBelow.of(graphic, key, count, boxes), key, count, by);
        if (Relations.cycle(rows).isPresent()) throw new EditRefused(RowsBelow.circle(graphic, key));
        return rows;
    }

    /**
     * The part moved in the stacking order, a group with all that is in it; past another group it goes as a whole.
     *
     * @param steps past how many neighbours to the front; negative to the back. Beyond the end it stays there
     */
    public static Graphic reorder(Graphic graphic, String key, int steps) {
        return Stacking.moved(graphic, key, steps);
    }

    /**
     * The part moved in the stacking order, a group with all that is in it, to where another part or the group around that stands.
     *
     * @param other next to which it goes; nothing changes if that is in what is moved
     * @param inFront whether in front of that, or behind it
     */
    public static Graphic place(Graphic graphic, String key, String other, boolean inFront) {
        return Stacking.placed(graphic, key, other, inFront);
    }
}
