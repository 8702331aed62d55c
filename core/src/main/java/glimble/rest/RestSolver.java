package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.BoxPart;
import glimble.graphic.Edge;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import glimble.spoken.ShownValues;
import glimble.text.Blank;
import glimble.text.TextPattern;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Solves the rest picture: the size and place of every part for given values.
 *
 * <p>Unknowns are (part, axis, size) and (part, axis, place). A size is given, measured in the text, or follows sizes (and,
 * for a union, the places of the wrapped parts relative to each other). A place follows one edge of another part or of
 * the frame. {@link Relations} has made sure that no unknown follows itself, so each is solved when first asked for, and
 * once. Values are exact in double precision, but that a house may want the edges of all but letters on whole px
 * ({@link WholePixels}).
 */
public final class RestSolver {
    /** px; what sums of doubles may be off by. */
    private static final double ROUNDING = 1e-6;

    /** How the name of a width ends that is what its letters measure, squeezed. */
    public static final String SQUEEZED = ", squeezed";

    private static final int LETTERS_NAMED = 8;

    private final Frame frame;
    private final boolean mirrored;
    private final Presence presence;
    private final Pictures pictures;
    private final Map<String, Double> revealed;
    private final Map<String, String> values;
    private final WholePixels whole;
    private final Least least;
    private final TextSetting texts;
    private final Map<Axis, Map<String, Reckoning>> sizes = perAxis();
    private final Map<Axis, Map<String, Reckoning>> places = perAxis();
    private final Map<String, StackSpacing> spacings = new HashMap<>();
    private final List<Note> notes = new ArrayList<>();
    private final RibbonRests ribbons;

    private RestSolver(
            Graphic graphic,
            Map<String, String> filled,
            Typesetter typesetter,
            Pictures pictures,
            Map<String, Double> revealed,
            WholePixels whole,
            Least least) {
        this.least = least;
        this.revealed = revealed;
        this.whole = whole;
        this.pictures = pictures;
        values = ShownValues.of(graphic, filled);
        frame = graphic.frame();
        mirrored = graphic.mirror()
                .map(mirror ->
                        Blank.stripped(values.getOrDefault(mirror.field(), "")).equals(mirror.when()))
                .orElse(false);
        presence = new Presence(graphic, values);
        texts = new TextSetting(graphic, values, mirrored, typesetter, presence, this::room);
        ribbons = new RibbonRests(frame, mirrored, this::size);
    }

    /** For the same graphic and values, with other widths that are revealed: which parts there are and what texts say is the same. */
    private RestSolver(RestSolver other, Map<String, Double> revealed) {
        this.revealed = revealed;
        least = other.least;
        whole = other.whole;
        pictures = other.pictures;
        values = other.values;
        frame = other.frame;
        mirrored = other.mirrored;
        presence = other.presence;
        texts = other.texts.again(this::room);
        ribbons = new RibbonRests(frame, mirrored, this::size);
    }

    private static Map<Axis, Map<String, Reckoning>> perAxis() {
        Map<Axis, Map<String, Reckoning>> perAxis = new EnumMap<>(Axis.class);
        for (Axis axis : Axis.values()) perAxis.put(axis, new HashMap<>());
        return perAxis;
    }

    /**
     * @param graphic as {@code GraphicReader} gives it: its references hold and its relations are free of cycles
     * @param values text by field key; a missing one is blank
     */
    public static Rest solve(Graphic graphic, Map<String, String> values, Typesetter typesetter, Pictures pictures) {
        return solved(
                graphic,
                new RestSolver(
                        graphic, values, typesetter, pictures, Map.of(), WholePixels.of(graphic.frame()), Least.NONE));
    }

    /**
     * The same while texts are being revealed: sizes that follow that take these widths for theirs. Nothing stands on whole px, so that
     * what follows goes evenly.
     *
     * @return what solves it, for px by part
     */
    public static Function<Map<String, Double>, Rest> revealing(
            Graphic graphic, Map<String, String> values, Typesetter typesetter, Pictures pictures) {
        RestSolver all = new RestSolver(graphic, values, typesetter, pictures, Map.of(), WholePixels.NO, Least.NONE);
        return revealed -> solved(graphic, new RestSolver(all, revealed));
    }

    /** The same with no part smaller than so; what follows parts follows them as large as they are then. */
    public static Rest atLeast(
            Graphic graphic, Map<String, String> values, Typesetter typesetter, Pictures pictures, Least least) {
        return solved(
                graphic,
                new RestSolver(
                        graphic, values, typesetter, pictures, Map.of(), WholePixels.of(graphic.frame()), least));
    }

    private static Rest solved(Graphic graphic, RestSolver solver) {
        Map<String, PartRest> solved = new LinkedHashMap<>();
        for (Part part : graphic.parts()) {
            if (!solver.presence.isAbsent(part.key())) solved.put(part.key(), solver.part(part));
        }
        return new Rest(solved, solver.notes, solver.mirrored);
    }

    /** The same for a graphic without pictures. */
    public static Rest solve(Graphic graphic, Map<String, String> values, Typesetter typesetter) {
        return solve(graphic, values, typesetter, Pictures.NONE);
    }

    private PartRest part(Part part) {
        Reckoning width = size(part, Axis.X);
        Reckoning height = size(part, Axis.Y);
        Reckoning x = mirrored ? mirrored(part, extent(part, Axis.X)) : place(part, Axis.X);
        Reckoning y = place(part, Axis.Y);
        if (part instanceof StackPart stack) noteOverflow(stack);
        noteMissing(part);
        Rect straight = new Rect(x.value(), y.value(), width.value(), height.value());
        Rect box = straight;
        if (part instanceof RibbonPart ribbon) {
            straight = ribbons.straight(ribbon, x.value(), y.value());
            box = ribbons.seen(ribbon, x.value(), y.value());
        } else if (presence.part(part.base().rides()) instanceof RibbonPart ribbon) {
            Reckoning left = mirrored ? mirrored(ribbon, extent(ribbon, Axis.X)) : place(ribbon, Axis.X);
            double top = place(ribbon, Axis.Y).value();
            Rect under = ribbons.straight(ribbon, left.value(), top);
            straight = new Rect(under.x() + x.value(), under.y() + y.value(), width.value(), height.value());
            box = ribbons.ridden(ribbon, left.value(), top, straight);
        }
        return new PartRest(part.key(), box, line(part, width.value()), x, y, width, height, straight);
    }

    private Optional<TypesetLine> line(Part part, double width) {
        if (!(part instanceof TextPart text)) return Optional.empty();
        TypesetLine line = texts.laid(text, width);
        noteLetters(text, line.missing());
        if (text.fit().isPresent())
            noteExcess(text, "its letters, squeezed as far as they may be,", line.advance(), room(text));
        return Optional.of(line);
    }

    private void noteMissing(Part part) {
        String picture = part instanceof PicturePart shown ? TextPattern.fill(shown.picture(), values) : filling(part);
        if (!picture.isEmpty() && pictures.extent(picture).isEmpty()) {
            notes.add(new Note(
                    part.key(),
                    "the house has no picture '" + picture + "'; choose another, or add it there",
                    0,
                    Note.Kind.PICTURE));
        }
    }

    /** The picture that a part is filled with; empty for none. */
    private static String filling(Part part) {
        Paint fill = part instanceof BoxPart box
                ? box.fill()
                : part instanceof TextPart text ? text.style().fill() : null;
        return fill instanceof Paint.Picture picture ? picture.picture() : "";
    }

    private void noteLetters(TextPart text, List<String> missing) {
        if (missing.isEmpty()) return;
        // Whoever reads it may have no font for them either.
        String letters = missing.stream()
                .limit(LETTERS_NAMED)
                .map(letter -> letter + " ("
                        + letter.codePoints()
                                .mapToObj(code -> String.format("U+%04X", code))
                                .collect(Collectors.joining(" "))
                        + ")")
                .collect(Collectors.joining(", "));
        notes.add(new Note(
                text.key(),
                "no font can draw " + letters + (missing.size() > LETTERS_NAMED ? " and more" : "")
                        + "; it is shown as an empty box",
                0,
                Note.Kind.LETTERS));
    }

    private void noteOverflow(StackPart stack) {
        noteExcess(
                stack,
                "its rows",
                spacing(stack).extent(),
                size(stack, stack.along()).value());
    }

    private void noteExcess(Part part, String what, double needed, double room) {
        if (needed <= room + ROUNDING) return;
        notes.add(new Note(
                part.key(),
                what + " need " + ReckoningWords.plain(needed) + " px and have " + ReckoningWords.plain(room),
                needed - room,
                Note.Kind.ROOM));
    }

    /** Solved as if it were not mirrored, and then seen in a mirror across the frame. */
    private Reckoning mirrored(Part part, Reckoning width) {
        Part ribbon = presence.part(part.base().rides());
        return Reckoning.sum(
                edgeName(part.key(), Edge.START, Axis.X),
                ribbon == null ? Reckoning.given("frame · right", frame.width()) : size(ribbon, Axis.X),
                Reckoning.times("mirrored", -1, place(part, Axis.X)),
                Reckoning.times("back by its width", -1, width));
    }

    /** A room that follows absent parts is what these would follow; without any, the text may take what it needs. */
    private double room(TextPart text) {
        Size room = presence.room(text.fit().orElseThrow().room());
        return room == null ? Size.ENDLESS : size(text, Axis.X, room).value();
    }

    private Reckoning size(Part part, Axis axis) {
        Reckoning known = sizes.get(axis).get(part.key());
        if (known != null) return known;
        Reckoning size = least.size(
                part,
                axis,
                whole.size(part, axis, size(part, axis, part.span(axis).size())));
        sizes.get(axis).put(part.key(), size);
        return size;
    }

    private Reckoning size(Part part, Axis axis, Size size) {
        String what = part.key() + " · " + (axis == Axis.X ? "width" : "height");
        if (size instanceof Size.Fixed fixed) return Reckoning.given(what, fixed.px());
        if (size instanceof Size.Own)
            return part instanceof TextPart text ? own(what, text, axis) : own(what, (PicturePart) part, axis);
        if (size instanceof Size.Share share) {
            double extent = frame.extent(axis) - 2 * frame.inset(axis, share.of());
            return scaled(what, share.factor(), Reckoning.given(share.of(), extent), share.plus());
        }
        if (size instanceof Size.Matches matches) {
            Part matched = presence.part(matches.part());
            return scaled(what, matches.factor(), sizeFor(part, matched, axis), matches.plus());
        }
        return wrapped(what, part, (Size.Wraps) size, axis);
    }

    /** {@code factor × whole + plus}, never less than nothing. */
    private static Reckoning scaled(String what, double factor, Reckoning whole, double plus) {
        Reckoning share = factor == 1 ? whole : Reckoning.times("share of " + whole.what(), factor, whole);
        return Reckoning.sum(
                what,
                share,
                Reckoning.given("plus", plus),
                Reckoning.given("never less than nothing", Math.max(0, -share.value() - plus)));
    }

    private Reckoning own(String what, TextPart text, Axis axis) {
        TypesetLine natural = texts.natural(text);
        double squeeze = axis == Axis.X ? texts.squeeze(text) : texts.squeezeInHeight(text);
        Reckoning measured = axis == Axis.X
                ? Reckoning.measured(what, natural.advance())
                : Reckoning.sum(
                        what,
                        Reckoning.measured("ascent", natural.ascent()),
                        Reckoning.measured("descent", natural.descent()));
        return squeeze == 1 ? measured : Reckoning.times(what + SQUEEZED, squeeze, measured);
    }

    /** A picture that is missing measures nothing. */
    private Reckoning own(String what, PicturePart part, Axis axis) {
        return Reckoning.measured(
                what,
                pictures.extent(TextPattern.fill(part.picture(), values))
                        .map(extent -> axis == Axis.X ? extent.width() : extent.height())
                        .orElse(0.0));
    }

    private Reckoning wrapped(String what, Part part, Size.Wraps wraps, Axis axis) {
        Reckoning inside = wraps.take() == Size.Take.LONGEST ? longest(part, wraps, axis) : union(part, wraps, axis);
        double room = inside.value() + wraps.before() + wraps.after();
        // Padding that is more negative than the text is long leaves nothing, never less than nothing.
        double kept = Math.max(Math.max(0, wraps.least()), Math.min(wraps.most(), room));
        return Reckoning.sum(
                what,
                inside,
                Reckoning.given("pad " + Edge.START.word(axis), wraps.before()),
                Reckoning.given("pad " + Edge.END.word(axis), wraps.after()),
                Reckoning.given(kept > room ? "up to the least" : "down to the most", kept - room));
    }

    /** The size of a part, or what is revealed of it so far. */
    private Reckoning followed(Part wrapper, Size.Wraps wraps, Part part, Axis axis) {
        Double width = wraps.revealed() && axis == Axis.X ? revealed.get(part.key()) : null;
        return width == null ? sizeFor(wrapper, part, axis) : Reckoning.measured("revealed of " + part.key(), width);
    }

    private Reckoning longest(Part wrapper, Size.Wraps wraps, Axis axis) {
        List<Reckoning> present = new ArrayList<>();
        for (Part wrapped : wrapped(wraps)) present.add(followed(wrapper, wraps, wrapped, axis));
        return present.size() == 1 ? present.get(0) : Reckoning.longest("longest", present);
    }

    /**
     * From the first edge of any wrapped part to the last edge of any. If all of them hang, directly or through others,
     * on one edge of the wrapping part itself, they are measured from that edge: its own place need not be known.
     */
    private Reckoning union(Part wrapper, Size.Wraps wraps, Axis axis) {
        List<Part> present = standing(wrapper, wraps);
        Edge shared = Relations.sharedEdge(
                wrapper.key(), present, part -> presence.place(part, axis), key -> seenBy(wrapper, key));
        Part base = shared == null ? null : wrapper;
        Reckoning first = null;
        Reckoning last = null;
        for (Part part : present) {
            Reckoning start = start(part, axis, base);
            Reckoning end =
                    Reckoning.sum(edgeName(part.key(), Edge.END, axis), start, followed(wrapper, wraps, part, axis));
            if (first == null || start.value() < first.value()) first = start;
            if (last == null || end.value() > last.value()) last = end;
        }
        return Reckoning.sum("all of them together", last, Reckoning.times("less the first edge", -1, first));
    }

    private List<Part> wrapped(Size.Wraps wraps) {
        List<Part> present = new ArrayList<>();
        for (String key : wraps.parts()) {
            if (!presence.isAbsent(key)) present.add(presence.part(key));
        }
        // Asked only of an absent part for what stays where it would be if it were there.
        if (present.isEmpty()) wraps.parts().forEach(key -> present.add(presence.part(key)));
        return present;
    }

    /** Where what it wraps stands: for what rides, its ribbon. */
    private List<Part> standing(Part wrapper, Size.Wraps wraps) {
        return wrapped(wraps).stream()
                .map(part -> seenBy(wrapper, part.key()))
                .distinct()
                .toList();
    }

    private Part seenBy(Part part, String other) {
        return Presence.seenBy(part, presence.part(other), presence::part);
    }

    /** How large another part is for one that follows it: what rides on a ribbon goes by its length and breadth, all others by what is seen of it. */
    private Reckoning sizeFor(Part part, Part other, Axis axis) {
        return other.key().equals(part.base().rides()) ? size(other, axis) : extent(other, axis);
    }

    /** How much room a part takes in the picture, or along its ribbon. */
    private Reckoning extent(Part part, Axis axis) {
        return part instanceof RibbonPart ribbon ? ribbons.extent(ribbon, axis) : size(part, axis);
    }

    private Reckoning place(Part part, Axis axis) {
        Reckoning known = places.get(axis).get(part.key());
        if (known != null) return known;
        Reckoning place = whole.place(part, start(part, axis, null));
        places.get(axis).put(part.key(), place);
        return place;
    }

    /** The left or top of a part: from the origin of the picture, or, if given, from what hangs on {@code base}. */
    private Reckoning start(Part part, Axis axis, Part base) {
        Place found = presence.place(part, axis);
        if (found instanceof Place.Stacked in) return stacked(part, (StackPart) presence.part(in.stack()), axis);
        if (found instanceof Place.Around) return around(part, axis, base);
        Place.Hang place = (Place.Hang) found;
        return Reckoning.sum(
                edgeName(part.key(), Edge.START, axis),
                anchor(part, place, axis, base),
                Reckoning.given("offset", place.plus()),
                Reckoning.times("back from its " + place.edge().word(axis), -1, reach(part, part, place.edge(), axis)));
    }

    /** Before the first edge of any part that it wraps. */
    private Reckoning around(Part part, Axis axis, Part base) {
        Size.Wraps wraps = (Size.Wraps) part.span(axis).size();
        Reckoning first = null;
        for (Part wrapped : standing(part, wraps)) {
            Reckoning start = base == null ? place(wrapped, axis) : start(wrapped, axis, base);
            if (first == null || start.value() < first.value()) first = start;
        }
        return Reckoning.sum(
                edgeName(part.key(), Edge.START, axis),
                first,
                Reckoning.given("pad " + Edge.START.word(axis), -wraps.before()));
    }

    private Reckoning anchor(Part part, Place.Hang place, Axis axis, Part base) {
        String what = edgeName(place.on(), place.at(), axis);
        if (place.onGround()) return Reckoning.given(what, ground(place, axis));
        if (base != null && place.on().equals(base.key())) return Reckoning.given(what, 0);
        Part target = seenBy(part, place.on());
        if (target.key().equals(part.base().rides())) return reach(part, target, place.at(), axis);
        Reckoning start = base == null ? place(target, axis) : start(target, axis, base);
        return Reckoning.sum(what, start, reach(part, target, place.at(), axis));
    }

    private double ground(Place.Hang place, Axis axis) {
        double inset = frame.inset(axis, place.on());
        return switch (place.at()) {
            case END, INNER_END -> frame.extent(axis) - inset;
            case CENTRE -> frame.extent(axis) / 2.0;
            default -> inset;
        };
    }

    /** The left or top of a row. */
    private Reckoning stacked(Part row, StackPart stack, Axis axis) {
        StackSpacing spacing = spacing(stack);
        double above = 0;
        for (Part earlier : presence.allRows(stack.key())) {
            if (earlier == row) break;
            if (!presence.isAbsent(earlier.key())) above += size(earlier, axis).value() + spacing.gap();
        }
        return Reckoning.sum(
                edgeName(row.key(), Edge.START, axis),
                place(stack, axis),
                Reckoning.measured("spare room before the rows", spacing.before()),
                Reckoning.measured("rows before it, with gaps of " + ReckoningWords.plain(spacing.gap()), above));
    }

    /** Asked for by every row. */
    private StackSpacing spacing(StackPart stack) {
        StackSpacing known = spacings.get(stack.key());
        if (known == null) spacings.put(stack.key(), known = spaced(stack));
        return known;
    }

    private StackSpacing spaced(StackPart stack) {
        List<Part> rows = presence.presentRows(stack.key());
        double[] extents = rows.stream()
                .mapToDouble(row -> size(row, stack.along()).value())
                .toArray();
        boolean full = rows.size() == presence.allRows(stack.key()).size();
        return StackSpacing.of(stack, size(stack, stack.along()).value(), extents, full);
    }

    private double ascent(TextPart text) {
        return texts.natural(text).ascent() * texts.squeezeInHeight(text);
    }

    /** From the left or top of another part to one of its edges. */
    private Reckoning reach(Part part, Part other, Edge edge, Axis axis) {
        String what = "to its " + edge.word(axis);
        return switch (edge) {
            case START -> Reckoning.given(what, 0);
            case CENTRE -> Reckoning.times(what, 0.5, sizeFor(part, other, axis));
            case END -> sizeFor(part, other, axis);
            case INNER_START -> Reckoning.given(what, pad(other, axis, true));
            case INNER_END ->
                Reckoning.sum(what, sizeFor(part, other, axis), Reckoning.given("pad", -pad(other, axis, false)));
            // What hangs by the letters of what rides hangs on its ribbon.
            case BASELINE ->
                other instanceof TextPart text ? Reckoning.measured(what, ascent(text)) : sizeFor(part, other, axis);
        };
    }

    private static double pad(Part part, Axis axis, boolean before) {
        if (!(part.span(axis).size() instanceof Size.Wraps wraps)) return 0;
        return before ? wraps.before() : wraps.after();
    }

    private static String edgeName(String key, Edge edge, Axis axis) {
        return key + " · " + edge.word(axis);
    }
}
