package glimble.edit;

import glimble.graphic.Dial;
import glimble.graphic.PhaseName;
import java.util.function.UnaryOperator;

/** What the places that dials set are called once something has another name. */
final class DialPlaces {
    private DialPlaces() {}

    /** How parts stand in variants, and how long they are delayed, is called by them too. */
    static UnaryOperator<String> ofPart(String key, String to) {
        UnaryOperator<String> part = beginning("parts/" + key, "parts/" + to);
        return place -> part.apply(place)
                .replace("/delays/" + key + Dial.SLASH, "/delays/" + to + Dial.SLASH)
                .replace("/steps/" + key + Dial.SLASH, "/steps/" + to + Dial.SLASH)
                .replace("/stands/" + key + " x/", "/stands/" + to + " x/")
                .replace("/stands/" + key + " y/", "/stands/" + to + " y/");
    }

    static UnaryOperator<String> ofMove(PhaseName phase, String key, String to) {
        String moves = phase.path().replace(".", Dial.SLASH) + "/moves/";
        return beginning(moves + key, moves + to);
    }

    /** The halves of a swap share their name. */
    static UnaryOperator<String> ofVariant(PhaseName phase, String name, String to) {
        if (!phase.isSwap()) return variant(phase, name, to);
        UnaryOperator<String> away = variant(PhaseName.AWAY, name, to);
        UnaryOperator<String> back = variant(PhaseName.BACK, name, to);
        return place -> back.apply(away.apply(place));
    }

    private static UnaryOperator<String> variant(PhaseName phase, String name, String to) {
        String variants = "variants/" + phase.word() + " ";
        return beginning(variants + name, variants + to);
    }

    private static UnaryOperator<String> beginning(String with, String instead) {
        return place -> place.startsWith(with + Dial.SLASH) ? instead + place.substring(with.length()) : place;
    }
}
