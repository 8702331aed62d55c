package glimble.mend;

import glimble.budget.Budget;
import glimble.budget.TooLaborious;
import glimble.cases.Answered;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.edit.Coloured;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Finding;
import glimble.proof.Findings;
import glimble.proof.Prover;
import glimble.rest.Pictures;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import glimble.text.Letters;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Proposes changes that mend a finding. Each is proved before it is offered: first with some of the fillings that show the finding, then,
 * if it mends these, with all.
 */
public final class Mender {
    /** Mends that are offered at most. */
    private static final int MOST = 3;
    /** Fillings that a change is tried with before it is proved. */
    private static final int TRIED = 5;
    /** Clean mends beyond which no further change is looked at. */
    private static final int PROVED = 6;
    /** In the unit of a check; nobody tells so little more. */
    private static final double NO_WORSE = 0.05;

    private final Graphic graphic;
    private final Palette palette;
    private final Typesetter typesetter;
    private final Pictures pictures;
    private final List<Filling> fillings;
    private final Budget budget;
    private final Map<Fault.Cause, Finding> found = new HashMap<>();

    private Mender(
            Graphic graphic,
            Palette palette,
            Typesetter typesetter,
            Pictures pictures,
            List<Filling> fillings,
            Budget budget) {
        this.graphic = graphic;
        this.palette = palette;
        this.typesetter = typesetter;
        this.pictures = pictures;
        this.fillings = affordable(fillings, budget);
        this.budget = budget;
        Prover prover = prover(graphic);
        Findings findings = new Findings(graphic, this.fillings);
        for (int i = 0; i < this.fillings.size(); i++) findings.add(i, faults(prover, this.fillings.get(i)));
        open(findings).forEach(finding -> found.put(finding.worst().cause(), finding));
    }

    /**
     * @param graphic as {@code GraphicReader} gives it, with what the house wants
     * @param fillings it is proved with, those that matter most first: as many of them as the budget is enough for
     * @param cause of the finding
     * @param budget from which every filling that is proved is spent
     * @return up to three, those that change least and leave nothing first; none if none leaves nothing
     */
    public static List<Mend> of(
            Graphic graphic,
            Palette palette,
            Typesetter typesetter,
            Pictures pictures,
            List<Filling> fillings,
            Fault.Cause cause,
            Budget budget) {
        return new Mender(graphic, palette, typesetter, pictures, fillings, budget).mends(cause);
    }

    /** As many of them as can be proved {@link #PROVED} times and more. */
    private List<Filling> affordable(List<Filling> all, Budget of) {
        List<Filling> some = new ArrayList<>();
        long spent = 0;
        for (Filling filling : all) {
            spent += prover(graphic).effort(filling).steps();
            if (!of.has(spent * 2 * PROVED)) break;
            some.add(filling);
        }
        return some;
    }

    private Prover prover(Graphic one) {
        return new Prover(one, palette, typesetter, pictures);
    }

    private List<Fault> faults(Prover prover, Filling filling) {
        budget.spend(prover.effort(filling));
        return prover.faults(filling);
    }

    /** Those that are not accepted. */
    private static Stream<Finding> open(Findings findings) {
        return findings.all().stream().filter(finding -> finding.accepted().isEmpty());
    }

    private List<Mend> mends(Fault.Cause cause) {
        Finding finding = found.get(cause);
        // Nobody knows yet how a swap could be mended.
        if (finding == null || cause.phase() == Fault.CHANGE) return List.of();
        List<Mend> clean = new ArrayList<>();
        List<Mend> others = new ArrayList<>();
        Set<String> kinds = new HashSet<>();
        try {
            for (Candidate candidate : candidates(finding)) {
                if (kinds.contains(candidate.kind())) continue;
                if (!mendsSome(candidate.graphic(), cause, tried(finding))) continue;
                Mend mend = proved(candidate, finding);
                (mend.isClean() ? clean : others).add(mend);
                if (mend.isClean()) kinds.add(candidate.kind());
                if (clean.size() >= MOST || clean.size() + others.size() >= PROVED) break;
            }
        } catch (TooLaborious e) {
            // What was proved so far is proved.
        }
        if (clean.isEmpty()) return List.of();
        clean.addAll(others);
        return clean.subList(0, Math.min(MOST, clean.size()));
    }

    private List<Candidate> candidates(Finding finding) {
        Fault fault = finding.worst();
        Filling filling = fillings.get(finding.trial());
        List<Candidate> all = new ArrayList<>();
        all.addAll(new RestMends(graphic, fault, filling, rest(filling), typesetter.writing()).all());
        all.addAll(new MotionMends(graphic, fault).all());
        all.addAll(new WholeMends(graphic, fault, filling, palette).all());
        return all.stream()
                .map(one -> new Candidate(one.kind(), one.words(), Dialled.settled(one.graphic())))
                .filter(this::isReadBack)
                .toList();
    }

    /** What could not be saved is no mend. */
    private boolean isReadBack(Candidate candidate) {
        return GraphicReader.read(GraphicWriter.write(candidate.graphic()), typesetter.fonts())
                .problems()
                .isEmpty();
    }

    private Rest rest(Filling filling) {
        Graphic coloured = Coloured.of(Dialled.of(graphic, filling.dials()), palette, filling.values());
        Graphic played = Answered.of(coloured, filling.values(), filling.onAir(), typesetter, pictures)
                .graphic();
        return RestSolver.solve(played, filling.values(), typesetter, pictures);
    }

    /** The one where it is worst, and an even spread of the others. */
    private static Set<Integer> tried(Finding finding) {
        List<Integer> shown = finding.trials();
        Set<Integer> tried = new LinkedHashSet<>();
        tried.add(finding.trial());
        for (int i = 0; i < TRIED; i++) tried.add(shown.get(i * (shown.size() - 1) / Math.max(1, TRIED - 1)));
        return tried;
    }

    private boolean mendsSome(Graphic changed, Fault.Cause cause, Set<Integer> tried) {
        Prover prover = prover(changed);
        for (int i : tried) {
            Set<Fault.Cause> now = causes(prover, i);
            if (now.contains(cause) || !now.stream().allMatch(one -> wasShown(one, i))) return false;
        }
        return true;
    }

    private boolean wasShown(Fault.Cause cause, int filling) {
        return found.containsKey(cause) && found.get(cause).trials().contains(filling);
    }

    private Set<Fault.Cause> causes(Prover prover, int filling) {
        return open(findings(prover, filling))
                .map(finding -> finding.worst().cause())
                .collect(Collectors.toSet());
    }

    private Findings findings(Prover prover, int filling) {
        Findings findings = new Findings(prover.graphic(), fillings);
        findings.add(filling, faults(prover, cut(fillings.get(filling), prover.graphic())));
        return findings;
    }

    private Mend proved(Candidate candidate, Finding finding) {
        Prover prover = prover(candidate.graphic());
        Set<Fault.Cause> added = new LinkedHashSet<>();
        Map<Fault.Cause, Fault> worst = new LinkedHashMap<>();
        int left = 0;
        for (int i = 0; i < fillings.size(); i++) {
            for (Finding now : open(findings(prover, i)).toList()) {
                Fault.Cause cause = now.worst().cause();
                if (cause.equals(finding.worst().cause())) left++;
                else if (!found.containsKey(cause)) added.add(cause);
                else worst.merge(cause, now.worst(), (one, other) -> one.excess() >= other.excess() ? one : other);
            }
        }
        List<String> worse = worst.values().stream()
                .filter(fault ->
                        fault.excess() > found.get(fault.cause()).worst().excess() + NO_WORSE)
                .map(fault -> fault.part() + ": " + fault.sentence())
                .toList();
        return new Mend(
                candidate.words(),
                candidate.graphic(),
                finding.trials().size() - left,
                finding.trials().size(),
                added.size(),
                worse,
                fillings.size());
    }

    /** As a form lets it through: no longer than its fields may be. */
    private Filling cut(Filling filling, Graphic by) {
        Map<String, String> values = new TreeMap<>(filling.values());
        for (Field field : by.fields()) {
            boolean text = field.isText();
            Optional<Field> had = graphic.field(field.key());
            boolean lower = had.isPresent() && had.get().longest() != field.longest();
            if (text && lower && values.containsKey(field.key())) {
                values.put(field.key(), Letters.cut(values.get(field.key()), field.longest(), typesetter.writing()));
            }
        }
        return new Filling(filling.name(), values, filling.onAir(), filling.dials(), List.of());
    }
}
