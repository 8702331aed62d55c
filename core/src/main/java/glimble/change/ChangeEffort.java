package glimble.change;

import glimble.budget.Effort;
import glimble.graphic.Graphic;
import glimble.reel.ReelEffort;
import glimble.rest.RestEffort;
import java.util.Map;

/** How much work it is to work a change out: the new reel, the rest between, and whatever goes over in every frame of it. */
public final class ChangeEffort {
    /** Steps for one part in one frame of its flow: eight values, mostly for writing them down. */
    private static final int FLOWING = 200;
    /** Steps for following one part over one frame of what stands. */
    private static final int FOLLOWED = 100;

    private ChangeEffort() {}

    /**
     * @param was as it is played for the values that stand
     * @param will as it is played for the new ones
     * @param length frames from the first of in to the last of out
     */
    public static Effort of(
            Graphic was, Map<String, String> values, Graphic will, Map<String, String> nextValues, int length) {
        ReelEffort standing = new ReelEffort(was, values, length);
        ReelEffort next = new ReelEffort(will, nextValues, length);
        int parts = will.parts().size();
        long frames = next.swapFrames() + standing.frames();
        return next.effort()
                .plus(next.swap())
                .plus(new ReelEffort(was, values, length).effort())
                .plus(next.effort())
                .plus(RestEffort.of(will, nextValues))
                .plus(RestEffort.of(was, values))
                .plus(new Effort(
                        parts * standing.frames() * FOLLOWED,
                        parts + " parts are followed over " + standing.frames()
                                + " frames; use fewer, or shorter moves"))
                .plus(flow(parts, frames));
    }

    /** @param frames over which parts go from one rest to the other */
    static Effort flow(long parts, long frames) {
        return new Effort(
                2 * parts * frames * FLOWING,
                parts + " parts go over in " + frames + " frames of a change; use fewer, or shorten the swap");
    }
}
