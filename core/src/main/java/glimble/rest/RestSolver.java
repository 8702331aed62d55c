package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
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

/**
 * Solves the rest picture: the size and place of every part for given values.
 *
 * <p>Unknowns are (part, axis, size) and (part, axis, place). A size is given, measured in the text, or follows sizes (and,
 * for a union, the places of the wrapped parts relative to each other). A place follows one edge of another part or of
 * the frame. {@link Relations} has made sure that no unknown follows itself, so each is solved when first asked for, and
 * once. Values are exact in double precision; nothing is rounded here.
 */
public final class RestSolver {
    private final Frame frame;
    private final Presence presence;
    private final Map<String, TypesetLine> lines = new HashMap<>();
    private final Map<Axis, Map<String, Reckoning>> sizes = new EnumMap<>(Axis.class);
    private final Map<Axis, Map<String, Reckoning>> places = new EnumMap<>(Axis.class);

    private RestSolver(Graphic graphic, Map<String, String> values, Typesetter typesetter) {
        frame = graphic.frame();
        presence = new Presence(graphic, values);
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text && !presence.isAbsent(text.key())) {
                String letters = TextPattern.fill(text.text(), values);
                lines.put(
                        text.key(),
                        typesetter.set(
                                letters, text.style().font(), text.style().size()));
            }
        }
        for (Axis axis : Axis.values()) {
            sizes.put(axis, new HashMap<>());
            places.put(axis, new HashMap<>());
        }
    }

    /**
     * @param graphic as {@code GraphicReader} gives it: its references hold and its relations are free of cycles
     * @param values text by field key; a missing one is blank
     */
    public static Rest solve(Graphic graphic, Map<String, String> values, Typesetter typesetter) {
        RestSolver solver = new RestSolver(graphic, values, typesetter);
        Map<String, PartRest> solved = new LinkedHashMap<>();
        for (Part part : graphic.parts()) {
            if (!solver.presence.isAbsent(part.key())) solved.put(part.key(), solver.part(part));
        }
        return new Rest(solved);
    }

    private PartRest part(Part part) {
        Reckoning x = place(part, Axis.X);
        Reckoning y = place(part, Axis.Y);
        Reckoning width = size(part, Axis.X);
        Reckoning height = size(part, Axis.Y);
        return new PartRest(
                part.key(),
                new Rect(x.value(), y.value(), width.value(), height.value()),
                Optional.ofNullable(lines.get(part.key())),
                x,
                y,
                width,
                height);
    }

    private Reckoning size(Part part, Axis axis) {
        Reckoning known = sizes.get(axis).get(part.key());
        if (known != null) return known;
        Reckoning size = size(part, axis, part.span(axis).size());
        sizes.get(axis).put(part.key(), size);
        return size;
    }

    private Reckoning size(Part part, Axis axis, Size size) {
        String what = part.key() + " · " + (axis == Axis.X ? "width" : "height");
        if (size instanceof Size.Fixed fixed) return Reckoning.given(what, fixed.px());
        if (size instanceof Size.Own) return own(what, lines.get(part.key()), axis);
        if (size instanceof Size.Matches matches) {
            Reckoning other = size(presence.part(matches.part()), axis);
            Reckoning scaled = matches.factor() == 1
                    ? other
                    : Reckoning.times("share of " + other.what(), matches.factor(), other);
            return Reckoning.sum(what, scaled, Reckoning.given("plus", matches.plus()));
        }
        Size.Wraps wraps = (Size.Wraps) size;
        Reckoning inside = wraps.take() == Size.Take.LONGEST ? longest(wraps, axis) : union(part, wraps, axis);
        // Padding that is more negative than the text is long leaves nothing, never less than nothing.
        double room = inside.value() + wraps.before() + wraps.after();
        Reckoning floor = Reckoning.given("never less than nothing", Math.max(0, -room));
        return Reckoning.sum(
                what,
                inside,
                Reckoning.given("pad " + Edge.START.word(axis), wraps.before()),
                Reckoning.given("pad " + Edge.END.word(axis), wraps.after()),
                floor);
    }

    private static Reckoning own(String what, TypesetLine line, Axis axis) {
        if (axis == Axis.X) return Reckoning.measured(what, line.advance());
        return Reckoning.sum(
                what, Reckoning.measured("ascent", line.ascent()), Reckoning.measured("descent", line.descent()));
    }

    private Reckoning longest(Size.Wraps wraps, Axis axis) {
        List<Reckoning> present = new ArrayList<>();
        for (Part wrapped : wrapped(wraps)) present.add(size(wrapped, axis));
        return present.size() == 1 ? present.get(0) : Reckoning.longest("longest", present);
    }

    /**
     * From the first edge of any wrapped part to the last edge of any. If all of them hang, directly or through others,
     * on one edge of the wrapping part itself, they are measured from that edge: its own place need not be known.
     */
    private Reckoning union(Part wrapper, Size.Wraps wraps, Axis axis) {
        List<Part> present = wrapped(wraps);
        Edge shared = Relations.sharedEdge(wrapper.key(), present, part -> presence.place(part, axis), presence::part);
        Part base = shared == null ? null : wrapper;
        Reckoning first = null;
        Reckoning last = null;
        for (Part part : present) {
            Reckoning start = start(part, axis, base);
            Reckoning end = Reckoning.sum(edgeName(part.key(), Edge.END, axis), start, size(part, axis));
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
        return present;
    }

    private Reckoning place(Part part, Axis axis) {
        Reckoning known = places.get(axis).get(part.key());
        if (known != null) return known;
        Reckoning place = start(part, axis, null);
        places.get(axis).put(part.key(), place);
        return place;
    }

    /** The left or top of a part: from the origin of the picture, or, if given, from what hangs on {@code base}. */
    private Reckoning start(Part part, Axis axis, Part base) {
        Place place = presence.place(part, axis);
        return Reckoning.sum(
                edgeName(part.key(), Edge.START, axis),
                anchor(place, axis, base),
                Reckoning.given("offset", place.plus()),
                Reckoning.times("back from its " + place.edge().word(axis), -1, reach(part, place.edge(), axis)));
    }

    private Reckoning anchor(Place place, Axis axis, Part base) {
        String what = edgeName(place.on(), place.at(), axis);
        if (place.onGround()) return Reckoning.given(what, ground(place, axis));
        if (base != null && place.on().equals(base.key())) return Reckoning.given(what, 0);
        Part target = presence.part(place.on());
        Reckoning start = base == null ? place(target, axis) : start(target, axis, base);
        return Reckoning.sum(what, start, reach(target, place.at(), axis));
    }

    private double ground(Place place, Axis axis) {
        int percent = switch (place.on()) {
            case Place.TITLE_SAFE -> Frame.TITLE_SAFE;
            case Place.ACTION_SAFE -> Frame.ACTION_SAFE;
            default -> 100;
        };
        double inset = frame.inset(axis, percent);
        return switch (place.at()) {
            case END, INNER_END -> frame.extent(axis) - inset;
            case CENTRE -> frame.extent(axis) / 2.0;
            default -> inset;
        };
    }

    /** From the left or top of a part to one of its edges. */
    private Reckoning reach(Part part, Edge edge, Axis axis) {
        String what = "to its " + edge.word(axis);
        return switch (edge) {
            case START -> Reckoning.given(what, 0);
            case CENTRE -> Reckoning.times(what, 0.5, size(part, axis));
            case END -> size(part, axis);
            case INNER_START ->
                Reckoning.given(what, ((Size.Wraps) part.span(axis).size()).before());
            case INNER_END ->
                Reckoning.sum(
                        what,
                        size(part, axis),
                        Reckoning.given("pad", -((Size.Wraps) part.span(axis).size()).after()));
            case BASELINE -> Reckoning.measured(what, lines.get(part.key()).ascent());
        };
    }

    private static String edgeName(String key, Edge edge, Axis axis) {
        return key + " · " + edge.word(axis);
    }
}
