package glimble.reel;

import glimble.graphic.PhaseName;
import glimble.rest.Note;
import glimble.rest.Rest;
import java.util.List;

/**
 * A graphic worked out for given values: what is played, and how it came about.
 *
 * @param bars every move of a present part
 * @param words when words are spoken, of moves that go by that
 * @param whole the graphic from first to last frame at the length that was asked for
 * @param notes what is wrong with its time; what is wrong with the rest picture is said there
 * @param revealed how boxes follow what is revealed
 */
public record WorkedOut(
        Reel reel,
        Rest rest,
        List<Bar> bars,
        List<Spoken> words,
        List<Playback.Run> whole,
        List<Note> notes,
        Revealed revealed) {

    /** Another reel that ends at the same rest, in which no words are spoken. */
    public WorkedOut as(Reel other, List<Bar> otherBars, int length) {
        return new WorkedOut(other, rest, otherBars, List.of(), Playback.whole(other, length), notes, revealed);
    }

    /** The same with other layers or another loop. */
    public WorkedOut with(Reel other, int length) {
        return new WorkedOut(other, rest, bars, words, Playback.whole(other, length), notes, revealed);
    }

    /**
     * A word of a text.
     *
     * @param word how many stand before it, in the order of reading
     * @param text its letters
     * @param frame of the phase at which it is spoken, before any retiming
     * @param played the same as it is played
     */
    public record Spoken(PhaseName phase, String move, String part, int word, String text, int frame, int played) {}
}
