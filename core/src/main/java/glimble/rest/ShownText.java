package glimble.rest;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.TextPart;
import glimble.text.Letters;
import glimble.text.TextPattern;
import glimble.text.Writing;

/** The letters of a text part as they are shown: in its case, by the language of what is filled in. */
public final class ShownText {
    private ShownText() {}

    /** @param line what is filled in already */
    public static String of(Graphic graphic, TextPart text, String line, Writing writing) {
        return Letters.shown(line, text.layout().letters(), language(graphic, text), writing);
    }

    /** That of the first of its fields that has one, else that of the graphic. */
    private static String language(Graphic graphic, TextPart text) {
        return TextPattern.fields(text.text()).stream()
                .flatMap(key -> graphic.field(key).stream())
                .map(Field::language)
                .filter(language -> !language.isEmpty())
                .findFirst()
                .orElse(graphic.language());
    }
}
