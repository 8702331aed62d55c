package glimble.handover;

import glimble.formats.pictures.PictureFile;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.SafeAreas;
import glimble.graphic.TextPart;
import glimble.paint.PictureSource;
import glimble.rest.Pictures;
import glimble.text.TextPattern;
import glimble.typeset.JdkTypesetter;
import glimble.typeset.ShippedFont;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A graphic with all it needs of its house.
 *
 * @param designed the document as it was saved
 * @param pictures of the house, by key
 */
public record Handed(
        Graphic designed, Palette palette, SafeAreas safe, boolean wholePixels, Map<String, PictureFile> pictures) {

    /** As the house wants it. */
    public Graphic framed() {
        return designed.withFrame(designed.frame().of(safe, wholePixels));
    }

    public Pictures extents() {
        return key ->
                Optional.ofNullable(pictures.get(key)).map(file -> new Pictures.Extent(file.width(), file.height()));
    }

    public PictureSource source() {
        return key -> Optional.ofNullable(pictures.get(key)).map(PictureFile::bytes);
    }

    /** The pictures it may show: those it names, or where operators choose one, all of them. */
    public Map<String, PictureFile> shown() {
        boolean chosen = designed.fields().stream().anyMatch(field -> field.kind() == Field.Kind.PICTURE)
                || designed.parts().stream()
                        .anyMatch(part -> part instanceof PicturePart picture
                                && !TextPattern.fields(picture.picture()).isEmpty());
        Map<String, PictureFile> shown = new LinkedHashMap<>();
        pictures.forEach((key, file) -> {
            boolean named = designed.parts().stream()
                    .anyMatch(part -> part instanceof PicturePart picture
                            && picture.picture().equals(key));
            if (chosen || named) shown.put(key, file);
        });
        return shown;
    }

    /** Ids of the fonts its texts may be set in, those they fall back to last. */
    public Set<String> fonts(JdkTypesetter typesetter) {
        Set<String> named = new LinkedHashSet<>();
        for (Part part : designed.parts()) {
            if (part instanceof TextPart text) named.add(text.style().font());
        }
        for (Dial dial : designed.dials()) {
            for (String option : dial.options()) if (typesetter.fonts().contains(option)) named.add(option);
        }
        Set<String> all = new LinkedHashSet<>(named);
        for (ShippedFont font : typesetter.shippedFonts()) if (named.contains(font.id())) all.addAll(font.fallbacks());
        return all;
    }
}
