package glimble.edit;

import glimble.graphic.Deal;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.motion.Members;
import glimble.motion.MoveOrder;
import glimble.number.Whole;
import glimble.text.FreshName;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.function.UnaryOperator;

/** Edits of moves that touch more than one of them. */
public final class MoveEdits {
    private static final int TRIES = 12;

    private MoveEdits() {}

    /**
     * The moves of one phase changed by a rule.
     *
     * @param phase which of them
     */
    static Graphic changed(Graphic graphic, PhaseName phase, UnaryOperator<List<Move>> rule) {
        Phase of = graphic.phase(phase);
        return graphic.withPhase(of.withMoves(rule.apply(of.moves())));
    }

    /** Without some moves; who waited for one begins where it would have begun, and linked copies become moves of their own. */
    public static Graphic remove(Graphic graphic, PhaseName phase, List<String> keys) {
        Members members = new Members(graphic);
        return changed(graphic, phase, moves -> without(moves, keys, members));
    }

    static List<Move> without(List<Move> moves, List<String> keys, Members members) {
        Map<String, Start> starts = MoveOrder.closedUp(moves, members, move -> keys.contains(move.key()), Move::length);
        return moves.stream()
                .filter(move -> starts.containsKey(move.key()))
                .map(move -> keys.contains(move.like()) ? move.unlinked() : move)
                .map(move -> move.withStart(starts.get(move.key())))
                .toList();
    }

    private static Map<String, Move> byKey(List<Move> moves) {
        Map<String, Move> byKey = new HashMap<>();
        for (Move move : moves) byKey.put(move.key(), move);
        return byKey;
    }

    private static String waited(Start start) {
        if (start instanceof Start.After after) return after.move();
        return start instanceof Start.With with ? with.move() : "";
    }

    /** A move under another key, in everything that waits for it or is linked to it. */
    public static Graphic rename(Graphic graphic, PhaseName phase, String key, String to) {
        return changed(
                        graphic,
                        phase,
                        moves -> moves.stream()
                                .map(move -> {
                                    Move named = move.key().equals(key) ? move.named(to, move.part()) : move;
                                    Move linked = named.like().equals(key)
                                            ? named.unlinked().linkedTo(to)
                                            : named;
                                    return linked.withStart(renamed(linked.start(), key, to));
                                })
                                .toList())
                .withPlaces(DialPlaces.ofMove(phase, key, to));
    }

    static Start renamed(Start start, Map<String, String> names) {
        String waited = waited(start);
        return names.containsKey(waited) ? renamed(start, waited, names.get(waited)) : start;
    }

    private static Start renamed(Start start, String key, String to) {
        if (start instanceof Start.After after && after.move().equals(key)) return new Start.After(to, after.plus());
        if (start instanceof Start.With with && with.move().equals(key)) return new Start.With(to, with.plus());
        return start;
    }

    /**
     * The moves of one part on another, in every phase: those that waited for each other do so as copies, those that waited for
     * others wait for the same.
     *
     * @param linked whether they stay like the ones they are copies of
     */
    public static Graphic copy(Graphic graphic, String from, String to, boolean linked) {
        Graphic copied = graphic;
        for (Phase phase : graphic.phases()) {
            copied = changed(copied, phase.name(), moves -> withCopies(moves, from, to, linked));
        }
        return copied;
    }

    private static List<Move> withCopies(List<Move> moves, String from, String to, boolean linked) {
        Set<String> taken = new HashSet<>(byKey(moves).keySet());
        Map<String, String> names = new HashMap<>();
        for (Move move : moves) {
            if (move.part().equals(from))
                names.put(move.key(), FreshName.take(taken, move.key().replace(from, to)));
        }
        List<Move> all = new ArrayList<>(moves);
        for (Move move : moves) {
            if (!move.part().equals(from)) continue;
            Move copy = move.unlinked().named(names.get(move.key()), to).withStart(renamed(move.start(), names));
            String original = move.like().isEmpty() ? move.key() : move.like();
            all.add(linked ? copy.linkedTo(original) : copy);
        }
        return all;
    }

    /**
     * A phase in another length: every start, offset and length of its moves, what follows each other at a rate, its delays, staggers and
     * spans times one factor, in whole frames. Rounded frames may add up to another length than is wanted; then the factor is sought that
     * comes nearest. An out that is the in backwards stays so, in that length.
     *
     * @param wanted frames it shall have, more than 0
     * @param length frames that the phase has in a graphic, more than 0
     */
    public static Graphic retime(Graphic graphic, PhaseName phase, int wanted, ToIntFunction<Graphic> length) {
        if (phase == PhaseName.OUT && graphic.out().mirrorsIn()) return OutEdits.paced(graphic, new Out.Frames(wanted));
        double factor = wanted / (double) length.applyAsInt(graphic);
        Graphic nearest = null;
        int off = Integer.MAX_VALUE;
        for (int i = 0; i < TRIES && off > 0; i++) {
            Graphic tried = times(graphic, phase, factor);
            int has = length.applyAsInt(tried);
            if (Math.abs(has - wanted) < off) {
                nearest = tried;
                off = Math.abs(has - wanted);
            }
            factor *= (wanted + 0.5) / (has + 0.5);
        }
        return nearest;
    }

    private static Graphic times(Graphic graphic, PhaseName phase, double factor) {
        Phase had = graphic.phase(phase);
        List<Move> moves = had.moves().stream()
                .map(move -> move.withStart(move.start().withFrames(frames -> times(frames, factor)))
                        .withLength(Math.max(1, times(move.length(), factor)))
                        .withDeal(move.deal().map(deal -> times(deal, factor))))
                .toList();
        Timing timing = had.timing();
        Timing retimed = new Timing(
                timing.delays().stream()
                        .map(delay -> new Timing.Delay(delay.part(), times(delay.frames(), factor)))
                        .toList(),
                timing.staggers().stream()
                        .map(stagger -> new Timing.Stagger(stagger.parts(), times(stagger.by(), factor)))
                        .toList(),
                timing.spans().stream()
                        .map(span -> new Timing.TimeSpan(Math.max(1, times(span.frames(), factor)), span.firm()))
                        .toList());
        return graphic.withPhases((Phase own) -> own == had ? own.with(moves, retimed) : own);
    }

    /** Units that follow each other at a rate do so the quicker; a share of their length follows that anyway, and spoken words their times. */
    private static Deal times(Deal deal, double factor) {
        if (deal.pace() instanceof Deal.Pace.Each each && each.longest() > 0)
            return deal.withPace(new Deal.Pace.Each(each.overlap(), Math.max(1, times(each.longest(), factor))));
        if (!(deal.pace() instanceof Deal.Pace.PerSecond rate)) return deal;
        double units = Math.max(Limits.LEAST_PER_SECOND, Math.min(Limits.MOST_PER_SECOND, rate.units() / factor));
        return deal.withPace(new Deal.Pace.PerSecond(units));
    }

    private static int times(int frames, double factor) {
        return (int) Whole.nearest(frames * factor);
    }
}
