package glimble.proof;

import glimble.graphic.Channel;
import glimble.graphic.Check;
import glimble.graphic.PhaseName;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Playback;
import glimble.reel.Track;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;

/** Whether a large layer changes its light too often. */
final class Flashing {
    /** Change of relative luminance that is half a flash. Source: WCAG 2.2, general flash. */
    private static final double HALF_FLASH = 0.1;
    /** Share of the picture from which on flashing counts: a quarter of 341 × 256 px in 1024 × 768 (WCAG 2.2). */
    private static final double LARGE = 0.25 * 341 * 256 / (1024 * 768);

    private final Judged judged;
    private final int index;
    private final double[] colour;
    private final double largest;

    /** @param phases that are looked at */
    private Flashing(Judged judged, int index, List<PhaseName> phases) {
        this.judged = judged;
        this.index = index;
        colour = Contrast.parsed(judged.layer(index).fill().from());
        largest = largest(phases);
    }

    static void check(Judged judged) {
        check(judged, List.of());
    }

    /** The same over the frames of a change only. */
    static void checkChange(Judged judged) {
        int frames = judged.reel.in() + 1;
        check(judged, List.of(new Playback.Run(Playback.State.IN, 0, frames, frames)));
    }

    /** @param only the frames it is about; none for all of the graphic */
    private static void check(Judged judged, List<Playback.Run> only) {
        for (int i = 0; i < judged.reel.layers().size(); i++) {
            Layer layer = judged.layer(i);
            Rect box = layer.box();
            double share = box.width() * box.height() / ((double) judged.reel.width() * judged.reel.height());
            if (!judged.isDrawn(i) || share < LARGE) continue;
            Flashing flashing = new Flashing(judged, i, only.isEmpty() ? PhaseName.PLAYED : List.of(PhaseName.IN));
            int flashes = only.isEmpty() ? flashing.most() : flashing.most(only);
            if (flashes <= judged.limit(Check.FLASH)) continue;
            judged.faults()
                    .add(new Fault(
                            Check.FLASH,
                            layer.part(),
                            "",
                            only.isEmpty() ? PhaseName.IN : Fault.CHANGE,
                            judged.reel.in(),
                            flashes,
                            judged.limit(Check.FLASH),
                            "it flashes " + flashes + " times in a second",
                            "make its fades longer, or fewer",
                            judged.rest.isPresent(layer.part()) ? judged.rest.box(layer.part()) : box));
        }
    }

    /** In any second of the graphic as it is played at its length, and of its loop. */
    private int most() {
        return Math.max(most(judged.worked.whole()), most(looping()));
    }

    private int most(List<Playback.Run> runs) {
        int frames = runs.stream().mapToInt(Playback.Run::length).sum();
        if (frames == 0) return 0;
        // Over a black picture its own light counts, over a white one what it takes away.
        double[] overBlack = new double[frames];
        double[] overWhite = new double[frames];
        for (Playback.Run run : runs) light(run, overBlack, overWhite);
        return Math.max(flashes(overBlack), flashes(overWhite));
    }

    /** On air the loop goes on as long as the graphic stands, also where its length has no room for a round. */
    private List<Playback.Run> looping() {
        int round = judged.reel.loop();
        boolean still = judged.courses(PhaseName.LOOP).get(index).isStill();
        if (round == 0 || still && tints(PhaseName.LOOP).isEmpty()) return List.of();
        int seconds = (int) Math.ceil(2 * judged.reel.rate());
        int length = Math.min(Courses.LONGEST, Math.max(round, seconds));
        return List.of(new Playback.Run(Playback.State.LOOP, 0, length, round));
    }

    /** The light of it on the frames of a run, 0–1: of its colour as it is tinted, for that share of its place that is seen. */
    private void light(Playback.Run run, double[] overBlack, double[] overWhite) {
        PhaseName phase = switch (run.state()) {
            case IN, STEP -> PhaseName.IN;
            case OUT -> PhaseName.OUT;
            default -> PhaseName.LOOP;
        };
        Course course = judged.courses(phase).get(index);
        List<Track> tints = tints(phase);
        double untinted = Contrast.luminance(colour);
        for (int frame = 0; frame < run.length(); frame++) {
            int at = frame % run.round();
            double share = share(course, at) * course.opacity(at) * colour[3];
            double own = tints.isEmpty() ? untinted : Contrast.luminance(tinted(tints, at));
            overBlack[run.first() + frame] = own * share;
            overWhite[run.first() + frame] = own * share + 1 - share;
        }
    }

    /**
     * How much of it is seen, 0–1. Letters that stand out a little, as they come one by one, make the place of a text larger but not its
     * light: of a text it is the share of what is there, and of its size at rest.
     */
    private double share(Course course, int at) {
        if (!judged.layer(index).kind().equals("text")) return Math.min(1, area(course, at) / largest);
        Rect rest = judged.layer(index).box();
        Rect body = course.body(at);
        if (body.width() <= 0 || body.height() <= 0) return 0;
        return Math.min(1, area(course, at) / (body.width() * body.height()))
                * Math.min(1, body.width() / Math.max(1, rest.width()))
                * Math.min(1, body.height() / Math.max(1, rest.height()));
    }

    private List<Track> tints(PhaseName phase) {
        List<Track> tints = new ArrayList<>();
        for (int at = index; at >= 0; at = judged.layer(at).within()) {
            for (Track track : judged.layer(at).tracks()) {
                if (track.phase() == phase && track.channel() == Channel.TINT && !track.overLetters()) tints.add(track);
            }
        }
        return tints;
    }

    private double[] tinted(List<Track> tints, int frame) {
        double[] tinted = colour.clone();
        for (Track tint : tints) {
            double[] other = Contrast.parsed(tint.colour());
            double share = Math.max(0, Math.min(1, tint.at(frame)));
            for (int channel = 0; channel < 3; channel++) {
                tinted[channel] += (other[channel] - tinted[channel]) * share;
            }
        }
        return tinted;
    }

    /** px² that are seen where it is largest. */
    private double largest(List<PhaseName> phases) {
        double most = 1;
        for (PhaseName phase : phases) {
            Course course = judged.courses(phase).get(index);
            for (int frame = 0; frame < course.frames(); frame++) most = Math.max(most, area(course, frame));
        }
        return most;
    }

    /** px² that are seen. */
    private static double area(Course course, int frame) {
        double width = course.seen(frame, 2) - course.seen(frame, 0);
        double height = course.seen(frame, 3) - course.seen(frame, 1);
        return Math.max(0, width) * Math.max(0, height);
    }

    /** Most flashes in any second: a flash is a change of light and one back. */
    private int flashes(double[] light) {
        List<Integer> turns = new ArrayList<>();
        double extreme = light[0];
        int way = 0;
        for (int frame = 1; frame < light.length; frame++) {
            double change = light[frame] - extreme;
            if (way != 0 && Math.signum(change) == way || way == 0 && Math.abs(change) < HALF_FLASH) {
                extreme = way == 0 ? extreme : light[frame];
                continue;
            }
            if (Math.abs(change) < HALF_FLASH) continue;
            way = (int) Math.signum(change);
            extreme = light[frame];
            turns.add(frame);
        }
        int second = (int) Math.ceil(judged.reel.rate());
        int most = 0;
        for (int first = 0, last = 0; last < turns.size(); last++) {
            while (turns.get(last) - turns.get(first) >= second) first++;
            most = Math.max(most, (last - first + 1) / 2);
        }
        return most;
    }
}
