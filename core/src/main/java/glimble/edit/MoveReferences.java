package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import glimble.motion.Members;
import glimble.motion.MoveOrder;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What moves and phases say of other parts than the one that moves. */
final class MoveReferences {
    private MoveReferences() {}

    /** Every part that is named under another name. */
    static Graphic renamed(Graphic graphic, UnaryOperator<String> name) {
        return graphic.withMoves(
                        moves -> moves.stream().map(move -> renamed(move, name)).toList())
                .withTiming(timing -> new Timing(
                        timing.delays().stream()
                                .map(delay -> new Timing.Delay(name.apply(delay.part()), delay.frames()))
                                .toList(),
                        timing.staggers().stream()
                                .map(stagger -> new Timing.Stagger(
                                        stagger.parts().stream().map(name).toList(), stagger.by()))
                                .toList(),
                        timing.spans()));
    }

    /** A move that names all parts otherwise, its own too. */
    static Move renamed(Move move, UnaryOperator<String> name) {
        Move named = move.named(move.key(), name.apply(move.part()));
        if (move.travel() instanceof Travel.SizeOf size) {
            named = named.withTravel(new Travel.SizeOf(name.apply(size.part()), size.times()));
        }
        if (move.start() instanceof Start.AfterPart after) {
            named = named.withStart(new Start.AfterPart(name.apply(after.part()), after.plus()));
        }
        if (move.start() instanceof Start.WithPart with) {
            named = named.withStart(new Start.WithPart(name.apply(with.part()), with.plus()));
        }
        return named;
    }

    /**
     * Without a part that is gone: travels along it keep their px, delays of it go, and it leaves its staggers. Who waited for a group
     * whose parts stay waits for the first of them to begin, or the last one to end; its delays become theirs.
     *
     * @param boxes where parts rest now, by key; absent ones may be missing
     */
    static Graphic without(Graphic graphic, Part gone, Map<String, Rect> boxes) {
        List<String> members = gone instanceof GroupPart group ? group.parts() : List.of();
        Members all = new Members(graphic);
        return graphic.withPhases((Phase phase) -> {
            List<Move> moves = phase.moves().stream()
                    .map(move -> waiting(along(move, gone.key(), boxes.get(gone.key())), gone.key(), phase, all))
                    .toList();
            return phase.with(moves, timing(phase.timing(), gone.key(), members));
        });
    }

    private static Move along(Move move, String gone, Rect box) {
        if (!(move.travel() instanceof Travel.SizeOf size) || !size.part().equals(gone)) return move;
        double px = box == null ? 0 : box.extent(move.channel() == Channel.Y ? Axis.Y : Axis.X);
        return move.withTravel(new Travel.Px(size.times() * px));
    }

    private static Move waiting(Move move, String gone, Phase phase, Members members) {
        Optional<String> waited = MoveOrder.waitsForPart(move.start()).filter(gone::equals);
        if (waited.isEmpty()) return move;
        List<String> parts = members.of(gone);
        Map<String, Integer> starts = MoveOrder.starts(phase, members, part -> false, Move::length);
        boolean after = move.start() instanceof Start.AfterPart;
        Move found = null;
        for (Move other : phase.moves()) {
            if (!parts.contains(other.part())) continue;
            if (found == null || at(other, starts, after) > at(found, starts, after)) found = other;
        }
        // Without any move of its parts it waited for nothing.
        if (found == null) return move.withStart(new Start.At(Math.max(0, plus(move.start()))));
        Start start = move.start() instanceof Start.AfterPart end
                ? new Start.After(found.key(), end.plus())
                : new Start.With(found.key(), ((Start.WithPart) move.start()).plus());
        return move.withStart(start);
    }

    private static int plus(Start start) {
        return start instanceof Start.AfterPart after ? after.plus() : ((Start.WithPart) start).plus();
    }

    /** More for a move that ends later, or else for one that begins earlier. */
    private static int at(Move move, Map<String, Integer> starts, boolean ends) {
        int start = starts.get(move.key());
        return ends ? start + move.length() : -start;
    }

    private static Timing timing(Timing timing, String gone, List<String> members) {
        List<Timing.Delay> delays = new ArrayList<>();
        for (Timing.Delay delay : timing.delays()) {
            if (!delay.part().equals(gone)) delays.add(delay);
            else members.forEach(member -> delays.add(new Timing.Delay(member, delay.frames())));
        }
        List<Timing.Stagger> staggers = new ArrayList<>();
        for (Timing.Stagger stagger : timing.staggers()) {
            List<String> parts = new ArrayList<>();
            for (int i = 0; i < stagger.parts().size(); i++) {
                String part = stagger.parts().get(i);
                if (!part.equals(gone)) parts.add(part);
                else if (members.size() == 1) parts.add(members.get(0));
                else {
                    int frames = i * stagger.by();
                    members.forEach(member -> delays.add(new Timing.Delay(member, frames)));
                }
            }
            if (!parts.isEmpty()) staggers.add(new Timing.Stagger(parts, stagger.by()));
        }
        return new Timing(delays, staggers, timing.spans());
    }
}
