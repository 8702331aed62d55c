package glimble.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/**
 * A picture tilted about a point, seen in perspective. Where the row at distance d from the axis ends up is d′ = d · cos · s with
 * s = D / (D − d · sin), D the distance of the eye; turned round, d = d′ · D / (D · cos + d′ · sin).
 */
final class Warp {
    /** Distance of the eye from the picture, as a factor of its width. */
    static final double EYE = 2;

    private Warp() {}

    /** @param columns whether the axis is upright */
    static BufferedImage tilted(BufferedImage source, double degrees, double along, double beside, boolean columns) {
        int width = source.getWidth();
        int height = source.getHeight();
        BufferedImage target = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        int[] from = ((DataBufferInt) source.getRaster().getDataBuffer()).getData();
        int[] to = ((DataBufferInt) target.getRaster().getDataBuffer()).getData();
        double eye = EYE * width;
        double sin = Math.sin(Math.toRadians(degrees));
        double cos = Math.cos(Math.toRadians(degrees));
        for (int line = 0; line < (columns ? width : height); line++) {
            double there = line + 0.5 - along;
            double bottom = eye * cos + there * sin;
            double here = there * eye / bottom;
            double scale = eye / (eye - here * sin);
            if (!(scale > 0) || bottom <= 0) continue;
            double row = along + here - 0.5;
            for (int i = 0; i < (columns ? height : width); i++) {
                double column = beside + (i + 0.5 - beside) / scale - 0.5;
                int pixel =
                        columns ? between(from, width, height, row, column) : between(from, width, height, column, row);
                to[columns ? i * width + line : line * width + i] = pixel;
            }
        }
        return target;
    }

    private static int between(int[] pixels, int width, int height, double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        if (left < -1 || top < -1 || left >= width || top >= height) return 0;
        double across = x - left;
        double down = y - top;
        int result = 0;
        for (int shift = 0; shift < 32; shift += 8) {
            double upper = part(pixels, width, height, left, top, shift) * (1 - across)
                    + part(pixels, width, height, left + 1, top, shift) * across;
            double lower = part(pixels, width, height, left, top + 1, shift) * (1 - across)
                    + part(pixels, width, height, left + 1, top + 1, shift) * across;
            result |= (int) Math.round(upper * (1 - down) + lower * down) << shift;
        }
        return result;
    }

    private static int part(int[] pixels, int width, int height, int x, int y, int shift) {
        return x < 0 || y < 0 || x >= width || y >= height ? 0 : pixels[y * width + x] >>> shift & 255;
    }
}
