package glimble.motion;

import glimble.graphic.Timing;
import glimble.number.Whole;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A phase played in another length: firm spans keep theirs to the frame, slack ones share the change in proportion.
 *
 * @param pieces its spans in order, each with the frames it had and has
 */
public record Retiming(List<Piece> pieces) {

    /** @param firm whether it keeps its length */
    public record Piece(int had, int has, boolean firm) {}

    /** The least frames a phase can be played in. */
    public static int least(List<Timing.TimeSpan> spans, int length) {
        int firm = 0;
        for (Timing.TimeSpan span : within(spans, length)) {
            if (span.firm()) firm += span.frames();
        }
        return firm;
    }

    /**
     * @param spans as the document says; what is beyond them is slack
     * @param length frames the phase has
     * @param wanted frames it shall have; fewer than the firm ones give the least possible
     */
    public static Retiming of(List<Timing.TimeSpan> spans, int length, int wanted) {
        List<Timing.TimeSpan> all = within(spans, length);
        int firm = least(spans, length);
        int slack = length - firm;
        int room = Math.max(0, wanted - firm);
        List<Piece> pieces = new ArrayList<>();
        int passed = 0;
        int given = 0;
        for (Timing.TimeSpan span : all) {
            if (span.firm()) {
                pieces.add(new Piece(span.frames(), span.frames(), true));
                continue;
            }
            passed += span.frames();
            // Whole frames that add up: each ends where its share of all slack ends.
            int upTo = (int) Whole.nearest((double) room * passed / slack);
            pieces.add(new Piece(span.frames(), upTo - given, false));
            given = upTo;
        }
        return new Retiming(pieces);
    }

    /** All of a phase in proportion. */
    public static Retiming whole(int length, int wanted) {
        return new Retiming(List.of(new Piece(length, wanted, false)));
    }

    /** Spans seen backwards in time, with what is missing as slack. */
    public static List<Timing.TimeSpan> backwards(List<Timing.TimeSpan> spans, int length) {
        List<Timing.TimeSpan> backwards = new ArrayList<>(within(spans, length));
        Collections.reverse(backwards);
        return backwards;
    }

    /** The spans cut to a length, with what is missing as slack. */
    private static List<Timing.TimeSpan> within(List<Timing.TimeSpan> spans, int length) {
        List<Timing.TimeSpan> all = new ArrayList<>();
        int left = length;
        for (Timing.TimeSpan span : spans) {
            int frames = Math.min(left, span.frames());
            if (frames > 0) all.add(new Timing.TimeSpan(frames, span.firm()));
            left -= frames;
        }
        if (left > 0) all.add(new Timing.TimeSpan(left, false));
        return all;
    }

    public int length() {
        return pieces.stream().mapToInt(Piece::has).sum();
    }

    /** The frame of the phase as it was that is played at a frame of it now; a fraction between two. */
    public double had(double frame) {
        double had = 0;
        double has = 0;
        for (Piece piece : pieces) {
            if (frame <= has + piece.has() && piece.has() > 0) {
                return had + (frame - has) * piece.had() / piece.has();
            }
            had += piece.had();
            has += piece.has();
        }
        return had;
    }

    /** The frame now at which a frame of the phase as it was is played. */
    public double has(double frame) {
        double had = 0;
        double has = 0;
        for (Piece piece : pieces) {
            if (frame <= had + piece.had()) return has + (frame - had) * piece.has() / piece.had();
            had += piece.had();
            has += piece.has();
        }
        return has;
    }
}
