package glimble.proof;

import glimble.graphic.ProofRules;
import java.util.List;
import java.util.Optional;

/** Whether a finding is what was accepted, or has become more than that. */
final class Acceptance {
    /** Of what is measured: below what anybody sees, and above what two machines differ by. */
    private static final double SAME = 0.005;

    private Acceptance() {}

    /** Whether it was accepted of this cause, as far as it then went. */
    static boolean isOf(ProofRules.Accepted accepted, Fault fault) {
        // What says what it stands against is about one thing, be it the graphic as a whole, which has no key.
        boolean everyPart = accepted.part().isEmpty() && accepted.against().isEmpty();
        return accepted.check().equals(fault.check().word())
                && (everyPart || accepted.part().equals(fault.part()))
                && accepted.against().map(fault.other()::equals).orElse(true)
                && accepted.phase().map(phase -> phase == fault.phase()).orElse(true);
    }

    /**
     * How a finding is more than was accepted, for people; empty if it is not.
     *
     * @param worst of the finding
     * @param shown what the fillings that show it are like
     */
    static Optional<String> outgrown(ProofRules.Accepted accepted, Fault worst, List<Likeness> shown) {
        if (accepted.measured().isPresent()) {
            double was = accepted.measured().getAsDouble();
            boolean more = worst.measured() > worst.allowed();
            double beyond = more ? worst.measured() - was : was - worst.measured();
            if (beyond > SAME * Math.max(1, Math.abs(was))) {
                return Optional.of("It was accepted at " + FaultList.tenth(was) + " " + worst.unit() + " and is at "
                        + FaultList.tenth(worst.measured()) + " now.");
            }
        }
        return shown.stream()
                .filter(one -> !one.isIn(accepted.reach()))
                .findFirst()
                .map(one -> "It was accepted where " + accepted.reach().words() + "; now it is found where "
                        + one.beyond(accepted.reach()) + ", too.");
    }
}
