package glimble.change;

import java.util.List;

/**
 * What one part does in a change.
 *
 * @param part its key
 * @param first frame of the change from which on it changes; 0 for one that stays
 * @param last frame from which on it does not; 0 for one that stays
 * @param awayEnd of one that swaps or leaves: the frame from which on nothing of the old is left; else 0
 * @param backStart of one that swaps or enters: the frame at which the new begins; else 0
 * @param same whether it is drawn the same in the same place before and after, though it may not stay
 * @param sentence what it does and why
 * @param why how the frames came about, a line each
 */
public record PartChange(
        String part,
        Doing doing,
        int first,
        int last,
        int awayEnd,
        int backStart,
        boolean same,
        String sentence,
        List<String> why) {

    public PartChange {
        why = List.copyOf(why);
    }
}
