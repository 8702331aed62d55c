package glimble.change;

import glimble.graphic.Back;
import glimble.motion.Curves;
import java.util.function.DoubleUnaryOperator;

/**
 * How sizes and places go over: early, from the old rest to a middle one that has room for the old and the new letters, and late, from
 * there to the new rest. What only grows moves early, what only shrinks late.
 *
 * @param early frame at which the first half begins
 * @param late frame at which the second half begins; not before the first
 * @param length frames of each
 */
record Flow(int early, int late, int length, DoubleUnaryOperator curve) {

    static Flow of(Back.Flow flow, int early, int late) {
        return new Flow(early, Math.max(early, late), flow.length(), Curves.of(flow.ease()));
    }

    int earlyEnd() {
        return early + length;
    }

    int lateEnd() {
        return late + length;
    }

    /** Share of the way from the old rest to the middle one at a frame; exactly 0 before and 1 after. */
    double early(int frame) {
        return share(frame - early);
    }

    double late(int frame) {
        return share(frame - late);
    }

    private double share(int passed) {
        if (passed <= 0) return 0;
        return passed >= length ? 1 : curve.applyAsDouble(passed / (double) length);
    }

    /** A number on its way from what it was, over what it is in the middle, to what it will be. */
    double at(double old, double middle, double next, int frame) {
        double late = late(frame);
        // Exactly where it ends.
        if (late == 1 && early(frame) == 1) return next;
        return old + (middle - old) * early(frame) + (next - middle) * late;
    }
}
