package glimble.reel;

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
 */
public record Reel(int width, int height, double rate, List<Layer> layers, int in, int loop, int out) {

    public Reel {
        layers = List.copyOf(layers);
    }

    /** Frames from the first to the last of a phase: the last is {@code length} itself. */
    public int length(PhaseName phase) {
        return switch (phase) {
            case IN -> in;
            case LOOP -> loop;
            case OUT -> out;
        };
    }
}
