package glimble.air;

import glimble.graphic.Check;
import glimble.graphic.PhaseName;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Reel;
import java.util.ArrayList;
import java.util.List;

/** Which letters of what stands lower nobody could read below what stands higher, both at rest. */
public final class Covers {
    /** px of a raster of 1080 lines; by less than this nobody sees letters touched. */
    private static final double TOUCHED = 3;
    /** 0–1; what is fainter lets letters be read. */
    private static final double THROUGH = 0.25;

    private static final int LEFT = 0;
    private static final int TOP = 1;
    private static final int RIGHT = 2;
    private static final int BOTTOM = 3;

    private Covers() {}

    /** Texts of the lower one of which letters are covered, in their order. */
    public static List<String> texts(Reel lower, Reel upper) {
        // Its first frame is the rest, without following all of the in.
        List<Course> below = Courses.of(lower, PhaseName.OUT);
        List<Course> above = Courses.of(upper, PhaseName.OUT);
        double touched = TOUCHED * lower.height() / Check.USUAL_HEIGHT;
        List<String> covered = new ArrayList<>();
        for (int i = 0; i < below.size(); i++) {
            Layer text = lower.layers().get(i);
            boolean read =
                    !text.runs().isEmpty() && !text.unseen() && below.get(i).isSeen(0);
            if (read && isCovered(below.get(i), upper, above, touched)) covered.add(text.part());
        }
        return covered;
    }

    private static boolean isCovered(Course text, Reel upper, List<Course> above, double touched) {
        for (int i = 0; i < above.size(); i++) {
            Layer layer = upper.layers().get(i);
            Course over = above.get(i);
            // A scrim is there to be read on.
            boolean draws = !layer.unseen()
                    && !layer.kind().equals("group")
                    && !layer.kind().equals("scrim");
            boolean thick = over.isSeen(0) && over.opacity(0) >= THROUGH;
            if (draws
                    && thick
                    && overlap(text, over, LEFT, RIGHT) > touched
                    && overlap(text, over, TOP, BOTTOM) > touched) return true;
        }
        return false;
    }

    /** px by which both are at one place between two edges. */
    private static double overlap(Course one, Course other, int from, int to) {
        return Math.min(one.seen(0, to), other.seen(0, to)) - Math.max(one.seen(0, from), other.seen(0, from));
    }
}
