package glimble.change;

import glimble.graphic.Channel;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Part;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;

/** How a part swaps, enters or leaves if the design says nothing: behind its mask if it is inside one, else through nothing. */
final class UsualSwap {
    /** Seconds of each half. */
    private static final double BEHIND = 0.2;

    static final double THROUGH_NOTHING = 0.16;

    private UsualSwap() {}

    static Move away(Graphic graphic, Part part) {
        return move(graphic, part, isMasked(part), Toward.UP, Ease.Direction.IN);
    }

    static Move back(Graphic graphic, Part part) {
        return move(graphic, part, isMasked(part), Toward.DOWN, Ease.Direction.OUT);
    }

    /** Through nothing, for what enters or leaves without a move that would hide it. */
    static Move fade(Graphic graphic, Part part, Ease.Direction direction) {
        return move(graphic, part, false, Toward.UP, direction);
    }

    private static boolean isMasked(Part part) {
        return part.masks().stream().anyMatch(Mask::inside);
    }

    static int frames(Graphic graphic, double seconds) {
        double rate = graphic.frame().rate().frames()
                / (double) graphic.frame().rate().seconds();
        return Math.max(1, (int) Math.rint(seconds * rate));
    }

    private static Move move(Graphic graphic, Part part, boolean behind, Toward toward, Ease.Direction direction) {
        return new Move(
                // No move of a design has a key like that.
                "usual " + part.key() + " ·",
                part.key(),
                behind ? Channel.Y : Channel.OPACITY,
                behind ? new Travel.ClearOfMask(toward) : new Travel.Factor(0),
                new Start.At(0),
                frames(graphic, behind ? BEHIND : THROUGH_NOTHING),
                behind ? new Ease.Named(Ease.Family.CUBIC, direction) : new Ease.Linear(),
                Pivot.CENTRE,
                Opening.RIGHT);
    }
}
