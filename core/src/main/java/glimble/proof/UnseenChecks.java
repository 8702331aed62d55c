package glimble.proof;

import glimble.change.Changed;
import glimble.change.Doing;
import glimble.change.PartChange;
import glimble.change.SeriesLoop;
import glimble.graphic.Check;
import glimble.graphic.PhaseName;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.Track;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;

/**
 * Faults of what is there and is not seen: at rest, and in every frame in which no move brings it or takes it away. What a move of the loop
 * hides, or brings, is meant so.
 */
final class UnseenChecks {
    private static final String MEND =
            "look for what hides it: its mask, an opacity of 0, no size, what lies over it, or a colour like the one behind it";

    private final Judged judged;

    private UnseenChecks(Judged judged) {
        this.judged = judged;
    }

    static void check(Judged judged) {
        UnseenChecks checks = new UnseenChecks(judged);
        for (int i = 0; i < judged.reel.layers().size(); i++) if (judged.isDrawn(i)) checks.stands(i);
    }

    private void fault(int i, PhaseName phase, Missing missing, String said) {
        if (missing.count() <= judged.limit(Check.UNSEEN)) return;
        fault(judged, judged.layer(i).part(), phase, missing, said, Courses.atRest(judged.reel, i));
    }

    private static void fault(Judged judged, String part, PhaseName phase, Missing missing, String said, Rect where) {
        judged.faults()
                .add(new Fault(
                        Check.UNSEEN,
                        part,
                        "",
                        phase,
                        missing.first(),
                        missing.count(),
                        judged.limit(Check.UNSEEN),
                        said,
                        MEND,
                        where));
    }

    private static String frames(int count) {
        return count + (count == 1 ? " frame" : " frames");
    }

    private static boolean isSeen(Course course, int frame, Rect picture) {
        if (!course.isSeen(frame)) return false;
        Rect seen = Courses.shared(course.seen(frame), picture);
        return seen.width() > 0 && seen.height() > 0;
    }

    private boolean isSeen(int i, PhaseName phase, int frame) {
        return isSeen(judged.courses(phase).get(i), frame, judged.frame());
    }

    private void stands(int i) {
        int in = judged.reel.in();
        // A picture that the house does not have is a finding of its own.
        if (Contrast.isPictured(judged, i) && judged.layer(i).picture().isEmpty()) return;
        boolean seen = isSeen(i, PhaseName.IN, in);
        if (!seen || isHidden(i)) {
            // What only a move of the loop brings waits for it out of sight.
            if (!seen && isBrought(i)) return;
            Missing missing = new Missing(in, 1);
            fault(i, PhaseName.IN, missing, "it is there and is not seen at rest" + (seen ? hidden(i) : ""));
            return;
        }
        come(i, in);
        loops(i);
        leaves(i);
        waits(i);
    }

    /** From its last move of the in on, or that of what hides it. */
    private void come(int i, int in) {
        int from = 0;
        for (Track track : hiding(i, PhaseName.IN)) from = Math.max(from, track.last());
        Missing missing = Missing.of(from, Math.min(in, Courses.LONGEST), frame -> !isSeen(i, PhaseName.IN, frame));
        fault(i, PhaseName.IN, missing, "it has come and is not seen for " + frames(missing.count()) + " of the in");
    }

    /** Where a move of the loop is at work, what it hides is meant to be hidden. */
    private void loops(int i) {
        Course course = judged.courses(PhaseName.LOOP).get(i);
        if (course.isStill()) return;
        List<Track> hiding = hiding(i, PhaseName.LOOP);
        Missing missing = Missing.of(
                0,
                course.frames() - 1,
                frame -> !isSeen(i, PhaseName.LOOP, frame)
                        && hiding.stream().noneMatch(track -> isAtWork(track, frame)));
        fault(i, PhaseName.LOOP, missing, "it is not seen for " + frames(missing.count()) + " of the loop");
    }

    private void leaves(int i) {
        int until = Math.min(judged.reel.out(), Courses.LONGEST);
        for (Track track : hiding(i, PhaseName.OUT)) until = Math.min(until, track.begins());
        Missing missing = Missing.of(0, until, frame -> !isSeen(i, PhaseName.OUT, frame));
        if (judged.reel.out() > 0)
            fault(i, PhaseName.OUT, missing, "it is not seen for " + frames(missing.count()) + " before it leaves");
    }

    /** At each step at which the in waits. */
    private void waits(int i) {
        Missing missing = Missing.of(judged.reel.steps().stream()
                .filter(step -> step.standing().contains(i))
                .mapToInt(Reel.Pause::frame)
                .filter(frame -> !isSeen(i, PhaseName.IN, frame)));
        fault(i, PhaseName.IN, missing, "it has come and is not seen at a step that waits");
    }

    /** Tracks that may hide a layer: its own, those of its groups, of its ribbon and of its masks. */
    private List<Track> hiding(int i, PhaseName phase) {
        List<Track> tracks = new ArrayList<>();
        add(tracks, i, phase);
        Layer layer = judged.layer(i);
        if (layer.rides() >= 0) add(tracks, layer.rides(), phase);
        for (Layer.MaskBy mask : layer.masks()) {
            add(tracks, mask.layer(), phase);
            for (int k = 0; k < judged.reel.layers().size(); k++) {
                if (isWithin(k, mask.layer())) add(tracks, k, phase);
            }
        }
        return tracks;
    }

    private void add(List<Track> tracks, int i, PhaseName phase) {
        for (int at = i; at >= 0; at = judged.layer(at).within()) {
            for (Track track : judged.layer(at).tracks()) if (track.phase() == phase) tracks.add(track);
        }
        // Boxes that follow what is revealed come with that.
        judged.layer(i).resizes().stream()
                .filter(resize -> resize.phase() == phase)
                .forEach(resize -> tracks.add(Track.plain(
                        phase,
                        glimble.graphic.Channel.X,
                        "",
                        resize.first(),
                        new double[resize.last() - resize.first() + 1])));
    }

    private boolean isWithin(int layer, int group) {
        for (int at = judged.layer(layer).within();
                at >= 0;
                at = judged.layer(at).within()) if (at == group) return true;
        return false;
    }

    private static boolean isAtWork(Track track, int frame) {
        double rest = track.channel().rest();
        if (!track.overLetters()) return track.at(frame) != rest;
        for (int unit = 0; unit < track.dealt().starts().length; unit++) if (track.at(frame, unit) != rest) return true;
        return false;
    }

    private boolean isBrought(int i) {
        if (hiding(i, PhaseName.LOOP).isEmpty()) return false;
        Course loop = judged.courses(PhaseName.LOOP).get(i);
        for (int frame = 0; frame < loop.frames(); frame++) if (isSeen(i, PhaseName.LOOP, frame)) return true;
        return false;
    }

    /** Whether nobody can tell at rest that it is there: it is under something, or of the colour of what is behind it. */
    private boolean isHidden(int i) {
        return isCovered(i) || Contrast.isLost(judged, i);
    }

    private String hidden(int i) {
        return isCovered(i) ? ": something else lies over all of it" : ": it has the colour of what is behind it";
    }

    private boolean isCovered(int i) {
        int in = judged.reel.in();
        Rect seen = judged.courses(PhaseName.IN).get(i).drawn(in);
        for (int above = i + 1; above < judged.reel.layers().size(); above++) {
            Layer layer = judged.layer(above);
            boolean solid = judged.isDrawn(above)
                    && layer.kind().equals("box")
                    && layer.picture().isEmpty()
                    && layer.masks().isEmpty()
                    && Contrast.isOpaque(layer.fill())
                    && judged.courses(PhaseName.IN).get(above).opacity(in) >= 1;
            boolean stands = layer.tracks().stream().noneMatch(track -> track.phase() == PhaseName.LOOP);
            Rect over = judged.courses(PhaseName.IN).get(above).seen(in);
            if (solid && stands && Courses.contains(over, seen) && new Plate(layer).has(seen)) return true;
        }
        return false;
    }

    /** After a change all of the new values is seen; what stays or flows is seen all the while. */
    static void checkChange(Judged judged, Changed changed) {
        UnseenChecks checks = new UnseenChecks(judged);
        int last = Math.min(judged.reel.in(), Courses.LONGEST);
        for (int i = 0; i < judged.reel.layers().size(); i++) {
            Layer layer = judged.layer(i);
            boolean stands = judged.isDrawn(i) && !layer.isAbsent(PhaseName.LOOP) && !layer.isAbsent(PhaseName.IN);
            // What is not seen at the rest of these values is found without the change.
            if (!stands || !checks.isSeen(i, PhaseName.OUT, 0)) continue;
            Doing doing = changed.doing(layer.part());
            boolean stood = doing == Doing.STAYS || doing == Doing.FLOWS;
            int from = stood && checks.isSeen(i, PhaseName.IN, 0) ? 0 : last;
            int index = i;
            Missing missing = Missing.of(from, last, frame -> !checks.isSeen(index, PhaseName.IN, frame));
            checks.fault(
                    i,
                    PhaseName.IN,
                    missing,
                    from < last
                            ? "it " + (doing == Doing.STAYS ? "stays" : "flows") + " and is not seen for "
                                    + frames(missing.count()) + " of the change"
                            : "it is there after the change and is not seen");
        }
    }

    /**
     * Of a series every line is seen for all of its time, and what stays in a turn is seen all the while.
     *
     * @param judged the graphic with its first line
     * @param reel that is drawn
     */
    static void checkSeries(Judged judged, Reel reel, SeriesLoop series) {
        List<Course> loop = Courses.of(reel, PhaseName.LOOP);
        List<SeriesLoop.Turn> turns = series.turns();
        for (int line = 0; line < turns.size(); line++) {
            SeriesLoop.Turn turn = turns.get(line);
            int from = line == 0 ? 0 : turns.get(line - 1).rested();
            List<Layer> alone = turn.before().reel().layers();
            // A phase of which nothing but the rest is asked for.
            List<Course> rests = Courses.of(turn.before().reel(), PhaseName.OUT);
            int until = Math.min(turn.begins(), Courses.LONGEST) - 1;
            for (Layer layer : alone) stands(judged, reel, loop, alone, rests, layer.part(), from, until);
            for (PartChange part : turn.changed().parts()) {
                boolean stays = part.doing() == Doing.STAYS || part.doing() == Doing.FLOWS;
                if (stays) stands(judged, reel, loop, alone, rests, part.part(), turn.begins(), turn.rested());
            }
        }
    }

    /**
     * @param loop courses of the reel that is drawn
     * @param alone layers of the line as if it were alone
     * @param rests courses of these
     */
    private static void stands(
            Judged judged,
            Reel reel,
            List<Course> loop,
            List<Layer> alone,
            List<Course> rests,
            String part,
            int from,
            int to) {
        int index = 0;
        while (index < alone.size() && !alone.get(index).part().equals(part)) index++;
        if (index == alone.size()) return;
        Layer layer = alone.get(index);
        boolean moves = layer.tracks().stream().anyMatch(track -> track.phase() == PhaseName.LOOP);
        Rect picture = new Rect(0, 0, reel.width(), reel.height());
        boolean drawn = !layer.kind().equals("group") && !layer.unseen() && !moves;
        if (!drawn || !isSeen(rests.get(index), 0, picture)) return;
        Missing missing = Missing.of(from, to, frame -> {
            for (int i = 0; i < loop.size(); i++) {
                if (reel.layers().get(i).part().equals(part) && isSeen(loop.get(i), frame, picture)) return false;
            }
            return true;
        });
        if (missing.count() <= judged.limit(Check.UNSEEN)) return;
        fault(
                judged,
                part,
                PhaseName.LOOP,
                missing,
                "it has its turn in the series and is not seen for " + frames(missing.count()),
                layer.box());
    }
}
