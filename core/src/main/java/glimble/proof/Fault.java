package glimble.proof;

import glimble.graphic.Check;
import glimble.graphic.PhaseName;
import glimble.graphic.ProofRules;
import glimble.rest.Rect;

/**
 * One thing that is wrong with a graphic for one filling.
 *
 * @param part key of the part it is about; empty if it is about the whole
 * @param other what it stands against: another part, a safe area, a field; empty for nothing
 * @param phase where it is worst; rest is the last frame of in, and {@link #CHANGE} stands for a change
 * @param frame of that phase, or of the change
 * @param measured in its {@link #unit}
 * @param allowed likewise
 * @param sentence what is wrong, with its numbers
 * @param mend how it can be mended
 * @param where px, to be pointed out in the picture
 */
public record Fault(
        Check check,
        String part,
        String other,
        PhaseName phase,
        int frame,
        double measured,
        double allowed,
        String sentence,
        String mend,
        Rect where) {

    /** What stands for the phase of a fault of a change. */
    public static final PhaseName CHANGE = PhaseName.BACK;

    /** The phase of the reel in which it is seen. */
    public PhaseName drawnIn() {
        return phase == CHANGE ? PhaseName.IN : phase;
    }

    /** The same seen at a frame of another phase. */
    Fault at(PhaseName otherPhase, int otherFrame) {
        return new Fault(check, part, other, otherPhase, otherFrame, measured, allowed, sentence, mend, where);
    }

    /** The phase in a word. */
    public String when() {
        return phase == CHANGE ? "the change" : phase.word();
    }

    /** Faults of one cause have the same. */
    public record Cause(Check check, String part, String other, PhaseName phase) {}

    public Cause cause() {
        return new Cause(check, part, other, phase);
    }

    /** What it is measured in: that of its check, but for what stands too far out of a box, of which the check measures the room to its edge. */
    public String unit() {
        return check == Check.BOX && !other.endsWith(ProofRules.EDGE) ? "px too far out" : check.unit();
    }

    /** How far beyond what is allowed, for telling which of two is worse. */
    public double excess() {
        return Math.abs(measured - allowed);
    }
}
