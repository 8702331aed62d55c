package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
import glimble.text.Blank;
import glimble.text.TextPattern;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * Which parts are there for some values. A text that is blank is absent; so is a part whose size follows absent parts
 * only. What hung on an absent part takes that part's place.
 */
final class Presence {
    private final Map<String, Part> parts = new HashMap<>();
    private final Set<String> absent = new HashSet<>();

    Presence(Graphic graphic, Map<String, String> values) {
        for (Part part : graphic.parts()) {
            parts.put(part.key(), part);
            if (part instanceof TextPart text && Blank.isBlank(TextPattern.fill(text.text(), values))) {
                absent.add(part.key());
            }
        }
        while (graphic.parts().stream().filter(this::losesItsSize).anyMatch(part -> absent.add(part.key()))) {
            // Each round may take away what others follow; there are at most as many rounds as parts.
        }
    }

    boolean isAbsent(String key) {
        return absent.contains(key);
    }

    Part part(String key) {
        return parts.get(key);
    }

    private boolean losesItsSize(Part part) {
        return losesItsSize(part.x().size()) || losesItsSize(part.y().size());
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
        while (!place.onGround() && isAbsent(place.on())) {
            Place gone = parts.get(place.on()).span(axis).place();
            double kept = side(place.edge()) == side(place.at()) ? place.plus() : 0;
            place = new Place(place.edge(), gone.on(), gone.at(), gone.plus() + kept);
        }
        return place;
    }

    private static Edge side(Edge edge) {
        return switch (edge) {
            case INNER_START -> Edge.START;
            case INNER_END -> Edge.END;
            default -> edge;
        };
    }
}
