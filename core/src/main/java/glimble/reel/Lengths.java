package glimble.reel;

import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.graphic.Timing;
import glimble.motion.Retiming;
import java.util.List;
import java.util.Optional;

/**
 * How in and out are played in a given length. A phase that says nothing of its spans is firm; one that has slack gives way when
 * the length is too short for both, or when the graphic is to fill it.
 *
 * @param in empty if the in is played as it is
 * @param out empty if the out is played as it is
 * @param least frames the graphic needs from first to last
 */
record Lengths(Optional<Retiming> in, Optional<Retiming> out, int least) {

    /**
     * @param in frames of the in as it is
     * @param out frames of the out as it is
     * @param length frames from the first of in to the last of out
     */
    static Lengths of(Graphic graphic, int in, int out, int length) {
        List<Timing.TimeSpan> inSpans = spans(graphic.in().timing(), in);
        List<Timing.TimeSpan> outSpans = graphic.out().mirrorsIn()
                ? Retiming.backwards(inSpans, in)
                : spans(graphic.out().timing(), out);
        int leastIn = Retiming.least(inSpans, in);
        int leastOut = Retiming.least(outSpans, out);
        int least = leastIn + leastOut + 1;
        int room = length - 1;
        if (!graphic.frame().fills() && in + out <= room) return new Lengths(Optional.empty(), Optional.empty(), least);
        double slack = in + out - leastIn - leastOut;
        if (slack == 0) return new Lengths(Optional.empty(), Optional.empty(), least);
        double share = (in - leastIn) / slack;
        int spare = Math.max(0, room - leastIn - leastOut);
        int wantedIn = leastIn + (int) Math.rint(spare * share);
        return new Lengths(
                Optional.of(Retiming.of(inSpans, in, wantedIn)),
                Optional.of(Retiming.of(outSpans, out, leastIn + leastOut + spare - wantedIn)),
                least);
    }

    /** How a phase is played; empty if it is as it is. */
    Optional<Retiming> of(PhaseName phase) {
        return phase == PhaseName.IN ? in : phase == PhaseName.OUT ? out : Optional.empty();
    }

    private static List<Timing.TimeSpan> spans(Timing timing, int length) {
        return timing.spans().isEmpty() ? List.of(new Timing.TimeSpan(length, true)) : timing.spans();
    }
}
