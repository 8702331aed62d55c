package glimble.reel;

import glimble.rest.Rect;
import glimble.text.GlyphRun;
import java.util.List;

/**
 * One part to be drawn, in the coordinates of the rest picture.
 *
 * <p>Drawing at a frame: seen through its masks; moved by its tracks (shifts, then turns, then scales, each about its pivot);
 * cut by its reveals; then either its glyphs on the baseline, or a rectangle with round corners.
 *
 * @param part key of the part
 * @param kind {@code text}, {@code box} or {@code line}
 * @param box where it rests, px
 * @param ink what is drawn of it at rest, px
 * @param baseline where glyphs stand, px from the top; of no account without runs
 * @param radius of the corners, px, already small enough for the box
 * @param fill colour, {@code #RRGGBB} or {@code #RRGGBBAA}
 * @param runs glyphs, for a text; empty for anything else
 * @param masks parts through whose layers this one is seen
 * @param tracks what changes, by phase
 */
public record Layer(
        String part,
        String kind,
        Rect box,
        Rect ink,
        double baseline,
        double radius,
        String fill,
        List<GlyphRun> runs,
        List<MaskBy> masks,
        List<Track> tracks) {

    public Layer {
        runs = List.copyOf(runs);
        masks = List.copyOf(masks);
        tracks = List.copyOf(tracks);
    }

    /**
     * A layer whose shape, as it moves, is a mask.
     *
     * @param layer its index in the reel
     * @param inside true: seen inside it; false: outside
     */
    public record MaskBy(int layer, boolean inside) {}
}
