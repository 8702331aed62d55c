package glimble.proof;

import glimble.graphic.Corners;
import glimble.reel.Layer;
import glimble.rest.Rect;

/** The shape of a box at rest, with its round corners and its slant, asked point by point. */
final class Plate {
    private final Rect box;
    private final Corners corners;
    private final double slant;

    Plate(Layer layer) {
        box = layer.box();
        corners = layer.corners().within(box.width(), box.height());
        slant = Math.max(-box.width(), Math.min(box.width(), layer.slant()));
    }

    /** Whether a point is inside it, px. */
    boolean has(double x, double y) {
        if (x < box.x() || x > box.right() || y < box.y() || y > box.bottom()) return false;
        if (slant != 0) return leans(x, y);
        return isRound(x - box.x(), y - box.y(), corners.topLeft())
                && isRound(box.right() - x, y - box.y(), corners.topRight())
                && isRound(box.right() - x, box.bottom() - y, corners.bottomRight())
                && isRound(x - box.x(), box.bottom() - y, corners.bottomLeft());
    }

    /** Whether an upright rectangle is inside it. */
    boolean has(Rect rect) {
        return has(rect.x(), rect.y())
                && has(rect.right(), rect.y())
                && has(rect.x(), rect.bottom())
                && has(rect.right(), rect.bottom());
    }

    /** How far its ends lean at a height; a corner of a box that leans leaves out next to nothing. */
    private boolean leans(double x, double y) {
        double down = box.height() == 0 ? 0 : (y - box.y()) / box.height();
        double left = slant > 0 ? slant * (1 - down) : -slant * down;
        double right = slant > 0 ? slant * down : -slant * (1 - down);
        return x >= box.x() + left && x <= box.right() - right;
    }

    /**
     * @param across px from the side of a corner, inwards
     * @param down px from its top or foot, inwards
     */
    private static boolean isRound(double across, double down, double radius) {
        if (across >= radius || down >= radius) return true;
        double x = radius - across;
        double y = radius - down;
        return x * x + y * y <= radius * radius;
    }
}
