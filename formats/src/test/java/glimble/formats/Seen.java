package glimble.formats;

import glimble.graphic.Axis;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
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

    static boolean isSeen(Reel reel, Layer layer, PhaseName phase, int frame) {
        boolean drawn = !layer.kind().equals("group") && !layer.unseen();
        return drawn && area(reel, layer, phase, frame) > 1e-6;
    }

    /** The first layer of which something is seen; empty if the picture is. */
    static Optional<String> anything(Reel reel, PhaseName phase, int frame) {
        return reel.layers().stream()
                .filter(layer -> isSeen(reel, layer, phase, frame))
                .map(Layer::part)
                .findFirst();
    }

    private static double area(Reel reel, Layer layer, PhaseName phase, int frame) {
        Rect seen = shared(extent(reel, layer, phase, frame), new Rect(0, 0, reel.width(), reel.height()));
        for (Layer.MaskBy mask : layer.masks()) {
            if (mask.inside()) seen = shared(seen, extent(reel, reel.layers().get(mask.layer()), phase, frame));
        }
        return seen.width() * seen.height();
    }

    /** Of a part in a group, also as its groups move. */
    private static Rect extent(Reel reel, Layer layer, PhaseName phase, int frame) {
        Rect rect = extent(layer, layer.runs().isEmpty() ? layer.box() : layer.ink(), phase, frame);
        for (int group = layer.within();
                group >= 0;
                group = reel.layers().get(group).within()) {
            rect = extent(reel.layers().get(group), rect, phase, frame);
        }
        return rect;
    }

    private static Rect extent(Layer layer, Rect of, PhaseName phase, int frame) {
        Rect rect = of;
        boolean turned = false;
        double x = 0;
        double y = 0;
        double most = 0;
        for (Track track : layer.tracks()) {
            if (track.phase() != phase) continue;
            if (track.overLetters()) {
                if (isHiddenForAll(track, frame)) rect = NOTHING;
                most = Math.max(most, reach(track, frame));
                continue;
            }
            double value = track.at(frame);
            switch (track.channel()) {
                case OPACITY -> rect = value == 0 ? NOTHING : rect;
                case REVEAL -> rect = revealed(rect, track, value);
                case SCALE_X -> rect = scaled(rect, Axis.X, track.pivotX(), value);
                case SCALE_Y -> rect = scaled(rect, Axis.Y, track.pivotY(), value);
                case TURN, TILT_X, TILT_Y -> turned |= value != 0;
                case X -> x += value;
                case Y -> y += value;
                case BLUR -> most = Math.max(most, 3 * value);
                case STROKE, DRAW, TINT, TRACKING -> {
                    // They change nothing of where it is seen by more than its own size.
                }
            }
        }
        if (rect.width() * rect.height() > 0) {
            double around = most + (turned ? Math.hypot(rect.width(), rect.height()) : 0);
            rect = new Rect(
                    rect.x() - around, rect.y() - around, rect.width() + 2 * around, rect.height() + 2 * around);
        }
        return new Rect(rect.x() + x, rect.y() + y, rect.width(), rect.height());
    }

    private static boolean isHiddenForAll(Track track, int frame) {
        boolean hides = switch (track.channel()) {
            case OPACITY, REVEAL, SCALE_X, SCALE_Y -> true;
            default -> false;
        };
        for (int unit = 0; hides && unit < track.dealt().starts().length; unit++) hides = track.at(frame, unit) == 0;
        return hides;
    }

    private static double reach(Track track, int frame) {
        double most = 0;
        for (int unit = 0; unit < track.dealt().starts().length; unit++) {
            most = Math.max(most, Math.abs(track.at(frame, unit)));
        }
        return track.channel().rest() == 0 ? most : 0;
    }

    private static Rect revealed(Rect rect, Track track, double share) {
        double degrees = track.opening().degrees();
        double width = degrees % 180 == 0 ? rect.width() * share : rect.width();
        double height = degrees % 180 == 0 ? rect.height() : rect.height() * share;
        double before = track.opening().bothWays() ? 0.5 : degrees == 180 || degrees == 270 ? 1 : 0;
        return new Rect(
                rect.x() + (rect.width() - width) * before,
                rect.y() + (rect.height() - height) * before,
                width,
                height);
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
