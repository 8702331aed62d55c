package glimble.cases;

import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.rest.Pictures;
import glimble.text.Typesetter;
import java.util.Map;

/**
 * A graphic as it is played for given values.
 *
 * @param graphic with the variants that are played as its phases
 * @param answer which case that is
 */
public record Answered(Graphic graphic, CaseTable.Answer answer) {

    /** @param widths of the same graphic */
    public static Answered of(Graphic graphic, Map<String, String> values, Condition.Standing onAir, Widths widths) {
        CaseTable.Answer answer = CaseTable.answer(graphic, values, onAir, widths);
        return new Answered(Variants.played(graphic, answer.played()), answer);
    }

    /** For one filling, whatever it costs. */
    public static Answered of(
            Graphic graphic,
            Map<String, String> values,
            Condition.Standing onAir,
            Typesetter typesetter,
            Pictures pictures) {
        return of(graphic, values, onAir, Widths.of(graphic, typesetter, pictures));
    }
}
