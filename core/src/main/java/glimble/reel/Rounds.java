package glimble.reel;

/** Rounds of a loop. */
public final class Rounds {
    /** Frames; at any rate more than anything stands on air. */
    public static final int MOST = 1_000_000;

    private Rounds() {}

    /** The least number of frames in which both come out. */
    public static long common(long first, long second) {
        if (first == 0 || second == 0) return Math.max(first, second);
        return first / greatest(first, second) * second;
    }

    private static long greatest(long first, long second) {
        return second == 0 ? first : greatest(second, first % second);
    }
}
