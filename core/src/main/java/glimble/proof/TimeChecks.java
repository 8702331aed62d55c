package glimble.proof;

import glimble.graphic.Case;
import glimble.graphic.Channel;
import glimble.graphic.PhaseName;
import glimble.graphic.Step;
import glimble.motion.Members;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.Track;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;

/** Faults of time and order: cases, steps, lengths, reading and flashing. */
final class TimeChecks {
    private static final Rect NOWHERE = new Rect(0, 0, 0, 0);
    /** Change of relative luminance that is half a flash. Source: WCAG 2.2, general flash. */
    private static final double HALF_FLASH = 0.1;
    /** Share of the picture from which on flashing counts: a quarter of 341 × 256 px in 1024 × 768 (WCAG 2.2). */
    private static final double LARGE = 0.25 * 341 * 256 / (1024 * 768);

    private final Judged judged;

    private TimeChecks(Judged judged) {
        this.judged = judged;
    }

    static void check(Judged judged) {
        TimeChecks checks = new TimeChecks(judged);
        checks.cases();
        checks.steps();
        checks.lengths();
        checks.reading();
        checks.flashing();
    }

    private void fault(Check check, String part, String other, int frame, double measured, String said, String mend) {
        Rect where = judged.rest.isPresent(part) ? judged.rest.box(part) : NOWHERE;
        judged.faults()
                .add(new Fault(
                        check, part, other, PhaseName.IN, frame, measured, judged.limit(check), said, mend, where));
    }

    private void cases() {
        if (judged.answer.missing()) {
            fault(Check.CASES, "", "none", judged.reel.in(), 1, "no case answers", "add a case for these values");
        }
        for (int other : judged.answer.also()) {
            Case row = judged.graphic.cases().get(other);
            fault(
                    Check.CASES,
                    "",
                    row.name(),
                    judged.reel.in(),
                    2,
                    "both ‘" + judged.answer.name() + "’ and ‘" + row.name() + "’ fit, though one is meant to be alone",
                    "add a condition to one of them");
        }
    }

    private void steps() {
        List<Reel.Pause> pauses = judged.reel.steps();
        for (int i = 0; i < pauses.size(); i++) {
            int until = i + 1 < pauses.size() ? pauses.get(i + 1).frame() : judged.reel.in();
            if (until > pauses.get(i).frame()) continue;
            empty(pauses.get(i).part(), pauses.get(i).frame());
        }
        Members members = new Members(judged.graphic);
        for (Step step : judged.graphic.in().steps()) {
            if (!judged.rest.isPresent(step.part())) continue;
            boolean moves = judged.graphic.in().moves().stream()
                    .anyMatch(move ->
                            members.of(step.part()).contains(move.part()) && judged.rest.isPresent(move.part()));
            if (!moves) empty(step.part(), judged.reel.in());
        }
    }

    private void empty(String part, int frame) {
        fault(
                Check.STEP,
                part,
                "",
                frame,
                1,
                "nothing enters after its step",
                "give " + part + " a move in after the step, or take the step away");
    }

    private int stay() {
        return Playback.stay(judged.reel, judged.graphic.frame().length());
    }

    private void lengths() {
        if (judged.reel.layers().isEmpty()) return;
        int length = judged.graphic.frame().length();
        int needed = judged.reel.in() + judged.reel.out() + 1;
        if (needed - length > judged.limit(Check.LENGTH)) {
            fault(
                    Check.LENGTH,
                    "",
                    "in and out",
                    judged.reel.in(),
                    needed - length,
                    "in and out need " + needed + " frames and have " + length,
                    "make them shorter, give them slack, or the graphic more length");
        } else if (judged.reel.loop() - stay() > judged.limit(Check.LENGTH)) {
            fault(
                    Check.LENGTH,
                    "",
                    "loop",
                    judged.reel.in(),
                    judged.reel.loop() - stay(),
                    "a round of the loop takes " + judged.reel.loop() + " frames and there are " + stay() + " to stay",
                    "make the loop shorter, or the graphic longer");
        }
    }

    private void reading() {
        int letters = 0;
        for (Layer layer : judged.reel.layers()) letters += letters(layer);
        if (letters == 0) return;
        double seconds = Math.max(1, stay()) / judged.reel.rate();
        double speed = letters / seconds;
        if (speed <= judged.limit(Check.READ)) return;
        fault(
                Check.READ,
                "",
                "text",
                judged.reel.in(),
                Math.rint(speed * 10) / 10,
                letters + " letters in a stay of " + FaultList.tenth(seconds) + " s: " + FaultList.tenth(speed)
                        + " a second",
                "let it stay longer, or limit the length of its texts");
    }

    /** Letters that are seen, without white space. */
    private int letters(Layer layer) {
        if (layer.runs().isEmpty() || layer.unseen()) return 0;
        return judged.rest
                .part(layer.part())
                .line()
                .map(line -> line.units().size())
                .orElse(0);
    }

    private void flashing() {
        double most = judged.limit(Check.FLASH);
        for (int i = 0; i < judged.reel.layers().size(); i++) {
            Rect box = judged.layer(i).box();
            double share = box.width() * box.height() / ((double) judged.reel.width() * judged.reel.height());
            if (!judged.isDrawn(i) || share < LARGE || isSteady(i)) continue;
            int flashes = flashes(i);
            if (flashes <= most) continue;
            fault(
                    Check.FLASH,
                    judged.layer(i).part(),
                    "",
                    judged.reel.in(),
                    flashes,
                    "it flashes " + flashes + " times in a second",
                    "make its fades longer, or fewer");
        }
    }

    private boolean isSteady(int i) {
        for (PhaseName phase : PhaseName.values()) {
            Course course = judged.courses(phase).get(i);
            if (isTinted(i, phase)) return false;
            for (int frame = 1; frame < course.frames(); frame++) {
                if (course.opacity(frame) != course.opacity(0) || isOtherSize(course, frame)) return false;
            }
        }
        return true;
    }

    private static boolean isOtherSize(Course course, int frame) {
        Rect now = course.seen(frame);
        Rect first = course.seen(0);
        return now.width() != first.width() || now.height() != first.height();
    }

    private boolean isTinted(int i, PhaseName phase) {
        return !tints(i, phase).isEmpty();
    }

    private List<Track> tints(int i, PhaseName phase) {
        List<Track> tints = new ArrayList<>();
        for (int at = i; at >= 0; at = judged.layer(at).within()) {
            for (Track track : judged.layer(at).tracks()) {
                if (track.phase() == phase && track.channel() == Channel.TINT && !track.overLetters()) tints.add(track);
            }
        }
        return tints;
    }

    /** Most flashes in any second: a flash is a change of light and one back. */
    private int flashes(int i) {
        int most = 0;
        for (List<Playback.Run> runs : List.of(judged.worked.whole(), looping())) {
            // Over a black picture its own light counts, over a white one what it takes away.
            for (double picture : new double[] {0, 255}) most = Math.max(most, flashes(light(i, runs, picture)));
        }
        return most;
    }

    /** On air the loop goes on as long as the graphic stands, also where its length has no room for a round. */
    private List<Playback.Run> looping() {
        int round = judged.reel.loop();
        if (round == 0) return List.of();
        int seconds = (int) Math.ceil(2 * judged.reel.rate());
        int length = Math.min(Courses.LONGEST, Math.max(round, seconds));
        return List.of(new Playback.Run(Playback.State.LOOP, 0, length, round));
    }

    private int flashes(double[] opacity) {
        List<Integer> turns = new ArrayList<>();
        double extreme = opacity[0];
        int way = 0;
        for (int frame = 1; frame < opacity.length; frame++) {
            double change = opacity[frame] - extreme;
            if (way != 0 && Math.signum(change) == way || way == 0 && Math.abs(change) < HALF_FLASH) {
                extreme = way == 0 ? extreme : opacity[frame];
                continue;
            }
            if (Math.abs(change) < HALF_FLASH) continue;
            way = (int) Math.signum(change);
            extreme = opacity[frame];
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

    /**
     * The light of a layer on every frame of some runs, 0–1: of its colour as it is tinted, for that share of its place that is seen, over a
     * picture.
     */
    private double[] light(int i, List<Playback.Run> runs, double picture) {
        int length = runs.stream().mapToInt(Playback.Run::length).sum();
        double[] light = new double[Math.max(1, length)];
        double behind = Contrast.luminance(new double[] {picture, picture, picture, 1});
        double largest = largest(i);
        for (Playback.Run run : runs) {
            PhaseName phase = switch (run.state()) {
                case IN, STEP -> PhaseName.IN;
                case OUT -> PhaseName.OUT;
                default -> PhaseName.LOOP;
            };
            Course course = judged.courses(phase).get(i);
            List<Track> tints = tints(i, phase);
            double[] plain = Contrast.parsed(judged.layer(i).fill().from());
            for (int frame = 0; frame < run.length(); frame++) {
                int at = frame % run.round();
                Rect seen = course.seen(at);
                double share = Math.min(1, seen.width() * seen.height() / largest) * course.opacity(at) * plain[3];
                double own = Contrast.luminance(tinted(plain, tints, at));
                light[run.first() + frame] = own * share + behind * (1 - share);
            }
        }
        return light;
    }

    /** px² that are seen of a layer where it is largest. */
    private double largest(int i) {
        double largest = 1;
        for (PhaseName phase : PhaseName.values()) {
            Course course = judged.courses(phase).get(i);
            for (int frame = 0; frame < course.frames(); frame++) {
                Rect seen = course.seen(frame);
                largest = Math.max(largest, seen.width() * seen.height());
            }
        }
        return largest;
    }

    private static double[] tinted(double[] plain, List<Track> tints, int frame) {
        double[] colour = plain.clone();
        for (Track tint : tints) {
            double[] other = Contrast.parsed(tint.colour());
            double share = Math.max(0, Math.min(1, tint.at(frame)));
            for (int channel = 0; channel < 3; channel++) {
                colour[channel] += (other[channel] - colour[channel]) * share;
            }
        }
        return colour;
    }
}
