package glimble.change;

import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.reel.EarlyOut;
import glimble.reel.Looped;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.Revealed;
import glimble.reel.Standing;
import glimble.reel.WorkedOut;
import glimble.rest.Rest;
import java.util.Map;
import java.util.Set;

/**
 * What is on air at a moment.
 *
 * @param reel that is played: as the graphic was taken, or of a change
 * @param rest of the values that stand
 * @param graphic as it is played for them
 * @param values that stand
 * @param phase in or loop
 * @param frame of that phase
 * @param looped in the in, what is seen of the loop
 * @param waits whether the in waits at a step at that frame
 * @param begins the frame of the reel's in at which the designed in begins: 0 for a take, later where everything goes out and comes in
 *     again, and less than 0 for any other change, of which the in is only the change
 * @param revealed how boxes follow what is revealed, at that rest
 */
public record Shown(
        Reel reel,
        Rest rest,
        Graphic graphic,
        Map<String, String> values,
        PhaseName phase,
        int frame,
        Looped looped,
        boolean waits,
        int begins,
        Revealed revealed) {

    /** What stands at rest. */
    public static Shown atRest(WorkedOut worked, Graphic graphic, Map<String, String> values) {
        return of(worked, graphic, values, PhaseName.IN, worked.reel().in());
    }

    /** A frame of the in or of the loop of a graphic as it was taken. */
    public static Shown of(WorkedOut worked, Graphic graphic, Map<String, String> values, PhaseName phase, int frame) {
        return new Shown(
                worked.reel(), worked.rest(), graphic, values, phase, frame, Looped.NONE, false, 0, worked.revealed());
    }

    /** A frame of a change, or of the loop after it. */
    public static Shown of(Changed changed, PhaseName phase, int frame) {
        if (phase == PhaseName.LOOP && changed.series().isPresent())
            return changed.series().get().shown(frame);
        WorkedOut worked = changed.worked();
        return new Shown(
                worked.reel(),
                worked.rest(),
                changed.graphic(),
                changed.values(),
                phase,
                frame,
                Looped.NONE,
                false,
                changed.begins(),
                worked.revealed());
    }

    /**
     * What a playback shows, while it stands: in the in, at a step, in the loop or at rest.
     *
     * @param moment of the reel of that take or change
     */
    public Shown at(Playback.Moment moment) {
        boolean loops = moment.state() == Playback.State.LOOP;
        int at = moment.state() == Playback.State.REST ? reel.in() : moment.frame();
        return moment(loops ? PhaseName.LOOP : PhaseName.IN, at)
                .looping(moment.looped(), moment.share(), moment.state() == Playback.State.STEP);
    }

    /** The same at another frame. */
    public Shown moment(PhaseName otherPhase, int otherFrame) {
        return with(otherPhase, otherFrame, Looped.NONE, false);
    }

    /** The same where the in waits at a step, or has just gone on. */
    public Shown looping(int loopedFrame, double loopShare, boolean waiting) {
        return with(phase, frame, Looped.atStep(loopedFrame, loopShare), waiting);
    }

    /** The same while the loop is seen, too. */
    Shown looping(Looped otherLooped) {
        return with(phase, frame, otherLooped, waits);
    }

    /** The same moment of another reel that is drawn the same. */
    Shown with(Reel other) {
        return new Shown(other, rest, graphic, values, phase, frame, looped, waits, begins, revealed);
    }

    private Shown with(PhaseName otherPhase, int otherFrame, Looped otherLooped, boolean waiting) {
        return new Shown(reel, rest, graphic, values, otherPhase, otherFrame, otherLooped, waiting, begins, revealed);
    }

    /** The reel whose out begins where everything stands. */
    public Reel leaving() {
        return EarlyOut.of(reel, phase, frame, looped, revealed);
    }

    /** Where everything stands, and how it goes on. */
    Standing standing() {
        return new Standing(reel, phase, frame, looped);
    }

    /** Whether the designed in is still played. */
    boolean isIn() {
        return begins >= 0 && isComing();
    }

    /** Whether something may still be on its way in, or waits to come. */
    boolean isComing() {
        return phase == PhaseName.IN && frame < reel.in();
    }

    /** Keys of the parts before which the in has yet to wait. */
    Set<String> waitsFor() {
        if (phase != PhaseName.IN) return Set.of();
        Set<String> parts = new java.util.LinkedHashSet<>();
        for (Reel.Pause step : reel.steps()) {
            boolean ahead = waits ? step.frame() >= frame : step.frame() > frame;
            if (ahead) parts.add(step.part());
        }
        return parts;
    }
}
