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

    /** Whether a text is {@code #RRGGBB} or {@code #RRGGBBAA}. */
    public static boolean isColour(String text) {
        return text.startsWith("#")
                && (text.length() == 7 || text.length() == 9)
                && text.substring(1).chars().allMatch(c -> Character.digit(c, 16) >= 0 && c < 128);
    }

    /** A colour of a document as {@code #RRGGBB} or {@code #RRGGBBAA}. */
    public String colour(String colour) {
        return isColour(colour) ? colour : colours.getOrDefault(colour, MISSING);
    }
}
