package glimble.change;

import glimble.graphic.Channel;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Part;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.number.Whole;
import glimble.rest.Rect;
import glimble.rest.Rest;
import java.util.Optional;

/** How a part swaps, enters or leaves if the design says nothing: behind its mask if it is inside one, else through nothing. */
final class UsualSwap {
    /** Seconds of each half. */
    private static final double BEHIND = 0.2;

    static final double THROUGH_NOTHING = 0.16;

    private UsualSwap() {}

    /** @param rest in which it stands */
    static Move away(Graphic graphic, Part part, Rest rest) {
        Optional<Toward> toward = way(graphic, part, rest, true);
        return move(graphic, part, toward.isPresent(), toward.orElse(Toward.UP), Ease.Direction.IN);
    }

    static Move back(Graphic graphic, Part part, Rest rest) {
        Optional<Toward> toward = way(graphic, part, rest, false);
        return move(graphic, part, toward.isPresent(), toward.orElse(Toward.DOWN), Ease.Direction.OUT);
    }

    /**
     * Up and away, and back from below, where nothing else is in the way inside the mask; else by the side where nothing is. Empty where
     * both are taken, or it has no mask.
     */
    private static Optional<Toward> way(Graphic graphic, Part part, Rest rest, boolean away) {
        if (!isMasked(part, rest) || !rest.isPresent(part.key())) return Optional.empty();
        boolean above = isFree(graphic, part, rest, true);
        boolean below = isFree(graphic, part, rest, false);
        if (above && below) return Optional.of(away ? Toward.UP : Toward.DOWN);
        if (!above && !below) return Optional.empty();
        return Optional.of(above ? Toward.UP : Toward.DOWN);
    }

    /** Whether no other text stands above, or below, in what the mask shows. */
    private static boolean isFree(Graphic graphic, Part part, Rest rest, boolean above) {
        Rect own = rest.part(part.key()).drawn();
        for (Part other : graphic.parts()) {
            boolean text = other instanceof TextPart && !other.key().equals(part.key());
            if (!text || !rest.isPresent(other.key())) continue;
            Rect at = rest.part(other.key()).drawn();
            double middle = at.y() + at.height() / 2;
            boolean there = above ? middle < own.y() + own.height() / 2 : middle > own.y() + own.height() / 2;
            boolean across = at.right() > own.x() && at.x() < own.right();
            if (there && across && isBehind(part, at, rest)) return false;
        }
        return true;
    }

    private static boolean isBehind(Part part, Rect at, Rest rest) {
        return part.masks().stream()
                .filter(mask -> mask.inside() && rest.isPresent(mask.by()))
                .map(mask -> rest.box(mask.by()))
                .allMatch(by -> at.bottom() > by.y() && at.y() < by.bottom());
    }

    /** Through nothing, for what enters or leaves without a move that would hide it. */
    static Move fade(Graphic graphic, Part part, Ease.Direction direction) {
        return move(graphic, part, false, Toward.UP, direction);
    }

    private static boolean isMasked(Part part, Rest rest) {
        return part.masks().stream().anyMatch(mask -> mask.inside() && rest.isPresent(mask.by()));
    }

    static int frames(Graphic graphic, double seconds) {
        double rate = graphic.frame().rate().perSecond();
        return Math.max(1, (int) Whole.nearest(seconds * rate));
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
