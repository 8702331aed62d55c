package glimble.reel;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a player shows when: idle → in, waiting at each step → loop → out → idle. Immutable; an event makes a new one. A change goes on with
 * another reel, whose in is the change; until then what was before it is shown. Phases meet
 * at rest: the last frame of in, every first frame of the loop and the first of out are the same picture.
 *
 * <p>While the in waits at a step, what stands already loops; when the operator goes on, it goes back to rest within
 * {@link #SETTLES} frames while the in plays on, so that nothing jumps. The out begins when it is asked for, also during in, at a step
 * or during loop: {@link EarlyOut} then has it begin from where each part stands at {@link #leftFrom()}.
 *
 * @param in frames of the in
 * @param loop frames of a round of the loop; 0 for none
 * @param out frames of the out
 * @param steps frames of the in at which it waits, in the order of time
 * @param taken the frame at which it was taken to air
 * @param nexts the frames at which the operator went on, in the order of time; never more than there are steps
 * @param asked the frame at which it was asked to leave
 * @param before what was shown before the last change; empty without one
 */
public record Playback(
        int in,
        int loop,
        int out,
        List<Integer> steps,
        OptionalInt taken,
        List<Integer> nexts,
        OptionalInt asked,
        Optional<Playback> before) {

    /** Frames within which what looped at a step is back at rest. */
    public static final int SETTLES = 20;

    public Playback {
        steps = List.copyOf(steps);
        nexts = List.copyOf(nexts);
    }

    /**
     * What is shown: a frame of a phase, or nothing.
     *
     * @param looped in the in, the frame of the loop for what stands already
     * @param share in the in, how much of that loop is seen: 1 all of it, 0 none
     * @param changes how many changes there have been: which of the reels it is a moment of
     */
    public record Moment(State state, int frame, int looped, double share, int changes) {
        /** The first take, without any change. */
        public Moment(State state, int frame, int looped, double share) {
            this(state, frame, looped, share, 0);
        }

        public Moment(State state, int frame) {
            this(state, frame, 0, 0, 0);
        }
    }

    /** A run of frames in which one phase is played. {@code round} is after how many frames it begins again. */
    public record Run(State state, int first, int length, int round) {}

    public enum State {
        IDLE,
        IN,
        /** The in waits at a step. */
        STEP,
        LOOP,
        REST,
        OUT
    }

    public static Playback idle(Reel reel) {
        List<Integer> steps = reel.steps().stream().map(Reel.Pause::frame).toList();
        return new Playback(
                reel.in(),
                reel.loop(),
                reel.out(),
                steps,
                OptionalInt.empty(),
                List.of(),
                OptionalInt.empty(),
                Optional.empty());
    }

    public Playback take(int frame) {
        return new Playback(
                in, loop, out, steps, OptionalInt.of(frame), List.of(), OptionalInt.empty(), Optional.empty());
    }

    /**
     * Goes on with the reel of a change. A step that was passed by before it was reached is waited at again. Of no account while nothing
     * stands, or when the out has been asked for.
     */
    public Playback change(int frame, Reel reel) {
        if (taken.isEmpty() || asked.isPresent()) return this;
        int begins = Math.max(taken.getAsInt(), frame);
        Playback next = idle(reel).take(begins);
        return new Playback(
                next.in,
                next.loop,
                next.out,
                next.steps,
                next.taken,
                List.of(),
                OptionalInt.empty(),
                Optional.of(this));
    }

    /** How many changes there have been. */
    public int changes() {
        return before.map(earlier -> earlier.changes() + 1).orElse(0);
    }

    /** Goes on at a step, or passes the next one by if it is not reached yet. Of no account without a further step. */
    public Playback next(int frame) {
        if (taken.isEmpty() || asked.isPresent() || nexts.size() == steps.size()) return this;
        List<Integer> all = new ArrayList<>(nexts);
        all.add(Math.max(taken.getAsInt(), frame));
        return new Playback(in, loop, out, steps, taken, all, asked, before);
    }

    /** Of no account while nothing stands, or when the out has been asked for already. */
    public Playback leave(int frame) {
        if (taken.isEmpty() || asked.isPresent()) return this;
        return new Playback(in, loop, out, steps, taken, nexts, OptionalInt.of(frame), before);
    }

    /** The frame at which the out begins; empty while it has not been asked for. */
    public OptionalInt leaving() {
        return asked.isEmpty() ? asked : OptionalInt.of(Math.max(taken.getAsInt(), asked.getAsInt()));
    }

    /** The moment from which the out begins; idle while it has not been asked for. */
    public Moment leftFrom() {
        return asked.isEmpty() ? moment(State.IDLE, 0) : standing(leaving().getAsInt());
    }

    public Moment at(int frame) {
        boolean earlier = taken.isEmpty() || frame < taken.getAsInt();
        if (earlier) return before.map(playback -> playback.at(frame)).orElse(moment(State.IDLE, 0));
        if (leaving().isPresent() && frame >= leaving().getAsInt()) {
            int leftFor = frame - leaving().getAsInt();
            return leftFor > out ? moment(State.IDLE, 0) : moment(State.OUT, leftFor);
        }
        return standing(frame);
    }

    private Moment moment(State state, int frame) {
        return new Moment(state, frame, 0, 0, changes());
    }

    /** What is shown as long as nobody has asked for the out. */
    private Moment standing(int frame) {
        int resumed = taken.getAsInt();
        int from = 0;
        int looped = 0;
        for (int i = 0; i < steps.size(); i++) {
            int reached = resumed + steps.get(i) - from;
            if (frame < reached) break;
            if (i >= nexts.size() || frame < nexts.get(i)) {
                return new Moment(State.STEP, steps.get(i), round(frame - reached), loop == 0 ? 0 : 1, changes());
            }
            resumed = Math.max(reached, nexts.get(i));
            from = steps.get(i);
            looped = round(resumed - reached);
        }
        int since = frame - resumed;
        if (from + since < in)
            return new Moment(
                    State.IN, from + since, looped, looped == 0 ? 0 : left(since, until(from) - from), changes());
        return loop == 0 ? moment(State.REST, 0) : moment(State.LOOP, (from + since - in) % loop);
    }

    private int round(int frame) {
        return loop == 0 ? 0 : frame % loop;
    }

    /** The next frame of the in at which it waits or ends. */
    private int until(int from) {
        return steps.stream().filter(step -> step > from).findFirst().orElse(in);
    }

    /**
     * What is left of the loop, frame by frame after the operator went on.
     *
     * @param frames until the in waits again or ends
     */
    static double[] settling(int frames) {
        double[] left = new double[Math.max(1, Math.min(SETTLES, frames)) + 1];
        for (int since = 0; since < left.length; since++) left[since] = Rounding.factor(left(since, frames));
        return left;
    }

    /** What is left of the loop so many frames after the operator went on; nothing once the in waits or ends. */
    private static double left(int since, int frames) {
        double t = Math.min(1, since / (double) Math.max(1, Math.min(SETTLES, frames)));
        return 1 - t * t * (3 - 2 * t);
    }

    /**
     * The whole graphic at a length known beforehand: the in, as many whole rounds of the loop as fit, rest for what is
     * left, and the out.
     *
     * @param length frames from the first of in to the last of out; if too short for both, they are played without a stay
     */
    public static List<Run> whole(Reel reel, int length) {
        int stay = stay(reel, length);
        int looped = reel.loop() == 0 ? 0 : stay / reel.loop() * reel.loop();
        List<Run> runs = new ArrayList<>();
        int first = add(runs, State.IN, 0, reel.in(), reel.in());
        first = add(runs, State.LOOP, first, looped, reel.loop());
        first = add(runs, State.REST, first, stay - looped, 1);
        // The last frame of the out, on which nothing is left, is shown too.
        add(runs, State.OUT, first, reel.out() + 1, reel.out() + 1);
        return runs;
    }

    /** Frames between in and out at a length known beforehand; the last frame of the out is one of its own. */
    public static int stay(Reel reel, int length) {
        return Math.max(0, length - reel.in() - reel.out() - 1);
    }

    private static int add(List<Run> runs, State state, int first, int length, int round) {
        if (length > 0) runs.add(new Run(state, first, length, round));
        return first + length;
    }
}
