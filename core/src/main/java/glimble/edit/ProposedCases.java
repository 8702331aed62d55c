package glimble.edit;

import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Played;
import glimble.graphic.TextPart;
import glimble.text.FreshName;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Rows of a case table from the fields that may be blank: one for each combination of blanks that leaves something, with a variant of the in
 * to begin with, those with the most blanks first, and last a row for all of it.
 */
public final class ProposedCases {
    /** Fields whose blanks are told apart; with more there would be more rows than anyone reads. */
    private static final int FIELDS = 3;

    private ProposedCases() {}

    /** @throws EditRefused if there are cases already, or no field may be blank */
    public static Graphic of(Graphic graphic) {
        if (!graphic.cases().isEmpty()) throw new EditRefused("there are cases already; delete them first");
        List<Field> blanks = mayBeBlank(graphic);
        if (blanks.isEmpty())
            throw new EditRefused("no field that a text shows may be blank, so that there is nothing to tell apart");
        boolean always = graphic.fields().stream().anyMatch(Field::required);
        List<Case> cases = new ArrayList<>();
        Graphic with = graphic;
        Set<String> taken = graphic.variants().stream()
                .filter(variant -> variant.phase().name() == PhaseName.IN)
                .map(variant -> variant.name())
                .collect(Collectors.toCollection(HashSet::new));
        for (int count = blanks.size(); count > 0; count--) {
            for (int set = (1 << blanks.size()) - 1; set > 0; set--) {
                boolean leavesNothing = count == blanks.size() && !always;
                if (Integer.bitCount(set) != count || leavesNothing) continue;
                String name = FreshName.take(taken, name(blanks, set));
                with = VariantEdits.add(with, PhaseName.IN, name);
                cases.add(new Case(name, conditions(blanks, set), new Played(name, "", ""), false));
            }
        }
        cases.add(new Case("all of it", List.of(), Played.PLAIN, false));
        return with.withCases(cases);
    }

    /** Those that a text shows, in the order of the form. */
    private static List<Field> mayBeBlank(Graphic graphic) {
        Set<String> shown = new HashSet<>();
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text) shown.addAll(TextPattern.fields(text.text()));
        }
        return graphic.fields().stream()
                .filter(field -> field.isText())
                .filter(field -> !field.required() && shown.contains(field.key()))
                .limit(FIELDS)
                .toList();
    }

    private static List<Condition> conditions(List<Field> blanks, int set) {
        List<Condition> conditions = new ArrayList<>();
        for (int i = 0; i < blanks.size(); i++) {
            if ((set >> i & 1) == 1)
                conditions.add(new Condition.Filled(blanks.get(i).key(), false));
        }
        return conditions;
    }

    private static String name(List<Field> blanks, int set) {
        List<String> without = new ArrayList<>();
        for (int i = 0; i < blanks.size(); i++) {
            if ((set >> i & 1) == 1) without.add(blanks.get(i).key());
        }
        return "without " + String.join(" and ", without);
    }
}
