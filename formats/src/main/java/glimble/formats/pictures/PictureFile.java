package glimble.formats.pictures;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/**
 * A picture as it is kept: a PNG or JPEG that can be decoded, or an SVG without anything that acts or asks elsewhere.
 *
 * @param type its media type
 * @param width px; of an SVG, the size it states
 * @param height px
 * @param bytes its content
 * @param removed what was taken out of it, for people; empty for a picture kept as it was
 */
public record PictureFile(String type, double width, double height, byte[] bytes, List<String> removed) {
    public static final int MOST_BYTES = 20_000_000;
    public static final int MOST_PX = 20_000;
    /** Of a whole picture: as many as a raster of 8,000 by 5,000 has. */
    private static final long MOST_PIXELS = 40_000_000;
    /** Decoded with so many px along a side at most: enough to see that a file is whole. */
    private static final int GLANCE = 1_000;

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G'};
    private static final byte[] JPEG = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF};

    /** @throws BadPicture if it cannot be taken, with the reason */
    public static PictureFile read(byte[] bytes) throws BadPicture {
        if (bytes.length == 0) throw new BadPicture("the file is empty; choose another");
        if (bytes.length > MOST_BYTES) {
            throw new BadPicture("the file has more than 20 MB; save a smaller one");
        }
        if (begins(bytes, PNG)) return raster(bytes, "png", "image/png");
        if (begins(bytes, JPEG)) return raster(bytes, "jpeg", "image/jpeg");
        return SvgCleaner.clean(bytes);
    }

    private static boolean begins(byte[] bytes, byte[] with) {
        for (int i = 0; i < with.length; i++) {
            if (bytes.length <= i || bytes[i] != with[i]) return false;
        }
        return true;
    }

    private static PictureFile raster(byte[] bytes, String format, String type) throws BadPicture {
        // The header alone tells what it would take to read the rest.
        if (format.equals("png")) PngChunks.check(bytes);
        ImageReader reader = ImageIO.getImageReadersByFormatName(format).next();
        try (ImageInputStream stream = new MemoryCacheImageInputStream(new ByteArrayInputStream(bytes))) {
            // Words that stand in a file are not read: few bytes may unpack to very many.
            reader.setInput(stream, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            checkSize(width, height);
            if ((long) width * height > MOST_PIXELS) {
                throw new BadPicture("the picture has " + width + " × " + height + " px; at most "
                        + MOST_PIXELS / 1_000_000 + " million are taken: save a smaller one");
            }
            decode(reader, width, height);
            return new PictureFile(type, width, height, bytes, List.of());
        } catch (IOException | RuntimeException e) {
            throw new BadPicture("the file is broken: it cannot be read to its end; save it again");
        } finally {
            reader.dispose();
        }
    }

    /** With few px in memory, however many there are. */
    private static void decode(ImageReader reader, int width, int height) throws IOException {
        ImageReadParam param = reader.getDefaultReadParam();
        int step = Math.max(1, Math.max(width, height) / GLANCE);
        param.setSourceSubsampling(step, step, 0, 0);
        boolean[] warned = {false};
        reader.addIIOReadWarningListener((source, warning) -> warned[0] = true);
        reader.read(0, param);
        // A JPEG that is cut short is only warned of.
        if (warned[0] && reader.getFormatName().equalsIgnoreCase("jpeg")) throw new IOException("cut short");
    }

    static void checkSize(double width, double height) throws BadPicture {
        if (!(width > 0 && height > 0)) throw new BadPicture("the picture has no size; save it with one");
        if (width > MOST_PX || height > MOST_PX) {
            throw new BadPicture("the picture is " + (long) width + " × " + (long) height + " px; at most " + MOST_PX
                    + " along a side are taken: save a smaller one");
        }
    }
}
