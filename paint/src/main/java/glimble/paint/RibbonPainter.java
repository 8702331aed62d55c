package glimble.paint;

import glimble.reel.Layer;
import glimble.ribbon.Runs;
import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.List;

/** Fills a ribbon: each of its runs cut to its edge, what is further away first. */
final class RibbonPainter {
    private RibbonPainter() {}

    static void fill(
            Sheet onto,
            Layer layer,
            RibbonOutline outline,
            AffineTransform matrix,
            List<Stand.Tint> tints,
            double opacity) {
        if (outline.runs().isEmpty()) return;
        RibbonCells cells = new RibbonCells(layer, outline, matrix, tints);
        Rectangle area = area(matrix.createTransformedShape(outline.whole())).intersection(onto.at());
        if (area.isEmpty()) return;
        boolean one = outline.runs().size() == 1;
        Sheet all = Sheet.blank(area);
        for (Runs.Run run : outline.runs()) {
            Shape edge = matrix.createTransformedShape(outline.outline(run));
            Rectangle within = area(edge).intersection(area);
            if (within.isEmpty()) continue;
            Sheet apart = one ? all : Sheet.blank(within);
            fill(apart, cells.of(run));
            apart.lay(Sheet.covered(apart.at(), edge, new AffineTransform()), Laid.How.KEEPS);
            if (!one) all.lay(apart, Laid.How.OVER);
        }
        onto.layOver(all, opacity);
    }

    private static Rectangle area(Shape shape) {
        return Sheet.grown(shape.getBounds(), 1);
    }

    private static void fill(Sheet apart, List<RibbonCells.Cell> cells) {
        Graphics2D graphics = apart.graphics();
        // Neighbours are nearly of one colour, and the only edges that are seen are those they are cut to.
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_OFF);
        graphics.setComposite(AlphaComposite.Src);
        for (RibbonCells.Cell cell : cells) {
            graphics.setPaint(cell.colour());
            graphics.fill(cell.shape());
        }
        graphics.dispose();
    }
}
