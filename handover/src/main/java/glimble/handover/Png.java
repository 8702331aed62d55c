package glimble.handover;

import com.pngencoder.PngEncoder;
import java.awt.image.BufferedImage;

/** Pictures as PNG. */
final class Png {
    /** Quick, and a tenth larger than the smallest. */
    private static final int LEVEL = 3;

    private Png() {}

    static byte[] of(BufferedImage picture) {
        return new PngEncoder()
                .withBufferedImage(picture)
                .withCompressionLevel(LEVEL)
                .withMultiThreadedCompressionEnabled(false)
                .toBytes();
    }
}
