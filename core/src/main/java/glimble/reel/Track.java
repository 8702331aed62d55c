package glimble.reel;

import glimble.graphic.Channel;
import glimble.graphic.Toward;

/**
 * The values of one channel of a layer over a phase.
 *
 * @param pivotX px, the point of scales and turns at rest
 * @param pivotY px
 * @param toward which way a reveal opens
 * @param first the frame of the first value; before it that value holds, after the last value the last one
 * @param values one a frame: px or degrees from rest, or factor or share of rest
 */
public record Track(
        PhaseName phase, Channel channel, double pivotX, double pivotY, Toward toward, int first, double[] values) {

    public double at(int frame) {
        return values[Math.max(0, Math.min(values.length - 1, frame - first))];
    }
}
