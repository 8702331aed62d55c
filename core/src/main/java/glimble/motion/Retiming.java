package glimble.motion;

import glimble.graphic.Timing;
import java.util.ArrayList;
import java.util.List;

/**
 * A phase played in another length: firm spans keep theirs to the frame, slack ones share the change in proportion.
 *
 * @param stretches its spans in order, each with the frames it had and has
 */
public record Retiming(List<Stretch> stretches) {

    /** @param firm whether it keeps its length */
    public record Stretch(int had, int has, boolean firm) {}

    /** The least frames a phase can be played in. */
    public static int least(List<Timing.Stretch> spans, int length) {
        int firm = 0;
        for (Timing.Stretch span : within(spans, length)) {
            if (span.firm()) firm += span.frames();
        }
        return firm;
    }

    /**
     * @param spans as the document says; what is beyond them is slack
     * @param length frames the phase has
     * @param wanted frames it shall have; fewer than the firm ones give the least possible
     */
    public static Retiming of(List<Timing.Stretch> spans, int length, int wanted) {
        List<Timing.Stretch> all = within(spans, length);
        int firm = least(spans, length);
        int slack = length - firm;
        int room = Math.max(0, wanted - firm);
        List<Stretch> stretches = new ArrayList<>();
        int passed = 0;
        int given = 0;
        for (Timing.Stretch span : all) {
            if (span.firm()) {
                stretches.add(new Stretch(span.frames(), span.frames(), true));
                continue;
            }
            passed += span.frames();
            // Whole frames that add up: each ends where its share of all slack ends.
            int upTo = (int) Math.rint((double) room * passed / slack);
            stretches.add(new Stretch(span.frames(), upTo - given, false));
            given = upTo;
        }
        return new Retiming(stretches);
    }

    /** The spans cut to a length, with what is missing as slack. */
    private static List<Timing.Stretch> within(List<Timing.Stretch> spans, int length) {
        List<Timing.Stretch> all = new ArrayList<>();
        int left = length;
        for (Timing.Stretch span : spans) {
            int frames = Math.min(left, span.frames());
            if (frames > 0) all.add(new Timing.Stretch(frames, span.firm()));
            left -= frames;
        }
        if (left > 0) all.add(new Timing.Stretch(left, false));
        return all;
    }

    public int length() {
        return stretches.stream().mapToInt(Stretch::has).sum();
    }

    /** The frame of the phase as it was that is played at a frame of it now; a fraction between two. */
    public double had(double frame) {
        double had = 0;
        double has = 0;
        for (Stretch stretch : stretches) {
            if (frame <= has + stretch.has() && stretch.has() > 0) {
                return had + (frame - has) * stretch.had() / stretch.has();
            }
            had += stretch.had();
            has += stretch.has();
        }
        return had;
    }

    /** The frame now at which a frame of the phase as it was is played. */
    public double has(double frame) {
        double had = 0;
        double has = 0;
        for (Stretch stretch : stretches) {
            if (frame <= had + stretch.had()) return has + (frame - had) * stretch.has() / stretch.had();
            had += stretch.had();
            has += stretch.has();
        }
        return has;
    }
}
