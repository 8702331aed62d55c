package glimble.server.house;

import glimble.graphic.SafeAreas;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * The house style.
 *
 * @param revision 0 before the first save
 * @param palette its colours, in the order people see them
 * @param styles its text styles, likewise
 * @param safe its safe areas
 */
public record House(int revision, List<PaletteEntry> palette, List<StyleEntry> styles, SafeAreas safe) {
    public static final House NONE = new House(0, List.of(), List.of(), SafeAreas.USUAL);

    public House {
        palette = List.copyOf(palette);
        styles = List.copyOf(styles);
    }

    public House at(int other) {
        return new House(other, palette, styles, safe);
    }

    /**
     * @param name how documents name the colour
     * @param colour {@code #RRGGBB} or {@code #RRGGBBAA}
     */
    public record PaletteEntry(String name, String colour) {}

    /**
     * A text style: copied to the texts it is used on.
     *
     * @param letters members of a text of a document
     */
    public record StyleEntry(
            String name,

            @Schema(ref = "#/components/schemas/LetterStyle")
            JsonNode letters) {}
}
