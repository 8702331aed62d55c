package glimble.air;

import glimble.document.Dialled;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import java.util.Map;

/**
 * A graphic with what is filled in, as it goes on air.
 *
 * @param of which graphic at which revision: what is of the same changes while it stands, anything else goes out first
 * @param designed the design, framed as the house wants it, with its dials set
 * @param palette colours of the house
 * @param values text by field key; a missing one is blank
 * @param dials what is set, by key
 * @param about what whoever puts it on air wants to find again; of no account here
 */
public record Filled(
        String of,
        Graphic designed,
        Palette palette,
        Map<String, String> values,
        Map<String, String> dials,
        Object about) {
    public Filled {
        values = Map.copyOf(values);
        dials = Map.copyOf(dials);
    }

    /** @param designed whose dials are to be set */
    public static Filled of(
            String of,
            Graphic designed,
            Palette palette,
            Map<String, String> values,
            Map<String, String> dials,
            Object about) {
        return new Filled(of, Dialled.of(designed, dials), palette, values, dials, about);
    }
}
