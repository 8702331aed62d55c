package glimble.paint;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import glimble.colour.Grading;
import glimble.graphic.Grade;
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
import java.util.function.Supplier;
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

    /**
     * @param grade missing for as it is
     * @return false if there is no such picture, or it cannot be read
     */
    boolean draw(Graphics2D graphics, String key, Grade grade, Rect at) {
        Object picture = picture(key);
        if (grade != null) {
            double size = Math.sqrt(Math.abs(graphics.getTransform().getDeterminant()));
            picture = graded(picture, key, grade, pixels(at.width() * size, 1), pixels(at.height() * size, 1));
        }
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
    byte[] png(String key, Grade grade, double width, double height, int finer) {
        int across = pixels(width, finer);
        int down = pixels(height, finer);
        BufferedImage drawn = new BufferedImage(across, down, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = drawn.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        boolean found = draw(graphics, key, grade, new Rect(0, 0, across, down));
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
        return known(key, () -> load(key));
    }

    private Object known(String name, Supplier<Object> maker) {
        SoftReference<Object> kept = known.get(name);
        Object picture = kept == null ? null : kept.get();
        if (picture != null) return picture;
        Object made = maker.get();
        known.put(name, new SoftReference<>(made));
        return made;
    }

    /** In px, graded each; one of shapes in as many as are seen of it. */
    private Object graded(Object picture, String key, Grade grade, int width, int height) {
        if (picture instanceof BufferedImage image) {
            return known(key + " " + grade, () -> graded(image, grade, image.getWidth(), image.getHeight()));
        }
        if (!(picture instanceof SVGDocument)) return picture;
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = drawn.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        draw(graphics, key, null, new Rect(0, 0, width, height));
        graphics.dispose();
        return graded(drawn, grade, width, height);
    }

    private static BufferedImage graded(BufferedImage image, Grade grade, int width, int height) {
        Grading grading = new Grading(grade);
        BufferedImage graded = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            image.getRGB(0, y, width, 1, row, 0, width);
            for (int x = 0; x < width; x++) row[x] = grading.of(row[x]);
            graded.setRGB(0, y, width, 1, row, 0, width);
        }
        return graded;
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
