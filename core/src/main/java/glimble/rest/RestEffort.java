package glimble.rest;

import glimble.budget.Effort;
import glimble.graphic.Axis;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
import glimble.text.TextPattern;
import java.util.Map;

/** How much work it is to solve a rest picture: letters that are shaped, ribbons that are bent, and relations that are solved. */
public final class RestEffort {
    /** Steps for one relation. */
    public static final int RELATION = 20;

    private static final int LETTER = 250;
    /** Of its pieces, its rulings and what is seen of them. */
    private static final int RIBBON = 50_000;

    private RestEffort() {}

    /** @param values text by field key */
    public static Effort of(Graphic graphic, Map<String, String> values) {
        long letters = 0;
        long ribbons = 0;
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text) letters += letters(text.text(), values);
            if (part instanceof RibbonPart) ribbons++;
        }
        return ofLetters(letters)
                .plus(new Effort(ribbons * RIBBON, ribbons + " ribbons are bent; use fewer"))
                .plus(new Effort(
                        relations(graphic) * RELATION, relations(graphic) + " relations are solved; wrap fewer parts"));
    }

    public static Effort ofLetters(long letters) {
        return new Effort(letters * LETTER, letters + " letters are shaped; shorten the texts or use fewer");
    }

    /** A union goes along the chain of every part it wraps. */
    public static long relations(Graphic graphic) {
        long relations = graphic.parts().size();
        for (Part part : graphic.parts()) {
            for (Axis axis : Axis.values()) {
                if (part.span(axis).size() instanceof Size.Wraps wraps) {
                    relations += (long) wraps.parts().size() * graphic.parts().size();
                }
            }
        }
        return relations;
    }

    /** Of a text whose fields are filled, at most. */
    public static long letters(String pattern, Map<String, String> values) {
        long letters = pattern.length();
        for (String field : TextPattern.fields(pattern)) {
            letters += values.getOrDefault(field, "").length();
        }
        return letters;
    }
}
