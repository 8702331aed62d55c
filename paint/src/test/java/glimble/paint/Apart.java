package glimble.paint;

import java.awt.image.BufferedImage;

/**
 * How far two pictures that should be one are apart. Places are rounded to a thousandth of a px and what is tilted is drawn from a picture
 * of itself, so that pixels at an edge may have another share of it; what is seen in the one and nowhere near in the other has jumped.
 *
 * @param beyond pixels of the one that are none of those around the same place in the other
 * @param plain pixels that differ by more than an edge between pixels does
 * @param most steps of 255 by which any pixel differs
 */
record Apart(int beyond, int plain, int most) {
    private static final int STEPS = 48;
    private static final int EDGE = 100;
    /** Of letters that are tilted so many pixels may have another share of an edge. */
    private static final int FEW = 12;

    static Apart of(BufferedImage one, BufferedImage other) {
        if (one.getWidth() == 1) one = new BufferedImage(other.getWidth(), other.getHeight(), other.getType());
        if (other.getWidth() == 1) other = new BufferedImage(one.getWidth(), one.getHeight(), one.getType());
        int[] a = Oracle.pixels(one);
        int[] b = Oracle.pixels(other);
        int beyond = 0;
        int plain = 0;
        int most = 0;
        for (int i = 0; i < a.length; i++) {
            int by = differ(a[i], b[i]);
            if (by > most) most = by;
            if (by > EDGE) plain++;
            if (by > STEPS && (isBeyond(a[i], b, i, one.getWidth()) || isBeyond(b[i], a, i, one.getWidth()))) beyond++;
        }
        return new Apart(beyond, plain, most);
    }

    boolean isJump() {
        return beyond > FEW || plain > FEW / 2;
    }

    static int differ(int one, int other) {
        int most = 0;
        for (int shift = 0; shift < 32; shift += 8)
            most = Math.max(most, Math.abs((one >>> shift & 255) - (other >>> shift & 255)));
        return most;
    }

    /** Whether any of its colours is less, or more, than all around that place, by more than a few steps. */
    private static boolean isBeyond(int pixel, int[] others, int at, int width) {
        for (int shift = 0; shift < 32; shift += 8) {
            int least = 255;
            int most = 0;
            for (int y = -1; y <= 1; y++) {
                for (int x = -1; x <= 1; x++) {
                    int i = Math.max(0, Math.min(others.length - 1, at + y * width + x));
                    least = Math.min(least, others[i] >>> shift & 255);
                    most = Math.max(most, others[i] >>> shift & 255);
                }
            }
            int is = pixel >>> shift & 255;
            if (is < least - STEPS || is > most + STEPS) return true;
        }
        return false;
    }
}
