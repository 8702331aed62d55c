package glimble.edit;

import glimble.graphic.BoxPart;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.rest.Note;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/** A graphic with the colours of a palette in the place of their names. */
public final class Coloured {
    private Coloured() {}

    /** The graphic as players draw it. Names that the palette lacks become {@link Palette#MISSING}. */
    public static Graphic of(Graphic graphic, Palette palette) {
        return graphic.withParts(graphic.parts().stream()
                .map(part -> part(part, palette::colour))
                .toList());
    }

    /** A note for every part and name that the palette lacks. */
    public static List<Note> missing(Graphic graphic, Palette palette) {
        List<Note> notes = new ArrayList<>();
        for (Part part : graphic.parts()) {
            for (String name : names(part)) {
                if (!palette.colours().containsKey(name)) {
                    notes.add(new Note(part.key(), "its colour '" + name + "' is not in the palette"));
                }
            }
        }
        return notes;
    }

    /** Names of palette entries that a graphic uses. */
    public static Set<String> names(Graphic graphic) {
        Set<String> names = new LinkedHashSet<>();
        for (Part part : graphic.parts()) names.addAll(names(part));
        return names;
    }

    private static Set<String> names(Part part) {
        Set<String> names = new LinkedHashSet<>();
        part(part, colour -> {
            if (Palette.isName(colour)) names.add(colour);
            return colour;
        });
        return names;
    }

    private static Part part(Part part, UnaryOperator<String> colour) {
        if (part instanceof TextPart text) {
            TextStyle style = text.style();
            TextStyle coloured =
                    new TextStyle(style.font(), style.size(), style.tracking(), paint(style.fill(), colour));
            return new TextPart(
                    text.base(), text.text(), coloured, text.layout(), text.fit(), look(text.look(), colour));
        }
        if (part instanceof BoxPart box) {
            return new BoxPart(
                    box.base(), paint(box.fill(), colour), box.radius(), box.slant(), look(box.look(), colour));
        }
        return part instanceof LinePart line ? new LinePart(line.base(), paint(line.fill(), colour)) : part;
    }

    private static Paint paint(Paint paint, UnaryOperator<String> colour) {
        if (paint instanceof Paint.Linear linear) {
            return new Paint.Linear(colour.apply(linear.from()), colour.apply(linear.to()), linear.angle());
        }
        if (paint instanceof Paint.Radial radial) {
            return new Paint.Radial(colour.apply(radial.from()), colour.apply(radial.to()));
        }
        return new Paint.Colour(colour.apply(((Paint.Colour) paint).colour()));
    }

    private static Look look(Look look, UnaryOperator<String> colour) {
        return new Look(
                look.stroke().map(stroke -> new Look.Stroke(colour.apply(stroke.colour()), stroke.width())),
                look.shadow()
                        .map(shadow ->
                                new Look.Shadow(colour.apply(shadow.colour()), shadow.x(), shadow.y(), shadow.blur())));
    }
}
