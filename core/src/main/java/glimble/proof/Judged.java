package glimble.proof;

import glimble.cases.CaseTable;
import glimble.graphic.Check;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.WorkedOut;
import glimble.rest.Note;
import glimble.rest.Rect;
import glimble.rest.Rest;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A graphic worked out for one filling, with all that checks look at. */
final class Judged {
    final Graphic graphic;
    final CaseTable.Answer answer;
    final WorkedOut worked;
    final Rest rest;
    /** Colours that are none. */
    final List<Note> uncoloured;

    final Reel reel;
    /** Frames from the first of in to the last of out that it has. */
    final int length;
    /** Frames in which its texts can be read. */
    final int reads;

    private final Map<PhaseName, List<Course>> courses = new EnumMap<>(PhaseName.class);
    private final Map<String, Integer> index = new HashMap<>();
    private final FaultList faults;

    /** @param graphic as it is played */
    Judged(Graphic graphic, CaseTable.Answer answer, WorkedOut worked, List<Note> uncoloured, FaultList faults) {
        this(
                graphic,
                answer,
                worked,
                uncoloured,
                faults,
                graphic.frame().length(),
                Playback.stay(worked.reel(), graphic.frame().length()));
    }

    /**
     * @param graphic as it is played
     * @param length frames from the first of in to the last of out that it has
     * @param reads frames in which its texts can be read
     */
    Judged(
            Graphic graphic,
            CaseTable.Answer answer,
            WorkedOut worked,
            List<Note> uncoloured,
            FaultList faults,
            int length,
            int reads) {
        this.length = length;
        this.reads = reads;
        this.uncoloured = uncoloured;
        this.graphic = graphic;
        this.answer = answer;
        this.worked = worked;
        this.faults = faults;
        rest = worked.rest();
        reel = worked.reel();
        for (int i = 0; i < reel.layers().size(); i++)
            index.put(reel.layers().get(i).part(), i);
    }

    double limit(Check check) {
        return check.limit(graphic.proof(), reel.height());
    }

    /** px of a raster of 1080 lines in this one. */
    double px(double usual) {
        return usual * reel.height() / Check.USUAL_HEIGHT;
    }

    FaultList faults() {
        return faults;
    }

    /** The index of the layer of a part; -1 if it has none. */
    int layerOf(String part) {
        return index.getOrDefault(part, -1);
    }

    Layer layer(int i) {
        return reel.layers().get(i);
    }

    List<Course> courses(PhaseName phase) {
        return courses.computeIfAbsent(phase, of -> Courses.of(reel, of));
    }

    /** Whether a layer draws anything itself. */
    boolean isDrawn(int i) {
        return !layer(i).kind().equals("group") && !layer(i).unseen();
    }

    Rect frame() {
        return new Rect(0, 0, reel.width(), reel.height());
    }
}
