package glimble.reel;

import glimble.graphic.PhaseName;
import java.util.List;

/**
 * A graphic worked out for given values: everything a player needs to draw any frame, as plain numbers. A player draws
 * the layers in order and decides nothing.
 *
 * @param width px of the raster
 * @param height px of the raster
 * @param rate frames per second
 * @param layers what is drawn, back to front; absent parts have none
 * @param in frames from the first of in to rest
 * @param loop frames of one round of the loop; 0 for none
 * @param out frames from rest to the last of out
 * @param steps where the in waits for the operator, in the order of time
 */
public record Reel(
        int width, int height, double rate, List<Layer> layers, int in, int loop, int out, List<Pause> steps) {

    public Reel {
        layers = List.copyOf(layers);
        steps = List.copyOf(steps);
    }

    /** One that waits nowhere. */
    public Reel(int width, int height, double rate, List<Layer> layers, int in, int loop, int out) {
        this(width, height, rate, layers, in, loop, out, List.of());
    }

    /**
     * A frame of the in at which it waits.
     *
     * @param part what enters next
     * @param standing indexes of the layers that are at rest already, and loop meanwhile
     * @param left how much of that loop is still seen, 0–1, so many frames after the operator went on; nothing beyond them
     */
    public record Pause(int frame, String part, List<Integer> standing, double[] left) {
        public Pause {
            standing = List.copyOf(standing);
        }
    }

    Reel withOut(int frames) {
        return new Reel(width, height, rate, layers, in, loop, frames, steps);
    }

    public Reel withLayers(List<Layer> others) {
        return new Reel(width, height, rate, others, in, loop, out, steps);
    }

    /** Frames from the first to the last of a phase: the last is {@code length} itself. Halves of a swap are played in the in of a change. */
    public int length(PhaseName phase) {
        return switch (phase) {
            case IN -> in;
            case LOOP -> loop;
            case OUT -> out;
            case AWAY, BACK -> 0;
        };
    }
}
