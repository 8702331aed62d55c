package glimble.server.house;

import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * The house style.
 *
 * @param revision 0 before the first save
 * @param palette its colours, in the order people see them
 * @param styles its text styles, likewise
 * @param safe its safe areas
 * @param wholePixels whether the edges of everything but letters stand on whole px at rest
 * @param gestures its own gestures
 */
public record House(
        int revision,
        List<PaletteEntry> palette,
        List<StyleEntry> styles,
        SafeAreas safe,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) Boolean wholePixels,
        List<GestureEntry> gestures) {
    public static final House NONE = new House(0, List.of(), List.of(), SafeAreas.USUAL, true, List.of());

    public House {
        palette = List.copyOf(palette);
        styles = List.copyOf(styles);
        // One that was saved before this could be chosen wants them whole, and has no gestures.
        wholePixels = wholePixels == null || wholePixels;
        gestures = gestures == null ? List.of() : List.copyOf(gestures);
    }

    /** Its colours by name. */
    public Palette colours() {
        Map<String, String> colours = new LinkedHashMap<>();
        for (PaletteEntry entry : palette) colours.put(entry.name(), entry.colour());
        return new Palette(colours);
    }

    /** A graphic as the house wants it: with its safe areas, and on whole px or not. */
    public Graphic framed(Graphic graphic) {
        return graphic.withFrame(graphic.frame().of(safe, wholePixels));
    }

    public House at(int other) {
        return new House(other, palette, styles, safe, wholePixels, gestures);
    }

    /**
     * @param name how documents name the colour
     * @param colour {@code #RRGGBB} or {@code #RRGGBBAA}
     */
    public record PaletteEntry(String name, String colour) {}

    /**
     * A gesture: moves that are dropped on a part's entrance or exit.
     *
     * @param moves as in a document, of a part called {@code part}
     */
    public record GestureEntry(
            String name,
            @Schema(ref = "#/components/schemas/Phase") JsonNode moves) {}

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
