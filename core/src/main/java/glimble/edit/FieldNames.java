package glimble.edit;

import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.TextPart;
import glimble.text.TextPattern;
import java.util.Map;

/**
 * Calls fields otherwise where they are asked for.
 *
 * @param others other keys, by key; a field without one keeps its own
 */
record FieldNames(Map<String, String> others) {

    String of(String field) {
        return others.getOrDefault(field, field);
    }

    /** What a part shows, needs and is coloured by. */
    Part asking(Part part) {
        Part needing = part.withBase(
                part.base().withNeeds(part.base().needs().stream().map(this::of).toList()));
        Part coloured = Coloured.part(needing, this::pattern);
        if (coloured instanceof TextPart text) {
            return text.withText(pattern(text.text()));
        }
        if (coloured instanceof PicturePart picture) {
            return new PicturePart(
                    picture.base(), pattern(picture.picture()), picture.fills(), picture.corners(), picture.look());
        }
        return coloured;
    }

    /** All at once, since one field may be given the name of another. */
    String pattern(String pattern) {
        StringBuilder renamed = new StringBuilder();
        int from = 0;
        for (String field : TextPattern.fields(pattern)) {
            int at = pattern.indexOf("{" + field + "}", from);
            renamed.append(pattern, from, at).append('{').append(of(field)).append('}');
            from = at + field.length() + 2;
        }
        return renamed.append(pattern.substring(from)).toString();
    }
}
