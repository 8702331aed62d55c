package glimble.air;

import glimble.change.PartChange;
import glimble.change.Shown;
import glimble.reel.Playback;
import glimble.reel.Reel;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * One reel on air, from the frame at which it begins: a take, or a change, of which the in is the change. Immutable. Frames are those of the
 * output, whole and counted from its beginning.
 */
public final class Play {
    private final Filled filled;
    private final Reel reel;
    private final long from;
    private final long since;
    /** In frames of its own: it is taken at 0. */
    private final Playback playback;

    private final Optional<Reel> out;
    private final List<PartChange> changes;
    private final Stands stands;
    /** Steps that the operator went on at before it. */
    private final int passed;

    /** What stands at a moment, so that a change can begin there. */
    interface Stands {
        Shown at(Playback.Moment moment);
    }

    Play(Filled filled, Reel reel, long from, List<PartChange> changes, Stands stands) {
        this(filled, reel, from, from, Playback.idle(reel).take(0), Optional.empty(), changes, stands, 0);
    }

    private Play(
            Filled filled,
            Reel reel,
            long from,
            long since,
            Playback playback,
            Optional<Reel> out,
            List<PartChange> changes,
            Stands stands,
            int passed) {
        this.filled = filled;
        this.reel = reel;
        this.from = from;
        this.since = since;
        this.playback = playback;
        this.out = out;
        this.changes = List.copyOf(changes);
        this.stands = stands;
        this.passed = passed;
    }

    public Filled filled() {
        return filled;
    }

    public Reel reel() {
        return reel;
    }

    /** The frame at which it begins. */
    public long from() {
        return from;
    }

    /** The frame at which its graphic came in, before all changes. */
    public long since() {
        return since;
    }

    /** The frames at which the operator went on at a step, in the order of time. */
    public List<Long> nexts() {
        return playback.nexts().stream().map(next -> from + next).toList();
    }

    /** The frame at which its out begins; empty while it has not been asked for. */
    public OptionalLong leaves() {
        OptionalInt leaving = playback.leaving();
        return leaving.isEmpty() ? OptionalLong.empty() : OptionalLong.of(from + leaving.getAsInt());
    }

    /** The reel whose out is played; empty while the out has not been asked for. */
    public Optional<Reel> out() {
        return out;
    }

    /** The first frame at which nothing of it is left; empty while the out has not been asked for. */
    public OptionalLong end() {
        OptionalLong leaves = leaves();
        return leaves.isEmpty() ? leaves : OptionalLong.of(leaves.getAsLong() + playback.out() + 1);
    }

    /** What each part does, if it is a change; none of a take. */
    public List<PartChange> changes() {
        return changes;
    }

    /** Steps at which the operator went on before this change of it began. */
    public int passed() {
        return passed;
    }

    /** The same after as many steps. */
    Play after(int steps) {
        return new Play(filled, reel, from, since, playback, out, changes, stands, steps);
    }

    /** Steps that are still to come. */
    public int stepsLeft() {
        return playback.steps().size() - playback.nexts().size();
    }

    /** What is shown of it; idle before it begins and once it is over. */
    public Playback.Moment at(long frame) {
        return frame < from ? Playback.idle(reel).at(0) : playback.at(own(frame));
    }

    /** The same take or change, beginning at another frame. */
    public Play from(long frame) {
        return new Play(filled, reel, frame, frame, playback, out, changes, stands, passed);
    }

    /** The same, begun so early that at a frame it has come to where its in waits next, or to rest. */
    Play hurried(long frame) {
        Playback.Moment moment = at(frame);
        if (moment.state() != Playback.State.IN) return this;
        int until = playback.steps().stream()
                .filter(step -> step > moment.frame())
                .findFirst()
                .orElse(playback.in());
        return from(from - (until - moment.frame()));
    }

    /** The same for a filling that is drawn the same. */
    public Play of(Filled other) {
        return new Play(other, reel, from, since, playback, out, changes, stands, passed);
    }

    /** The same as a change of what came in at another frame. */
    Play since(long frame) {
        return new Play(filled, reel, from, frame, playback, out, changes, stands, passed);
    }

    Play stepped(long frame) {
        return new Play(filled, reel, from, since, playback.next(own(frame)), out, changes, stands, passed);
    }

    /** With the out begun from wherever each part stands. */
    Play left(long frame) {
        Shown shown = shown(frame);
        Reel leaving = shown.leaving();
        Playback ending = new Playback(
                playback.in(),
                playback.loop(),
                leaving.out(),
                playback.steps(),
                playback.taken(),
                playback.nexts(),
                OptionalInt.empty(),
                Optional.empty());
        return new Play(
                filled, reel, from, since, ending.leave(own(frame)), Optional.of(leaving), changes, stands, passed);
    }

    Shown shown(long frame) {
        return stands.at(playback.at(own(frame)));
    }

    /** So many frames after it began: what stands for longer than an int can count, does so at rest. */
    private int own(long frame) {
        return (int) Math.max(0, Math.min(Integer.MAX_VALUE, frame - from));
    }
}
