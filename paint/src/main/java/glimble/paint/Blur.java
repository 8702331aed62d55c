package glimble.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/** A Gaussian blur of a picture with premultiplied alpha. */
final class Blur {
    /** Beyond so many standard deviations nothing counts. */
    private static final double REACH = 3;

    private Blur() {}

    /** @param sigma standard deviation, px */
    static void apply(BufferedImage image, double sigma) {
        if (sigma <= 0) return;
        int radius = (int) Math.ceil(REACH * sigma);
        float[] kernel = new float[2 * radius + 1];
        float sum = 0;
        for (int i = -radius; i <= radius; i++) {
            kernel[i + radius] = (float) Math.exp(-i * i / (2 * sigma * sigma));
            sum += kernel[i + radius];
        }
        for (int i = 0; i < kernel.length; i++) kernel[i] /= sum;
        int width = image.getWidth();
        int height = image.getHeight();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        int[] bounds = bounds(pixels, width, height);
        if (bounds == null) return;
        int left = Math.max(0, bounds[0] - radius);
        int right = Math.min(width, bounds[1] + radius);
        int top = Math.max(0, bounds[2] - radius);
        int bottom = Math.min(height, bounds[3] + radius);
        int[] across = new int[pixels.length];
        for (int y = bounds[2]; y < bounds[3]; y++) {
            for (int x = left; x < right; x++) across[y * width + x] = sum(pixels, y * width, 1, x, width, kernel);
        }
        for (int x = left; x < right; x++) {
            for (int y = top; y < bottom; y++) pixels[y * width + x] = sum(across, x, width, y, height, kernel);
        }
    }

    private static int sum(int[] pixels, int offset, int step, int at, int length, float[] kernel) {
        int radius = kernel.length / 2;
        float a = 0;
        float r = 0;
        float g = 0;
        float b = 0;
        int from = Math.max(0, at - radius);
        int to = Math.min(length - 1, at + radius);
        for (int i = from; i <= to; i++) {
            int pixel = pixels[offset + i * step];
            if (pixel == 0) continue;
            float share = kernel[i - at + radius];
            a += (pixel >>> 24) * share;
            r += (pixel >> 16 & 255) * share;
            g += (pixel >> 8 & 255) * share;
            b += (pixel & 255) * share;
        }
        return Math.round(a) << 24 | Math.round(r) << 16 | Math.round(g) << 8 | Math.round(b);
    }

    /** Left, right, top and bottom of what is not empty; null if all is. */
    private static int[] bounds(int[] pixels, int width, int height) {
        int left = width;
        int right = 0;
        int top = height;
        int bottom = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (pixels[y * width + x] == 0) continue;
                left = Math.min(left, x);
                right = Math.max(right, x + 1);
                top = Math.min(top, y);
                bottom = Math.max(bottom, y + 1);
            }
        }
        return right == 0 ? null : new int[] {left, right, top, bottom};
    }
}
