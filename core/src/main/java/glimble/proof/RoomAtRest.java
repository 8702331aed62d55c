package glimble.proof;

import glimble.budget.Budget;
import glimble.cases.Answered;
import glimble.graphic.Check;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Out;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.reel.ReelMaker;
import glimble.reel.WorkedOut;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Reckoning;
import glimble.rest.RestSolver;
import glimble.spoken.ShownValues;
import glimble.text.TextPattern;
import glimble.text.TextUnit;
import glimble.text.Typesetter;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is wrong with the room of a rest picture, by all that the proof judges there: letters outside their box or the safe area, in padding, cut
 * by masks, over each other, squeezed too far, off a ribbon or bent with it.
 *
 * @param wrong how far, by what it is; px or the unit of its check
 * @param sentences of each, in the same order
 * @param squeeze how far the letters of the field are squeezed, 0–1
 * @param lines of each part that shows the field
 */
record RoomAtRest(
        Map<String, Double> wrong, Map<String, String> sentences, double squeeze, Map<String, Integer> lines) {
    private static final Set<Check> OF_ROOM = Set.of(
            Check.BOX,
            Check.SAFE,
            Check.CUT,
            Check.OVER,
            Check.SQUEEZE,
            Check.OFF,
            Check.BACK,
            Check.TURNED,
            Check.BENT);
    /** In the unit of a check; so little more is no worse. */
    private static final double NO_WORSE = 0.5;
    /** Factors of width that differ by less are the same. */
    private static final double SAME = 1e-6;

    private static final String[] SIDES = {"left", "right", "top", "bottom"};

    static RoomAtRest of(
            Graphic graphic,
            Map<String, String> values,
            Field field,
            Typesetter typesetter,
            Pictures pictures,
            Budget budget) {
        Map<String, String> last = ofLastLine(graphic, values, field);
        Graphic played = Answered.of(graphic, last, Condition.Standing.NOTHING, typesetter, pictures)
                .graphic()
                .withPhases(new In(List.of()), new Loop(0, List.of()), new Out(List.of()));
        WorkedOut worked = ReelMaker.make(
                played, last, typesetter, pictures, played.frame().length(), budget);
        FaultList faults = new FaultList();
        Judged judged = new Judged(played, null, worked, List.of(), faults);
        RestChecks.check(judged);
        RibbonChecks.check(judged);
        Map<String, Double> wrong = new LinkedHashMap<>();
        Map<String, String> sentences = new LinkedHashMap<>();
        for (RestFaults.Outside outside : RestFaults.outside(played, worked.rest())) {
            double[] sides = outside.sides();
            for (int side = 0; side < sides.length; side++) {
                if (sides[side] < judged.limit(Check.SAFE)) continue;
                String what = outside.part() + " outside " + outside.of() + " " + SIDES[side];
                wrong.put(what, sides[side]);
                sentences.put(what, outside.part() + ": " + outside.sentence());
            }
        }
        for (Fault fault : faults.all()) {
            if (!OF_ROOM.contains(fault.check())) continue;
            String what = fault.part() + " " + fault.check() + " " + fault.other();
            wrong.put(what, fault.excess());
            sentences.put(what, fault.part() + ": " + fault.sentence());
        }
        double squeeze = 1;
        Map<String, Integer> lines = new HashMap<>();
        for (Part part : played.parts()) {
            boolean shows = part instanceof TextPart shown
                    && TextPattern.fields(shown.text()).contains(field.key())
                    && worked.rest().isPresent(part.key());
            if (!shows) continue;
            PartRest at = worked.rest().part(part.key());
            squeeze = Math.min(squeeze, squeeze(at));
            lines.put(part.key(), lines(at));
        }
        return new RoomAtRest(wrong, sentences, squeeze, lines);
    }

    /** Of a series the line that is typed at. */
    private static Map<String, String> ofLastLine(Graphic graphic, Map<String, String> values, Field field) {
        if (field.series().isEmpty()) return values;
        int count = ShownValues.lines(values.getOrDefault(field.key(), "")).size();
        return ShownValues.of(graphic, values, Math.max(0, count - 1));
    }

    /** What is wrong here that was not so, or less so, in another picture; empty if nothing is. */
    Optional<String> newSince(RoomAtRest before) {
        for (Map.Entry<String, Double> one : wrong.entrySet()) {
            Double was = before.wrong.get(one.getKey());
            if (was == null || one.getValue() > was + NO_WORSE) return Optional.of(sentences.get(one.getKey()));
        }
        return Optional.empty();
    }

    /** Whether letters are as they were: no further squeezed, in as many lines. */
    boolean isAs(RoomAtRest before) {
        return squeeze >= before.squeeze - SAME && lines.equals(before.lines);
    }

    /** As its width is reckoned. */
    private static double squeeze(PartRest at) {
        Reckoning width = at.width();
        boolean squeezed = width.how() == Reckoning.How.TIMES && width.what().endsWith(RestSolver.SQUEEZED);
        return squeezed ? width.terms().get(0).value() : 1;
    }

    private static int lines(PartRest at) {
        return at.line()
                .map(line -> (int) line.units().stream()
                        .mapToInt(TextUnit::line)
                        .distinct()
                        .count())
                .orElse(0);
    }
}
