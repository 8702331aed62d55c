package glimble.edit;

import glimble.graphic.Graphic;
import glimble.graphic.MadeColour;
import glimble.graphic.Places;
import java.util.List;
import java.util.Map;

/** Edits of the colours that a graphic makes which touch what names them. */
public final class ColourEdits {
    private ColourEdits() {}

    /** @throws EditRefused if there is none of that name, or one of the new one */
    public static Graphic rename(Graphic graphic, String key, String to) {
        checkIsThere(graphic, key);
        if (graphic.colours().stream().anyMatch(made -> made.key().equals(to))) {
            throw new EditRefused("there is a colour '" + to + "' already");
        }
        Graphic named = new Renamed(Map.of(key, to), Map.of(), Map.of()).of(graphic);
        List<MadeColour> colours = named.colours().stream()
                .map(made -> made.key().equals(key) ? made.named(to) : made)
                .toList();
        return named.withColours(colours)
                .withPlaces(place -> Places.moved(place, Places.colour(key), Places.colour(to)));
    }

    /**
     * What names it then names what it was made from.
     *
     * @throws EditRefused if there is none of that name
     */
    public static Graphic remove(Graphic graphic, String key) {
        MadeColour gone = checkIsThere(graphic, key);
        List<MadeColour> left =
                graphic.colours().stream().filter(made -> !made.equals(gone)).toList();
        return new Renamed(Map.of(key, gone.of()), Map.of(), Map.of()).of(graphic.withColours(left));
    }

    private static MadeColour checkIsThere(Graphic graphic, String key) {
        return graphic.colours().stream()
                .filter(made -> made.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new EditRefused("there is no colour '" + key + "'"));
    }
}
