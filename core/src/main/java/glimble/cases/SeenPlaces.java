package glimble.cases;

import glimble.graphic.Axis;
import glimble.graphic.PhaseName;
import glimble.graphic.Places;
import glimble.graphic.Variant;
import java.util.LinkedHashMap;
import java.util.Map;

/** Where what dials set has gone once a variant and its phase have changed places, either way. */
final class SeenPlaces {
    private final Map<String, String> otherwise = new LinkedHashMap<>();

    private SeenPlaces() {}

    static SeenPlaces of(PhaseName phase, Variant variant) {
        SeenPlaces places = new SeenPlaces();
        String there = Places.variant(phase, variant.name());
        for (Variant.Stand stand : variant.stands()) {
            boolean across = stand.axis() == Axis.X;
            String part = Places.part(stand.part());
            String stands = Places.stand(there, stand.part(), stand.axis());
            places.swap(part + (across ? "/width" : "/height"), stands + "/size");
            places.swap(part + (across ? "/x" : "/y"), stands + "/place");
        }
        places.swap(Places.phase(phase), there);
        return places;
    }

    private void swap(String one, String other) {
        otherwise.put(one, other);
        otherwise.put(other, one);
    }

    String now(String place) {
        // How parts stand comes first: the variant it is in is itself one of the places.
        for (Map.Entry<String, String> entry : otherwise.entrySet()) {
            if (Places.isIn(place, entry.getKey())) return Places.moved(place, entry.getKey(), entry.getValue());
        }
        return place;
    }
}
