package glimble.proof;

import glimble.graphic.BoxPart;
import glimble.graphic.Check;
import glimble.graphic.Ease;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.TextPart;
import glimble.number.Whole;
import glimble.reel.Bar;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Track;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Faults of motion, over every frame: what is seen when it should not be, jumps, comes late or is drawn out. */
final class CourseChecks {
    /** px, in a raster of 1080 lines, by which letters may stand out of their box while both move. */
    private static final double LOOSE = 4;
    /** Change of opacity in one frame that is a jump. */
    private static final double SUDDEN = 0.75;

    private final Judged judged;
    /** By part, first and last frame in which it is meant to jump, of each phase. */
    private final Map<PhaseName, Map<String, List<int[]>>> cuts = new HashMap<>();

    private CourseChecks(Judged judged) {
        this.judged = judged;
    }

    static void check(Judged judged) {
        CourseChecks checks = new CourseChecks(judged);
        checks.findCuts();
        for (int i = 0; i < judged.reel.layers().size(); i++) {
            if (!judged.isDrawn(i)) continue;
            checks.ends(i);
            checks.early(i);
            for (PhaseName phase : PhaseName.PLAYED) {
                checks.jumps(i, phase);
                checks.stretched(i, phase);
            }
        }
        checks.late();
    }

    private void fault(
            Check check,
            int layer,
            String other,
            PhaseName phase,
            int frame,
            double measured,
            String said,
            String mend) {
        judged.faults()
                .add(new Fault(
                        check,
                        judged.layer(layer).part(),
                        other,
                        phase,
                        frame,
                        measured,
                        judged.limit(check),
                        said,
                        mend,
                        judged.courses(phase).get(layer).seen(frame)));
    }

    private void ends(int i) {
        if (judged.reel.in() > 0) end(i, PhaseName.IN, 0, "the first frame");
        if (judged.reel.out() > 0) end(i, PhaseName.OUT, judged.reel.out(), "the last frame");
    }

    private void end(int i, PhaseName phase, int frame, String when) {
        Course course = judged.courses(phase).get(i);
        if (!course.isDrawn(frame)) return;
        Rect seen = Courses.shared(course.drawn(frame), judged.frame());
        double px = Math.min(seen.width(), seen.height());
        if (px <= Math.max(0.5, judged.limit(Check.ENDS))) return;
        boolean in = phase == PhaseName.IN;
        fault(
                Check.ENDS,
                i,
                "",
                phase,
                frame,
                Math.max(seen.width(), seen.height()),
                "it is seen on " + when + ", " + FaultList.px(seen.width()) + " × " + FaultList.px(seen.height())
                        + " px of it",
                in
                        ? "give it a move in that begins hidden: a reveal, a fade, or clear of frame or mask"
                        : "let its out end hidden: travel clear of frame or mask, not by px");
    }

    /** Seen before the first of its own moves, or of those of its groups, has begun. */
    private void early(int i) {
        int first = Integer.MAX_VALUE;
        for (int at = i; at >= 0; at = judged.layer(at).within()) {
            for (Track track : judged.layer(at).tracks()) {
                if (track.phase() == PhaseName.IN) first = Math.min(first, track.first());
            }
        }
        if (first == Integer.MAX_VALUE || first == 0) return;
        Course course = judged.courses(PhaseName.IN).get(i);
        Rect frame = judged.frame();
        int seen = 0;
        for (int at = 0; at < first; at++) {
            if (course.isSeen(at) && Courses.shared(course.seen(at), frame).width() > 0) seen++;
        }
        if (seen <= judged.limit(Check.EARLY)) return;
        fault(
                Check.EARLY,
                i,
                "",
                PhaseName.IN,
                first - 1,
                seen,
                "it is seen for " + seen + " frames before its first move",
                "let its first move hide it: a reveal, a fade, or clear of frame or mask");
    }

    private void findCuts() {
        for (PhaseName phase : PhaseName.values()) cuts.put(phase, new HashMap<>());
        boolean backwards = judged.graphic.out().mirrorsIn();
        for (Phase phase : judged.graphic.phases()) {
            List<String> moves = phase.moves().stream()
                    .filter(CourseChecks::isCut)
                    .map(Move::key)
                    .toList();
            if (moves.isEmpty()) continue;
            for (Bar bar : judged.worked.bars()) {
                boolean mirrored = bar.phase() == PhaseName.OUT && backwards;
                PhaseName played = mirrored ? PhaseName.IN : bar.phase();
                if (played != phase.name() || !moves.contains(bar.move())) continue;
                cuts.get(bar.phase())
                        .computeIfAbsent(bar.part(), none -> new ArrayList<>())
                        .add(new int[] {bar.start(), bar.start() + bar.length()});
            }
        }
    }

    private static boolean isCut(Move move) {
        return move.ease() instanceof Ease.Steps
                || move.keys().stream().anyMatch(key -> key.ease() instanceof Ease.Steps);
    }

    private boolean isCut(int i, PhaseName phase, int frame) {
        for (int at = i; at >= 0; at = judged.layer(at).within()) {
            for (int[] cut : cuts.get(phase).getOrDefault(judged.layer(at).part(), List.of())) {
                if (frame >= cut[0] && frame <= cut[1] + 1) return true;
            }
        }
        return false;
    }

    private void jumps(int i, PhaseName phase) {
        Course course = judged.courses(phase).get(i);
        if (course.isStill()) return;
        double most = judged.limit(Check.JUMP);
        meets(i, phase, course);
        int worst = 0;
        double farthest = 0;
        int flash = -1;
        for (int frame = 1; frame < course.frames(); frame++) {
            if (!course.isSeen(frame) || !course.isSeen(frame - 1)) continue;
            double far = 0;
            for (int edge = 0; edge < 4; edge++) {
                far = Math.max(far, Math.abs(course.body(frame, edge) - course.body(frame - 1, edge)));
            }
            far = Math.max(far, course.leap(frame));
            boolean sudden = Math.abs(course.opacity(frame) - course.opacity(frame - 1)) > SUDDEN;
            if (far <= farthest && !sudden || isCut(i, phase, frame)) continue;
            if (sudden) flash = frame;
            if (far > farthest) {
                farthest = far;
                worst = frame;
            }
        }
        String mend = "give the move more frames or a softer ease; if it is meant, make its ease a cut (steps)";
        if (farthest > most) {
            fault(
                    Check.JUMP,
                    i,
                    "",
                    phase,
                    worst,
                    farthest,
                    "it jumps " + FaultList.px(farthest) + " px in one frame",
                    mend);
        } else if (flash >= 0) {
            fault(Check.JUMP, i, "", phase, flash, most + 1, "its opacity jumps in one frame", mend);
        }
    }

    /** Where the phase meets rest. */
    private void meets(int i, PhaseName phase, Course course) {
        Course rest = judged.courses(PhaseName.IN).get(i);
        int meeting = phase == PhaseName.IN ? judged.reel.in() : 0;
        Rect box = Courses.atRest(judged.reel, i);
        Rect now = course.body(meeting);
        double off = Math.max(
                Math.max(Math.abs(now.x() - box.x()), Math.abs(now.right() - box.right())),
                Math.max(Math.abs(now.y() - box.y()), Math.abs(now.bottom() - box.bottom())));
        boolean faint = Math.abs(course.opacity(meeting) - rest.opacity(judged.reel.in())) > 0.05;
        if (off <= 1 && !faint) return;
        fault(
                Check.JUMP,
                i,
                "rest",
                phase,
                meeting,
                judged.limit(Check.JUMP) + Math.max(1, off),
                "it stands " + FaultList.px(off) + " px off rest where "
                        + phase.name().toLowerCase(java.util.Locale.ROOT) + " meets it",
                "let the moves of that phase end, or begin, at rest");
    }

    private void stretched(int i, PhaseName phase) {
        Layer layer = judged.layer(i);
        Part part = judged.graphic.part(layer.part()).orElseThrow();
        boolean picture = part instanceof PicturePart;
        boolean shows = picture || part instanceof TextPart || part instanceof BoxPart && isRound(layer);
        if (!shows) return;
        Course course = judged.courses(phase).get(i);
        Check check = picture ? Check.PICTURE : Check.STRETCH;
        double most = judged.limit(check) / 100;
        double worst = 0;
        int at = 0;
        for (int frame = 0; frame < course.frames(); frame++) {
            if (course.uneven(frame) <= Math.max(worst, most) || !course.isSeen(frame)) continue;
            worst = course.uneven(frame);
            at = frame;
        }
        if (worst <= most) return;
        String what = picture ? "its picture is" : part instanceof TextPart ? "its letters are" : "its corners are";
        double percent = Whole.nearest(Math.min(worst, 50) * 100);
        fault(
                check,
                i,
                "",
                phase,
                at,
                percent,
                what + " drawn out by " + FaultList.tenth(percent) + " % in one direction",
                "reveal it instead of scaling it, or scale both directions alike");
    }

    private static boolean isRound(Layer layer) {
        return layer.stroke().width() > 0
                || layer.corners().topLeft()
                                + layer.corners().topRight()
                                + layer.corners().bottomLeft()
                                + layer.corners().bottomRight()
                        > 0;
    }

    /** Letters that are seen where their box is not yet, or not any more. */
    private void late() {
        for (Part part : judged.graphic.parts()) {
            int text = judged.layerOf(part.key());
            if (!(part instanceof TextPart of) || text < 0 || !judged.isDrawn(text)) continue;
            int box = RestFaults.boxOf(judged.graphic, judged.rest, of)
                    .map(ground -> judged.layerOf(ground.key()))
                    .orElse(-1);
            if (box < 0 || !judged.isDrawn(box)) continue;
            for (PhaseName phase : PhaseName.PLAYED) late(text, box, phase);
        }
    }

    private void late(int text, int box, PhaseName phase) {
        Course letters = judged.courses(phase).get(text);
        Course ground = judged.courses(phase).get(box);
        if (letters.isStill() && ground.isStill()) return;
        // Whoever stands outside at rest is another fault.
        double restOut = out(letters, ground, phase == PhaseName.IN ? judged.reel.in() : 0);
        int rest = phase == PhaseName.IN ? judged.reel.in() : 0;
        // A box that fades in with its letters is there as much as they are.
        double solid = ground.opacity(rest) / 2 / Math.max(1e-6, letters.opacity(rest));
        int frames = 0;
        int worst = 0;
        double farthest = 0;
        int length = Math.min(judged.reel.length(phase), Courses.LONGEST);
        for (int frame = 0; frame <= length; frame++) {
            if (!letters.isSeen(frame) || letters.opacity(frame) < 0.2) continue;
            boolean gone = !ground.isSeen(frame) || ground.opacity(frame) < solid * letters.opacity(frame);
            double out = gone ? letters.seen(frame).width() : out(letters, ground, frame) - Math.max(0, restOut);
            if (out <= judged.px(LOOSE)) continue;
            frames++;
            if (out > farthest) {
                farthest = out;
                worst = frame;
            }
        }
        if (frames <= judged.limit(Check.LATE)) return;
        String name = judged.layer(box).part();
        boolean in = phase == PhaseName.IN;
        fault(
                Check.LATE,
                text,
                name,
                phase,
                worst,
                frames,
                "its letters are seen for " + frames + " frames where " + name + (in ? " is not yet" : " is no longer"),
                in
                        ? "let it wait for " + name + ", or mask it by " + name
                        : "let " + name + " leave later, or mask the text by it");
    }

    /** px by which letters are seen outside their box. */
    private static double out(Course letters, Course ground, int frame) {
        return Math.max(
                Math.max(
                        ground.seen(frame, 0) - letters.seen(frame, 0), letters.seen(frame, 2) - ground.seen(frame, 2)),
                Math.max(
                        ground.seen(frame, 1) - letters.seen(frame, 1),
                        letters.seen(frame, 3) - ground.seen(frame, 3)));
    }
}
