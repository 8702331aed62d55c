package glimble.paint;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import glimble.rest.Rect;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.ref.SoftReference;
import java.util.HashMap;
import java.util.Iterator;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/** Draws pictures: those of pixels scaled smoothly, those of shapes anew at their size. */
final class Pictures {
    private static final double MOST_PIXELS = 16_000_000;
    private static final double MOST_SIDE = 4_096;

    private final PictureSource source;
    /** Let go when there is no room for them. */
    private final Map<String, SoftReference<Object>> known = new HashMap<>();

    Pictures(PictureSource source) {
        this.source = source;
    }

    /** @return false if there is no such picture, or it cannot be read */
    boolean draw(Graphics2D graphics, String key, Rect at) {
        Object picture = picture(key);
        if (picture instanceof SVGDocument svg) {
            // Where the document says nothing else, its size is the view box it is drawn into.
            svg.render(null, graphics, new ViewBox((float) at.x(), (float) at.y(), (float) at.width(), (float)
                    at.height()));
            return true;
        }
        if (!(picture instanceof BufferedImage image)) return false;
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        AffineTransform place = AffineTransform.getTranslateInstance(at.x(), at.y());
        place.scale(at.width() / image.getWidth(), at.height() / image.getHeight());
        graphics.drawImage(image, place, null);
        return true;
    }

    /** How many px a picture has for a length of so many, 1 or more. */
    static int pixels(double length, int finer) {
        return (int) Math.max(1, Math.min(MOST_SIDE, Math.ceil(length * finer)));
    }

    /**
     * A picture by itself as PNG; empty if there is none.
     *
     * @param width px at which it is shown
     * @param finer how many px it has for each of these, along each side
     */
    byte[] png(String key, double width, double height, int finer) {
        int across = pixels(width, finer);
        int down = pixels(height, finer);
        BufferedImage drawn = new BufferedImage(across, down, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = drawn.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        boolean found = draw(graphics, key, new Rect(0, 0, across, down));
        graphics.dispose();
        if (!found) return new byte[0];
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(drawn, "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private Object picture(String key) {
        SoftReference<Object> kept = known.get(key);
        Object picture = kept == null ? null : kept.get();
        if (picture != null) return picture;
        Object loaded = load(key);
        known.put(key, new SoftReference<>(loaded));
        return loaded;
    }

    /** Of very many px only so many are read as any raster could show. */
    private static Optional<BufferedImage> pixels(byte[] content) throws IOException {
        try (ImageInputStream stream = new MemoryCacheImageInputStream(new ByteArrayInputStream(content))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) return Optional.empty();
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream, true, true);
                double many = (double) reader.getWidth(0) * reader.getHeight(0) / MOST_PIXELS;
                int step = Math.max(1, (int) Math.ceil(Math.sqrt(many)));
                ImageReadParam param = reader.getDefaultReadParam();
                param.setSourceSubsampling(step, step, 0, 0);
                return Optional.of(reader.read(0, param));
            } finally {
                reader.dispose();
            }
        }
    }

    private Object load(String key) {
        byte[] content = source.content(key).orElse(new byte[0]);
        try {
            Optional<BufferedImage> image = pixels(content);
            if (image.isPresent()) return image.get();
            SVGDocument svg = new SVGLoader()
                    .load(
                            new ByteArrayInputStream(content),
                            null,
                            com.github.weisj.jsvg.parser.LoaderContext.createDefault());
            return svg == null ? key : svg;
        } catch (IOException e) {
            return key;
        }
    }
}
