package glimble.edit;

import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Phase;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Edits of moves that touch more than one of them. */
public final class MoveEdits {
    private MoveEdits() {}

    /**
     * The moves of one phase changed by a rule.
     *
     * @param phase {@code in}, {@code loop} or {@code out}
     */
    static Graphic changed(Graphic graphic, String phase, UnaryOperator<List<Move>> rule) {
        In in = graphic.in();
        Loop loop = graphic.loop();
        Out out = graphic.out();
        return switch (phase) {
            case "in" -> graphic.withPhases(in.with(rule.apply(in.moves()), in.timing()), loop, out);
            case "loop" -> graphic.withPhases(in, loop.with(rule.apply(loop.moves()), loop.timing()), out);
            default -> graphic.withPhases(in, loop, out.with(rule.apply(out.moves()), out.timing()));
        };
    }

    /** Without some moves; who waited for one begins where it would have begun, and linked copies become moves of their own. */
    public static Graphic remove(Graphic graphic, String phase, List<String> keys) {
        return changed(graphic, phase, moves -> {
            Map<String, Move> byKey = byKey(moves);
            List<Move> left = new ArrayList<>();
            for (Move move : moves) {
                if (keys.contains(move.key())) continue;
                Start start = move.start();
                for (String waited = waited(start); keys.contains(waited); waited = waited(start)) {
                    start = byKey.get(waited).start();
                }
                Move kept = keys.contains(move.like()) ? move.unlinked() : move;
                left.add(kept.withStart(start));
            }
            return left;
        });
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
    public static Graphic rename(Graphic graphic, String phase, String key, String to) {
        return changed(
                graphic,
                phase,
                moves -> moves.stream()
                        .map(move -> {
                            Move named = move.key().equals(key) ? move.named(to, move.part()) : move;
                            Move linked =
                                    named.like().equals(key) ? named.unlinked().linkedTo(to) : named;
                            return linked.withStart(renamed(linked.start(), key, to));
                        })
                        .toList());
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
            copied = changed(copied, phase.word(), moves -> withCopies(moves, from, to, linked));
        }
        return copied;
    }

    private static List<Move> withCopies(List<Move> moves, String from, String to, boolean linked) {
        Set<String> taken = new HashSet<>(byKey(moves).keySet());
        Map<String, String> names = new HashMap<>();
        for (Move move : moves) {
            if (move.part().equals(from))
                names.put(move.key(), fresh(taken, move.key().replace(from, to)));
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

    /** A key that is not taken yet; from then on it is. */
    static String fresh(Set<String> taken, String word) {
        String key = word;
        for (int i = 2; !taken.add(key); i++) key = word + " " + i;
        return key;
    }

    /**
     * A phase in another length: every start, offset and length of its moves times one factor, in whole frames.
     *
     * @param had frames it has, more than 0
     * @param wanted frames it shall have, more than 0
     */
    public static Graphic retime(Graphic graphic, String phase, int had, int wanted) {
        double factor = wanted / (double) had;
        return changed(
                graphic,
                phase,
                moves -> moves.stream()
                        .map(move -> move.withStart(times(move.start(), factor))
                                .withLength(Math.max(1, times(move.length(), factor))))
                        .toList());
    }

    private static int times(int frames, double factor) {
        return (int) Math.rint(frames * factor);
    }

    private static Start times(Start start, double factor) {
        if (start instanceof Start.At at) return new Start.At(times(at.frame(), factor));
        if (start instanceof Start.After after) return new Start.After(after.move(), times(after.plus(), factor));
        if (start instanceof Start.With with) return new Start.With(with.move(), times(with.plus(), factor));
        if (start instanceof Start.AfterPart after) {
            return new Start.AfterPart(after.part(), times(after.plus(), factor));
        }
        Start.WithPart with = (Start.WithPart) start;
        return new Start.WithPart(with.part(), times(with.plus(), factor));
    }

    /** The out as the mirror image in time of the in, for any text; moves that it had are gone. */
    public static Graphic mirrorOut(Graphic graphic) {
        return graphic.withPhases(graphic.in(), graphic.loop(), new Out(List.of(), Timing.NONE, true));
    }

    /**
     * An out with moves of its own that is just what its mirror image of the in is for some values; from then on the two have nothing
     * to do with each other.
     *
     * @param starts first frame of each move of the in for these values, by key; those of absent parts may be missing
     * @param ends last frame of each, likewise
     * @param length frames of the in for these values
     */
    public static Graphic ownOut(Graphic graphic, Map<String, Integer> starts, Map<String, Integer> ends, int length) {
        List<Move> moves = new ArrayList<>();
        for (Move move : graphic.in().moves()) {
            int end = ends.getOrDefault(move.key(), starts.getOrDefault(move.key(), 0) + move.length());
            moves.add(backwards(move).withStart(new Start.At(Math.max(0, length - end))));
        }
        return graphic.withPhases(graphic.in(), graphic.loop(), new Out(moves));
    }

    /** The same way backwards in time. */
    private static Move backwards(Move move) {
        List<Move.Key> keys = new ArrayList<>();
        List<Move.Key> had = move.keys();
        for (int i = had.size() - 1; i >= 0; i--) {
            // The curve from a key on is, backwards, that of what came before it.
            Ease before = i == 0 ? move.ease() : had.get(i - 1).ease();
            keys.add(new Move.Key(1 - had.get(i).at(), had.get(i).near(), before.backwards()));
        }
        Ease first = had.isEmpty() ? move.ease() : had.get(had.size() - 1).ease();
        return move.unlinked().withEase(first.backwards(), keys);
    }
}
