package glimble.server.proofs;

import com.fasterxml.jackson.annotation.JsonInclude;
import glimble.graphic.Check;
import glimble.graphic.Condition;
import glimble.graphic.PhaseName;
import glimble.graphic.Reach;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Finding;
import glimble.prove.ProofRun;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Where the proof of a revision stands.
 *
 * @param done fillings that are proved so far
 * @param open findings that are not accepted
 * @param left what was not tried, for people; missing if nothing was left out
 * @param why it could not be made, for people; missing if it could
 */
public record ProofAnswer(
        long graphic,
        int revision,
        State state,
        int done,
        int open,
        List<FillingAnswer> fillings,
        List<FindingAnswer> findings,
        Optional<String> left,
        Optional<String> why) {

    /** What it is doing. */
    public enum State {
        /** It has not been asked for. */
        NONE,
        RUNNING,
        FINISHED,
        STOPPED,
        /** It could not be made; what is wrong is said. */
        FAILED
    }

    /**
     * Values that it is proved with, and what is on air then.
     *
     * @param dials what is set, by key; missing for as designed
     * @param then other values that come while it stands, one after the other; with some, what is proved is the last change
     */
    public record FillingAnswer(
            String name,
            Map<String, String> values,
            Condition.Standing onAir,
            Map<String, String> dials,
            List<ThenAnswer> then) {
        static FillingAnswer of(Filling filling) {
            List<ThenAnswer> then = filling.then().stream()
                    .map(next -> new ThenAnswer(next.values(), next.at(), next.dials()))
                    .toList();
            return new FillingAnswer(filling.name(), filling.values(), filling.onAir(), filling.dials(), then);
        }

        Filling filling() {
            // What was kept before changes were proved has none.
            List<Filling.Then> next = then == null
                    ? List.of()
                    : then.stream()
                            .map(one -> new Filling.Then(one.values(), one.at(), set(one.dials())))
                            .toList();
            return new Filling(name, values, onAir, set(dials), next);
        }

        /** What was kept before there were dials sets none. */
        private static Map<String, String> set(Map<String, String> dials) {
            return dials == null ? Map.of() : dials;
        }
    }

    /**
     * @param at at what moment of the in, or of the change before
     * @param dials what is set then, by key; missing for as designed
     */
    public record ThenAnswer(Map<String, String> values, Filling.At at, Map<String, String> dials) {}

    /**
     * One thing that is wrong.
     *
     * @param check word of the check
     * @param part empty if it is about the whole
     * @param frame of the phase, where it is worst
     * @param where px, to be pointed out in the picture
     * @param trial index of the filling where it is worst
     * @param trials indexes of all that show it
     * @param reduced the least that still shows it; missing before that is found
     * @param accepted why it is meant; missing if it is not
     * @param outgrown how it is more than what was accepted; missing if nothing of it was
     * @param reach what the fillings that show it are like, by field and by dial, as an acceptance says it
     * @param reachWords the same for people; empty if they are like any
     */
    public record FindingAnswer(
            String check,
            String part,
            String other,
            PhaseName phase,
            int frame,
            double measured,
            double allowed,
            String unit,
            String sentence,
            String mend,
            Rect where,
            int trial,
            List<Integer> trials,
            Optional<FillingAnswer> reduced,
            Optional<String> accepted,
            Optional<String> outgrown,
            List<KindAnswer> reach,
            String reachWords) {
        /** What was kept before this was told says nothing of it. */
        public FindingAnswer {
            if (unit == null) unit = Check.named(check).orElseThrow().unit();
            if (outgrown == null) outgrown = Optional.empty();
            if (reach == null) reach = List.of();
            if (reachWords == null) reachWords = "";
        }

        static FindingAnswer of(Finding finding) {
            Fault worst = finding.worst();
            return new FindingAnswer(
                    worst.check().word(),
                    worst.part(),
                    worst.other(),
                    worst.phase(),
                    worst.frame(),
                    worst.measured(),
                    worst.allowed(),
                    worst.unit(),
                    worst.sentence(),
                    worst.mend(),
                    worst.where(),
                    finding.trial(),
                    finding.trials(),
                    finding.reduced().map(FillingAnswer::of),
                    finding.accepted(),
                    finding.outgrown(),
                    KindAnswer.of(finding.reach()),
                    finding.reach().words());
        }

        Finding finding() {
            Fault worst = new Fault(
                    Check.named(check).orElseThrow(),
                    part,
                    other,
                    phase,
                    frame,
                    measured,
                    allowed,
                    sentence,
                    mend,
                    where);
            return new Finding(
                    worst,
                    trial,
                    trials,
                    reduced.map(FillingAnswer::filling),
                    accepted,
                    outgrown,
                    KindAnswer.reach(reach));
        }
    }

    /**
     * What a field, or a dial, is like.
     *
     * @param field its key; missing for a dial
     * @param dial its key; missing for a field
     * @param like one of those words
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    public record KindAnswer(Optional<String> field, Optional<String> dial, List<String> like) {
        static List<KindAnswer> of(Reach reach) {
            List<KindAnswer> kinds = new ArrayList<>();
            reach.fields().forEach((key, like) -> kinds.add(new KindAnswer(Optional.of(key), Optional.empty(), like)));
            reach.dials().forEach((key, like) -> kinds.add(new KindAnswer(Optional.empty(), Optional.of(key), like)));
            return kinds;
        }

        static Reach reach(List<KindAnswer> kinds) {
            Map<String, List<String>> fields = new TreeMap<>();
            Map<String, List<String>> dials = new TreeMap<>();
            for (KindAnswer kind : kinds) {
                kind.field().ifPresent(key -> fields.put(key, kind.like()));
                kind.dial().ifPresent(key -> dials.put(key, kind.like()));
            }
            return new Reach(fields, dials);
        }
    }

    static ProofAnswer none(long graphic, int revision) {
        return new ProofAnswer(
                graphic, revision, State.NONE, 0, 0, List.of(), List.of(), Optional.empty(), Optional.empty());
    }

    /** @param why for people */
    static ProofAnswer failed(long graphic, int revision, String why) {
        return new ProofAnswer(
                graphic, revision, State.FAILED, 0, 0, List.of(), List.of(), Optional.empty(), Optional.of(why));
    }

    /** Asked for, but not begun. */
    static ProofAnswer waiting(long graphic, int revision) {
        return new ProofAnswer(
                graphic, revision, State.RUNNING, 0, 0, List.of(), List.of(), Optional.empty(), Optional.empty());
    }

    static ProofAnswer of(long graphic, int revision, ProofRun.Standing standing) {
        State state = standing.finished() ? State.FINISHED : standing.stopped() ? State.STOPPED : State.RUNNING;
        return new ProofAnswer(
                graphic,
                revision,
                state,
                standing.done(),
                (int) standing.open(),
                standing.fillings().stream().map(FillingAnswer::of).toList(),
                standing.findings().stream().map(FindingAnswer::of).toList(),
                Optional.of(standing.left()).filter(left -> !left.isEmpty()),
                Optional.empty());
    }

    /** Where the run stood that this was made of. */
    ProofRun.Standing standing() {
        return new ProofRun.Standing(
                fillings.stream().map(FillingAnswer::filling).toList(),
                done,
                state == State.FINISHED,
                state == State.STOPPED,
                findings.stream().map(FindingAnswer::finding).toList(),
                left.orElse(""));
    }

    ProofNote note() {
        return new ProofNote(graphic, revision, fillings.size(), open, state == State.FINISHED, state == State.FAILED);
    }
}
