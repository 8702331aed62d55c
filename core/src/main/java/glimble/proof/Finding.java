package glimble.proof;

import glimble.graphic.ProofRules;
import glimble.graphic.Reach;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One thing that is wrong, with every filling that shows it.
 *
 * @param worst where it is worst
 * @param trial index of the filling where that is
 * @param trials indexes of all that show it, in their order
 * @param reduced the shortest texts and fewest fields that were found to still show it; empty before that has been sought
 * @param accepted why it is meant; empty if it is not
 * @param outgrown how it has become more than what was accepted, a sentence; empty if nothing of it was
 * @param reach what the fillings that show it are like
 */
public record Finding(
        Fault worst,
        int trial,
        List<Integer> trials,
        Optional<Filling> reduced,
        Optional<String> accepted,
        Optional<String> outgrown,
        Reach reach) {

    public Finding {
        trials = List.copyOf(trials);
    }

    /** What is accepted with it: this fault, as far as it goes and for such fillings. */
    public ProofRules.Accepted accepting(String reason) {
        return new ProofRules.Accepted(
                worst.check().word(),
                worst.part(),
                Optional.of(worst.other()),
                Optional.of(worst.phase()),
                OptionalDouble.of(worst.measured()),
                reach,
                reason);
    }
}
