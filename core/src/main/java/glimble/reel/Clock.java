package glimble.reel;

import glimble.graphic.Out;
import glimble.graphic.PhaseName;
import glimble.motion.Retiming;
import java.util.Optional;

/**
 * At which frame of a phase, as it was worked out, each frame of it is played: as it is, backwards, in another length, or both.
 *
 * @param phase which is played
 * @param had frames of the phase that was worked out
 * @param backwards whether it is played from its last frame to its first
 * @param retiming of what is played; empty if it keeps its length
 */
public record Clock(PhaseName phase, int had, boolean backwards, Optional<Retiming> retiming) {

    /** Of an in that is played backwards, so quick. */
    public static Clock backwards(PhaseName phase, int in, Out.Pace pace) {
        boolean as = pace.equals(Out.Pace.AS_IN) || in == 0;
        return new Clock(phase, in, true, as ? Optional.empty() : Optional.of(Retiming.whole(in, pace.length(in))));
    }

    /** Whole frames. */
    public record Whole(int start, int length) {}

    /** The whole frames nearest to those at which something is played that was worked out from one frame on for so many. */
    public Whole whole(int start, int length) {
        double one = played(start);
        double other = played(start + length);
        int from = (int) glimble.number.Whole.nearest(Math.min(one, other));
        return new Whole(from, (int) glimble.number.Whole.nearest(Math.max(one, other)) - from);
    }

    /** Frames that are played. */
    public int length() {
        return retiming.map(Retiming::length).orElse(had);
    }

    /** The frame as it was worked out that is played at a frame; a fraction between two. */
    public double at(int frame) {
        double worked = retiming.map(to -> to.had(frame)).orElse((double) frame);
        return backwards ? had - worked : worked;
    }

    /** The frame at which one that was worked out is played; a fraction between two. */
    public double played(double worked) {
        double forward = backwards ? had - worked : worked;
        return retiming.map(to -> to.has(forward)).orElse(forward);
    }

    /**
     * The frames over which something is played that takes its time from {@code first} to {@code last}: at least one step from frame to
     * frame, unless nothing is played at all.
     */
    public Stretch stretch(double first, double last) {
        double one = played(first);
        double other = played(last);
        int from = Math.max(0, (int) Math.floor(Math.min(one, other)));
        int to = Math.min(length(), (int) Math.ceil(Math.max(one, other)));
        if (from < to || length() == 0) return new Stretch(from, Math.max(from, to));
        return to == 0 ? new Stretch(0, 1) : new Stretch(to - 1, to);
    }

    /** From one frame to another, both played. */
    public record Stretch(int from, int to) {
        public int count() {
            return to - from + 1;
        }
    }

    /**
     * The time as it was worked out at a frame of a stretch, never before {@code first} nor after {@code last}. At both ends of the stretch it
     * is exactly these, so that what must end at rest does, however little time it is given.
     */
    public double within(Stretch stretch, int frame, double first, double last) {
        boolean begins = frame == stretch.from() && stretch.count() > 1;
        if (begins) return backwards ? last : first;
        if (frame == stretch.to()) return backwards ? first : last;
        return Math.max(first, Math.min(last, at(frame)));
    }
}
