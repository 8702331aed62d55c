package glimble.reel;

import glimble.rest.Rect;

/**
 * Where a layer is over a phase, frame by frame. What does not change is kept once.
 *
 * @param body edges left, top, right, bottom of all of it, four a frame, px; also where it is hidden
 * @param seen the same of what reveals and masks leave of it; with nothing left, right is not beyond left
 * @param drawn the same of what is seen with its stroke, shadow and glow, its blur, and the fade of soft masks
 * @param opacity 0–1, one a frame
 * @param leap px by which a letter that is seen stands further than in the frame before, at most; one a frame
 * @param rounds whether it begins again after its last frame, as in a loop
 * @param uneven by which its width is drawn out against its height, one a frame: 0 for not at all
 */
public record Course(
        double[] body,
        double[] seen,
        double[] drawn,
        double[] opacity,
        double[] uneven,
        double[] leap,
        boolean rounds) {
    /** Share of opacity; less than this nobody sees. */
    private static final double FAINT = 0.004;
    /** px; thinner than this is nothing. */
    private static final double THIN = 0.25;
    /** px; as thin as places are rounded. */
    private static final double NOTHING = 0.002;

    public int frames() {
        return opacity.length;
    }

    /** Which of the frames that are kept a frame is. */
    int index(int frame) {
        int last = opacity.length - 1;
        if (rounds && frame > last && last > 0) return frame % last;
        return Math.max(0, Math.min(last, frame));
    }

    public boolean isStill() {
        return opacity.length == 1;
    }

    public boolean isSeen(int frame) {
        int i = index(frame);
        return opacity[i] > FAINT && seen[4 * i + 2] - seen[4 * i] > THIN && seen[4 * i + 3] - seen[4 * i + 1] > THIN;
    }

    /** Whether there is anything of it at all, however thin, be it only its shadow. */
    boolean isThere(int frame) {
        int i = index(frame);
        return opacity[i] > FAINT
                && drawn[4 * i + 2] - drawn[4 * i] > NOTHING
                && drawn[4 * i + 3] - drawn[4 * i + 1] > NOTHING;
    }

    /** Whether anything of it is in the picture, be it only its shadow. */
    public boolean isDrawn(int frame) {
        int i = index(frame);
        return opacity[i] > FAINT
                && drawn[4 * i + 2] - drawn[4 * i] > THIN
                && drawn[4 * i + 3] - drawn[4 * i + 1] > THIN;
    }

    public double opacity(int frame) {
        return opacity[index(frame)];
    }

    public double uneven(int frame) {
        return uneven[index(frame)];
    }

    /** One edge of what is seen: 0 left, 1 top, 2 right, 3 bottom. */
    public double seen(int frame, int edge) {
        return seen[4 * index(frame) + edge];
    }

    public double body(int frame, int edge) {
        return body[4 * index(frame) + edge];
    }

    public Rect seen(int frame) {
        int i = 4 * index(frame);
        return new Rect(
                seen[i], seen[i + 1], Math.max(0, seen[i + 2] - seen[i]), Math.max(0, seen[i + 3] - seen[i + 1]));
    }

    /** What is seen with all that surrounds it. */
    public Rect drawn(int frame) {
        int i = 4 * index(frame);
        return new Rect(
                drawn[i], drawn[i + 1], Math.max(0, drawn[i + 2] - drawn[i]), Math.max(0, drawn[i + 3] - drawn[i + 1]));
    }

    public double leap(int frame) {
        return leap[index(frame)];
    }

    public Rect body(int frame) {
        int i = 4 * index(frame);
        return new Rect(body[i], body[i + 1], body[i + 2] - body[i], body[i + 3] - body[i + 1]);
    }
}
