package glimble.change;

import glimble.reel.Resize;
import glimble.reel.Rounding;
import glimble.rest.Rect;
import java.util.function.Function;

/**
 * Four numbers, px, that go with a box while it flows: where its gradient or its picture lies. In every frame by the same rule as at rest, for
 * the box as it is then; as far as they stood otherwise when the change began, that goes on as it was going to.
 */
final class Carried {
    private final Function<Rect, double[]> rule;
    /** The box that stood, at rest. */
    private final Rect box;
    /** How that was still on its way; null if it was not. */
    private final Resize going;

    private final double[] atRest;
    /** Where they lay while it was, four a frame; empty for where they lie at rest. */
    private final double[] meanwhile;

    private final double[] values;

    Carried(Function<Rect, double[]> rule, Rect box, Resize going, double[] atRest, double[] meanwhile, int frames) {
        this.rule = rule;
        this.box = box;
        this.going = going;
        this.atRest = atRest;
        this.meanwhile = meanwhile;
        values = new double[4 * frames];
    }

    /** @param now the box at that frame */
    void add(Rect now, int frame) {
        double[] at = rule.apply(now);
        double[] otherwise = otherwise(frame);
        for (int i = 0; i < 4; i++) values[4 * frame + i] = Rounding.px(at[i] + otherwise[i]);
    }

    double[] values() {
        return values;
    }

    /** By how much they stood elsewhere than the rule has it. */
    private double[] otherwise(int frame) {
        double[] by = new double[4];
        // What stood at rest, or has come to it, stood by the rule.
        if (going == null || frame >= going.last()) return by;
        int i = going.index(frame);
        double left = box.x() + going.left()[i];
        double top = box.y() + going.top()[i];
        double right = box.right() + going.right()[i];
        double bottom = box.bottom() + going.bottom()[i];
        double[] ruled = rule.apply(new Rect(left, top, Math.max(0, right - left), Math.max(0, bottom - top)));
        for (int edge = 0; edge < 4; edge++) {
            by[edge] = (meanwhile.length == 0 ? atRest[edge] : meanwhile[4 * i + edge]) - ruled[edge];
        }
        return by;
    }
}
