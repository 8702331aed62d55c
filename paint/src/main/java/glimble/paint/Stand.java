package glimble.paint;

import glimble.graphic.Channel;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Resize;
import glimble.reel.Track;
import glimble.rest.Rect;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How a layer stands in the picture at a frame, with all that its groups do.
 *
 * @param matrix from rest to where it is now, without tilts
 * @param steps its own step first, then those of its groups
 * @param opacity 0–1
 * @param blur px
 * @param stroke factor of the width of its stroke
 * @param drawn shares 0–1 of the length of its stroke from where to where it is drawn
 * @param tracking thousandths of an em more between its letters
 * @param bands it is seen only inside all of them; none where all is seen
 * @param ribbon of a ribbon, or of what rides on it: how that runs; else null
 * @param riding of what rides on a ribbon: how it is moved there; else null
 * @param edges px by which left, top, right and bottom of its box lie further to the right or down than at rest
 */
record Stand(
        AffineTransform matrix,
        List<Step> steps,
        double opacity,
        double blur,
        double stroke,
        double[] drawn,
        double tracking,
        List<Tint> tints,
        List<BandNow> bands,
        double[] edges,
        RibbonOutline ribbon,
        Riding riding) {

    /**
     * How something stands on its ribbon, as if that were straight.
     *
     * @param matrix how it is moved
     * @param from px in the picture: revealed by itself from here …
     * @param to … to here
     */
    record Riding(AffineTransform matrix, double from, double to) {}

    /** One step from rest to where a layer stands: tilted about a point, then moved. Degrees and px. */
    record Step(double tiltX, double tiltY, double pivotX, double pivotY, AffineTransform matrix) {
        boolean isTilted() {
            return tiltX != 0 || tiltY != 0;
        }
    }

    record Tint(String colour, double share) {}

    /** The box of a layer as it is now, before it is moved as a whole, px. */
    Rect box(Layer layer) {
        Rect box = layer.box();
        return new Rect(
                box.x() + edges[0],
                box.y() + edges[1],
                Math.max(0, box.width() - edges[0] + edges[2]),
                Math.max(0, box.height() - edges[1] + edges[3]));
    }

    boolean isTilted() {
        return steps.stream().anyMatch(Step::isTilted);
    }

    /** Within a group, with all that does. */
    Stand within(Stand group) {
        AffineTransform moved = new AffineTransform(group.matrix);
        moved.concatenate(matrix);
        List<BandNow> cut = new ArrayList<>();
        for (BandNow band : bands) cut.add(band.within(group.matrix));
        cut.addAll(group.bands);
        return new Stand(
                moved,
                joined(steps, group.steps),
                opacity * group.opacity,
                blur + group.blur,
                stroke,
                drawn,
                tracking,
                joined(tints, group.tints),
                cut,
                edges,
                ribbon,
                null);
    }

    /** The same, opaque. */
    Stand opaque() {
        return new Stand(matrix, steps, 1, blur, stroke, drawn, tracking, tints, bands, edges, ribbon, riding);
    }

    /** The same, opaque and in its own colours. */
    Stand plain() {
        return new Stand(matrix, steps, 1, blur, stroke, drawn, tracking, List.of(), bands, edges, ribbon, riding);
    }

    /** As its channels have it run: what it reveals and how it is tilted is a matter of its facets. */
    Stand running(RibbonOutline outline) {
        return new Stand(
                matrix,
                List.of(new Step(0, 0, 0, 0, matrix)),
                opacity,
                blur,
                stroke,
                drawn,
                tracking,
                tints,
                List.of(),
                edges,
                outline,
                null);
    }

    private static Riding riding(Stand own) {
        double from = -BandNow.FAR;
        double to = BandNow.FAR;
        for (BandNow band : own.bands) {
            double[] ends = band.ends();
            from = Math.max(from, ends[0]);
            to = Math.min(to, ends[1]);
        }
        return new Riding(own.matrix, from, to);
    }

    /** On its ribbon, and moved with that. */
    static Stand riding(Stand own, Stand ribbon) {
        return new Stand(
                ribbon.matrix,
                ribbon.steps,
                own.opacity * ribbon.opacity,
                own.blur + ribbon.blur,
                own.stroke,
                own.drawn,
                own.tracking,
                own.tints,
                ribbon.bands,
                own.edges,
                ribbon.ribbon,
                riding(own));
    }

    private static <T> List<T> joined(List<T> first, List<T> second) {
        List<T> all = new ArrayList<>(first);
        all.addAll(second);
        return all;
    }

    /** Shifts, then turns, then scales, each about its pivot. */
    static Stand alone(Layer layer, PhaseName phase, int frame) {
        AffineTransform matrix = new AffineTransform();
        matrix.translate(sum(layer, phase, frame, Channel.X), sum(layer, phase, frame, Channel.Y));
        for (Track track : tracks(layer, phase, Channel.TURN)) {
            matrix.rotate(Math.toRadians(track.at(frame)), track.pivotX(), track.pivotY());
        }
        for (Track track : layer.tracks()) {
            boolean across = track.channel() == Channel.SCALE_X;
            if (track.phase() != phase || track.overLetters() || !(across || track.channel() == Channel.SCALE_Y))
                continue;
            matrix.translate(track.pivotX(), track.pivotY());
            matrix.scale(across ? track.at(frame) : 1, across ? 1 : track.at(frame));
            matrix.translate(-track.pivotX(), -track.pivotY());
        }
        List<Tint> tints = new ArrayList<>();
        for (Track track : tracks(layer, phase, Channel.TINT)) tints.add(new Tint(track.colour(), track.at(frame)));
        List<BandNow> bands = new ArrayList<>();
        boolean closed = false;
        for (Track track : tracks(layer, phase, Channel.REVEAL)) {
            // The edge of a band of no width would still tint the pixels it runs through.
            double share = track.at(frame);
            closed |= share <= 0;
            // Wholly open it cuts nothing off, not even part of a pixel.
            if (share < 1) bands.add(BandNow.of(track, within(share), matrix));
        }
        return new Stand(
                matrix,
                steps(layer, phase, frame, matrix),
                closed ? 0 : layer.opacity() * within(product(layer, phase, frame, Channel.OPACITY)),
                Math.max(0, sum(layer, phase, frame, Channel.BLUR)),
                Math.max(0, product(layer, phase, frame, Channel.STROKE)),
                drawn(layer, phase, frame),
                sum(layer, phase, frame, Channel.TRACKING),
                tints,
                bands,
                edges(layer, phase, frame),
                null,
                null);
    }

    /** One step for each point that something is tilted about, in order; the last one moves it too. */
    private static List<Step> steps(Layer layer, PhaseName phase, int frame, AffineTransform matrix) {
        Map<Point2D, double[]> tilts = new LinkedHashMap<>();
        for (Track track : joined(tracks(layer, phase, Channel.TILT_X), tracks(layer, phase, Channel.TILT_Y))) {
            double[] both =
                    tilts.computeIfAbsent(new Point2D.Double(track.pivotX(), track.pivotY()), none -> new double[2]);
            both[track.channel() == Channel.TILT_X ? 0 : 1] += track.at(frame);
        }
        List<Step> steps = new ArrayList<>();
        tilts.forEach((pivot, both) -> {
            boolean last = steps.size() == tilts.size() - 1;
            steps.add(new Step(both[0], both[1], pivot.getX(), pivot.getY(), last ? matrix : new AffineTransform()));
        });
        return steps.isEmpty() ? List.of(new Step(0, 0, 0, 0, matrix)) : steps;
    }

    private static double[] drawn(Layer layer, PhaseName phase, int frame) {
        double[] drawn = {0, 1};
        for (Track track : tracks(layer, phase, Channel.DRAW)) {
            double share = within(track.at(frame));
            double before = track.opening().bothWays() ? 0.5 : track.opening().degrees() == 180 ? 1 : 0;
            drawn[0] = Math.max(drawn[0], (1 - share) * before);
            drawn[1] = Math.min(drawn[1], (1 - share) * before + share);
        }
        return drawn;
    }

    static double within(double share) {
        return Math.max(0, Math.min(1, share));
    }

    private static List<Track> tracks(Layer layer, PhaseName phase, Channel channel) {
        return layer.tracks().stream()
                .filter(track -> track.phase() == phase && track.channel() == channel && !track.overLetters())
                .toList();
    }

    private static double sum(Layer layer, PhaseName phase, int frame, Channel channel) {
        return tracks(layer, phase, channel).stream()
                .mapToDouble(track -> track.at(frame))
                .sum();
    }

    private static double product(Layer layer, PhaseName phase, int frame, Channel channel) {
        return tracks(layer, phase, channel).stream()
                .mapToDouble(track -> track.at(frame))
                .reduce(1, (a, b) -> a * b);
    }

    private static double[] edges(Layer layer, PhaseName phase, int frame) {
        for (Resize resize : layer.resizes()) {
            if (resize.phase() != phase) continue;
            int i = resize.index(frame);
            return new double[] {resize.left()[i], resize.top()[i], resize.right()[i], resize.bottom()[i]};
        }
        return new double[4];
    }
}
