package glimble.e2e;

import com.microsoft.playwright.Locator;
import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.IntBuffer;
import java.util.Base64;
import java.util.List;
import java.util.zip.InflaterInputStream;

/** Pictures compared as people would see them. */
final class Pixels {
    /** Of 255; less than that nobody tells apart. */
    private static final int TELLING = 16;

    /** What is drawn on a canvas, as raw RGBA that is packed: far sooner done than a PNG of it, and as exact. */
    private static final String PACKED = """
            async (canvas) => {
              const { width, height } = canvas;
              const context = canvas.getContext('2d');
              const all = context.getImageData(0, 0, width, height);
              const pixels = new Uint32Array(all.data.buffer);
              let [left, top, right, bottom] = [width, height, 0, 0];
              for (let y = 0, i = 0; y < height; y++) {
                for (let x = 0; x < width; x++, i++) {
                  if (pixels[i] === 0) continue;
                  if (x < left) left = x;
                  if (x >= right) right = x + 1;
                  if (y < top) top = y;
                  bottom = y + 1;
                }
              }
              if (right === 0) [left, top, right, bottom] = [0, 0, 1, 1];
              const { data } = context.getImageData(left, top, right - left, bottom - top);
              const packed = new Blob([data]).stream().pipeThrough(new CompressionStream('deflate'));
              const reader = new FileReader();
              const read = new Promise((done) => (reader.onload = done));
              reader.readAsDataURL(await new Response(packed).blob());
              await read;
              const text = reader.result.slice(reader.result.indexOf(',') + 1);
              return [width, height, left, top, right - left, bottom - top, text];
            }
            """;

    private Pixels() {}

    /** What stands on a canvas of a page. */
    static BufferedImage of(Locator canvas) {
        List<?> packed = (List<?>) canvas.evaluate(PACKED);
        int[] sizes = new int[6];
        for (int i = 0; i < sizes.length; i++) sizes[i] = (Integer) packed.get(i);
        int width = sizes[4];
        int height = sizes[5];
        byte[] bytes = new byte[4 * width * height];
        try (InputStream stream = new InflaterInputStream(
                new ByteArrayInputStream(Base64.getDecoder().decode((String) packed.get(6))))) {
            stream.readNBytes(bytes, 0, bytes.length);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        IntBuffer rgba = ByteBuffer.wrap(bytes).asIntBuffer();
        int[] pixels = new int[width * height];
        for (int i = 0; i < pixels.length; i++) {
            int pixel = rgba.get(i);
            pixels[i] = pixel >>> 8 | pixel << 24;
        }
        BufferedImage image = new BufferedImage(sizes[0], sizes[1], BufferedImage.TYPE_INT_ARGB);
        image.setRGB(sizes[2], sizes[3], width, height, pixels, 0, width);
        return image;
    }

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
