package glimble.edit;

import glimble.colour.Grading;
import glimble.colour.MadeColours;
import glimble.graphic.BoxPart;
import glimble.graphic.Field;
import glimble.graphic.Grade;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.MadeColour;
import glimble.graphic.Move;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PicturePart;
import glimble.graphic.RibbonPart;
import glimble.graphic.ScrimPart;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Travel;
import glimble.rest.Note;
import glimble.text.Blank;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/** A graphic with the colours of a palette, and its own made ones, in the place of their names, and graded. */
public final class Coloured {
    private Coloured() {}

    /**
     * The graphic as players draw it: of a graphic that is so already it would be something else. Names that are not known, and values that
     * are no colour, become {@link Palette#MISSING}; nobody takes that for meant, so it is not graded.
     *
     * @param values of the fields; one that is blank gives its field's sample
     */
    public static Graphic of(Graphic graphic, Palette palette, Map<String, String> values) {
        Palette known = known(graphic, palette, values);
        UnaryOperator<String> plain = given -> known.colour(valued(given, graphic, values));
        Grade grade = graphic.grade().withColour(plain);
        if (grade.equals(Grade.NONE)) return drawn(graphic, plain);
        Grading grading = new Grading(grade);
        return drawn(graphic, given -> {
                    String colour = plain.apply(given);
                    return colour.equals(Palette.MISSING) ? colour : grading.of(colour);
                })
                .withGrade(grade);
    }

    /** The colours that a graphic makes, by name, before they are graded. */
    public static Map<String, String> made(Graphic graphic, Palette palette, Map<String, String> values) {
        Palette known = known(graphic, palette, values);
        Map<String, String> made = new LinkedHashMap<>();
        for (MadeColour colour : graphic.colours()) made.put(colour.key(), known.colour(colour.key()));
        return made;
    }

    /** The palette with the colours that the graphic makes. */
    public static Palette known(Graphic graphic, Palette palette, Map<String, String> values) {
        return MadeColours.among(graphic.colours(), palette, given -> valued(given, graphic, values));
    }

    /** With every colour changed by a rule that is drawn with. */
    private static Graphic drawn(Graphic graphic, UnaryOperator<String> colour) {
        return graphic.withParts(
                        graphic.parts().stream().map(part -> part(part, colour)).toList())
                .withMoves(
                        moves -> moves.stream().map(move -> move(move, colour)).toList());
    }

    /** A graphic with every colour changed by a rule, those that others are made from too. */
    static Graphic everywhere(Graphic graphic, UnaryOperator<String> colour) {
        return drawn(graphic, colour)
                .withColours(graphic.colours().stream()
                        .map(made -> made(made, colour))
                        .toList())
                .withGrade(graphic.grade().withColour(colour));
    }

    private static MadeColour made(MadeColour made, UnaryOperator<String> colour) {
        return new MadeColour(
                made.key(),
                colour.apply(made.of()),
                made.mixed().map(with -> new MadeColour.Mixed(colour.apply(with.with()), with.share())),
                made.lighter(),
                made.vivid(),
                made.turned());
    }

    /** What a graphic makes its colours from and is tinted with, as it is written, by what of the graphic it is. */
    public static Map<String, Set<String>> sources(Graphic graphic) {
        Map<String, Set<String>> sources = new LinkedHashMap<>();
        for (MadeColour made : graphic.colours()) {
            Set<String> of = new LinkedHashSet<>(Set.of(made.of()));
            made.mixed().ifPresent(mixed -> of.add(mixed.with()));
            sources.put(made.key(), of);
        }
        graphic.grade().tint().ifPresent(tint -> sources.put("", Set.of(tint.colour())));
        return sources;
    }

    /** A move with the colour of its tint changed by a rule. */
    static Move move(Move move, UnaryOperator<String> colour) {
        if (!(move.travel() instanceof Travel.Tint tint)) return move;
        return move.withTravel(new Travel.Tint(colour.apply(tint.colour()), tint.share()));
    }

    /** A note for every part and name that is neither a colour nor in the palette; of tints too. */
    public static List<Note> missing(Graphic graphic, Palette palette, Map<String, String> values) {
        Map<String, Set<String>> given = new LinkedHashMap<>();
        for (Part part : graphic.parts()) given.put(part.key(), colours(part));
        for (Phase phase : graphic.phases()) {
            for (Move move : phase.moves()) {
                if (move.travel() instanceof Travel.Tint tint)
                    given.get(move.part()).add(tint.colour());
            }
        }
        Palette known = known(graphic, palette, values);
        List<Note> notes = new ArrayList<>();
        given.forEach((part, colours) -> {
            for (String name : unknown(colours, known, graphic, values)) {
                notes.add(new Note(part, "its colour '" + name + "' is not in the palette"));
            }
        });
        sources(graphic).forEach((key, colours) -> {
            String of = key.isEmpty() ? "the grade" : "the colour '" + key + "'";
            for (String name : unknown(colours, known, graphic, values)) {
                notes.add(new Note("", of + " is made with '" + name + "', which is not in the palette"));
            }
        });
        return notes;
    }

    private static List<String> unknown(
            Set<String> colours, Palette known, Graphic graphic, Map<String, String> values) {
        return colours.stream()
                .map(colour -> valued(colour, graphic, values))
                .filter(name -> !Palette.isColour(name) && !known.colours().containsKey(name))
                .toList();
    }

    /** The keys of the fields from which parts take a colour, as {@code {key}}. */
    public static Set<String> fields(Part part) {
        Set<String> fields = new LinkedHashSet<>();
        for (String given : colours(part)) fields.addAll(TextPattern.fields(given));
        return fields;
    }

    private static String valued(String given, Graphic graphic, Map<String, String> values) {
        if (TextPattern.fields(given).isEmpty()) return given;
        String key = TextPattern.fields(given).get(0);
        String value = Blank.stripped(values.getOrDefault(key, ""));
        if (!value.isEmpty()) return value;
        return graphic.field(key).map(Field::sample).orElse("");
    }

    static Set<String> colours(Part part) {
        Set<String> colours = new LinkedHashSet<>();
        part(part, colour -> {
            colours.add(colour);
            return colour;
        });
        return colours;
    }

    /** A part with every colour changed by a rule. */
    static Part part(Part part, UnaryOperator<String> colour) {
        if (part instanceof TextPart text) {
            TextStyle style = text.style();
            TextStyle coloured =
                    new TextStyle(style.font(), style.size(), style.tracking(), paint(style.fill(), colour));
            return new TextPart(
                    text.base(), text.text(), coloured, text.layout(), text.fit(), look(text.look(), colour));
        }
        if (part instanceof BoxPart box) {
            return new BoxPart(
                    box.base(),
                    paint(box.fill(), colour),
                    box.corners(),
                    box.slant(),
                    box.depth(),
                    look(box.look(), colour));
        }
        if (part instanceof LinePart line) {
            return new LinePart(line.base(), paint(line.fill(), colour), line.round(), look(line.look(), colour));
        }
        if (part instanceof PicturePart picture) {
            return new PicturePart(
                    picture.base(),
                    picture.picture(),
                    picture.fills(),
                    picture.corners(),
                    look(picture.look(), colour));
        }
        if (part instanceof ScrimPart scrim) {
            return new ScrimPart(scrim.base(), colour.apply(scrim.colour()), scrim.strength(), scrim.from());
        }
        if (part instanceof RibbonPart ribbon) {
            return new RibbonPart(
                    ribbon.base(),
                    paint(ribbon.fill(), colour),
                    ribbon.back().isEmpty() ? "" : colour.apply(ribbon.back()),
                    ribbon.form(),
                    ribbon.sheen(),
                    look(ribbon.look(), colour));
        }
        return part;
    }

    private static Paint paint(Paint paint, UnaryOperator<String> colour) {
        if (paint instanceof Paint.Linear linear) {
            return new Paint.Linear(colour.apply(linear.from()), colour.apply(linear.to()), linear.angle());
        }
        if (paint instanceof Paint.Radial radial) {
            return new Paint.Radial(colour.apply(radial.from()), colour.apply(radial.to()));
        }
        return paint instanceof Paint.Colour plain ? new Paint.Colour(colour.apply(plain.colour())) : paint;
    }

    private static Look look(Look look, UnaryOperator<String> colour) {
        return new Look(
                look.stroke().map(stroke -> new Look.Stroke(colour.apply(stroke.colour()), stroke.width())),
                look.shadow()
                        .map(shadow ->
                                new Look.Shadow(colour.apply(shadow.colour()), shadow.x(), shadow.y(), shadow.blur())),
                look.glow().map(glow -> new Look.Glow(colour.apply(glow.colour()), glow.blur())),
                look.opacity());
    }
}
