package glimble.proof;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.ProofRules;
import glimble.rest.Pictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Accepting a finding accepts no other one, and not what becomes of it. */
class AcceptanceTest {
    private static final int GRAPHICS = Integer.getInteger("accept.graphics", 6);
    private static final int FILLINGS = 40;
    private static final Palette PALETTE = new Palette(Map.of());

    /** A graphic with what is found in it. */
    private record Proved(int seed, Graphic graphic, List<Filling> fillings, List<List<Fault>> faults) {
        static Proved of(int seed) {
            Graphic graphic = RandomGraphic.of(seed).withProof(ProofRules.USUAL);
            MonoTypesetter typesetter = new MonoTypesetter();
            List<Filling> all = new ArrayList<>(Fillings.of(graphic, typesetter, Pictures.NONE));
            all.addAll(Fillings.changes(graphic, typesetter));
            List<Filling> some = new ArrayList<>();
            for (int i = 0; i < FILLINGS; i++) some.add(all.get((int) ((long) i * all.size() / FILLINGS)));
            Prover prover = new Prover(graphic, PALETTE, typesetter, Pictures.NONE);
            return new Proved(
                    seed, graphic, some, some.stream().map(prover::faults).toList());
        }

        List<Finding> accepting(List<ProofRules.Accepted> accepted) {
            return findings(accepted, List.of());
        }

        /** @param among indexes of the fillings that are tried; none for all */
        List<Finding> findings(List<ProofRules.Accepted> accepted, List<Integer> among) {
            Findings findings = new Findings(graphic.withProof(new ProofRules(Map.of(), accepted)), fillings);
            for (int i = 0; i < fillings.size(); i++)
                if (among.isEmpty() || among.contains(i)) findings.add(i, faults.get(i));
            return findings.all();
        }
    }

    private static List<Proved> proved() {
        List<Proved> proved = new ArrayList<>();
        for (int seed = 1; seed <= GRAPHICS; seed++) proved.add(Proved.of(seed));
        return proved;
    }

    @Test
    void only_what_is_accepted_is_and_it_comes_back_when_it_is_worse_or_reaches_further() {
        int alone = 0;
        int worse = 0;
        int further = 0;
        for (Proved one : proved()) {
            for (Finding finding : one.accepting(List.of())) {
                ProofRules.Accepted meant = finding.accepting("it is meant");
                String what = one.seed + " " + finding.worst().sentence();
                List<Finding> now = one.accepting(List.of(meant));
                assertThat(now.stream().filter(found -> found.accepted().isPresent()))
                        .as(what)
                        .extracting(found -> found.worst().cause())
                        .containsExactly(finding.worst().cause());
                assertThat(now).as(what).noneMatch(found -> found.outgrown().isPresent());
                alone++;

                // Accepted as it is in half of the fillings: what is more in all of them comes back.
                List<Integer> half =
                        finding.trials().subList(0, (finding.trials().size() + 1) / 2);
                Finding less = one.findings(List.of(), half).stream()
                        .filter(found ->
                                found.worst().cause().equals(finding.worst().cause()))
                        .findFirst()
                        .orElseThrow();
                Finding more = one.accepting(List.of(less.accepting("it is meant"))).stream()
                        .filter(found ->
                                found.worst().cause().equals(finding.worst().cause()))
                        .findFirst()
                        .orElseThrow();
                boolean isWorse = finding.worst().excess() > less.worst().excess() * 1.01 + 0.1;
                boolean isFurther = finding.trials().stream()
                        .map(trial -> Likeness.of(one.graphic, one.fillings.get(trial)))
                        .anyMatch(like -> !like.isIn(less.reach()));
                if (isWorse || isFurther) {
                    assertThat(more.accepted()).as(what).isEmpty();
                    assertThat(more.outgrown().orElse(""))
                            .as(what)
                            .contains("It was accepted")
                            .endsWith("it is meant");
                }
                if (isWorse) worse++;
                else if (isFurther) further++;
                if (!isWorse && !isFurther && finding.worst().equals(less.worst()))
                    assertThat(more.accepted()).as(what).contains("it is meant");
            }
        }
        System.out.println(alone + " accepted alone, " + worse + " grown worse, " + further + " reach further");
        assertThat(alone).isGreaterThan(100);
        assertThat(worse).isGreaterThan(10);
        assertThat(further).isGreaterThan(10);
    }

    @Test
    void what_was_accepted_without_a_measure_goes_on_as_it_was() {
        for (Proved one : proved()) {
            for (Finding finding : one.accepting(List.of())) {
                List<Finding> now = one.accepting(List.of(ProofRules.Accepted.all(
                        finding.worst().check().word(), finding.worst().part(), "meant")));
                assertThat(now)
                        .filteredOn(found ->
                                found.worst().cause().equals(finding.worst().cause()))
                        .allMatch(found -> found.accepted().equals(Optional.of("meant")));
            }
        }
    }
}
