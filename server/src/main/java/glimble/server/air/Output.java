package glimble.server.air;

import java.time.Instant;

/**
 * Where graphics are shown.
 *
 * @param begins the time of its frame 0
 * @param frames a second, together with {@code per}: {@code frames / per}
 * @param width px of its raster
 */
public record Output(long id, String name, Instant begins, int frames, int per, int width, int height) {
    private static final int MS = 1_000;

    /** The frame that is shown at a time, ms since 1970. */
    long frame(long now) {
        return Math.floorDiv((now - begins.toEpochMilli()) * frames, (long) MS * per);
    }

    /** Frames that begin within so many ms, rounded up. */
    long framesIn(long ms) {
        return -Math.floorDiv(-ms * frames, (long) MS * per);
    }
}
