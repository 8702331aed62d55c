package glimble.prove;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.budget.Budget;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.HouseFile;
import glimble.graphic.Graphic;
import glimble.mend.Mend;
import glimble.mend.Mender;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Finding;
import glimble.proof.Findings;
import glimble.proof.Prover;
import glimble.typeset.JdkTypesetter;
import java.util.List;
import org.junit.jupiter.api.Test;

/** That what is offered as a mend is one: proved anew, with every filling. */
class MendsTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    private static HouseFile house() throws Exception {
        return HouseFile.demo();
    }

    private static Graphic graphic(String json) throws Exception {
        HouseFile house = house();
        Graphic read = GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
        return read.withFrame(read.frame().of(house.safe(), house.wholePixels()));
    }

    private static List<Finding> findings(Graphic graphic, List<Filling> fillings) throws Exception {
        HouseFile house = house();
        Prover prover = new Prover(graphic, house.palette(), TYPESETTER, house.pictures());
        Findings findings = new Findings(graphic, fillings);
        for (int i = 0; i < fillings.size(); i++) findings.add(i, prover.faults(fillings.get(i)));
        return findings.all().stream()
                .filter(finding -> finding.accepted().isEmpty())
                .toList();
    }

    @Test
    void each_of_the_five_faults_has_a_mend_that_leaves_nothing_of_it_and_adds_nothing() throws Exception {
        HouseFile house = house();
        Graphic strap = graphic(DemoGraphics.faulty());
        List<Filling> fillings = Fillings.of(strap, TYPESETTER, house.pictures());
        List<Finding> before = findings(strap, fillings);
        assertThat(before).hasSizeGreaterThanOrEqualTo(5);
        for (Finding finding : before) {
            Fault.Cause cause = finding.worst().cause();
            List<Mend> mends =
                    Mender.of(strap, house.palette(), TYPESETTER, house.pictures(), fillings, cause, Budget.endless());
            assertThat(mends).as(cause.toString()).isNotEmpty();
            assertThat(mends.get(0).isClean()).isTrue();
            for (Mend mend : mends) {
                List<Finding> after =
                        findings(mend.graphic(), Fillings.of(mend.graphic(), TYPESETTER, house.pictures()));
                if (!mend.isClean()) continue;
                assertThat(after).extracting(one -> one.worst().cause()).doesNotContain(cause);
                assertThat(before)
                        .extracting(one -> one.worst().cause())
                        .containsAll(
                                after.stream().map(one -> one.worst().cause()).toList());
            }
        }
    }
}
