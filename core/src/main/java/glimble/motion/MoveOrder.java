package glimble.motion;

import glimble.graphic.Move;
import glimble.graphic.Phase;
import glimble.graphic.Start;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * When the moves of a phase begin. A move whose part is absent takes no time: whoever waited for it begins where it would
 * have begun, so a row that is not there leaves no pause.
 */
public final class MoveOrder {
    private final Map<String, Move> moves = new HashMap<>();
    private final Predicate<String> absent;
    private final Map<String, Integer> starts = new LinkedHashMap<>();

    private MoveOrder(List<Move> all, Predicate<String> absent) {
        for (Move move : all) moves.put(move.key(), move);
        this.absent = absent;
    }

    /**
     * @param absent tells of a part's key whether the part is absent
     * @return first frame by key, of every move whose part is present, in the order of the phase; 0 or more
     */
    public static Map<String, Integer> starts(Phase phase, Predicate<String> absent) {
        MoveOrder order = new MoveOrder(phase.moves(), absent);
        Map<String, Integer> starts = new LinkedHashMap<>();
        for (Move move : phase.moves()) {
            if (!absent.test(move.part())) starts.put(move.key(), order.start(move));
        }
        return starts;
    }

    /** What each move of a present part waits for once absent parts are taken out, by key, in the order given. */
    public static Map<String, Start> closedUp(List<Move> moves, Predicate<String> absent) {
        MoveOrder order = new MoveOrder(moves, absent);
        Map<String, Start> starts = new LinkedHashMap<>();
        for (Move move : moves) {
            if (!absent.test(move.part())) starts.put(move.key(), order.closedUp(move));
        }
        return starts;
    }

    private int start(Move move) {
        Integer known = starts.get(move.key());
        if (known != null) return known;
        int start = Math.max(0, frame(closedUp(move)));
        starts.put(move.key(), start);
        return start;
    }

    private int frame(Start start) {
        if (start instanceof Start.With with) return start(moves.get(with.move())) + with.plus();
        if (start instanceof Start.After after) {
            Move waited = moves.get(after.move());
            return start(waited) + waited.length() + after.plus();
        }
        return ((Start.At) start).frame();
    }

    private Start closedUp(Move move) {
        Start start = move.start();
        for (Move waited = waitedFor(start); waited != null && absent.test(waited.part()); waited = waitedFor(start)) {
            start = waited.start();
        }
        return start;
    }

    private Move waitedFor(Start start) {
        return waits(start).map(moves::get).orElse(null);
    }

    /** The key of the move that a start waits for; empty if it is at a frame. */
    public static Optional<String> waits(Start start) {
        if (start instanceof Start.After after) return Optional.of(after.move());
        if (start instanceof Start.With with) return Optional.of(with.move());
        return Optional.empty();
    }

    /** The first circle of moves that wait for each other, in words; empty if there is none. References must hold. */
    public static Optional<String> cycle(Phase phase) {
        MoveOrder order = new MoveOrder(phase.moves(), part -> false);
        for (Move first : phase.moves()) {
            LinkedHashSet<String> path = new LinkedHashSet<>();
            Move move = first;
            while (move != null && path.add(move.key())) move = order.waitedFor(move.start());
            if (move != null) {
                List<String> circle = new ArrayList<>(path);
                circle = circle.subList(circle.indexOf(move.key()), circle.size());
                return Optional.of(String.join(" waits for ", circle) + " waits for " + move.key());
            }
        }
        return Optional.empty();
    }
}
