package glimble.change;

import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Phase;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.motion.Members;
import glimble.motion.MoveOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;

/** A phase played by some parts only: who waited for others begins where these would have begun. */
final class Movers {
    private Movers() {}

    /**
     * @param parts keys of those that move; of a group, of the group itself
     * @param more moves that the design does not have
     */
    static Phase only(Phase phase, Graphic graphic, Set<String> parts, List<Move> more) {
        Members members = new Members(graphic);
        ToIntFunction<Move> length = Move::length;
        Map<String, Start> starts =
                MoveOrder.closedUp(phase.moves(), members, move -> !parts.contains(move.part()), length);
        List<Move> moves = new ArrayList<>();
        for (Move move : phase.moves()) {
            Start start = starts.get(move.key());
            if (start == null) continue;
            // What it is a linked copy of may not move itself.
            Move own = move.like().isEmpty() ? move : move.unlinked();
            moves.add(own.withStart(start));
        }
        moves.addAll(more);
        return phase.with(moves, timing(phase.timing(), members, parts));
    }

    private static Timing timing(Timing timing, Members members, Set<String> parts) {
        List<Timing.Stagger> staggers = new ArrayList<>();
        for (Timing.Stagger stagger : timing.staggers()) {
            List<String> moving = stagger.parts().stream()
                    .filter(part -> members.of(part).stream().anyMatch(parts::contains))
                    .toList();
            staggers.add(new Timing.Stagger(moving, stagger.by()));
        }
        return new Timing(timing.delays(), staggers, List.of());
    }
}
