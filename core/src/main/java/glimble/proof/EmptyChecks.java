package glimble.proof;

import glimble.graphic.Check;
import glimble.graphic.PhaseName;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Track;
import java.util.List;
import java.util.stream.IntStream;

/** Faults of in and out in which there is nothing to look at: no part is seen, or letters move on behind a mask that has shut. */
final class EmptyChecks {
    private static final List<PhaseName> WITH_ENDS = List.of(PhaseName.IN, PhaseName.OUT);

    private final Judged judged;
    private final PhaseName phase;
    private final List<Course> courses;
    private final int last;

    private EmptyChecks(Judged judged, PhaseName phase, int length) {
        this.judged = judged;
        this.phase = phase;
        courses = judged.courses(phase);
        last = Math.min(length, Courses.LONGEST);
    }

    static void check(Judged judged) {
        for (PhaseName phase : WITH_ENDS) {
            EmptyChecks checks = new EmptyChecks(judged, phase, judged.reel.length(phase));
            checks.empty();
            for (int i = 0; i < judged.reel.layers().size(); i++) {
                if (judged.isDrawn(i) && judged.layer(i).kind().equals("text")) checks.swallowed(i);
            }
        }
    }

    /** Whether nothing at all is seen, at rest and through the whole loop. */
    static boolean isNothing(Judged judged) {
        EmptyChecks rest = new EmptyChecks(judged, PhaseName.IN, judged.reel.length(PhaseName.IN));
        if (!rest.isEmpty(rest.last)) return false;
        EmptyChecks loop = new EmptyChecks(judged, PhaseName.LOOP, judged.reel.length(PhaseName.LOOP));
        return IntStream.range(0, loop.last).allMatch(loop::isEmpty);
    }

    /** Where nothing is seen at rest there is nothing to come or go. */
    private void empty() {
        boolean in = phase == PhaseName.IN;
        if (last == 0 || isEmpty(in ? last : 0)) return;
        // The frame at the other end is empty by design.
        Missing empty = in ? Missing.of(1, last, this::isEmpty) : Missing.of(0, last - 1, this::isEmpty);
        if (empty.count() <= judged.limit(Check.EMPTY)) return;
        judged.faults()
                .add(new Fault(
                        Check.EMPTY,
                        "",
                        "",
                        phase,
                        empty.first(),
                        empty.count(),
                        judged.limit(Check.EMPTY),
                        "nothing is seen in " + empty.count() + " frames of the " + phase.word(),
                        in
                                ? "let its first move begin at frame 0, and show something at once"
                                : "let it end when the last of it is gone: what goes on is not seen",
                        judged.frame()));
    }

    private boolean isEmpty(int frame) {
        for (int i = 0; i < courses.size(); i++) {
            if (judged.isDrawn(i) && courses.get(i).isDrawn(frame)) return false;
        }
        return true;
    }

    /** Frames in which its own moves go on while one of its masks is no more, or not yet, to be seen through. */
    private void swallowed(int i) {
        Layer layer = judged.layer(i);
        for (Layer.MaskBy mask : layer.masks()) {
            if (!mask.inside()) continue;
            Course hole = courses.get(mask.layer());
            Missing shut = Missing.of(
                    0,
                    last,
                    frame -> !hole.isSeen(frame)
                            && isMoving(layer, frame)
                            && courses.get(i).opacity(frame) > 0);
            if (shut.count() <= judged.limit(Check.SWALLOWED)) continue;
            String by = judged.layer(mask.layer()).part();
            boolean in = phase == PhaseName.IN;
            judged.faults()
                    .add(new Fault(
                            Check.SWALLOWED,
                            layer.part(),
                            by,
                            phase,
                            shut.first(),
                            shut.count(),
                            judged.limit(Check.SWALLOWED),
                            in
                                    ? "it moves for " + shut.count() + " frames before " + by + " opens"
                                    : "it moves on for " + shut.count() + " frames after " + by + " has shut",
                            in ? "let it wait for the move that opens " + by : "let " + by + " wait until it is gone",
                            courses.get(mask.layer()).body(shut.first())));
        }
    }

    /** Whether a move of its own has begun and not ended. */
    private boolean isMoving(Layer layer, int frame) {
        for (Track track : layer.tracks()) {
            if (track.phase() == phase && frame > track.begins() && frame < track.last()) return true;
        }
        return false;
    }
}
