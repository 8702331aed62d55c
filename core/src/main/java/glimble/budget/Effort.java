package glimble.budget;

import java.util.Optional;
import java.util.function.Supplier;

/**
 * How much work something is, told before it is done.
 *
 * @param steps of about 20 nanoseconds on the machine it was measured on; only the order of magnitude matters
 * @param most says what takes most of it, and how to make it less; for people, who are seldom told
 */
public record Effort(long steps, Supplier<String> most) {
    /** More than this takes longer than anyone should wait for a picture, or more than 64 MB. */
    public static final long MOST = 20_000_000;

    public static final Effort NONE = new Effort(0, "");

    public Effort(long steps, String what) {
        this(steps, () -> what);
    }

    /** What takes most of it, and how to make it less; for people. */
    public String what() {
        return most.get();
    }

    /** Of several pieces of work together. */
    public Effort plus(Effort other) {
        return new Effort(sum(steps, other.steps), steps >= other.steps ? most : other.most);
    }

    private static long sum(long one, long other) {
        return one > Long.MAX_VALUE - other ? Long.MAX_VALUE : one + other;
    }

    /** Why it is not done; empty if it may be. */
    public Optional<String> refusal() {
        return steps <= MOST ? Optional.empty() : Optional.of(tooLong());
    }

    String tooLong() {
        return "would take too long to work out: " + what();
    }
}
