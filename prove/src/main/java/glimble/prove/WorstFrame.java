package glimble.prove;

import glimble.edit.Rescale;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.paint.PictureSource;
import glimble.paint.ReelPainter;
import glimble.proof.Filling;
import glimble.proof.Finding;
import glimble.proof.Prover;
import glimble.reel.Reel;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.typeset.JdkTypesetter;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import javax.imageio.ImageIO;

/**
 * Draws findings at the frame where they are worst, with the fault outlined: as small as they are shown, so that no raster is too large to
 * be drawn.
 */
public final class WorstFrame implements ProofSheet.Drawing {
    private static final int MOST = 12;

    /** px along the longer side at most. */
    private static final double LARGEST = 960;

    private static final Color FAULT = new Color(0xFF7A6B);

    private static final int LEAST = 16;

    private final double scale;
    private final Graphic graphic;
    private final Palette palette;
    private final JdkTypesetter typesetter;
    private final Pictures pictures;
    private final PictureSource source;
    private int drawn;

    public WorstFrame(
            Graphic graphic, Palette palette, JdkTypesetter typesetter, Pictures pictures, PictureSource source) {
        int width = graphic.frame().width();
        int height = graphic.frame().height();
        scale = Math.min(1, LARGEST / Math.max(width, height));
        // A raster has some px, however flat it is.
        this.graphic = scale == 1
                ? graphic
                : Rescale.to(graphic, Math.max(LEAST, (int) Math.rint(width * scale)), Math.max(LEAST, (int)
                        Math.rint(height * scale)));
        this.palette = palette;
        this.typesetter = typesetter;
        this.pictures = pictures;
        this.source = source;
    }

    @Override
    public Optional<byte[]> png(Finding finding, Filling filling) {
        if (drawn++ >= MOST) return Optional.empty();
        Reel reel = new Prover(graphic, palette, typesetter, pictures).reel(filling);
        BufferedImage painted = new ReelPainter(reel, typesetter, source)
                .paint(finding.worst().drawnIn(), finding.worst().frame());
        return Optional.of(png(outlined(painted, finding.worst().where())));
    }

    private BufferedImage outlined(BufferedImage painted, Rect where) {
        BufferedImage plain = new BufferedImage(painted.getWidth(), painted.getHeight(), BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = plain.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.drawImage(painted, 0, 0, null);
        if (where.width() > 0 && where.height() > 0) {
            graphics.setColor(FAULT);
            graphics.setStroke(new BasicStroke(3));
            graphics.draw(new Rectangle2D.Double(
                    where.x() * scale - 3,
                    where.y() * scale - 3,
                    where.width() * scale + 6,
                    where.height() * scale + 6));
        }
        graphics.dispose();
        return plain;
    }

    private static byte[] png(BufferedImage picture) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
