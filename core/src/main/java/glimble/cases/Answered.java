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

    public static Answered of(
            Graphic graphic,
            Map<String, String> values,
            Condition.Standing onAir,
            Typesetter typesetter,
            Pictures pictures) {
        CaseTable.Answer answer = CaseTable.answer(graphic, values, onAir, Widths.of(graphic, typesetter, pictures));
        return new Answered(Variants.played(graphic, answer.played()), answer);
    }
}
