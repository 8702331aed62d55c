package glimble.server.house;

import java.util.List;

/**
 * The house style.
 *
 * @param revision 0 before the first save
 * @param palette its colours, in the order people see them
 */
public record House(int revision, List<PaletteEntry> palette) {

    public House {
        palette = List.copyOf(palette);
    }

    /**
     * @param name how documents name the colour
     * @param colour {@code #RRGGBB} or {@code #RRGGBBAA}
     */
    public record PaletteEntry(String name, String colour) {}
}
