package glimble.proof;

import glimble.graphic.Graphic;
import glimble.graphic.ProofRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/** Gathers the faults of many fillings: those of one cause are one finding. Not to be used by several at a time. */
public final class Findings {
    private final Graphic graphic;
    private final ProofRules rules;
    private final List<Filling> fillings;
    /** What each filling is like; null before anybody asked. */
    private List<Likeness> alike;

    private final Map<Fault.Cause, Fault> worst = new LinkedHashMap<>();
    private final Map<Fault.Cause, Integer> where = new LinkedHashMap<>();
    private final Map<Fault.Cause, TreeSet<Integer>> trials = new LinkedHashMap<>();
    private final Map<Fault.Cause, Filling> reduced = new LinkedHashMap<>();

    /** @param fillings all that it is proved with */
    public Findings(Graphic graphic, List<Filling> fillings) {
        this.graphic = graphic;
        this.rules = graphic.proof();
        this.fillings = List.copyOf(fillings);
    }

    /** @param trial index of the filling */
    public void add(int trial, List<Fault> faults) {
        for (Fault fault : faults) {
            Fault.Cause cause = fault.cause();
            Fault known = worst.get(cause);
            boolean worse = known == null
                    || fault.excess() > known.excess()
                    || fault.excess() == known.excess() && trial < where.get(cause);
            if (worse) {
                worst.put(cause, fault);
                where.put(cause, trial);
            }
            trials.computeIfAbsent(cause, none -> new TreeSet<>()).add(trial);
        }
    }

    public void reduce(Fault.Cause cause, Filling filling) {
        reduced.put(cause, filling);
    }

    /** In the order of the checks; those that are accepted last. */
    public List<Finding> all() {
        List<Finding> all = new ArrayList<>();
        worst.keySet().forEach(cause -> all.add(finding(cause)));
        all.sort(Comparator.comparing((Finding finding) -> finding.accepted().isPresent())
                .thenComparing(finding -> finding.worst().check())
                .thenComparing(finding -> finding.worst().part())
                .thenComparing(finding -> finding.worst().other())
                .thenComparing(finding -> finding.worst().phase()));
        return all;
    }

    private Finding finding(Fault.Cause cause) {
        Fault fault = worst.get(cause);
        List<Likeness> shown =
                trials.get(cause).stream().map(trial -> alike().get(trial)).toList();
        Optional<String> accepted = Optional.empty();
        Optional<String> outgrown = Optional.empty();
        for (ProofRules.Accepted rule : rules.accepted()) {
            if (!Acceptance.isOf(rule, fault)) continue;
            Optional<String> more = Acceptance.outgrown(rule, fault, shown);
            if (more.isEmpty()) accepted = Optional.of(accepted.orElse(rule.reason()));
            else outgrown = Optional.of(outgrown.orElse(more.get() + " The reason was: " + rule.reason()));
        }
        return new Finding(
                fault,
                where.get(cause),
                new ArrayList<>(trials.get(cause)),
                Optional.ofNullable(reduced.get(cause)),
                accepted,
                accepted.isPresent() ? Optional.empty() : outgrown,
                Likeness.reach(shown, alike()));
    }

    private List<Likeness> alike() {
        if (alike == null)
            alike = fillings.stream()
                    .map(filling -> Likeness.of(graphic, filling))
                    .toList();
        return alike;
    }
}
