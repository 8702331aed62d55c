package glimble.reel;

import glimble.graphic.Deal;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Move;
import glimble.graphic.PhaseName;
import glimble.graphic.Timing;
import glimble.motion.Retiming;
import glimble.number.Whole;
import glimble.spoken.SpokenTimes;
import java.util.ArrayList;
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
     * @param out frames of the out as it is; of one that is the in backwards those of the in
     * @param length frames from the first of in to the last of out
     */
    static Lengths of(Graphic graphic, SpokenTimes spoken, int in, int out, int length) {
        List<Timing.TimeSpan> inSpans = kept(spans(graphic.in().timing(), in), in, graphic.in(), spoken);
        if (graphic.out().isPaced() && in > 0) return paced(graphic, inSpans, in, length);
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
        int wantedIn = leastIn + (int) Whole.nearest(spare * share);
        return new Lengths(
                Optional.of(Retiming.of(inSpans, in, wantedIn)),
                Optional.of(Retiming.of(outSpans, out, leastIn + leastOut + spare - wantedIn)),
                least);
    }

    /** An out that is quicker or slower than the in keeps its length: only the in gives way. */
    private static Lengths paced(Graphic graphic, List<Timing.TimeSpan> inSpans, int in, int length) {
        int out = graphic.out().pace().length(in);
        int leastIn = Retiming.least(inSpans, in);
        int room = Math.max(leastIn, length - 1 - out);
        boolean fits = leastIn == in || (!graphic.frame().fills() && in <= room);
        return new Lengths(
                fits ? Optional.empty() : Optional.of(Retiming.of(inSpans, in, room)),
                Optional.of(Retiming.whole(in, out)),
                leastIn + out + 1);
    }

    /** How a phase is played; empty if it is as it is. */
    Optional<Retiming> of(PhaseName phase) {
        return phase == PhaseName.IN ? in : phase == PhaseName.OUT ? out : Optional.empty();
    }

    /** What is left after the last word keeps its length; unless words have their own times: then those hold, and what is left gives way. */
    private static List<Timing.TimeSpan> kept(List<Timing.TimeSpan> spans, int length, In in, SpokenTimes spoken) {
        int tail = 0;
        boolean timed = false;
        for (Move move : in.moves()) {
            if (move.deal().isEmpty() || !(move.deal().get().pace() instanceof Deal.Pace.Spoken pace)) continue;
            tail = Math.max(tail, pace.before());
            timed |= !spoken.of(move.part()).isEmpty();
        }
        if (timed) return tail == 0 || tail >= length ? firm(length) : ending(firm(length - tail), tail, false);
        if (tail == 0 || tail >= length) return spans;
        List<Timing.TimeSpan> kept = new ArrayList<>();
        int left = length - tail;
        for (Timing.TimeSpan span : spans) {
            int frames = Math.min(left, span.frames());
            if (frames > 0) kept.add(new Timing.TimeSpan(frames, span.firm()));
            left -= frames;
        }
        if (left > 0) kept.add(new Timing.TimeSpan(left, false));
        return ending(kept, tail, true);
    }

    private static List<Timing.TimeSpan> firm(int length) {
        return List.of(new Timing.TimeSpan(length, true));
    }

    private static List<Timing.TimeSpan> ending(List<Timing.TimeSpan> spans, int tail, boolean firm) {
        List<Timing.TimeSpan> all = new ArrayList<>(spans);
        all.add(new Timing.TimeSpan(tail, firm));
        return all;
    }

    private static List<Timing.TimeSpan> spans(Timing timing, int length) {
        return timing.spans().isEmpty() ? List.of(new Timing.TimeSpan(length, true)) : timing.spans();
    }
}
