package glimble.handover;

import glimble.edit.Renamed;
import glimble.edit.Uses;
import glimble.formats.HouseFile;
import glimble.formats.pictures.PictureFile;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PicturePart;
import glimble.graphic.SafeAreas;
import glimble.paint.PictureSource;
import glimble.prove.ProofRun;
import glimble.rest.Pictures;
import glimble.text.TextPattern;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A graphic with all it needs of its house.
 *
 * @param designed the document as it was saved
 * @param pictures of the house, by key
 * @param proof what is known of it; empty if it has not been proved
 * @param origin where it was saved; empty where it came as a file
 */
public record Handed(
        Graphic designed,
        Palette palette,
        SafeAreas safe,
        boolean wholePixels,
        Map<String, PictureFile> pictures,
        Optional<ProofRun.Standing> proof,
        Optional<Origin> origin) {

    /**
     * @param house id of the house, which no other has
     * @param graphic id within it
     * @param revision from 1
     */
    public record Origin(String house, long graphic, int revision) {}

    /** One that has not been proved. */
    public Handed(
            Graphic designed, Palette palette, SafeAreas safe, boolean wholePixels, Map<String, PictureFile> pictures) {
        this(designed, palette, safe, wholePixels, pictures, Optional.empty(), Optional.empty());
    }

    /** The same with what is known of it by now. */
    public Handed proved(ProofRun.Standing standing) {
        return new Handed(designed, palette, safe, wholePixels, pictures, Optional.of(standing), origin);
    }

    public static Handed of(Graphic designed, HouseFile house) {
        return new Handed(designed, house.palette(), house.safe(), house.wholePixels(), house.files());
    }

    /** The same, saved somewhere. */
    public Handed from(Origin at) {
        return new Handed(designed, palette, safe, wholePixels, pictures, proof, Optional.of(at));
    }

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
        Set<String> named = new HashSet<>(Uses.of(designed).pictures());
        for (Dial dial : designed.dials()) named.addAll(dial.options());
        Map<String, PictureFile> shown = new LinkedHashMap<>();
        pictures.forEach((key, file) -> {
            if (chosen || named.contains(key)) shown.put(key, file);
        });
        return shown;
    }

    /** The same with other fonts in the place of some. */
    Handed withFonts(Map<String, String> others) {
        Graphic renamed = new Renamed(Map.of(), Map.of(), others).of(designed);
        return new Handed(renamed, palette, safe, wholePixels, pictures, proof, origin);
    }
}
