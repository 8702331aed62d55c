package glimble.cases;

import glimble.graphic.Axis;
import glimble.graphic.Dial;
import glimble.graphic.PhaseName;
import glimble.graphic.Variant;
import java.util.LinkedHashMap;
import java.util.Map;

/** Where what dials set has gone once a variant and its phase have changed places, either way. */
final class SeenPlaces {
    private final Map<String, String> otherwise = new LinkedHashMap<>();

    private SeenPlaces() {}

    static SeenPlaces of(PhaseName phase, Variant variant) {
        SeenPlaces places = new SeenPlaces();
        String there = "variants" + Dial.SLASH + phase.word() + " " + variant.name();
        for (Variant.Stand stand : variant.stands()) {
            boolean across = stand.axis() == Axis.X;
            String part = "parts" + Dial.SLASH + stand.part() + Dial.SLASH;
            String stands = there + "/stands/" + stand.part() + (across ? " x" : " y");
            places.swap(part + (across ? "width" : "height"), stands + "/size");
            places.swap(part + (across ? "x" : "y"), stands + "/place");
        }
        places.swap(phase.path().replace(".", Dial.SLASH), there);
        return places;
    }

    private void swap(String one, String other) {
        otherwise.put(one + Dial.SLASH, other + Dial.SLASH);
        otherwise.put(other + Dial.SLASH, one + Dial.SLASH);
    }

    String now(String place) {
        // How parts stand comes first: the variant it is in is itself one of the places.
        for (Map.Entry<String, String> entry : otherwise.entrySet()) {
            if (place.startsWith(entry.getKey()))
                return entry.getValue() + place.substring(entry.getKey().length());
        }
        return place;
    }
}
