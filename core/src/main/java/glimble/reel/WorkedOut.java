package glimble.reel;

import glimble.rest.Rest;
import java.util.List;

/**
 * A graphic worked out for given values: what is played, and how it came about.
 *
 * @param bars every move of a present part
 * @param whole the graphic from first to last frame at its default length
 */
public record WorkedOut(Reel reel, Rest rest, List<Bar> bars, List<Playback.Stretch> whole) {}
