package glimble.reel;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * What a player shows when: idle → in → loop → out → idle. Immutable; an event makes a new one. Phases meet at rest: the
 * last frame of in, every first frame of the loop and the first of out are the same picture.
 *
 * <p>The out begins when it is asked for, also during in or loop: {@link EarlyOut} then has it begin from where each part stands
 * at {@link #leftFrom()}.
 *
 * @param in frames of the in
 * @param loop frames of a round of the loop; 0 for none
 * @param out frames of the out
 * @param taken the frame at which it was taken to air
 * @param asked the frame at which it was asked to leave
 */
public record Playback(int in, int loop, int out, OptionalInt taken, OptionalInt asked) {

    /** What is shown: a frame of a phase, or nothing. */
    public record Moment(State state, int frame) {}

    /** A run of frames in which one phase is played. {@code round} is after how many frames it begins again. */
    public record Stretch(State state, int first, int length, int round) {}

    public enum State {
        IDLE,
        IN,
        LOOP,
        REST,
        OUT
    }

    public static Playback idle(Reel reel) {
        return new Playback(reel.in(), reel.loop(), reel.out(), OptionalInt.empty(), OptionalInt.empty());
    }

    public Playback take(int frame) {
        return new Playback(in, loop, out, OptionalInt.of(frame), OptionalInt.empty());
    }

    /** Of no account while nothing stands, or when the out has been asked for already. */
    public Playback leave(int frame) {
        if (taken.isEmpty() || asked.isPresent()) return this;
        return new Playback(in, loop, out, taken, OptionalInt.of(frame));
    }

    /** The frame at which the out begins; empty while it has not been asked for. */
    public OptionalInt leaving() {
        return asked.isEmpty() ? asked : OptionalInt.of(Math.max(taken.getAsInt(), asked.getAsInt()));
    }

    /** The moment from which the out begins; idle while it has not been asked for. */
    public Moment leftFrom() {
        return asked.isEmpty() ? new Moment(State.IDLE, 0) : before(leaving().getAsInt());
    }

    public Moment at(int frame) {
        if (taken.isEmpty() || frame < taken.getAsInt()) return new Moment(State.IDLE, 0);
        if (leaving().isPresent() && frame >= leaving().getAsInt()) {
            int leftFor = frame - leaving().getAsInt();
            return leftFor > out ? new Moment(State.IDLE, 0) : new Moment(State.OUT, leftFor);
        }
        return before(frame);
    }

    /** What is shown as long as nobody has asked for the out. */
    private Moment before(int frame) {
        int since = frame - taken.getAsInt();
        if (since < in) return new Moment(State.IN, since);
        return loop == 0 ? new Moment(State.REST, 0) : new Moment(State.LOOP, (since - in) % loop);
    }

    /**
     * The whole graphic at a length known beforehand: the in, as many whole rounds of the loop as fit, rest for what is
     * left, and the out.
     *
     * @param length frames from the first of in to the last of out; if too short for both, they are played without a stay
     */
    public static List<Stretch> whole(Reel reel, int length) {
        int stay = Math.max(0, length - reel.in() - reel.out() - 1);
        int looped = reel.loop() == 0 ? 0 : stay / reel.loop() * reel.loop();
        List<Stretch> stretches = new ArrayList<>();
        int first = add(stretches, State.IN, 0, reel.in(), reel.in());
        first = add(stretches, State.LOOP, first, looped, reel.loop());
        first = add(stretches, State.REST, first, stay - looped, 1);
        // The last frame of the out, on which nothing is left, is shown too.
        add(stretches, State.OUT, first, reel.out() + 1, reel.out() + 1);
        return stretches;
    }

    private static int add(List<Stretch> stretches, State state, int first, int length, int round) {
        if (length > 0) stretches.add(new Stretch(state, first, length, round));
        return first + length;
    }
}
