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
        int[] bounds = Blur.bounds(from, width, height);
        if (bounds == null) return target;
        double eye = EYE * width;
        double sin = Math.sin(Math.toRadians(degrees));
        double cos = Math.cos(Math.toRadians(degrees));
        // Beside the axis, and along it.
        double first = (columns ? bounds[2] : bounds[0]) - 1;
        double last = (columns ? bounds[3] : bounds[1]) + 1;
        double begins = (columns ? bounds[0] : bounds[2]) - 1;
        double ends = (columns ? bounds[1] : bounds[3]) + 1;
        int count = columns ? height : width;
        for (int line = 0; line < (columns ? width : height); line++) {
            double there = line + 0.5 - along;
            double bottom = eye * cos + there * sin;
            double here = there * eye / bottom;
            double scale = eye / (eye - here * sin);
            double row = along + here - 0.5;
            if (!(scale > 0) || bottom <= 0 || row < begins || row > ends) continue;
            int start = (int) Math.max(0, Math.floor((first + 0.5 - beside) * scale + beside - 0.5) - 1);
            int end = (int) Math.min(count, Math.ceil((last + 0.5 - beside) * scale + beside - 0.5) + 2);
            for (int i = start; i < end; i++) {
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
        int a = at(pixels, width, height, left, top);
        int b = at(pixels, width, height, left + 1, top);
        int c = at(pixels, width, height, left, top + 1);
        int d = at(pixels, width, height, left + 1, top + 1);
        if ((a | b | c | d) == 0) return 0;
        double across = x - left;
        double down = y - top;
        int result = 0;
        for (int shift = 0; shift < 32; shift += 8) {
            double upper = (a >>> shift & 255) * (1 - across) + (b >>> shift & 255) * across;
            double lower = (c >>> shift & 255) * (1 - across) + (d >>> shift & 255) * across;
            result |= (int) (upper * (1 - down) + lower * down + 0.5) << shift;
        }
        return result;
    }

    private static int at(int[] pixels, int width, int height, int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? 0 : pixels[y * width + x];
    }
}
