package glimble.motion;

import glimble.graphic.Move;
import glimble.graphic.Phase;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/**
 * When the moves of a phase begin. A move whose part is absent takes no time: whoever waited for it begins where it would
 * have begun, so a row that is not there leaves no pause. Delays and staggers come on top, once for moves that wait for each
 * other within what is delayed.
 */
public final class MoveOrder {
    private final List<Move> all;
    private final Map<String, Move> moves = new HashMap<>();
    private final Members members;
    private final Predicate<Move> gone;
    private final ToIntFunction<Move> length;
    private final Map<String, Map<Cause, Integer>> delays = new HashMap<>();
    private final Map<String, Integer> starts = new HashMap<>();
    private final Map<String, Start> closed = new HashMap<>();

    private MoveOrder(List<Move> all, Members members, Predicate<Move> gone, ToIntFunction<Move> length) {
        this.all = all;
        for (Move move : all) moves.put(move.key(), move);
        this.members = members;
        this.gone = gone;
        this.length = length;
    }

    /**
     * @param absent tells of a part's key whether the part is absent
     * @param length frames a move takes
     * @return first frame by key, of every move whose part is present, in the order of the phase; 0 or more
     */
    public static Map<String, Integer> starts(
            Phase phase, Members members, Predicate<String> absent, ToIntFunction<Move> length) {
        MoveOrder order = new MoveOrder(phase.moves(), members, move -> absent.test(move.part()), length);
        order.delay(phase.timing(), absent);
        Map<String, Integer> starts = new LinkedHashMap<>();
        for (Move move : phase.moves()) {
            if (!absent.test(move.part())) starts.put(move.key(), order.start(move));
        }
        return starts;
    }

    /**
     * What moves wait for once some are gone, since their part is absent, or since they are removed.
     *
     * @param length frames a move takes
     * @return by key, of every move that is left, in the order given
     */
    public static Map<String, Start> closedUp(
            List<Move> moves, Members members, Predicate<Move> gone, ToIntFunction<Move> length) {
        MoveOrder order = new MoveOrder(moves, members, gone, length);
        Map<String, Start> starts = new LinkedHashMap<>();
        for (Move move : moves) {
            if (!gone.test(move)) starts.put(move.key(), order.closedUp(move));
        }
        return starts;
    }

    /** What delays parts: the first delay or stagger of its kind, and of a stagger for which of its parts. */
    private record Cause(boolean staggers, int index, String part) {}

    private void delay(Timing timing, Predicate<String> absent) {
        for (Timing.Delay delay : timing.delays()) {
            delay(delay.part(), new Cause(false, timing.delays().indexOf(delay), delay.part()), delay.frames());
        }
        for (Timing.Stagger stagger : timing.staggers()) {
            int index = timing.staggers().indexOf(stagger);
            int present = 0;
            for (String part : stagger.parts()) {
                // One that is not there takes no time.
                if (members.of(part).stream().allMatch(absent)) continue;
                delay(part, new Cause(true, index, part), present * stagger.by());
                present++;
            }
        }
    }

    private void delay(String part, Cause cause, int frames) {
        for (String member : members.of(part)) {
            delays.computeIfAbsent(member, none -> new LinkedHashMap<>()).put(cause, frames);
        }
    }

    private int start(Move move) {
        Integer known = starts.get(move.key());
        if (known != null) return known;
        Start start = closedUp(move);
        List<Move> waited = waited(start);
        int frame = frame(start, waited);
        Set<Cause> counted = new HashSet<>(causes(move));
        // What delays the one that is waited for as well has its effect through it.
        for (Cause cause : causes(move)) {
            boolean already = !waited.isEmpty()
                    && waited.stream().allMatch(other -> causes(other).contains(cause));
            if (already) counted.remove(cause);
        }
        for (Cause cause : counted) frame += delays.get(move.part()).get(cause);
        int begins = Math.max(0, frame);
        starts.put(move.key(), begins);
        return begins;
    }

    private Set<Cause> causes(Move move) {
        return delays.getOrDefault(move.part(), Map.of()).keySet();
    }

    private int frame(Start start, List<Move> waited) {
        if (start instanceof Start.With with) return start(waited.get(0)) + with.plus();
        if (start instanceof Start.After after) return end(waited.get(0)) + after.plus();
        if (start instanceof Start.AfterPart after) {
            return waited.stream().mapToInt(this::end).max().orElse(0) + after.plus();
        }
        if (start instanceof Start.WithPart with) {
            return waited.stream().mapToInt(this::start).min().orElse(0) + with.plus();
        }
        return ((Start.At) start).frame();
    }

    private int end(Move move) {
        return start(move) + length.applyAsInt(move);
    }

    /** Who waited for moves that are gone waits for what the first of them to begin waited for. */
    private Start closedUp(Move move) {
        Start known = closed.get(move.key());
        if (known != null) return known;
        Start start = move.start();
        List<Move> named = named(start);
        if (!named.isEmpty() && named.stream().allMatch(gone)) start = closedUp(first(named));
        closed.put(move.key(), start);
        return start;
    }

    /** The one that would begin first if it were there; of several the first by name, so that the order of the document is of no account. */
    private Move first(List<Move> moves) {
        Move first = moves.get(0);
        for (Move move : moves) {
            int earlier = Integer.compare(wouldBegin(move), wouldBegin(first));
            if (earlier < 0 || earlier == 0 && move.key().compareTo(first.key()) < 0) first = move;
        }
        return first;
    }

    private int wouldBegin(Move move) {
        Integer known = starts.get(move.key());
        if (known != null) return known;
        Start start = closedUp(move);
        int begins = frame(start, waited(start));
        starts.put(move.key(), begins);
        return begins;
    }

    /** The moves of present parts that a start waits for. */
    private List<Move> waited(Start start) {
        List<Move> waited = new ArrayList<>();
        for (Move move : named(start)) if (!gone.test(move)) waited.add(move);
        return waited;
    }

    /** The moves that a start names, of absent parts too. */
    private List<Move> named(Start start) {
        Optional<String> move = waits(start);
        if (move.isPresent()) return List.of(moves.get(move.get()));
        Optional<String> part = waitsForPart(start);
        if (part.isEmpty()) return List.of();
        List<Move> named = new ArrayList<>();
        for (Move other : all) if (members.holds(part.get(), other.part())) named.add(other);
        return named;
    }

    /** The key of the move that a start waits for; empty if it waits for none or for a part. */
    public static Optional<String> waits(Start start) {
        if (start instanceof Start.After after) return Optional.of(after.move());
        if (start instanceof Start.With with) return Optional.of(with.move());
        return Optional.empty();
    }

    /** The key of the part for whose moves a start waits; empty if there is none. */
    public static Optional<String> waitsForPart(Start start) {
        if (start instanceof Start.AfterPart after) return Optional.of(after.part());
        if (start instanceof Start.WithPart with) return Optional.of(with.part());
        return Optional.empty();
    }

    /** The first circle of moves that wait for each other, in words; empty if there is none. References must hold. */
    public static Optional<String> cycle(Phase phase, Members members) {
        MoveOrder order = new MoveOrder(phase.moves(), members, move -> false, Move::length);
        Set<String> sound = new HashSet<>();
        for (Move move : phase.moves()) {
            Optional<String> cycle = order.cycle(move, new LinkedHashSet<>(), sound);
            if (cycle.isPresent()) return cycle;
        }
        return Optional.empty();
    }

    private Optional<String> cycle(Move move, LinkedHashSet<String> path, Set<String> sound) {
        if (sound.contains(move.key())) return Optional.empty();
        if (!path.add(move.key())) {
            List<String> circle = new ArrayList<>(path);
            circle = circle.subList(circle.indexOf(move.key()), circle.size());
            return Optional.of(String.join(" waits for ", circle) + " waits for " + move.key());
        }
        for (Move waited : named(move.start())) {
            Optional<String> cycle = cycle(waited, path, sound);
            if (cycle.isPresent()) return cycle;
        }
        path.remove(move.key());
        sound.add(move.key());
        return Optional.empty();
    }
}
