package glimble.graphic;

import java.util.Map;
import java.util.TreeMap;

/**
 * The colours of a house style by name. Documents name them, so that one change recolours every graphic.
 *
 * @param colours {@code #RRGGBB} or {@code #RRGGBBAA} by name
 */
public record Palette(Map<String, String> colours) {
    /** What stands for a colour that is not there: nobody takes it for one that was meant. */
    public static final String MISSING = "#FF00FF";

    public Palette {
        colours = java.util.Collections.unmodifiableMap(new TreeMap<>(colours));
    }

    /** Whether a colour of a document is a name in a palette and not a colour itself. */
    public static boolean isName(String colour) {
        return !colour.startsWith("#");
    }

    /** A colour of a document as {@code #RRGGBB} or {@code #RRGGBBAA}. */
    public String colour(String colour) {
        return isName(colour) ? colours.getOrDefault(colour, MISSING) : colour;
    }
}
