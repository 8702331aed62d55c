package glimble.paint;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;

/**
 * The pixels of a part of the picture, with premultiplied alpha: work is done only where something is drawn. Whatever is drawn on it is in
 * the coordinates of the picture.
 *
 * @param at which part, px
 */
record Sheet(BufferedImage image, Rectangle at) {

    /** With nothing on it. */
    static Sheet blank(Rectangle at) {
        return new Sheet(
                new BufferedImage(Math.max(1, at.width), Math.max(1, at.height), BufferedImage.TYPE_INT_ARGB_PRE), at);
    }

    /** With a shape on it, opaque, in the coordinates that a matrix takes to the picture. */
    static Sheet covered(Rectangle at, Shape shape, AffineTransform matrix) {
        Sheet covered = blank(at);
        Graphics2D graphics = covered.graphics();
        graphics.setTransform(covered.from(matrix));
        graphics.setPaint(Color.BLACK);
        graphics.fill(shape);
        graphics.dispose();
        return covered;
    }

    Graphics2D graphics() {
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setRenderingHint(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
        graphics.setTransform(from(new AffineTransform()));
        return graphics;
    }

    /** From what a matrix takes to the picture, to here. */
    AffineTransform from(AffineTransform matrix) {
        AffineTransform here = AffineTransform.getTranslateInstance(-at.x, -at.y);
        here.concatenate(matrix);
        return here;
    }

    /** Lays another sheet over this one; nothing beyond it is touched. */
    void lay(Sheet what, Laid.How how) {
        Laid.lay(image, what.image, what.at.x - at.x, what.at.y - at.y, how, 1);
    }

    /** The same of a sheet that is seen in part, 0 to 1. */
    void layOver(Sheet what, double opacity) {
        Laid.lay(image, what.image, what.at.x - at.x, what.at.y - at.y, Laid.How.OVER, opacity);
    }

    /** So many px more on every side. */
    static Rectangle grown(Rectangle area, int by) {
        Rectangle grown = new Rectangle(area);
        grown.grow(by, by);
        return grown;
    }
}
