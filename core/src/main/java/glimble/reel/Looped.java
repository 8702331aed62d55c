package glimble.reel;

/**
 * What is seen of the loop while a reel is in its in.
 *
 * @param frame of the loop
 * @param share how much of it is seen, 0–1
 * @param everything whether all layers loop, as between the lines of a series; else those that stand at the step that was last, as far as
 *     they loop as a whole
 */
public record Looped(int frame, double share, boolean everything) {
    public static final Looped NONE = new Looped(0, 0, false);

    /** At a step, or after the operator went on. */
    public static Looped atStep(int frame, double share) {
        return new Looped(frame, share, false);
    }
}
