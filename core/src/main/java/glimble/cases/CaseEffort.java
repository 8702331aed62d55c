package glimble.cases;

import glimble.budget.Effort;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.rest.RestEffort;
import glimble.text.TextPattern;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How much work conditions are. */
public final class CaseEffort {
    private static final int STEPS_PER_CONDITION = 10;
    /** Letters that a text has on average with which a width is told apart. */
    private static final int LETTERS = 40;

    private CaseEffort() {}

    /** Of telling which case answers a filling. */
    public static Effort ofAnswer(Graphic graphic, Map<String, String> values) {
        long conditions = 0;
        Set<String> measured = new HashSet<>();
        boolean solved = false;
        for (Case row : graphic.cases()) {
            for (Condition condition : row.when()) {
                conditions++;
                if (!(condition instanceof Condition.Wider wider)) continue;
                measured.add(condition.about().orElseThrow());
                solved |= !wider.part().isEmpty();
            }
        }
        long letters = 0;
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text
                    && TextPattern.fields(text.text()).stream().anyMatch(measured::contains)) {
                letters += RestEffort.letters(text.text(), values);
            }
        }
        Effort effort = of(conditions).plus(RestEffort.ofLetters(letters));
        return solved ? effort.plus(RestEffort.of(graphic, values)) : effort;
    }

    /** Of a map, at least: values are tried on either side of every bound, and every condition for each of them. */
    public static Effort ofMap(Graphic graphic) {
        Effort effort = Effort.NONE;
        for (Field field : graphic.fields()) {
            Set<Condition> about = new HashSet<>();
            for (Case row : graphic.cases()) {
                for (Condition condition : row.when()) {
                    if (condition.about().equals(Optional.of(field.key()))) about.add(condition);
                }
            }
            long tried = 4L + field.options().size();
            long wide = 0;
            for (Condition condition : about) {
                if (condition instanceof Condition.OneOf one)
                    tried += one.texts().size();
                else tried += 2;
                if (condition instanceof Condition.Wider) wide++;
            }
            effort = effort.plus(of(tried * about.size()));
            if (wide > 0) effort = effort.plus(RestEffort.ofLetters(tried * texts(graphic, field.key()) * LETTERS));
        }
        return effort;
    }

    private static Effort of(long conditions) {
        return new Effort(
                conditions * STEPS_PER_CONDITION,
                "conditions are tried " + conditions + " times; give the cases fewer of them");
    }

    private static long texts(Graphic graphic, String field) {
        return graphic.parts().stream()
                .filter(part -> part instanceof TextPart text
                        && TextPattern.fields(text.text()).contains(field))
                .count();
    }
}
