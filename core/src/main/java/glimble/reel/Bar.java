package glimble.reel;

import glimble.graphic.PhaseName;
import java.util.Optional;

/**
 * A move as it falls out for given values: what the score draws.
 *
 * @param move key of the move
 * @param part key of the part that moves
 * @param start first frame in its phase
 * @param length frames
 * @param away the resolved travel: px or degrees from rest, or a factor
 * @param waitsFor key of the move it waits for once absent parts are taken out
 * @param waitsForPart key of the part for whose moves it waits likewise
 * @param afterEnd whether it waits for that one's end, not its beginning
 * @param words the move in a few words
 */
public record Bar(
        PhaseName phase,
        String move,
        String part,
        int start,
        int length,
        double away,
        Optional<String> waitsFor,
        Optional<String> waitsForPart,
        boolean afterEnd,
        String words) {

    /** The same so many frames later. */
    public Bar later(int by) {
        return at(start + by, length);
    }

    /** The same at another time. */
    public Bar at(int from, int frames) {
        return new Bar(phase, move, part, from, frames, away, waitsFor, waitsForPart, afterEnd, words);
    }
}
