package glimble.handover;

import glimble.formats.pictures.PictureFile;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.typeset.HouseFont;
import java.util.List;
import java.util.Map;

/**
 * A graphic with what it names of its house, to go to another one.
 *
 * @param palette the colours it names
 * @param safe areas of the house it comes from
 * @param wholePixels whether that house wants edges on whole px
 * @param pictures those it may show, by key
 * @param fonts of the house it comes from
 */
public record Bundle(
        Graphic designed,
        Palette palette,
        SafeAreas safe,
        boolean wholePixels,
        Map<String, PictureFile> pictures,
        List<HouseFont> fonts) {

    public Bundle {
        fonts = List.copyOf(fonts);
    }
}
