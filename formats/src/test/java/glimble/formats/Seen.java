package glimble.formats;

import glimble.graphic.Axis;
import glimble.reel.Layer;
import glimble.reel.PhaseName;
import glimble.reel.Reel;
import glimble.reel.Track;
import glimble.rest.Rect;
import java.util.Optional;

/**
 * What of a layer can be seen at a frame, as an upright rectangle that holds all of it. A turned layer counts with the circle
 * around it, so nothing that is drawn is ever missed.
 */
final class Seen {
    private static final Rect NOTHING = new Rect(0, 0, 0, 0);

    private Seen() {}

    /** The first layer of which something is seen; empty if the picture is. */
    static Optional<String> anything(Reel reel, PhaseName phase, int frame) {
        return reel.layers().stream()
                .filter(layer -> area(reel, layer, phase, frame) > 1e-6)
                .map(Layer::part)
                .findFirst();
    }

    private static double area(Reel reel, Layer layer, PhaseName phase, int frame) {
        Rect seen = shared(extent(layer, phase, frame), new Rect(0, 0, reel.width(), reel.height()));
        for (Layer.MaskBy mask : layer.masks()) {
            if (mask.inside()) seen = shared(seen, extent(reel.layers().get(mask.layer()), phase, frame));
        }
        return seen.width() * seen.height();
    }

    private static Rect extent(Layer layer, PhaseName phase, int frame) {
        Rect rect = layer.runs().isEmpty() ? layer.box() : layer.ink();
        double turned = 0;
        double x = 0;
        double y = 0;
        for (Track track : layer.tracks()) {
            if (track.phase() != phase) continue;
            double value = track.at(frame);
            switch (track.channel()) {
                case OPACITY -> rect = value == 0 ? NOTHING : rect;
                case REVEAL -> rect = revealed(rect, track, value);
                case SCALE_X -> rect = scaled(rect, Axis.X, track.pivotX(), value);
                case SCALE_Y -> rect = scaled(rect, Axis.Y, track.pivotY(), value);
                case TURN -> turned = Math.max(turned, Math.abs(value));
                case X -> x += value;
                case Y -> y += value;
            }
        }
        if (turned > 0 && rect.width() * rect.height() > 0) {
            double around = Math.hypot(rect.width(), rect.height());
            rect = new Rect(rect.x() - around, rect.y() - around, 3 * around, 3 * around);
        }
        return new Rect(rect.x() + x, rect.y() + y, rect.width(), rect.height());
    }

    private static Rect revealed(Rect rect, Track track, double share) {
        return switch (track.toward()) {
            case RIGHT -> new Rect(rect.x(), rect.y(), rect.width() * share, rect.height());
            case LEFT -> new Rect(rect.right() - rect.width() * share, rect.y(), rect.width() * share, rect.height());
            case DOWN -> new Rect(rect.x(), rect.y(), rect.width(), rect.height() * share);
            case UP -> new Rect(rect.x(), rect.bottom() - rect.height() * share, rect.width(), rect.height() * share);
        };
    }

    private static Rect scaled(Rect rect, Axis axis, double pivot, double factor) {
        double start = pivot + (rect.start(axis) - pivot) * factor;
        return axis == Axis.X
                ? new Rect(start, rect.y(), rect.width() * factor, rect.height())
                : new Rect(rect.x(), start, rect.width(), rect.height() * factor);
    }

    private static Rect shared(Rect a, Rect b) {
        double x = Math.max(a.x(), b.x());
        double y = Math.max(a.y(), b.y());
        double width = Math.max(0, Math.min(a.right(), b.right()) - x);
        double height = Math.max(0, Math.min(a.bottom(), b.bottom()) - y);
        return new Rect(x, y, width, height);
    }
}
