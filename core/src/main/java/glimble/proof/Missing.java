package glimble.proof;

import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Frames of a phase in which something is missing.
 *
 * @param first of them; -1 for none
 */
record Missing(int first, int count) {

    /** @param frames in which it is, in their order */
    static Missing of(IntStream frames) {
        int[] all = frames.toArray();
        return new Missing(all.length == 0 ? -1 : all[0], all.length);
    }

    /**
     * @param from the first frame that is looked at
     * @param to the last one
     */
    static Missing of(int from, int to, IntPredicate is) {
        return of(IntStream.rangeClosed(from, to).filter(is));
    }
}
