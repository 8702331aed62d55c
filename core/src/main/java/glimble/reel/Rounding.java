package glimble.reel;

import glimble.graphic.Channel;
import glimble.rest.Rect;

/** Reel numbers are rounded, so that every machine and every player has the very same ones. */
public final class Rounding {
    private Rounding() {}

    /** px or degrees, to 1/1000. */
    public static double px(double number) {
        return Math.floor(number * 1_000 + 0.5) / 1_000;
    }

    /** Factors and shares, to 1/1000000: a thousandth of a long bar would be seen. */
    public static double factor(double number) {
        return Math.floor(number * 1_000_000 + 0.5) / 1_000_000;
    }

    public static double of(Channel channel, double number) {
        return channel.rest() == 0 ? px(number) : factor(number);
    }

    public static Rect px(Rect rect) {
        return new Rect(px(rect.x()), px(rect.y()), px(rect.width()), px(rect.height()));
    }
}
