package glimble.paint;

import glimble.graphic.Channel;
import glimble.graphic.Opening;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Track;
import glimble.rest.Rect;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How one letter stands, beside what its whole text does.
 *
 * @param reveals what is seen of it; null for all
 */
record Letter(
        AffineTransform matrix, double opacity, double blur, double stroke, List<Stand.Tint> tints, Area reveals) {

    /** Whether the letters of a layer have to be drawn one by one: not while each of them rests. */
    static boolean areApart(Layer layer, PhaseName phase, int frame, double tracking) {
        if (layer.units().isEmpty()) return false;
        if (tracking != 0) return true;
        for (Track track : layer.tracks()) {
            if (track.phase() != phase || !track.overLetters()) continue;
            for (int unit = 0; unit < layer.units().size(); unit++) {
                if (track.at(frame, unit) != track.channel().rest()) return true;
            }
        }
        return false;
    }

    /** Shifts, then turns, then scales, as a whole part does. */
    static Letter of(Layer layer, PhaseName phase, int frame, int unit, double tracking) {
        AffineTransform matrix = AffineTransform.getTranslateInstance(trackedBy(layer, unit, tracking), 0);
        double opacity = 1;
        double blur = 0;
        double stroke = 1;
        List<Stand.Tint> tints = new ArrayList<>();
        Area reveals = null;
        List<Track> tracks = layer.tracks().stream()
                .filter(track -> track.phase() == phase && track.overLetters())
                .sorted(Comparator.comparingInt(Letter::order))
                .toList();
        for (Track track : tracks) {
            double value = track.at(frame, unit);
            double x = track.dealt().pivotX()[unit];
            double y = track.dealt().pivotY()[unit];
            switch (track.channel()) {
                case X -> matrix.translate(value, 0);
                case Y -> matrix.translate(0, value);
                case TURN -> matrix.rotate(Math.toRadians(value), x, y);
                case SCALE_X, SCALE_Y -> {
                    boolean across = track.channel() == Channel.SCALE_X;
                    matrix.translate(x, y);
                    matrix.scale(across ? value : 1, across ? 1 : value);
                    matrix.translate(-x, -y);
                }
                case OPACITY -> opacity *= Stand.within(value);
                case BLUR -> blur += Math.max(0, value);
                case STROKE -> stroke *= Math.max(0, value);
                case TINT -> tints.add(new Stand.Tint(track.colour(), value));
                case REVEAL -> {
                    // Wholly open it cuts nothing off.
                    if (value >= 1) continue;
                    Area opened = new Area(opened(layer.units().get(unit), track.opening(), Stand.within(value)));
                    if (reveals != null) opened.intersect(reveals);
                    reveals = opened;
                }
                case TILT_X, TILT_Y, TRACKING, DRAW -> {
                    // Of a text as a whole only.
                }
            }
        }
        return new Letter(matrix, opacity, blur, stroke, tints, reveals);
    }

    /** What is seen of the shape of the letter. */
    Shape seen(Shape letter) {
        if (reveals == null) return letter;
        Area seen = new Area(letter);
        seen.intersect(reveals);
        return seen;
    }

    private static int order(Track track) {
        return switch (track.channel()) {
            case X -> 0;
            case Y -> 1;
            case TURN -> 2;
            case SCALE_X -> 3;
            case SCALE_Y -> 4;
            default -> -1;
        };
    }

    private static Rectangle2D opened(Rect unit, Opening opening, double share) {
        boolean across = opening.degrees() % 180 == 0;
        double extent = (across ? unit.width() : unit.height()) * share;
        double before = opening.bothWays() ? 0.5 : opening.degrees() == 180 || opening.degrees() == 270 ? 1 : 0;
        return across
                ? new Rectangle2D.Double(
                        unit.x() + (unit.width() - extent) * before, -BandNow.FAR, extent, 2 * BandNow.FAR)
                : new Rectangle2D.Double(
                        -BandNow.FAR, unit.y() + (unit.height() - extent) * before, 2 * BandNow.FAR, extent);
    }

    /** px by which tracking moves a letter: it grows from the end of the line that is held. */
    private static double trackedBy(Layer layer, int unit, double thousandths) {
        if (thousandths == 0) return 0;
        Rect own = layer.units().get(unit);
        List<Rect> line =
                layer.units().stream().filter(other -> other.y() == own.y()).toList();
        long rank = line.stream().filter(other -> other.x() < own.x()).count();
        return (rank - layer.held() * (line.size() - 1)) * thousandths * layer.em() / 1000;
    }
}
