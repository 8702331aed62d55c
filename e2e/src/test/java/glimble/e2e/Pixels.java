package glimble.e2e;

import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/** Pictures compared as people would see them. */
final class Pixels {
    /** Of 255; less than that nobody tells apart. */
    private static final int TELLING = 16;

    private Pixels() {}

    /** The share of the pixels inked in either that differ by more than anyone could miss. */
    static double differing(BufferedImage painted, BufferedImage drawn) {
        int[] ours = covering(painted);
        int[] others = covering(drawn);
        int inked = 0;
        int differ = 0;
        for (int i = 0; i < ours.length; i++) {
            if (ours[i] >>> 24 == 0 && others[i] >>> 24 == 0) continue;
            inked++;
            if (differ(ours[i], others[i])) differ++;
        }
        return inked == 0 ? 0 : differ / (double) inked;
    }

    /** The pixels as they are laid over a picture: a colour counts as much as it covers. */
    private static int[] covering(BufferedImage image) {
        BufferedImage plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = plain.createGraphics();
        graphics.setComposite(AlphaComposite.Src);
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return ((DataBufferInt) plain.getRaster().getDataBuffer()).getData();
    }

    /** Component by component. */
    private static boolean differ(int a, int b) {
        for (int shift = 0; shift < 32; shift += 8) {
            if (Math.abs((a >>> shift & 255) - (b >>> shift & 255)) > TELLING) return true;
        }
        return false;
    }
}
