package glimble.proof;

import java.util.List;
import java.util.Optional;

/**
 * One thing that is wrong, with every filling that shows it.
 *
 * @param worst where it is worst
 * @param trial index of the filling where that is
 * @param trials indexes of all that show it, in their order
 * @param reduced the shortest texts and fewest fields that were found to still show it; empty before that has been sought
 * @param accepted why it is meant; empty if it is not
 */
public record Finding(
        Fault worst, int trial, List<Integer> trials, Optional<Filling> reduced, Optional<String> accepted) {

    public Finding {
        trials = List.copyOf(trials);
    }
}
