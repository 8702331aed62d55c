package glimble.edit;

import glimble.graphic.BoxPart;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.MadeColour;
import glimble.graphic.Move;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PicturePart;
import glimble.graphic.TextPart;
import glimble.graphic.Travel;
import glimble.graphic.Trial;
import glimble.graphic.Variant;
import glimble.text.Blank;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What a graphic needs of the house, anywhere in it: in parts and moves, those of variants too, in samples, trials and dials.
 *
 * @param colours names of palette entries
 * @param pictures keys
 */
public record Uses(Set<String> colours, Set<String> pictures) {

    public static Uses of(Graphic graphic) {
        Set<String> colours = new LinkedHashSet<>();
        Set<String> pictures = new LinkedHashSet<>();
        for (Part part : graphic.parts()) {
            colours.addAll(Coloured.colours(part));
            pictures.add(picture(part));
        }
        List<Phase> phases = new ArrayList<>(graphic.phases());
        for (Variant variant : graphic.variants()) phases.add(variant.phase());
        for (Phase phase : phases) {
            for (Move move : phase.moves()) {
                if (move.travel() instanceof Travel.Tint tint) colours.add(tint.colour());
            }
        }
        for (Field field : graphic.fields()) {
            if (field.kind() == Field.Kind.COLOUR) colours.addAll(filled(graphic, field));
            if (field.kind() == Field.Kind.PICTURE) pictures.addAll(filled(graphic, field));
        }
        for (Dial dial : graphic.dials()) if (dial.kind() == Dial.Kind.COLOUR) colours.addAll(dial.options());
        for (Set<String> sources : Coloured.sources(graphic).values()) colours.addAll(sources);
        // What it makes itself it need not have.
        for (MadeColour made : graphic.colours()) colours.remove(made.key());
        colours.removeIf(given -> given.isBlank() || Palette.isColour(given) || isOfField(given));
        pictures.removeIf(given -> given.isBlank() || isOfField(given));
        return new Uses(colours, pictures);
    }

    private static Set<String> filled(Graphic graphic, Field field) {
        Set<String> filled = new LinkedHashSet<>(Set.of(Blank.stripped(field.sample())));
        for (Trial trial : graphic.trials()) {
            filled.add(Blank.stripped(trial.values().getOrDefault(field.key(), "")));
        }
        return filled;
    }

    private static boolean isOfField(String given) {
        return !TextPattern.fields(given).isEmpty();
    }

    private static String picture(Part part) {
        if (part instanceof PicturePart picture) return picture.picture();
        Paint fill = part instanceof BoxPart box
                ? box.fill()
                : part instanceof TextPart text ? text.style().fill() : null;
        return fill instanceof Paint.Picture picture ? picture.picture() : "";
    }
}
