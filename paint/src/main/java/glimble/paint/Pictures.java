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
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import javax.imageio.ImageIO;

/** Draws pictures: those of pixels scaled smoothly, those of shapes anew at their size. */
final class Pictures {
    private final PictureSource source;
    private final Map<String, Object> known = new HashMap<>();

    Pictures(PictureSource source) {
        this.source = source;
    }

    /** @return false if there is no such picture, or it cannot be read */
    boolean draw(Graphics2D graphics, String key, Rect at) {
        Object picture = known.computeIfAbsent(key, this::load);
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

    private Object load(String key) {
        byte[] content = source.content(key).orElse(new byte[0]);
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(content));
            if (image != null) return image;
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
