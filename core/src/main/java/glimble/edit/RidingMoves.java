package glimble.edit;

import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Phase;
import glimble.graphic.Variant;
import glimble.motion.Members;
import java.util.List;

/**
 * The moves of parts that begin to ride on a ribbon: what is revealed opens along the course with a hard edge; what only a part in the plane
 * of the picture can do goes, as do the places that variants give them, and who waited for it waits for what it waited for.
 */
final class RidingMoves {
    private RidingMoves() {}

    static Graphic settled(Graphic graphic, List<String> riding) {
        List<Variant> variants = graphic.variants().stream()
                .map(variant -> variant.withStands(variant.stands().stream()
                        .filter(stand -> !riding.contains(stand.part()))
                        .toList()))
                .toList();
        return graphic.withVariants(variants).withPhases((Phase phase) -> {
            List<String> gone = phase.moves().stream()
                    .filter(move -> riding.contains(move.part()) && !isPossible(move))
                    .map(Move::key)
                    .toList();
            List<Move> left =
                    gone.isEmpty() ? phase.moves() : MoveEdits.without(phase.moves(), gone, new Members(graphic));
            return phase.withMoves(left.stream()
                    .map(move -> riding.contains(move.part()) ? along(move) : move)
                    .toList());
        });
    }

    private static boolean isPossible(Move move) {
        return !move.channel().isTilt() && !move.isByFrame();
    }

    private static Move along(Move move) {
        Opening opening = move.opening();
        boolean already = opening.soft() == 0 && opening.degrees() % 180 == 0;
        if (move.channel() != Channel.REVEAL || already) return move;
        boolean back = opening.degrees() > 90 && opening.degrees() < 270;
        return move.unlinked().withSides(move.pivot(), new Opening(back ? 180 : 0, opening.bothWays(), 0));
    }
}
