package glimble.paint;

import glimble.graphic.Channel;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.rest.Rect;
import glimble.typeset.JdkTypesetter;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.LinearGradientPaint;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;

/** Draws frames of reels with Java2D, as the player in the browser draws them; it decides nothing. */
public final class ReelPainter {
    private final Reel reel;
    private final LayerPainter painter;
    private final Stands standing;

    /** @param pictures contents of the pictures that the reel names */
    public ReelPainter(Reel reel, JdkTypesetter typesetter, PictureSource pictures) {
        this.reel = reel;
        standing = new Stands(reel);
        painter = new LayerPainter(new Shapes(typesetter), new Pictures(pictures), reel.width(), reel.height());
    }

    /** A frame of a phase over nothing, with premultiplied alpha, as large as the raster. */
    public BufferedImage paint(PhaseName phase, int frame) {
        Sheet picture = Sheet.blank(painter.frame());
        List<Stand> stands = standing.at(phase, frame);
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            Stand stand = stands.get(i);
            if (layer.kind().equals("group") || layer.unseen() || stand.opacity() == 0) continue;
            if (layer.isAbsent(phase)) continue;
            paint(picture, i, stands, phase, frame);
        }
        return picture.image();
    }

    /** The same as a PNG. */
    public byte[] png(PhaseName phase, int frame) {
        return png(paint(phase, frame));
    }

    /** One layer of a frame as a PNG, as large as the raster. */
    byte[] layerPng(int index, PhaseName phase, int frame) {
        Sheet picture = Sheet.blank(painter.frame());
        List<Stand> stands = standing.at(phase, frame);
        paint(picture, index, stands, phase, frame);
        return png(picture.image());
    }

    private static byte[] png(BufferedImage painted) {
        BufferedImage plain = new BufferedImage(painted.getWidth(), painted.getHeight(), BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = plain.createGraphics();
        graphics.setComposite(AlphaComposite.Src);
        graphics.drawImage(painted, 0, 0, null);
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(plain, "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private void paint(Sheet picture, int index, List<Stand> stands, PhaseName phase, int frame) {
        Layer layer = reel.layers().get(index).standing(phase, frame);
        Stand stand = stands.get(index);
        Rectangle drawn = stand.isTilted() ? painter.frame() : painter.area(layer, stand, phase, frame, stand.matrix());
        Thick thick = isThick(layer, stand) ? thick(layer, stand, phase, frame) : null;
        // Its sides may be seen where its front is not.
        if (thick != null) drawn = drawn.union(thick.area()).intersection(painter.frame());
        if (drawn.isEmpty()) return;
        Path2D hidden = hidden(index, stands, phase);
        boolean plain = layer.masks().isEmpty()
                && stand.bands().isEmpty()
                && !stand.isTilted()
                && stand.blur() == 0
                && hidden == null
                && thick == null;
        if (plain) {
            painter.paint(picture, layer, stand, phase, frame, stand.matrix());
            return;
        }
        Rectangle area = Sheet.grown(drawn, Blur.reach(stand.blur())).intersection(painter.frame());
        Sheet stood = thick == null
                ? stood(area, layer, stand, phase, frame)
                : solid(area, thick, layer, stand, phase, frame);
        for (BandNow band : stand.bands()) fade(stood, band);
        Blur.apply(stood.image(), stand.blur());
        for (Layer.MaskBy mask : layer.masks()) {
            // What lies beyond what is drawn may fade into it.
            Sheet cut = Sheet.blank(
                    Sheet.grown(stood.at(), Blur.reach(mask.soft() / 2)).intersection(painter.frame()));
            fillMask(cut, mask.layer(), stands, phase, frame);
            Blur.apply(cut.image(), mask.soft() / 2);
            stood.lay(cut, mask.inside() ? Laid.How.KEEPS : Laid.How.CUTS);
        }
        if (hidden != null) stood.lay(Sheet.covered(stood.at(), hidden, new AffineTransform()), Laid.How.CUTS);
        picture.layOver(stood, thick == null ? 1 : stand.opacity());
    }

    /** Of nothing nothing is seen, however thick it is. */
    private static boolean isThick(Layer layer, Stand stand) {
        Rect box = stand.box(layer);
        return layer.solid() != null && box.width() > 0 && box.height() > 0;
    }

    private Thick thick(Layer layer, Stand stand, PhaseName phase, int frame) {
        double turned = layer.tracks().stream()
                .filter(track -> track.phase() == phase && track.channel() == Channel.LIGHT)
                .mapToDouble(track -> track.at(frame))
                .sum();
        return new Thick(layer, stand, painter.shape(layer, stand), turned);
    }

    /** A layer painted apart, and taken through its tilts. */
    private Sheet stood(Rectangle area, Layer layer, Stand stand, PhaseName phase, int frame) {
        Sheet apart = Sheet.blank(stand.isTilted() ? painter.frame() : area);
        painter.paint(apart, layer, stand, phase, frame, stand.isTilted() ? new AffineTransform() : stand.matrix());
        return stand.isTilted() ? through(apart, stand) : apart;
    }

    /** What it throws, its sides, and its front over them. */
    private Sheet solid(Rectangle area, Thick thick, Layer layer, Stand stand, PhaseName phase, int frame) {
        Sheet stood = Sheet.blank(area);
        boolean throwing =
                !layer.shadow().colour().isEmpty() || !layer.glow().colour().isEmpty();
        if (throwing) stood.lay(stood(area, layer, stand.opaque(), phase, frame), Laid.How.OVER);
        Graphics2D graphics = stood.graphics();
        thick.paint(graphics);
        graphics.dispose();
        if (thick.isFrontSeen()) stood.lay(stood(area, thick.front(), stand.plain(), phase, frame), Laid.How.OVER);
        return stood;
    }

    /** Where ribbons that are drawn already pass before a ribbon, or before that on which a layer rides; null for nowhere. */
    Path2D hidden(int index, List<Stand> stands, PhaseName phase) {
        Layer layer = reel.layers().get(index);
        int ribbon = layer.ribbon() != null ? index : layer.rides();
        if (ribbon < 0 || stands.get(ribbon).isTilted()) return null;
        Path2D hidden = null;
        for (int i = 0; i < index; i++) {
            Layer other = reel.layers().get(i);
            Stand stand = stands.get(i);
            boolean seen = other.ribbon() != null && i != ribbon && !other.unseen() && !other.isAbsent(phase);
            if (!seen || stand.opacity() == 0 || stand.isTilted()) continue;
            Path2D before = Woven.before(stand, stands.get(ribbon));
            if (before.getCurrentPoint() == null) continue;
            if (hidden == null) hidden = new Path2D.Double(Path2D.WIND_NON_ZERO);
            hidden.append(before, false);
        }
        return hidden;
    }

    /** What stands at rest on the whole picture, taken through the tilts and matrices of its own and of its groups. */
    private Sheet through(Sheet apart, Stand stand) {
        BufferedImage now = apart.image();
        for (Stand.Step step : stand.steps()) {
            if (step.tiltX() != 0) now = Warp.tilted(now, step.tiltX(), step.pivotY(), step.pivotX(), false);
            if (step.tiltY() != 0) now = Warp.tilted(now, -step.tiltY(), step.pivotX(), step.pivotY(), true);
            Sheet moved = Sheet.blank(painter.frame());
            Graphics2D graphics = moved.graphics();
            graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            graphics.drawImage(now, step.matrix(), null);
            graphics.dispose();
            now = moved.image();
        }
        return new Sheet(now, painter.frame());
    }

    /** Multiplies a picture with a band: a hard one, or one whose edges fade. */
    private static void fade(Sheet picture, BandNow band) {
        Sheet cut = Sheet.blank(picture.at());
        Graphics2D graphics = cut.graphics();
        if (band.soft() == 0) {
            graphics.setPaint(Color.BLACK);
            graphics.fill(band.shape());
        } else {
            double from = band.from() - band.soft();
            double to = band.to() + band.soft();
            if ((float) to > (float) from) {
                double edge = Math.min(0.5, band.soft() / (to - from));
                graphics.transform(band.turned());
                graphics.setPaint(soft(band, from, to, (float) edge));
                graphics.fillRect(
                        (int) -BandNow.FAR, (int) -BandNow.FAR, (int) (2 * BandNow.FAR), (int) (2 * BandNow.FAR));
            }
        }
        graphics.dispose();
        picture.lay(cut, Laid.How.KEEPS);
    }

    private static LinearGradientPaint soft(BandNow band, double from, double to, float edge) {
        Color nothing = new Color(0, 0, 0, 0);
        float last = Math.max(edge + 1e-4f, 1 - edge);
        Color first = band.bothWays() ? nothing : Color.BLACK;
        return new LinearGradientPaint(
                (float) from, 0, (float) to, 0, new float[] {0, Math.max(1e-5f, edge), last, 1}, new Color[] {
                    first, Color.BLACK, Color.BLACK, nothing
                });
    }

    private void fillMask(Sheet cut, int index, List<Stand> stands, PhaseName phase, int frame) {
        Layer layer = reel.layers().get(index);
        if (layer.isAbsent(phase)) return;
        if (layer.kind().equals("group")) {
            for (int i = 0; i < reel.layers().size(); i++) {
                Layer member = reel.layers().get(i);
                boolean there = member.within() == index && !member.isAbsent(phase, frame);
                if (there) fillMask(cut, i, stands, phase, frame);
            }
            return;
        }
        Stand stand = stands.get(index);
        if (!stand.isTilted() && stand.bands().isEmpty()) {
            painter.fillShape(cut, layer, stand, phase, frame, stand.matrix());
            return;
        }
        Sheet apart = Sheet.blank(stand.isTilted() ? painter.frame() : cut.at());
        painter.fillShape(apart, layer, stand, phase, frame, stand.isTilted() ? new AffineTransform() : stand.matrix());
        Sheet stood = stand.isTilted() ? through(apart, stand) : apart;
        for (BandNow band : stand.bands()) fade(stood, band);
        cut.lay(stood, Laid.How.OVER);
    }
}
