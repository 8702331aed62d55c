package glimble.rest;

import glimble.graphic.Align;
import glimble.graphic.Axis;
import glimble.graphic.Fit;
import glimble.graphic.Graphic;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.text.LineBreaking;
import glimble.text.TextBlock;
import glimble.text.TextPattern;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Sets the texts of a graphic for given values: which lines they have, how wide those are, and how much they are squeezed. */
final class TextSetting {
    private final Graphic graphic;
    private final Map<String, String> values;
    private final boolean mirrored;
    private final Typesetter typesetter;
    private final Presence presence;
    private final Map<String, List<TextPart>> squeezedTogether;
    private final ToDoubleFunction<TextPart> room;
    /** Of texts of one line, which need no room to be broken to. */
    private final Map<String, TypesetLine> unbroken;

    private final Map<String, TypesetLine> broken = new HashMap<>();
    private final Map<String, Double> squeezes = new HashMap<>();

    /** @param room the width a text may take, px; asked only of a text that must fit */
    TextSetting(
            Graphic graphic,
            Map<String, String> values,
            boolean mirrored,
            Typesetter typesetter,
            Presence presence,
            ToDoubleFunction<TextPart> room) {
        this.graphic = graphic;
        this.values = values;
        this.mirrored = mirrored;
        this.typesetter = typesetter;
        this.presence = presence;
        this.room = room;
        squeezedTogether = Squeeze.groups(graphic);
        unbroken = new HashMap<>();
    }

    private TextSetting(TextSetting other, ToDoubleFunction<TextPart> room) {
        graphic = other.graphic;
        values = other.values;
        mirrored = other.mirrored;
        typesetter = other.typesetter;
        presence = other.presence;
        this.room = room;
        squeezedTogether = other.squeezedTogether;
        unbroken = other.unbroken;
    }

    /** The same texts where they may have other room. */
    TextSetting again(ToDoubleFunction<TextPart> room) {
        return new TextSetting(this, room);
    }

    /** The text broken to its lines, but not squeezed. */
    TypesetLine natural(TextPart text) {
        Map<String, TypesetLine> naturals = lines(text.fit()) == 1 ? unbroken : broken;
        TypesetLine known = naturals.get(text.key());
        if (known != null) return known;
        TextStyle style = text.style();
        List<TypesetLine> lines = new ArrayList<>();
        for (String line : lines(text)) {
            lines.add(typesetter.set(line, style.font(), style.size(), style.tracking()));
        }
        TypesetLine natural = TextBlock.stacked(lines, text.layout().leading(), align(text))
                .trimmed(isInked(text, Axis.X), isInked(text, Axis.Y));
        naturals.put(text.key(), natural);
        return natural;
    }

    private static boolean isInked(TextPart text, Axis axis) {
        return text.span(axis).size() instanceof Size.Own own && own.ink();
    }

    private Align align(TextPart text) {
        Align align = text.layout().align();
        return mirrored ? align.mirrored() : align;
    }

    /** How many a text may have. */
    private static int lines(Optional<Fit> fit) {
        return fit.map(Fit::lines).orElse(1);
    }

    private List<String> lines(TextPart text) {
        int most = lines(text.fit());
        if (most == 1) return List.of(shown(text, TextPattern.fill(text.text(), values)));
        List<String> given = TextPattern.fillLines(text.text(), values);
        // More lines than there may be are one text, to be broken anew.
        List<String> kept = given.size() <= most && !given.isEmpty() ? given : List.of(String.join(" ", given));
        List<String> shown = kept.stream().map(line -> shown(text, line)).toList();
        return new LineBreaking(text.style(), typesetter).broken(shown, room.applyAsDouble(text), most);
    }

    private String shown(TextPart text, String letters) {
        return ShownText.of(graphic, text, letters, typesetter.writing());
    }

    /** The factor by which a text is squeezed in width; 1 if it fits or may grow. */
    double squeeze(TextPart text) {
        if (text.fit().isEmpty()) return 1;
        Double known = squeezes.get(text.key());
        if (known != null) return known;
        List<TextPart> group = squeezedTogether.get(text.key()).stream()
                .filter(member -> !presence.isAbsent(member.key()))
                .toList();
        double[] widths =
                group.stream().mapToDouble(member -> natural(member).advance()).toArray();
        double[] rooms = group.stream().mapToDouble(room).toArray();
        double factor = Squeeze.factor(widths, rooms, Squeeze.least(group));
        for (TextPart member : group) squeezes.put(member.key(), factor);
        return factor;
    }

    /** The factor by which a text is squeezed in height. */
    double squeezeInHeight(TextPart text) {
        return text.fit().map(Fit::both).orElse(false) ? squeeze(text) : 1;
    }

    /**
     * The glyphs as they stand in their box: squeezed, and at the end of it that their alignment says.
     *
     * @param width of the box, px
     */
    TypesetLine laid(TextPart text, double width) {
        TypesetLine line = natural(text).scaled(squeeze(text), squeezeInHeight(text));
        return line.moved((width - line.advance()) * align(text).share(), 0);
    }
}
