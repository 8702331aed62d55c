package glimble.reel;

import glimble.rest.Note;
import glimble.rest.Rest;
import java.util.List;

/**
 * A graphic worked out for given values: what is played, and how it came about.
 *
 * @param bars every move of a present part
 * @param whole the graphic from first to last frame at the length that was asked for
 * @param notes what is wrong with its time; what is wrong with the rest picture is said there
 */
public record WorkedOut(Reel reel, Rest rest, List<Bar> bars, List<Playback.Run> whole, List<Note> notes) {}
