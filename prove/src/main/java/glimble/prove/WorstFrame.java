package glimble.prove;

import glimble.cases.Answered;
import glimble.edit.Coloured;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.paint.PictureSource;
import glimble.paint.ReelPainter;
import glimble.proof.Filling;
import glimble.proof.Finding;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
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

/** Draws findings at the frame where they are worst, a quarter as wide as the raster, with the fault outlined. */
public final class WorstFrame implements ProofSheet.Drawing {
    /** Findings that are drawn; each takes the better part of a second. */
    private static final int MOST = 12;

    private static final double SMALL = 0.25;
    private static final Color FAULT = new Color(0xFF7A6B);

    private final Graphic graphic;
    private final Palette palette;
    private final JdkTypesetter typesetter;
    private final Pictures pictures;
    private final PictureSource source;
    private int drawn;

    public WorstFrame(
            Graphic graphic, Palette palette, JdkTypesetter typesetter, Pictures pictures, PictureSource source) {
        this.graphic = graphic;
        this.palette = palette;
        this.typesetter = typesetter;
        this.pictures = pictures;
        this.source = source;
    }

    @Override
    public Optional<byte[]> png(Finding finding, Filling filling) {
        if (drawn++ >= MOST) return Optional.empty();
        Graphic coloured = Coloured.of(graphic, palette, filling.values());
        Answered answered = Answered.of(coloured, filling.values(), filling.onAir(), typesetter, pictures);
        Reel reel = ReelMaker.make(answered.graphic(), filling.values(), typesetter, pictures)
                .reel();
        BufferedImage whole = new ReelPainter(reel, typesetter, source)
                .paint(finding.worst().phase(), finding.worst().frame());
        return Optional.of(png(small(whole, finding.worst().where())));
    }

    private static BufferedImage small(BufferedImage whole, Rect where) {
        int width = (int) Math.ceil(whole.getWidth() * SMALL);
        int height = (int) Math.ceil(whole.getHeight() * SMALL);
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = small.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.drawImage(whole, 0, 0, width, height, null);
        if (where.width() > 0 && where.height() > 0) {
            graphics.setColor(FAULT);
            graphics.setStroke(new BasicStroke(2));
            graphics.draw(new Rectangle2D.Double(
                    where.x() * SMALL - 2,
                    where.y() * SMALL - 2,
                    where.width() * SMALL + 4,
                    where.height() * SMALL + 4));
        }
        graphics.dispose();
        return small;
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
