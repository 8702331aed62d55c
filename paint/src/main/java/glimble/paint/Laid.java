package glimble.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/**
 * Pictures with premultiplied alpha laid over each other, pixel by pixel. Much of what is laid is empty or opaque, which costs nothing or
 * little here. Source: Porter and Duff, Compositing digital images.
 */
final class Laid {
    /** How one picture is laid over another. */
    enum How {
        OVER,
        /** What is below stays where something is laid. */
        KEEPS,
        /** What is below goes where something is laid. */
        CUTS
    }

    private static final int TWO = 0xFF00FF;
    private static final int HALVES = 0x800080;

    private Laid() {}

    /**
     * @param onto changed where both lie, and nowhere else
     * @param x px from the left of {@code onto} at which {@code what} lies
     * @param y the same from its top
     * @param opacity of what is laid, 0 to 1; of account for {@link How#OVER} only
     */
    static void lay(BufferedImage onto, BufferedImage what, int x, int y, How how, double opacity) {
        int left = Math.max(0, x);
        int right = Math.min(onto.getWidth(), x + what.getWidth());
        int top = Math.max(0, y);
        int bottom = Math.min(onto.getHeight(), y + what.getHeight());
        int[] to = pixels(onto);
        int[] from = pixels(what);
        int share = (int) Math.round(opacity * 255);
        for (int row = top; row < bottom; row++) {
            int at = row * onto.getWidth() + left;
            int source = (row - y) * what.getWidth() + left - x;
            switch (how) {
                case OVER -> over(to, at, from, source, right - left, share);
                case KEEPS -> keeps(to, at, from, source, right - left);
                case CUTS -> cuts(to, at, from, source, right - left);
            }
        }
    }

    private static void over(int[] to, int at, int[] from, int source, int count, int share) {
        for (int i = 0; i < count; i++) {
            int laid = from[source + i];
            if (laid == 0) continue;
            if (share != 255) laid = times(laid, share);
            int covered = laid >>> 24;
            to[at + i] = covered == 255 ? laid : laid + times(to[at + i], 255 - covered);
        }
    }

    private static void keeps(int[] to, int at, int[] from, int source, int count) {
        for (int i = 0; i < count; i++) {
            int covered = from[source + i] >>> 24;
            if (covered != 255) to[at + i] = covered == 0 ? 0 : times(to[at + i], covered);
        }
    }

    private static void cuts(int[] to, int at, int[] from, int source, int count) {
        for (int i = 0; i < count; i++) {
            int covered = from[source + i] >>> 24;
            if (covered != 0) to[at + i] = covered == 255 ? 0 : times(to[at + i], 255 - covered);
        }
    }

    /** All four parts of a pixel times a share of 255, to the nearest whole number; two parts at a time. */
    static int times(int pixel, int share) {
        int even = (pixel & TWO) * share + HALVES;
        int odd = (pixel >>> 8 & TWO) * share + HALVES;
        even = (even + (even >>> 8 & TWO)) >>> 8 & TWO;
        odd = odd + (odd >>> 8 & TWO) & ~TWO;
        return even | odd;
    }

    /** The pixels themselves, not a copy. */
    static int[] pixels(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }
}
