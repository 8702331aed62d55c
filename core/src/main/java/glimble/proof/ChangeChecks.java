package glimble.proof;

import glimble.change.Changed;
import glimble.change.Doing;
import glimble.change.PartChange;
import glimble.change.Shown;
import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Check;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Place;
import glimble.graphic.TextPart;
import glimble.reel.Bar;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Track;
import glimble.rest.Rect;
import glimble.rest.Rest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Faults of a change, over every frame of it. */
final class ChangeChecks {
    /** px, in a raster of 1080 lines, by which letters may stand out of their box while both move. */
    private static final double LOOSE = 4;
    /** Change of opacity in one frame that is a jump. */
    private static final double SUDDEN = 0.75;
    /** Opacity from which on letters can be read. */
    private static final double LEGIBLE = 0.35;
    /** Share of the smaller of two texts that lies under the other, from which on neither can be read. */
    private static final double COVERED = 0.2;

    private final Judged judged;
    private final Changed changed;
    private final Shown shown;
    private final List<Course> courses;
    private final int last;
    private final Map<String, PartChange> parts = new HashMap<>();
    private final Set<String> cut = new HashSet<>();

    private ChangeChecks(Judged judged, Changed changed, Shown shown) {
        this.judged = judged;
        this.changed = changed;
        this.shown = shown;
        courses = judged.courses(PhaseName.IN);
        last = Math.min(judged.reel.in(), Courses.LONGEST);
        changed.parts().forEach(part -> parts.put(part.part(), part));
        findCuts();
    }

    /** @param shown what it changes from */
    static void check(Judged judged, Changed changed, Shown shown) {
        ChangeChecks checks = new ChangeChecks(judged, changed, shown);
        for (int i = 0; i < judged.reel.layers().size(); i++) {
            if (!judged.isDrawn(i)) continue;
            checks.jumps(i);
            checks.appears(i);
            checks.stays(i);
            checks.late(i);
            checks.clipped(i);
            checks.safe(i);
        }
        checks.over();
        UnseenChecks.checkChange(judged, changed);
        Flashing.checkChange(judged);
    }

    /** Parts of which a move is meant to jump. */
    private void findCuts() {
        Set<String> moves = new HashSet<>();
        for (Graphic graphic : List.of(changed.graphic(), shown.graphic())) {
            for (Phase phase : graphic.phases()) {
                for (Move move : phase.moves()) {
                    boolean cuts = move.ease() instanceof Ease.Steps
                            || move.keys().stream().anyMatch(key -> key.ease() instanceof Ease.Steps);
                    if (cuts) moves.add(phase.name() + " " + move.key());
                }
            }
        }
        for (Bar bar : changed.worked().bars()) {
            if (moves.contains(bar.phase() + " " + bar.move())) cut.add(bar.part());
        }
        // What was on its way when it was interrupted may still be about to jump.
        if (moves.isEmpty() || isFromRest()) return;
        for (Layer layer : judged.reel.layers()) cut.add(layer.part());
    }

    private boolean isFromRest() {
        return shown.phase() == PhaseName.IN && shown.frame() >= shown.reel().in();
    }

    private boolean isCut(int i) {
        for (int at = i; at >= 0; at = judged.layer(at).within()) {
            if (cut.contains(judged.layer(at).part())) return true;
        }
        return false;
    }

    private void fault(Check check, int layer, String other, int frame, double measured, String said, String mend) {
        judged.faults()
                .add(new Fault(
                        check,
                        judged.layer(layer).part(),
                        other,
                        Fault.CHANGE,
                        frame,
                        measured,
                        judged.limit(check),
                        said,
                        mend,
                        courses.get(layer).seen(frame)));
    }

    private void jumps(int i) {
        Course course = courses.get(i);
        if (course.isStill() || isCut(i)) return;
        double farthest = judged.limit(Check.JUMP);
        int worst = -1;
        int flash = -1;
        for (int frame = 1; frame <= last; frame++) {
            if (!course.isSeen(frame) || !course.isSeen(frame - 1)) continue;
            double far = course.leap(frame);
            for (int edge = 0; edge < 4; edge++) {
                far = Math.max(far, Math.abs(course.body(frame, edge) - course.body(frame - 1, edge)));
            }
            if (far > farthest) {
                farthest = far;
                worst = frame;
            }
            if (Math.abs(course.opacity(frame) - course.opacity(frame - 1)) > SUDDEN) flash = frame;
        }
        String mend = "give the flow of the swap, or its moves, more frames or a softer ease";
        if (worst >= 0) {
            String said = "it jumps " + FaultList.px(farthest) + " px in one frame of the change";
            fault(Check.JUMP, i, "", worst, farthest, said, mend);
        } else if (flash >= 0) {
            String said = "its opacity jumps in one frame of the change";
            fault(Check.JUMP, i, "", flash, judged.limit(Check.JUMP) + 1, said, mend);
        }
    }

    /** What is still seen when it is taken away, or seen at once when it is put there. */
    private void appears(int i) {
        if (isCut(i)) return;
        for (int at = i; at >= 0; at = judged.layer(at).within()) {
            for (Track track : judged.layer(at).tracks()) {
                if (track.phase() == PhaseName.IN && isGate(track)) appears(i, track);
            }
        }
    }

    /** What a change itself hides before or after its frames. */
    private static boolean isGate(Track track) {
        return track.flows() && track.channel() == Channel.OPACITY && track.values().length == 2;
    }

    private void appears(int i, Track gate) {
        boolean opens = gate.values()[0] == 0;
        int frame = opens ? gate.first() : gate.first() + 1;
        if (frame < 0 || frame > last || !isSolid(i, frame)) return;
        // Something else may hide it.
        int seen = Math.max(0, Math.min(last, opens ? frame + 1 : frame - 1));
        if (courses.get(i).opacity(seen) <= SUDDEN * judged.layer(i).opacity()) return;
        // Behind what is laid over it nobody sees that it goes.
        if (!opens && isCovered(i, frame)) return;
        fault(
                Check.JUMP,
                i,
                opens ? "back" : "away",
                frame,
                judged.limit(Check.JUMP) + 1,
                opens ? "it is there at once when it comes back" : "it is still seen when it is gone",
                opens
                        ? "let its back begin hidden: a reveal, a fade, or clear of its mask"
                        : "let its away end hidden: a fade, a reveal, or clear of its mask");
    }

    /** Whether it would be seen at a frame if it were not hidden there. */
    private boolean isSolid(int i, int frame) {
        Rect seen = Courses.shared(courses.get(i).seen(frame), judged.frame());
        if (Math.min(seen.width(), seen.height()) < 1) return false;
        double opacity = 1;
        for (int at = i; at >= 0; at = judged.layer(at).within()) {
            for (Track track : judged.layer(at).tracks()) {
                boolean fades = track.phase() == PhaseName.IN && track.channel() == Channel.OPACITY;
                if (fades && !isGate(track) && !track.overLetters()) opacity *= track.at(frame);
            }
        }
        return opacity > SUDDEN;
    }

    private boolean isCovered(int i, int frame) {
        double before = courses.get(i).opacity(Math.max(0, frame - 1));
        for (int j = i + 1; j < judged.reel.layers().size(); j++) {
            boolean same = judged.layer(j).part().equals(judged.layer(i).part());
            if (!same || courses.get(j).opacity(frame) < before - 0.02) continue;
            if (Courses.contains(
                    courses.get(j).seen(frame).grown(0.5), courses.get(i).seen(frame))) return true;
        }
        return false;
    }

    /** The same before and after, but not meanwhile. */
    private void stays(int i) {
        PartChange part = parts.get(judged.layer(i).part());
        if (part == null || !part.same() || !isFromRest()) return;
        Course course = courses.get(i);
        double farthest = 0;
        int worst = -1;
        for (int frame = 0; frame <= last; frame++) {
            double far = part.doing() == Doing.STAYS && course.opacity(frame) != course.opacity(last) ? 1 : 0;
            for (int edge = 0; edge < 4; edge++) {
                far = Math.max(far, Math.abs(course.body(frame, edge) - course.body(last, edge)));
            }
            // One that goes away and comes back again is gone meanwhile.
            if (part.doing() != Doing.STAYS && course.opacity(frame) < SUDDEN) far = Math.max(far, 1);
            if (far > farthest) {
                farthest = far;
                worst = frame;
            }
        }
        if (farthest <= judged.limit(Check.STAYS)) return;
        fault(
                Check.STAYS,
                i,
                "",
                worst,
                farthest,
                "it is the same before and after, and does not stand still: " + part.sentence(),
                "take it out of the group that swaps, or give that group's moves to what changes in it");
    }

    /** Letters that are seen where their box is not yet, or not any more. */
    private void late(int i) {
        Layer layer = judged.layer(i);
        if (layer.runs().isEmpty()) return;
        boolean old = layer.isAbsent(PhaseName.LOOP);
        Graphic graphic = old ? shown.graphic() : changed.graphic();
        Rest rest = old ? shown.rest() : judged.rest;
        Part part = graphic.part(layer.part()).orElse(null);
        if (!(part instanceof TextPart text) || !rest.isPresent(part.key())) return;
        String ground = RestFaults.boxOf(graphic, rest, text).map(Part::key).orElse("");
        List<Integer> boxes = new ArrayList<>();
        for (int j = 0; j < judged.reel.layers().size(); j++) {
            if (judged.layer(j).part().equals(ground) && judged.isDrawn(j)) boxes.add(j);
        }
        if (boxes.isEmpty()) return;
        Course letters = courses.get(i);
        // Whoever stands outside at rest is another fault.
        double outAtRest = Math.max(0, out(rest.part(text.key()).drawn(), rest.box(ground)));
        int frames = 0;
        int worst = 0;
        double farthest = 0;
        for (int frame = 0; frame <= last; frame++) {
            if (!letters.isSeen(frame) || letters.opacity(frame) < LEGIBLE) continue;
            double least = letters.seen(frame).width();
            for (int box : boxes) {
                Course by = courses.get(box);
                double solid = letters.opacity(frame) / 2 * judged.layer(box).opacity();
                if (by.isSeen(frame) && by.opacity(frame) >= solid)
                    least = Math.min(least, out(letters.seen(frame), by.seen(frame)) - outAtRest);
            }
            if (least <= judged.px(LOOSE)) continue;
            frames++;
            if (least > farthest) {
                farthest = least;
                worst = frame;
            }
        }
        if (frames <= judged.limit(Check.LATE)) return;
        fault(
                Check.LATE,
                i,
                ground,
                worst,
                frames,
                "its letters are seen for " + frames + " frames of the change where " + ground + " is not",
                "mask it by " + ground + ", or let it come back later");
    }

    /** px by which something stands outside something else at most; less than 0 inside. */
    private static double out(Rect inner, Rect outer) {
        return Math.max(
                Math.max(outer.x() - inner.x(), inner.right() - outer.right()),
                Math.max(outer.y() - inner.y(), inner.bottom() - outer.bottom()));
    }

    /** Whether it only goes over from one place to another, or stands. */
    private boolean goesOver(int i) {
        PartChange part = parts.get(judged.layer(i).part());
        boolean whole = part != null && (part.doing() == Doing.FLOWS || part.doing() == Doing.STAYS);
        return whole && isFromRest();
    }

    /** Letters that only go over from one place to another are cut by their mask on the way. */
    private void clipped(int i) {
        Layer layer = judged.layer(i);
        if (layer.runs().isEmpty() || layer.masks().isEmpty() || !goesOver(i)) return;
        Course course = courses.get(i);
        double atRest = Math.max(cutOff(course, 0), cutOff(course, last));
        double most = judged.limit(Check.CUT) + atRest + judged.px(1);
        int worst = -1;
        for (int frame = 0; frame <= last; frame++) {
            double off = cutOff(course, frame);
            if (off <= most) continue;
            most = off;
            worst = frame;
        }
        if (worst < 0) return;
        fault(
                Check.CUT,
                i,
                judged.layer(layer.masks().get(0).layer()).part(),
                worst,
                most - atRest,
                FaultList.px(most - atRest) + " px of it are cut off by its mask while it goes over",
                "let its mask go over as it does, or mask it by what moves with it");
    }

    private static double cutOff(Course course, int frame) {
        return Math.max(0, out(course.body(frame), course.seen(frame)));
    }

    /** What only goes over from one place to another stands outside on the way. */
    private void safe(int i) {
        if (!goesOver(i)) return;
        boolean letters = !judged.layer(i).runs().isEmpty();
        String ground = letters ? Place.TITLE_SAFE : Place.ACTION_SAFE;
        double x = judged.graphic.frame().inset(Axis.X, ground);
        double y = judged.graphic.frame().inset(Axis.Y, ground);
        Rect safe = new Rect(x, y, judged.reel.width() - 2 * x, judged.reel.height() - 2 * y);
        Course course = courses.get(i);
        double atRest = Math.max(0, Math.max(out(course.seen(0), safe), out(course.seen(last), safe)));
        double most = judged.limit(Check.SAFE) + atRest + judged.px(1);
        int worst = -1;
        for (int frame = 0; frame <= last; frame++) {
            double out = out(course.seen(frame), safe);
            if (!course.isSeen(frame) || out <= most) continue;
            most = out;
            worst = frame;
        }
        if (worst < 0) return;
        fault(
                Check.SAFE,
                i,
                ground,
                worst,
                most,
                "it stands " + FaultList.px(most) + " px outside " + ground + " while it goes over",
                "limit how large things may get, or let the graphic go out and come in again");
    }

    /** Two texts over each other, or the old and the new letters of one. */
    private void over() {
        List<Integer> texts = new ArrayList<>();
        for (int i = 0; i < judged.reel.layers().size(); i++) {
            if (judged.isDrawn(i) && !judged.layer(i).runs().isEmpty()) texts.add(i);
        }
        for (int a = 0; a < texts.size(); a++) {
            for (int b = a + 1; b < texts.size(); b++) over(texts.get(a), texts.get(b));
        }
    }

    private void over(int one, int other) {
        Course a = courses.get(one);
        Course b = courses.get(other);
        if (a.isStill() && b.isStill()) return;
        boolean same = judged.layer(one).part().equals(judged.layer(other).part());
        // How things come in and leave over others is as the in and the out have it.
        if (!same && (comesOrGoes(one) || comesOrGoes(other))) return;
        if (!same && (covered(a, b, 0) || covered(a, b, last))) return;
        int frames = 0;
        int worst = -1;
        for (int frame = 0; frame <= last; frame++) {
            if (!covered(a, b, frame)) continue;
            frames++;
            worst = frame;
        }
        if (frames <= judged.limit(Check.BOTH)) return;
        if (same) {
            fault(
                    Check.BOTH,
                    other,
                    "",
                    worst,
                    frames,
                    "old and new letters are read on top of each other for " + frames + " frames",
                    "let them meet later, or hide the old ones sooner");
        } else {
            fault(
                    Check.OVER,
                    other,
                    judged.layer(one).part(),
                    worst,
                    frames,
                    "it lies over " + judged.layer(one).part() + " for " + frames + " frames of the change",
                    "let it come back later, or the other go away sooner");
        }
    }

    private boolean comesOrGoes(int i) {
        PartChange part = parts.get(judged.layer(i).part());
        return part == null || part.doing() == Doing.ENTERS || part.doing() == Doing.LEAVES;
    }

    private static boolean covered(Course a, Course b, int frame) {
        if (!a.isSeen(frame) || !b.isSeen(frame)) return false;
        if (a.opacity(frame) < LEGIBLE || b.opacity(frame) < LEGIBLE) return false;
        double least = Math.min(area(a.seen(frame)), area(b.seen(frame)));
        return area(Courses.shared(a.seen(frame), b.seen(frame))) > COVERED * least;
    }

    private static double area(Rect rect) {
        return Math.max(0, rect.width()) * Math.max(0, rect.height());
    }
}
