package glimble.motion;

import glimble.graphic.Away;
import glimble.graphic.Back;
import glimble.graphic.Ease;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Phase;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * How near to rest a move is as its time passes: 0 away, 1 at rest, beyond either where it overshoots. An in, and the
 * second half of a swap, end at rest, an out and the first half begin there, a loop does both, exactly, whatever curves and keys say.
 */
public final class MoveCurve implements DoubleUnaryOperator {

    /** From here to the next point along a curve. */
    private record Leg(double from, double to, double near, double nextNear, DoubleUnaryOperator curve) {
        double at(double passed) {
            return near + (nextNear - near) * curve.applyAsDouble((passed - from) / (to - from));
        }
    }

    private final double before;
    private final double after;
    private final List<Leg> legs = new ArrayList<>();

    public MoveCurve(Phase phase, Move move) {
        before = phase instanceof In || phase instanceof Back ? 0 : 1;
        after = phase instanceof Out || phase instanceof Away ? 0 : 1;
        double at = 0;
        double near = before;
        Ease ease = move.ease();
        for (Move.Key key : keys(phase, move)) {
            legs.add(new Leg(at, key.at(), near, key.near(), Curves.of(ease)));
            at = key.at();
            near = key.near();
            ease = key.ease();
        }
        legs.add(new Leg(at, 1, near, after, Curves.of(ease)));
    }

    /** Without keys, a loop goes away in its first half and comes back the same way. */
    private static List<Move.Key> keys(Phase phase, Move move) {
        boolean plain = phase instanceof Loop && move.keys().isEmpty();
        return plain ? List.of(new Move.Key(0.5, 0, move.ease().backwards())) : move.keys();
    }

    /** @param passed share of the move's time that has passed; under 0 before it, over 1 after it */
    @Override
    public double applyAsDouble(double passed) {
        if (passed <= 0) return before;
        if (passed >= 1) return after;
        Leg found = legs.get(legs.size() - 1);
        for (Leg leg : legs) {
            if (passed < leg.to()) {
                found = leg;
                break;
            }
        }
        return found.at(passed);
    }
}
