package glimble.typeset;

import java.util.List;

/**
 * A font that texts may be set in.
 *
 * @param id how documents name it
 * @param name for people
 * @param fallbacks ids of the fonts that supply the glyphs it lacks, in this order
 */
public record TextFont(String id, String name, List<String> fallbacks) {
    public TextFont {
        fallbacks = List.copyOf(fallbacks);
    }
}
