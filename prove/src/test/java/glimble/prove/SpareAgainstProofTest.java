package glimble.prove;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomGraphic;
import glimble.budget.Budget;
import glimble.edit.Coloured;
import glimble.graphic.Check;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.graphic.ProofRules;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Prover;
import glimble.proof.Spare;
import glimble.rest.Pictures;
import glimble.text.Letters;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Room that is left, letter by letter against the proof, over random graphics. */
class SpareAgainstProofTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Palette PALETTE = new Palette(Map.of("kelp", "#2F5D50", "plum", "#5B3A6B"));
    private static final Pictures PICTURES =
            key -> key.equals("mark") ? Optional.of(new Pictures.Extent(40, 30)) : Optional.empty();
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

    @Test
    void no_letter_that_fits_is_wrong_for_the_proof_and_the_next_one_is() {
        List<String> wrong = new ArrayList<>();
        int asked = 0;
        for (int seed = 1; asked < 30; seed++) {
            Random random = new Random(seed);
            Graphic made = RandomGraphic.of(seed, Set.of("barlow-condensed-600", "noto-sans-600"), 1920, 1080);
            Graphic graphic = made.withProof(ProofRules.USUAL).withCases(List.of());
            Map<String, String> values = RandomGraphic.values(graphic, random);
            for (Field field : graphic.fields()) {
                boolean judged = field.isText()
                        && field.kind() != Field.Kind.SPOKEN
                        && field.series().isEmpty();
                if (!judged || random.nextInt(3) > 0) continue;
                asked++;
                String said = judged(graphic, values, field);
                if (!said.isEmpty()) wrong.add("seed " + seed + ", " + said);
            }
        }
        assertThat(wrong).as("of %s", asked).isEmpty();
    }

    private static String judged(Graphic graphic, Map<String, String> values, Field field) {
        Graphic coloured = Coloured.of(graphic, PALETTE, values);
        Spare spare = Spare.of(coloured, values, field, TYPESETTER, PICTURES, Budget.endless());
        String text = values.getOrDefault(field.key(), "").strip();
        String source = text.isBlank() ? field.sample().isBlank() ? "Oona Varga" : field.sample() : text;
        Map<String, Double> now = faults(graphic, values, field, text);
        int limit = field.longest() > 0
                ? Math.max(0, field.longest() - Letters.count(text, TYPESETTER.writing()))
                : Spare.MOST;
        for (int more = 1; more <= Math.min(limit, spare.squeezed() + 1); more++) {
            Map<String, Double> then = faults(graphic, values, field, text + filler(text, source, more));
            boolean fits = then.entrySet().stream()
                    .allMatch(
                            one -> now.containsKey(one.getKey()) && one.getValue() <= now.get(one.getKey()) + NO_WORSE);
            if (fits != (more <= spare.squeezed()) && !(fits && isOnlyAnotherSide(spare)))
                return field.key() + ": " + more + " more " + (fits ? "fit" : "do not fit") + ", said are " + spare
                        + " now " + now + " then " + then;
        }
        return "";
    }

    /** The proof says how far something stands outside on its worst side only. */
    private static boolean isOnlyAnotherSide(Spare spare) {
        return spare.then().contains("px outside");
    }

    private static Map<String, Double> faults(Graphic graphic, Map<String, String> values, Field field, String text) {
        Map<String, String> filled = new HashMap<>(values);
        filled.put(field.key(), text);
        Map<String, Double> faults = new HashMap<>();
        for (Fault fault : new Prover(graphic, PALETTE, TYPESETTER, PICTURES).faults(new Filling("x", filled))) {
            if (OF_ROOM.contains(fault.check()) && fault.phase() == PhaseName.IN)
                faults.merge(fault.part() + " " + fault.check() + " " + fault.other(), fault.excess(), Math::max);
        }
        return faults;
    }

    private static String filler(String text, String source, int letters) {
        StringBuilder filler = new StringBuilder(text.isEmpty() ? "" : " ");
        while (Letters.count(filler.toString(), TYPESETTER.writing()) < letters)
            filler.append(source).append(' ');
        return Letters.cut(filler.toString(), letters, TYPESETTER.writing()).stripTrailing();
    }
}
