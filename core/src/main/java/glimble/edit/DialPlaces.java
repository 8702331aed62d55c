package glimble.edit;

import glimble.graphic.PhaseName;
import glimble.graphic.Places;
import java.util.function.UnaryOperator;

/** What the places that dials set are called once something has another name. */
final class DialPlaces {
    private DialPlaces() {}

    /** How parts stand in variants, and how long they are delayed, is called by them too. */
    static UnaryOperator<String> ofPart(String key, String to) {
        return place -> Places.moved(place, Places.part(key), Places.part(to))
                .replace("/delays/" + key + Places.SLASH, "/delays/" + to + Places.SLASH)
                .replace("/steps/" + key + Places.SLASH, "/steps/" + to + Places.SLASH)
                .replace("/stands/" + key + " x/", "/stands/" + to + " x/")
                .replace("/stands/" + key + " y/", "/stands/" + to + " y/");
    }

    /** Values of trials are called by them too. */
    static UnaryOperator<String> ofField(String key, String to) {
        return place -> {
            String moved = Places.moved(place, "fields" + Places.SLASH + key, "fields" + Places.SLASH + to);
            boolean isValue = moved.startsWith("trials" + Places.SLASH) && moved.endsWith("/values/" + key);
            return isValue ? moved.substring(0, moved.length() - key.length()) + to : moved;
        };
    }

    static UnaryOperator<String> ofMove(PhaseName phase, String key, String to) {
        String of = Places.phase(phase);
        return place -> Places.moved(place, Places.move(of, key), Places.move(of, to));
    }

    /** The halves of a swap share their name. */
    static UnaryOperator<String> ofVariant(PhaseName phase, String name, String to) {
        if (!phase.isSwap()) return variant(phase, name, to);
        UnaryOperator<String> away = variant(PhaseName.AWAY, name, to);
        UnaryOperator<String> back = variant(PhaseName.BACK, name, to);
        return place -> back.apply(away.apply(place));
    }

    private static UnaryOperator<String> variant(PhaseName phase, String name, String to) {
        return place -> Places.moved(place, Places.variant(phase, name), Places.variant(phase, to));
    }
}
