package glimble.proof;

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
    private final ProofRules rules;
    private final Map<Fault.Cause, Fault> worst = new LinkedHashMap<>();
    private final Map<Fault.Cause, Integer> where = new LinkedHashMap<>();
    private final Map<Fault.Cause, TreeSet<Integer>> trials = new LinkedHashMap<>();
    private final Map<Fault.Cause, Filling> reduced = new LinkedHashMap<>();

    public Findings(ProofRules rules) {
        this.rules = rules;
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
        worst.forEach((cause, fault) -> all.add(new Finding(
                fault,
                where.get(cause),
                new ArrayList<>(trials.get(cause)),
                Optional.ofNullable(reduced.get(cause)),
                accepted(fault))));
        all.sort(Comparator.comparing((Finding finding) -> finding.accepted().isPresent())
                .thenComparing(finding -> finding.worst().check())
                .thenComparing(finding -> finding.worst().part())
                .thenComparing(finding -> finding.worst().other())
                .thenComparing(finding -> finding.worst().phase()));
        return all;
    }

    private Optional<String> accepted(Fault fault) {
        return rules.accepted().stream()
                .filter(one -> one.check().equals(fault.check().word()))
                .filter(one -> one.part().isEmpty() || one.part().equals(fault.part()))
                .map(ProofRules.Accepted::reason)
                .findFirst();
    }
}
