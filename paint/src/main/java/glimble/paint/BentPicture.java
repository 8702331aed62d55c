package glimble.paint;

import glimble.reel.Layer;
import glimble.rest.Rect;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;

/** A picture that rides on a ribbon, strip by strip. */
final class BentPicture {
    /** px of the straight picture in one strip. */
    private static final double STRIP = 6;
    /** px by which each reaches over the next. */
    private static final int OVER = 1;

    private BentPicture() {}

    /** @return whether there is such a picture */
    static boolean draw(Sheet onto, Layer layer, Pictures pictures, Stand stand, AffineTransform matrix) {
        Rect at = layer.pictureAt();
        int width = (int) Math.ceil(at.width());
        int height = (int) Math.ceil(at.height());
        if (width <= 0 || height <= 0) return false;
        Sheet flat = Sheet.blank(new Rectangle(0, 0, width, height));
        Graphics2D drawing = flat.graphics();
        boolean drawn = pictures.draw(drawing, layer.picture(), layer.grade(), new Rect(0, 0, width, height));
        drawing.dispose();
        if (!drawn) return false;
        Graphics2D graphics = onto.graphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        int strips = (int) Math.max(1, Math.ceil(width / STRIP));
        for (int i = 0; i < strips; i++) {
            int left = width * i / strips;
            int right = Math.min(width, width * (i + 1) / strips + OVER);
            BufferedImage strip = flat.image().getSubimage(left, 0, right - left, height);
            AffineTransform placed = onto.from(matrix);
            placed.concatenate(bent(stand, at, left / (double) width, right / (double) width));
            placed.scale(1.0 / (right - left), 1.0 / height);
            graphics.drawImage(strip, placed, null);
        }
        graphics.dispose();
        return true;
    }

    /** From a square of 1 to where a strip is seen, by shares of the width of the picture. */
    private static AffineTransform bent(Stand stand, Rect at, double from, double to) {
        double[] top = place(stand, at.x() + from * at.width(), at.y());
        double[] beside = place(stand, at.x() + to * at.width(), at.y());
        double[] foot = place(stand, at.x() + from * at.width(), at.bottom());
        return new AffineTransform(
                beside[0] - top[0], beside[1] - top[1], foot[0] - top[0], foot[1] - top[1], top[0], top[1]);
    }

    private static double[] place(Stand stand, double x, double y) {
        double[] at = {x, y};
        stand.riding().matrix().transform(at, 0, at, 0, 1);
        return stand.ribbon().ribbon().point(at[0], at[1]);
    }
}
