package glimble.reel;

import glimble.graphic.Channel;
import glimble.rest.Rect;
import java.util.List;

/**
 * The extent of one layer at one frame while it is worked out: all of it, and what reveals leave. Mutable, since it is worked out
 * some hundred thousand times a second.
 */
final class Extent {
    private double left;
    private double top;
    private double right;
    private double bottom;
    private double seenLeft;
    private double seenTop;
    private double seenRight;
    private double seenBottom;
    double opacity;
    double uneven;
    /** px by which a letter that is seen stands further than in the frame before. */
    double leap;
    /** What is seen with its stroke, shadow and glow. */
    private final Edges drawn = new Edges();
    /** px behind its front, of a box with depth. */
    private double depth;
    /** px of blur. */
    private double blur;
    /** Of an em, by which letters stand further apart. */
    private double thousandths;
    /** For each letter how many stand to its left in its line, less the share of them that is held; once it is needed. */
    private double[] apart = {};

    /** Where letters were in the frame before: left, top, and whether they were seen. */
    private double[] before = {};

    private double across;
    private double down;

    /** At rest, with what its letters do. */
    void begin(Layer layer, List<Track> tracks, Resize resize, int frame) {
        Rect rest = layer.runs().isEmpty() ? layer.box() : layer.ink();
        left = rest.x();
        top = rest.y();
        right = rest.right();
        bottom = rest.bottom();
        opacity = layer.opacity();
        depth = layer.solid() == null ? 0 : layer.solid().depth();
        uneven = 0;
        across = 1;
        down = 1;
        if (resize != null) {
            int i = resize.index(frame);
            left += resize.left()[i];
            top += resize.top()[i];
            right += resize.right()[i];
            bottom += resize.bottom()[i];
        }
        seenLeft = left;
        seenTop = top;
        seenRight = right;
        seenBottom = bottom;
        leap = 0;
        blur = 0;
        track(layer, tracks, frame);
        boolean dealt = false;
        for (Track track : tracks) dealt |= track.overLetters();
        if (dealt && !layer.units().isEmpty()) letters(layer, tracks, frame);
        stroke(layer, tracks, frame);
        drawn.set(seenLeft, seenTop, seenRight, seenBottom);
        if (seenRight > seenLeft && seenBottom > seenTop) drawn.reach(layer);
    }

    /** What is seen of a ribbon as it runs, before it is moved as a whole. */
    void runs(RibbonNow ribbon, Layer layer) {
        Rect whole = ribbon.whole();
        Rect seen = ribbon.isOpenAtStart() && ribbon.isOpenAtEnd() ? whole : ribbon.seen();
        set(whole, seen);
        drawn.set(seen);
        if (seen.width() > 0 && seen.height() > 0) drawn.reach(layer);
    }

    /** What rides, taken from where it would be if its ribbon were straight to where it is; seen as far as the ribbon is revealed. */
    void ride(RibbonNow ribbon, double opacityOfRibbon) {
        opacity *= opacityOfRibbon;
        boolean nothing = seenRight <= seenLeft || seenBottom <= seenTop;
        Rect straight = new Rect(left, top, right - left, bottom - top);
        Rect whole = ribbon.ridden(straight);
        Rect around = ribbon.ridden(drawn.rect());
        double from = ribbon.isOpenAtStart()
                ? seenLeft
                : Math.max(seenLeft, ribbon.straight().x() + ribbon.from());
        double to = ribbon.isOpenAtEnd()
                ? seenRight
                : Math.min(seenRight, ribbon.straight().x() + ribbon.to());
        if (nothing || to <= from) {
            set(whole, new Rect(whole.x(), whole.y(), 0, 0));
            drawn.set(whole.x(), whole.y(), whole.x(), whole.y());
            return;
        }
        Rect straightSeen = new Rect(from, seenTop, to - from, seenBottom - seenTop);
        set(whole, straightSeen.equals(straight) ? whole : ribbon.ridden(straightSeen));
        drawn.set(around);
    }

    private void set(Rect whole, Rect seen) {
        left = whole.x();
        top = whole.y();
        right = whole.right();
        bottom = whole.bottom();
        seenLeft = seen.x();
        seenTop = seen.y();
        seenRight = seen.right();
        seenBottom = seen.bottom();
    }

    /** Letters that stand further apart reach further, away from the end that is held. */
    private void track(Layer layer, List<Track> tracks, int frame) {
        thousandths = 0;
        for (Track track : tracks) {
            if (track.channel() == Channel.TRACKING && !track.overLetters()) thousandths += track.at(frame);
        }
        int letters = layer.units().size();
        if (thousandths == 0 || letters < 2) return;
        double apart = (letters - 1) * thousandths * layer.em() / 1000;
        left -= layer.held() * apart;
        right += (1 - layer.held()) * apart;
        seenLeft = left;
        seenRight = right;
    }

    private static boolean isFilled(Layer layer) {
        if (!layer.runs().isEmpty()
                || !layer.picture().isEmpty()
                || layer.kind().equals("group")) return true;
        return !(layer.fill().from().endsWith("00")
                && layer.fill().from().length() == 9
                && layer.fill().to().endsWith("00")
                && layer.fill().to().length() == 9);
    }

    /** A box that is only its stroke is seen as far as that is drawn. */
    private void stroke(Layer layer, List<Track> tracks, int frame) {
        for (Track track : tracks) {
            boolean hides = track.channel() == Channel.DRAW || track.channel() == Channel.STROKE;
            if (hides && track.at(frame) <= 0 && !isFilled(layer)) seenRight = seenLeft;
        }
    }

    private static double[] apart(Layer layer) {
        double[] apart = new double[layer.units().size()];
        for (int unit = 0; unit < apart.length; unit++) {
            Rect at = layer.units().get(unit);
            int before = 0;
            int all = 0;
            for (Rect other : layer.units()) {
                if (other.y() != at.y()) continue;
                all++;
                if (other.x() < at.x()) before++;
            }
            apart[unit] = before - layer.held() * (all - 1);
        }
        return apart;
    }

    /** The extent of all letters of which something is seen. */
    private void letters(Layer layer, List<Track> tracks, int frame) {
        double[] around = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        double most = 0;
        boolean follows = before.length == 3 * layer.units().size() && frame > 0;
        if (!follows) before = new double[3 * layer.units().size()];
        if (thousandths != 0 && apart.length == 0) apart = apart(layer);
        for (int unit = 0; unit < layer.units().size(); unit++) {
            Rect rest = layer.units().get(unit);
            double tracked = thousandths == 0 ? 0 : apart[unit] * thousandths * layer.em() / 1000;
            double x = rest.x() + tracked;
            double y = Math.max(rest.y(), layer.ink().y());
            double toX = rest.right() + tracked;
            double toY = Math.min(rest.bottom(), layer.ink().bottom());
            double share = 1;
            for (Track track : tracks) {
                if (!track.overLetters()) continue;
                double value = track.at(frame, unit);
                double pivotX = track.dealt().pivotX()[unit];
                double pivotY = track.dealt().pivotY()[unit];
                switch (track.channel()) {
                    case OPACITY, REVEAL -> share *= value;
                    case X -> {
                        x += value;
                        toX += value;
                    }
                    case Y -> {
                        y += value;
                        toY += value;
                    }
                    case SCALE_X -> {
                        x = pivotX + (x - pivotX) * value;
                        toX = pivotX + (toX - pivotX) * value;
                    }
                    case SCALE_Y -> {
                        y = pivotY + (y - pivotY) * value;
                        toY = pivotY + (toY - pivotY) * value;
                    }
                    default -> {
                        // Others change nothing of where it is by more than a letter.
                    }
                }
            }
            boolean shown = share > 0 && toX - x > 0 && toY - y > 0;
            if (follows && shown && before[3 * unit + 2] > 0) {
                leap = Math.max(leap, Math.max(Math.abs(x - before[3 * unit]), Math.abs(y - before[3 * unit + 1])));
            }
            before[3 * unit] = x;
            before[3 * unit + 1] = y;
            before[3 * unit + 2] = shown ? 1 : 0;
            if (!shown) continue;
            // A letter that is half there is as good as half as wide.
            toX = x + (toX - x) * Math.min(1, share);
            most = Math.max(most, share);
            around[0] = Math.min(around[0], x);
            around[1] = Math.min(around[1], y);
            around[2] = Math.max(around[2], toX);
            around[3] = Math.max(around[3], toY);
        }
        if (most == 0) {
            seenRight = seenLeft;
            seenBottom = seenTop;
            return;
        }
        seenLeft = around[0];
        seenTop = around[1];
        seenRight = around[2];
        seenBottom = around[3];
        opacity *= Math.min(1, most);
    }

    /** Cut by the reveals of a layer, then scaled, turned and shifted by it, as players do. */
    void move(Layer layer, List<Track> tracks, int frame) {
        if (tracks.isEmpty()) return;
        double x = 0;
        double y = 0;
        for (Track track : tracks) {
            if (track.overLetters()) continue;
            switch (track.channel()) {
                case OPACITY -> opacity *= Math.max(0, Math.min(1, track.at(frame)));
                case REVEAL -> {
                    if (layer.ribbon() == null) reveal(track, Math.max(0, Math.min(1, track.at(frame))));
                }
                case BLUR -> blur += Math.max(0, track.at(frame));
                default -> {
                    // What moves it comes after what cuts it.
                }
            }
        }
        for (Track track : tracks) {
            if (track.overLetters() || layer.ribbon() != null) continue;
            if (track.channel() == Channel.TILT_X) tiltY(track.pivotY(), track.at(frame));
            if (track.channel() == Channel.TILT_Y) tiltX(track.pivotX(), track.at(frame));
        }
        // Of several about different points players do the last one first.
        for (int i = tracks.size() - 1; i >= 0; i--) {
            Track track = tracks.get(i);
            if (track.overLetters()) continue;
            if (track.channel() == Channel.SCALE_X) scaleX(track.pivotX(), track.at(frame));
            if (track.channel() == Channel.SCALE_Y) scaleY(track.pivotY(), track.at(frame));
        }
        double stretch = Math.min(across, down) < 0.02 ? 0 : Math.max(across / down, down / across) - 1;
        uneven = Math.max(uneven, stretch);
        for (int i = tracks.size() - 1; i >= 0; i--) {
            Track track = tracks.get(i);
            if (track.overLetters()) continue;
            if (track.channel() == Channel.TURN) turn(track.pivotX(), track.pivotY(), track.at(frame));
            if (track.channel() == Channel.X) x += track.at(frame);
            if (track.channel() == Channel.Y) y += track.at(frame);
        }
        shift(x, y);
    }

    private void shift(double x, double y) {
        drawn.shift(x, y);
        left += x;
        right += x;
        seenLeft += x;
        seenRight += x;
        top += y;
        bottom += y;
        seenTop += y;
        seenBottom += y;
    }

    private void scaleX(double pivot, double factor) {
        across *= Math.abs(factor);
        tiltedX(pivot, factor);
    }

    private void tiltedX(double pivot, double factor) {
        double from = pivot + (left - pivot) * factor;
        double to = pivot + (right - pivot) * factor;
        left = Math.min(from, to);
        right = Math.max(from, to);
        double seenFrom = pivot + (seenLeft - pivot) * factor;
        double seenTo = pivot + (seenRight - pivot) * factor;
        seenLeft = Math.min(seenFrom, seenTo);
        seenRight = Math.max(seenFrom, seenTo);
        drawn.scaleX(pivot, factor);
    }

    private void scaleY(double pivot, double factor) {
        down *= Math.abs(factor);
        tiltedY(pivot, factor);
    }

    private void tiltedY(double pivot, double factor) {
        double from = pivot + (top - pivot) * factor;
        double to = pivot + (bottom - pivot) * factor;
        top = Math.min(from, to);
        bottom = Math.max(from, to);
        double seenFrom = pivot + (seenTop - pivot) * factor;
        double seenTo = pivot + (seenBottom - pivot) * factor;
        seenTop = Math.min(seenFrom, seenTo);
        seenBottom = Math.max(seenFrom, seenTo);
        drawn.scaleY(pivot, factor);
    }

    private void tiltX(double pivot, double degrees) {
        if (degrees == 0) return;
        double side = -depth * StrictMath.sin(StrictMath.toRadians(degrees));
        tiltedX(pivot, StrictMath.cos(StrictMath.toRadians(degrees)));
        seenLeft += Math.min(0, side);
        seenRight += Math.max(0, side);
        drawn.widen(Math.min(0, side), 0, Math.max(0, side), 0);
    }

    private void tiltY(double pivot, double degrees) {
        if (degrees == 0) return;
        double side = depth * StrictMath.sin(StrictMath.toRadians(degrees));
        tiltedY(pivot, StrictMath.cos(StrictMath.toRadians(degrees)));
        seenTop += Math.min(0, side);
        seenBottom += Math.max(0, side);
        drawn.widen(0, Math.min(0, side), 0, Math.max(0, side));
    }

    private void turn(double pivotX, double pivotY, double degrees) {
        if (degrees == 0) return;
        double cos = StrictMath.cos(StrictMath.toRadians(degrees));
        double sin = StrictMath.sin(StrictMath.toRadians(degrees));
        double[] body = turned(left, top, right, bottom, pivotX, pivotY, cos, sin);
        double[] seen = turned(seenLeft, seenTop, seenRight, seenBottom, pivotX, pivotY, cos, sin);
        boolean nothing = seenRight <= seenLeft || seenBottom <= seenTop;
        double[] around = turned(drawn.left, drawn.top, drawn.right, drawn.bottom, pivotX, pivotY, cos, sin);
        if (!nothing) drawn.set(around[0], around[1], around[2], around[3]);
        left = body[0];
        top = body[1];
        right = body[2];
        bottom = body[3];
        seenLeft = seen[0];
        seenTop = seen[1];
        seenRight = nothing ? seen[0] : seen[2];
        seenBottom = nothing ? seen[1] : seen[3];
    }

    private static double[] turned(
            double left, double top, double right, double bottom, double px, double py, double cos, double sin) {
        double middleX = (left + right) / 2 - px;
        double middleY = (top + bottom) / 2 - py;
        double x = px + middleX * cos - middleY * sin;
        double y = py + middleX * sin + middleY * cos;
        double halfWidth = Math.abs((right - left) / 2 * cos) + Math.abs((bottom - top) / 2 * sin);
        double halfHeight = Math.abs((right - left) / 2 * sin) + Math.abs((bottom - top) / 2 * cos);
        return new double[] {x - halfWidth, y - halfHeight, x + halfWidth, y + halfHeight};
    }

    private void reveal(Track track, double share) {
        if (share >= 1 || seenRight <= seenLeft || seenBottom <= seenTop) return;
        drawn.set(track.band().seen(drawn.rect(), track.opening(), share));
        Rect seen = track.band()
                .seen(new Rect(seenLeft, seenTop, seenRight - seenLeft, seenBottom - seenTop), track.opening(), share);
        seenLeft = seen.x();
        seenTop = seen.y();
        seenRight = seen.right();
        seenBottom = seen.bottom();
    }

    void put(double[] body, double[] seen, double[] around, int frame) {
        boolean nothing = seenRight <= seenLeft || seenBottom <= seenTop;
        if (nothing && !drawn.isAny()) drawn.set(seenLeft, seenTop, seenLeft, seenTop);
        else drawn.grow(3 * blur);
        drawn.put(around, frame);
        int i = 4 * frame;
        body[i] = left;
        body[i + 1] = top;
        body[i + 2] = right;
        body[i + 3] = bottom;
        seen[i] = seenLeft;
        seen[i + 1] = seenTop;
        seen[i + 2] = Math.max(seenLeft, seenRight);
        seen[i + 3] = Math.max(seenTop, seenBottom);
    }
}
