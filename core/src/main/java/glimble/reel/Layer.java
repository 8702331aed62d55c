package glimble.reel;

import glimble.graphic.Channel;
import glimble.graphic.Corners;
import glimble.graphic.Grade;
import glimble.graphic.Light;
import glimble.graphic.PhaseName;
import glimble.graphic.RibbonForm;
import glimble.rest.Rect;
import glimble.text.GlyphRun;
import java.util.List;
import java.util.Map;

/**
 * One part to be drawn, in the coordinates of the rest picture.
 *
 * <p>Drawing at a frame: seen through its masks; moved by its tracks (shifts, then turns, then scales, each about its pivot);
 * cut by its reveals; then either its glyphs on the baseline, or a rectangle with round corners, with its picture over it and cut
 * to it. A group draws nothing: its tracks move every layer within it, after the layer's own.
 *
 * @param part key of the part
 * @param kind {@code text}, {@code box}, {@code line}, {@code picture}, {@code scrim}, {@code ribbon} or {@code group}
 * @param box where it rests, px
 * @param ink what is drawn of it at rest, px
 * @param baseline where glyphs stand, px from the top; of no account without runs
 * @param corners how round they are; all smaller by one factor where the box, as it is at a frame, has no room for them
 * @param slant px by which the ends lean: at the top to the right; negative to the left. No further than the box, as it is at a frame, is wide
 * @param fill what it is filled with
 * @param stroke a line along its edge, inside a box and outside letters; of width 0 for none. Drawn in part, it begins at the left
 *     of its top, or of a flipped one at the right, and goes round clockwise; opening to the left it is drawn backwards from its end, from the middle both ways
 * @param shadow thrown behind it; of no colour for none
 * @param glow light around it; of no colour for none
 * @param opacity of all of it at rest, 0–1
 * @param picture key of the picture drawn over its fill and cut to its shape; empty for none
 * @param grade of its picture; none for one as it is. Its colours are graded already
 * @param pictureAt where the whole picture stands, px
 * @param runs glyphs, for a text; empty for anything else
 * @param units boxes of the letters of a text at rest, px, in the order of reading, what is drawn as one being one; none for one whose
 *     letters never move apart
 * @param em px of an em, by which tracking counts
 * @param held which letter keeps its place when tracking changes: 0 the first, 1 the last
 * @param masks parts through whose layers this one is seen
 * @param within index of the layer of its group; -1 for none
 * @param tracks what changes, by phase
 * @param resizes how its box changes, of one that follows what is revealed
 * @param unseen whether it is only there for others, as a mask
 * @param flipped whether the line along its edge is the mirror image: it begins at the right of its top
 * @param ribbon how it runs, of a ribbon; none for anything else. Its box is where it would stand if it were straight
 * @param solid how thick it is, of a box with depth; none for anything else
 * @param rides index of the layer of the ribbon it stands on; -1 for none. Its box is then where it would stand if that were straight
 * @param absentIn phases in which it is not drawn: what a change replaces is drawn only while it goes away
 */
public record Layer(
        String part,
        String kind,
        Rect box,
        Rect ink,
        double baseline,
        Corners corners,
        double slant,
        Fill fill,
        Line stroke,
        ThrownShadow shadow,
        ThrownShadow glow,
        double opacity,
        String picture,
        Grade grade,
        Rect pictureAt,
        List<GlyphRun> runs,
        List<Rect> units,
        double em,
        double held,
        List<MaskBy> masks,
        int within,
        List<Track> tracks,
        List<Resize> resizes,
        boolean unseen,
        boolean flipped,
        Ribbon ribbon,
        Solid solid,
        int rides,
        List<PhaseName> absentIn) {

    public Layer {
        absentIn = List.copyOf(absentIn);
        runs = List.copyOf(runs);
        masks = List.copyOf(masks);
        tracks = List.copyOf(tracks);
        units = List.copyOf(units);
        resizes = List.copyOf(resizes);
    }

    /** The same with other motion. */
    public Layer with(List<Track> otherTracks, List<Resize> otherResizes) {
        return with(units, masks, within, rides, otherTracks, otherResizes, absentIn);
    }

    /**
     * The same in a reel of which only some layers are kept: a mask that is not is left out, and what stood in a group that is not stands by itself.
     *
     * @param to where each layer has come to, by its index before
     */
    public Layer among(Map<Integer, Integer> to) {
        List<MaskBy> kept = masks.stream()
                .filter(mask -> to.containsKey(mask.layer()))
                .map(mask -> new MaskBy(to.get(mask.layer()), mask.inside(), mask.soft()))
                .toList();
        return among(kept, to.getOrDefault(within, -1), to.getOrDefault(rides, -1));
    }

    /** The same in another reel. */
    public Layer among(List<MaskBy> otherMasks, int otherWithin, int otherRides) {
        return with(units, otherMasks, otherWithin, otherRides, tracks, resizes, absentIn);
    }

    public Layer absentIn(List<PhaseName> others) {
        return with(units, masks, within, rides, tracks, resizes, others);
    }

    /** The same with letters that a player may move apart. */
    public Layer withUnits(List<Rect> others) {
        return with(others, masks, within, rides, tracks, resizes, absentIn);
    }

    /** The same in other colours. */
    public Layer withLook(Fill otherFill, Line otherStroke, ThrownShadow otherShadow, ThrownShadow otherGlow) {
        return new Layer(
                part,
                kind,
                box,
                ink,
                baseline,
                corners,
                slant,
                otherFill,
                otherStroke,
                otherShadow,
                otherGlow,
                opacity,
                picture,
                grade,
                pictureAt,
                runs,
                units,
                em,
                held,
                masks,
                within,
                tracks,
                resizes,
                unseen,
                flipped,
                ribbon,
                solid,
                rides,
                absentIn);
    }

    public boolean isAbsent(PhaseName phase) {
        return absentIn.contains(phase);
    }

    /**
     * Whether it is not there at a frame, neither to be seen nor as part of a group that is a mask: in a phase in which it is not drawn, or
     * because a change has not brought it yet, or has taken it away.
     */
    public boolean isAbsent(PhaseName phase, int frame) {
        if (isAbsent(phase)) return true;
        for (Track track : tracks) if (isGate(track, phase) && track.at(frame) == 0) return true;
        return false;
    }

    /** Frame of a phase from which on a change has taken it away; {@code Integer.MAX_VALUE} if none does. */
    public int vanishes(PhaseName phase) {
        int vanishes = Integer.MAX_VALUE;
        for (Track track : tracks) {
            if (isGate(track, phase) && track.at(track.last()) == 0) vanishes = Math.min(vanishes, track.last());
        }
        return vanishes;
    }

    private static boolean isGate(Track track, PhaseName phase) {
        return track.flows() && track.channel() == Channel.OPACITY && track.phase() == phase;
    }

    /** With its gradient and its picture where they lie at a frame. */
    public Layer standing(PhaseName phase, int frame) {
        for (Resize resize : resizes) {
            boolean carries = resize.fill().length > 0 || resize.picture().length > 0;
            if (resize.phase() == phase && carries) return standing(resize, 4 * resize.index(frame));
        }
        return this;
    }

    private Layer standing(Resize resize, int i) {
        double[] points = resize.fill();
        Fill filled = points.length == 0
                ? fill
                : new Fill(fill.from, fill.to, fill.radial, points[i], points[i + 1], points[i + 2], points[i + 3]);
        double[] at = resize.picture();
        Rect pictured = at.length == 0 ? pictureAt : new Rect(at[i], at[i + 1], at[i + 2], at[i + 3]);
        Ribbon run = ribbon == null || points.length == 0 ? ribbon : ribbon.filled(filled);
        return new Layer(
                part, kind, box, ink, baseline, corners, slant, filled, stroke, shadow, glow, opacity, picture, grade,
                pictured, runs, units, em, held, masks, within, tracks, resizes, unseen, flipped, run, solid, rides,
                absentIn);
    }

    private Layer with(
            List<Rect> units,
            List<MaskBy> masks,
            int within,
            int rides,
            List<Track> tracks,
            List<Resize> resizes,
            List<PhaseName> absentIn) {
        return new Layer(
                part, kind, box, ink, baseline, corners, slant, fill, stroke, shadow, glow, opacity, picture, grade,
                pictureAt, runs, units, em, held, masks, within, tracks, resizes, unseen, flipped, ribbon, solid, rides,
                absentIn);
    }

    /**
     * A colour, or a gradient between two points.
     *
     * @param from colour at the first point, and before it
     * @param to colour at the second point, and beyond it; the same for a plain colour
     * @param radial whether it runs outwards from the first point, the second being on its rim
     */
    public record Fill(String from, String to, boolean radial, double x1, double y1, double x2, double y2) {
        /** The same colours where another lies. */
        Fill at(Fill other) {
            return new Fill(from, to, radial, other.x1, other.y1, other.x2, other.y2);
        }
    }

    /**
     * How a ribbon runs and is lit.
     *
     * @param mirrored whether it stands as in a mirror
     * @param back what its back is filled with
     * @param sheen 0–1
     */
    public record Ribbon(RibbonForm form, boolean mirrored, Fill back, double sheen, Lit lit) {
        /** With its back where its front is, if that is a gradient too. */
        Ribbon filled(Fill front) {
            boolean plain = back.from().equals(back.to());
            return plain ? this : new Ribbon(form, mirrored, back.at(front), sheen, lit);
        }
    }

    /**
     * How thick a box is.
     *
     * @param depth px away from the eye
     * @param x of the point of the picture that the eye is before, px
     * @param y of that point
     * @param eye px from there to the eye
     */
    public record Solid(double depth, double x, double y, double eye, Lit lit) {
        /** Where something is seen along an axis that lies further from the eye. */
        public static double further(double at, double middle, double eye, double depth) {
            return middle + (at - middle) * scale(eye, -depth);
        }

        /** How large something is seen that is so much nearer to the eye, px. */
        public static double scale(double eye, double nearer) {
            return eye / Math.max(NEAREST * eye, eye - nearer);
        }

        /** Share of the way to the eye beyond which nothing comes nearer. */
        private static final double NEAREST = 0.2;
    }

    /**
     * The light that falls on it.
     *
     * @param black what black is as it is graded; what is turned from the light goes there
     * @param white what white is as it is graded
     */
    public record Lit(Light light, String black, String white) {}

    /** @param width px */
    public record Line(String colour, double width) {}

    /**
     * @param colour empty for no shadow
     * @param x px to the right
     * @param y px downwards
     * @param blur px over which it fades
     */
    public record ThrownShadow(String colour, double x, double y, double blur) {}

    /**
     * A layer whose shape, as it moves, is a mask; of a group, the shapes of all layers within it that are there.
     *
     * @param layer its index in the reel
     * @param inside true: seen inside it; false: outside
     * @param soft px over which its edge fades
     */
    public record MaskBy(int layer, boolean inside, double soft) {}
}
