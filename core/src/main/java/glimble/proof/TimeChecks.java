package glimble.proof;

import glimble.graphic.Case;
import glimble.graphic.Check;
import glimble.graphic.PhaseName;
import glimble.graphic.Step;
import glimble.motion.Members;
import glimble.number.Whole;
import glimble.reel.Layer;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.rest.Rect;
import java.util.List;

/** Faults of time and order: cases, steps, lengths and reading. */
final class TimeChecks {
    private static final Rect NOWHERE = new Rect(0, 0, 0, 0);

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
        Flashing.check(judged);
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
                    .anyMatch(move -> members.holds(step.part(), move.part()) && judged.rest.isPresent(move.part()));
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
        return Playback.stay(judged.reel, judged.length);
    }

    private void lengths() {
        if (judged.reel.layers().isEmpty()) return;
        int length = judged.length;
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
        double seconds = Math.max(1, judged.reads) / judged.reel.rate();
        double speed = letters / seconds;
        if (speed <= judged.limit(Check.READ)) return;
        fault(
                Check.READ,
                "",
                "text",
                judged.reel.in(),
                Whole.nearest(speed * 10) / 10,
                FaultList.tenth(seconds).equals("0")
                        ? "its " + letters + " letters never stand still to be read: it leaves as soon as it has come"
                        : letters + " letters in a stay of " + FaultList.tenth(seconds) + " s: "
                                + FaultList.tenth(speed) + " a second",
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
}
