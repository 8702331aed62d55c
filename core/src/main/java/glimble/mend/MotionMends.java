package glimble.mend;

import glimble.graphic.Base;
import glimble.graphic.Channel;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.proof.Fault;
import glimble.text.FreshName;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** What may mend a fault of motion: waiting, a mask, another travel, a fade, a stay that is longer. */
final class MotionMends {
    private static final int FADE = 8;
    private static final Ease SOFT = new Ease.Named(Ease.Family.QUAD, Ease.Direction.OUT);

    private final Graphic graphic;
    private final Fault fault;
    private final PhaseName phase;
    private final List<Candidate> found = new ArrayList<>();

    MotionMends(Graphic graphic, Fault fault) {
        this.graphic = graphic;
        this.fault = fault;
        // A mirrored out is mended where it is made.
        boolean mirrored = fault.phase() == PhaseName.OUT && graphic.out().mirrorsIn();
        phase = mirrored ? PhaseName.IN : fault.phase();
    }

    private void add(String kind, String words, Graphic changed) {
        if (!changed.equals(graphic)) found.add(new Candidate(kind, words, changed));
    }

    List<Candidate> all() {
        switch (fault.check()) {
            case LATE -> late();
            case ENDS, EARLY -> seen();
            case STEP -> step();
            case JUMP -> longer();
            default -> {}
        }
        return found;
    }

    /** Every version of the phase, changed by a rule for its moves. */
    private Graphic inEvery(UnaryOperator<List<Move>> rule) {
        return graphic.withPhases((Phase one) -> one.name() == phase ? one.withMoves(rule.apply(one.moves())) : one);
    }

    private static List<Move> of(List<Move> moves, String part) {
        return moves.stream().filter(move -> move.part().equals(part)).toList();
    }

    private void late() {
        if (phase == PhaseName.IN) {
            for (int plus : new int[] {-6, -4, 0}) {
                String offset = plus == 0 ? "" : " − " + -plus + " f";
                add(
                        "wait",
                        fault.part() + " comes after " + fault.other() + offset,
                        inEvery(moves -> waiting(moves, plus)));
            }
        }
        add(
                "mask",
                fault.part() + " seen through " + fault.other() + " only",
                Changes.base(graphic, fault.part(), base -> masked(base, fault.other())));
        if (phase == PhaseName.OUT) {
            add(
                    "goes after",
                    fault.other() + " goes after " + fault.part(),
                    inEvery(moves -> waitingFor(moves, fault.other(), fault.part())));
        }
    }

    private static Base masked(Base base, String by) {
        List<Mask> masks = new ArrayList<>(base.masks());
        if (masks.stream().noneMatch(mask -> mask.by().equals(by))) masks.add(new Mask(by, true));
        return base.withMasks(masks);
    }

    private List<Move> waiting(List<Move> moves, int plus) {
        List<Move> leading = of(moves, fault.other());
        if (leading.isEmpty()) return moves;
        Start start = new Start.After(leading.get(leading.size() - 1).key(), plus);
        // What waits for its part's first move follows it anyway.
        Optional<Move> first = of(moves, fault.part()).stream().findFirst();
        return moves.stream()
                .map(move -> first.filter(move::equals).isPresent() ? move.withStart(start) : move)
                .toList();
    }

    private static List<Move> waitingFor(List<Move> moves, String part, String on) {
        List<Move> leading = of(moves, on);
        if (leading.isEmpty()) return moves;
        Start start = new Start.After(leading.get(leading.size() - 1).key(), 0);
        Optional<Move> first = of(moves, part).stream().findFirst();
        return moves.stream()
                .map(move -> first.filter(move::equals).isPresent() ? move.withStart(start) : move)
                .toList();
    }

    /** Something that should not be seen yet, or any more: it goes all the way, or fades. */
    private void seen() {
        add(
                "all the way",
                "the moves of " + fault.part() + " begin where nothing of it is seen",
                inEvery(moves -> moves.stream()
                        .map(move -> move.part().equals(fault.part()) ? allTheWay(move) : move)
                        .toList()));
        String word = phase == PhaseName.OUT ? " fades out" : " fades in";
        if (phase != PhaseName.LOOP) {
            add("fade", fault.part() + word + " over " + FADE + " f", inEvery(this::faded));
        }
        if (fault.check() == glimble.graphic.Check.EARLY) {
            add(
                    "at once",
                    "the first move of " + fault.part() + " begins at once",
                    inEvery(moves -> moves.stream()
                            .map(move -> of(moves, fault.part()).stream()
                                            .findFirst()
                                            .filter(move::equals)
                                            .isPresent()
                                    ? move.withStart(new Start.At(0))
                                    : move)
                            .toList()));
        }
    }

    private static Move allTheWay(Move move) {
        boolean share = switch (move.channel()) {
            case REVEAL, OPACITY, SCALE_X, SCALE_Y, DRAW -> true;
            default -> false;
        };
        if (share && move.travel() instanceof Travel.Factor) return move.withTravel(new Travel.Factor(0));
        boolean across = move.channel() == Channel.X;
        if (!across && move.channel() != Channel.Y) return move;
        double away = away(move.travel());
        if (away == 0) return move;
        Toward toward = across ? (away < 0 ? Toward.LEFT : Toward.RIGHT) : (away < 0 ? Toward.UP : Toward.DOWN);
        return move.withTravel(new Travel.ClearOfFrame(toward));
    }

    /** In whatever measure: only its sign counts. */
    private static double away(Travel travel) {
        if (travel instanceof Travel.Px px) return px.px();
        if (travel instanceof Travel.OwnWidth own) return own.times();
        return travel instanceof Travel.OwnHeight own ? own.times() : 0;
    }

    private List<Move> faded(List<Move> moves) {
        List<Move> own = of(moves, fault.part());
        boolean fades = own.stream().anyMatch(move -> move.channel() == Channel.OPACITY);
        if (fades) return moves;
        Set<String> taken = moves.stream().map(Move::key).collect(Collectors.toSet());
        String name = FreshName.take(taken, fault.part() + (phase == PhaseName.OUT ? " fades out" : " fades in"));
        Start start = own.isEmpty()
                ? new Start.At(0)
                : phase == PhaseName.OUT
                        ? new Start.After(own.get(own.size() - 1).key(), -FADE)
                        : new Start.With(own.get(0).key(), 0);
        List<Move> all = new ArrayList<>(moves);
        all.add(new Move(
                name,
                fault.part(),
                Channel.OPACITY,
                new Travel.Factor(0),
                start,
                FADE,
                phase == PhaseName.OUT ? SOFT.backwards() : SOFT,
                Pivot.CENTRE,
                Opening.RIGHT));
        return all;
    }

    private void step() {
        add(
                "step",
                "no step before " + fault.part(),
                graphic.withPhases((Phase one) -> one instanceof In in
                        ? in.withSteps(in.steps().stream()
                                .filter(step -> !step.part().equals(fault.part()))
                                .toList())
                        : one));
    }

    /** What goes too fast takes longer. */
    private void longer() {
        for (double times : new double[] {1.5, 2, 3}) {
            add(
                    "longer",
                    "the moves of " + fault.part() + " " + NumberWords.of(times) + " times as long",
                    inEvery(moves -> moves.stream()
                            .map(move -> move.part().equals(fault.part())
                                    ? move.withLength((int) Math.ceil(move.length() * times))
                                    : move)
                            .toList()));
        }
    }
}
