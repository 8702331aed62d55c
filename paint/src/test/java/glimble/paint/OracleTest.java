package glimble.paint;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomGraphic;
import glimble.edit.Rescale;
import glimble.graphic.Check;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.graphic.ProofRules;
import glimble.graphic.TextPart;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Prover;
import glimble.reel.Layer;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/**
 * The proof against pictures: random graphics are painted, and judged by their pixels. What the proof says and what pixels say must agree in
 * 99 of 100 cases both ways. {@code bin/oracle} tries more of them and prints every disagreement.
 */
class OracleTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Set<String> FONTS = Set.of("barlow-condensed-600", "noto-sans-600");
    private static final int GRAPHICS = Integer.getInteger("oracle.graphics", 40);
    private static final int FIRST = Integer.getInteger("oracle.first", 1);
    /** Whole phases are painted of so few graphics: it takes long. */
    private static final int LATE = 5;

    private static final boolean PRINTS = Boolean.getBoolean("oracle.prints");

    /** How often both said the same. */
    private static final class Tally {
        private int both;
        private int neither;
        private int missed;
        private int invented;
        private final List<String> disagreements = new ArrayList<>();

        void add(Oracle.Said pixels, boolean proof, String what) {
            if (pixels == Oracle.Said.UNDECIDED) return;
            boolean is = pixels == Oracle.Said.YES;
            if (is && proof) both++;
            else if (!is && !proof) neither++;
            else {
                if (is) missed++;
                else invented++;
                disagreements.add((is ? "missed: " : "invented: ") + what);
            }
        }

        /** Of what pixels show, what the proof finds. */
        double found() {
            return both + missed == 0 ? 1 : both / (double) (both + missed);
        }

        /** Of what pixels do not show, what the proof is silent about. */
        double silent() {
            return neither + invented == 0 ? 1 : neither / (double) (neither + invented);
        }
    }

    private final Map<Check, Tally> tallies = new EnumMap<>(Check.class);

    private Tally tally(Check check) {
        return tallies.computeIfAbsent(check, none -> new Tally());
    }

    @Test
    void the_proof_agrees_with_what_is_painted() {
        int apart = 0;
        for (int seed = FIRST; seed < FIRST + GRAPHICS; seed++) if (!judge(seed)) apart++;
        StringBuilder all = new StringBuilder();
        tallies.forEach((check, tally) -> {
            all.append(String.format(
                    "%s: found %d of %d, silent on %d of %d%n",
                    check.word(),
                    tally.both,
                    tally.both + tally.missed,
                    tally.neither,
                    tally.neither + tally.invented));
            if (PRINTS)
                tally.disagreements.forEach(one -> all.append("  ").append(one).append('\n'));
        });
        System.out.print("oracle over " + GRAPHICS + " graphics\n" + all);
        assertThat(apart)
                .as("graphics whose phases do not meet in the same picture")
                .isZero();
        int both = 0;
        int missed = 0;
        int neither = 0;
        int invented = 0;
        for (Tally tally : tallies.values()) {
            both += tally.both;
            missed += tally.missed;
            neither += tally.neither;
            invented += tally.invented;
        }
        assertThat(both).as("faults that pixels show").isGreaterThan(GRAPHICS / 4);
        assertThat(both / (double) (both + missed)).as("found\n%s", all).isGreaterThanOrEqualTo(0.99);
        assertThat(neither / (double) (neither + invented))
                .as("silent\n%s", all)
                .isGreaterThanOrEqualTo(0.99);
    }

    /** @return whether phases meet */
    private boolean judge(int seed) {
        Graphic large = RandomGraphic.of(seed, FONTS, 1920, 1080);
        // Half of them as they come, half of them with less that is wrong.
        Graphic made = seed % 2 == 0 ? large : Calmed.of(large, new Random(seed));
        Graphic graphic = Rescale.to(made, 640, 360).withProof(ProofRules.USUAL).withCases(List.of());
        Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
        Oracle oracle = new Oracle(graphic, values, TYPESETTER);
        List<Fault> faults =
                new Prover(graphic, Oracle.PALETTE, TYPESETTER, Oracle.PICTURES).faults(new Filling("random", values));
        String name = "graphic " + seed;
        if (oracle.reel.in() > 0) {
            tally(Check.ENDS)
                    .add(
                            oracle.seen(PhaseName.IN, 0),
                            has(faults, Check.ENDS, fault -> fault.phase() == PhaseName.IN),
                            name + " in");
        }
        if (oracle.reel.out() > 0) {
            tally(Check.ENDS)
                    .add(
                            oracle.seen(PhaseName.OUT, oracle.reel.out()),
                            has(faults, Check.ENDS, fault -> fault.phase() == PhaseName.OUT),
                            name + " out");
        }
        for (int i = 0; i < oracle.reel.layers().size(); i++) {
            Layer layer = oracle.reel.layers().get(i);
            boolean loops = layer.tracks().stream().anyMatch(track -> track.phase() == PhaseName.LOOP);
            // Letters of the colour of their ground are a matter of contrast.
            boolean judged = !layer.unseen()
                    && !layer.kind().equals("group")
                    && layer.runs().isEmpty();
            if (!judged || loops || !oracle.isKnown(i)) continue;
            tally(Check.UNSEEN)
                    .add(
                            oracle.unseen(i),
                            has(
                                    faults,
                                    Check.UNSEEN,
                                    fault -> fault.part().equals(layer.part())
                                            && fault.phase() == PhaseName.IN
                                            && fault.frame() == oracle.reel.in()),
                            name + " " + layer.kind() + " " + layer.part());
        }
        for (int text : oracle.texts()) {
            Layer layer = oracle.reel.layers().get(text);
            String what = name + " " + layer.part();
            if (!layer.masks().isEmpty()) {
                tally(Check.CUT)
                        .add(
                                oracle.cut(text),
                                has(
                                        faults,
                                        Check.CUT,
                                        fault -> fault.part().equals(layer.part()) && fault.phase() == PhaseName.IN),
                                what);
            }
            int box = oracle.boxOf(text);
            if (box >= 0) {
                String of = oracle.reel.layers().get(box).part();
                Oracle.Said said = oracle.outside(text, box);
                // What stands outside may stand in the padding, too, which is the same cause and may be worse.
                boolean found = has(
                        faults,
                        Check.BOX,
                        fault -> fault.part().equals(layer.part())
                                && fault.other().equals(of)
                                && (said == Oracle.Said.YES || fault.sentence().contains("outside")));
                tally(Check.BOX).add(said, found, what + " in " + of);
            }
            contrast(oracle, text, faults, what);
            // Extents lie over each other before letters do, so that only what pixels show is asked for.
            for (int other : oracle.texts()) {
                if (other >= text || isSame(oracle, text, other)) continue;
                String below = oracle.reel.layers().get(other).part();
                tally(Check.OVER)
                        .add(
                                oracle.over(text, other),
                                has(
                                        faults,
                                        Check.OVER,
                                        fault -> fault.part().equals(layer.part())
                                                && fault.other().equals(below)),
                                what + " over " + below);
            }
            if (box >= 0 && seed % LATE == 0 && oracle.isBoxSeen(box)) {
                tally(Check.LATE)
                        .add(
                                oracle.late(text, box),
                                has(faults, Check.LATE, fault -> fault.part().equals(layer.part())),
                                what);
            }
        }
        return oracle.meet();
    }

    private static boolean isSame(Oracle oracle, int first, int second) {
        String one = ((TextPart) oracle.graphic
                        .part(oracle.reel.layers().get(first).part())
                        .orElseThrow())
                .text();
        String other = ((TextPart) oracle.graphic
                        .part(oracle.reel.layers().get(second).part())
                        .orElseThrow())
                .text();
        return one.equals(other);
    }

    private void contrast(Oracle oracle, int text, List<Fault> faults, String what) {
        Layer layer = oracle.reel.layers().get(text);
        boolean strokedOrPictured =
                layer.stroke().width() > 0 || !layer.picture().isEmpty();
        if (strokedOrPictured || !oracle.isGroundKnown(text)) return;
        double painted = oracle.contrast(text);
        if (painted == 0) return;
        boolean large = layer.em() >= oracle.reel.height() / 30.0;
        double needed = large ? 3 : 4.5;
        Oracle.Said said = painted < needed * 0.85
                ? Oracle.Said.YES
                : painted > needed * 1.15 ? Oracle.Said.NO : Oracle.Said.UNDECIDED;
        boolean found = has(
                faults, Check.CONTRAST, fault -> fault.part().equals(layer.part()) && fault.phase() == PhaseName.IN);
        tally(Check.CONTRAST).add(said, found, what + " " + Math.round(painted * 10) / 10.0);
    }

    private static boolean has(List<Fault> faults, Check check, Predicate<Fault> which) {
        return faults.stream().anyMatch(fault -> fault.check() == check && which.test(fault));
    }
}
