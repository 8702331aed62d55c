package glimble.graphic;

import java.util.List;

/**
 * What every part has.
 *
 * @param key unique in the graphic; how other parts, masks and moves refer to it
 * @param tag a colour for finding one's way in the score, of no account to the picture; empty for none
 * @param needs keys of fields without which the part is absent, for instance a score without its name
 * @param x size and place from left to right
 * @param y size and place from top to bottom
 * @param masks parts through whose shape this one is seen; all of them count
 * @param unseen whether it is only there for others, as a mask: it is not drawn itself
 * @param rides key of the ribbon it stands on and bends with; its places are then along and across that ribbon. Empty for none
 */
public record Base(
        String key, String tag, List<String> needs, Span x, Span y, List<Mask> masks, boolean unseen, String rides) {

    public Base(String key, String tag, List<String> needs, Span x, Span y, List<Mask> masks, boolean unseen) {
        this(key, tag, needs, x, y, masks, unseen, "");
    }

    public Base(String key, String tag, List<String> needs, Span x, Span y, List<Mask> masks) {
        this(key, tag, needs, x, y, masks, false);
    }

    public Base {
        needs = List.copyOf(needs);
        masks = List.copyOf(masks);
    }

    public Span span(Axis axis) {
        return axis == Axis.X ? x : y;
    }

    public Base withKey(String other) {
        return new Base(other, tag, needs, x, y, masks, unseen, rides);
    }

    public Base withNeeds(List<String> others) {
        return new Base(key, tag, others, x, y, masks, unseen, rides);
    }

    public Base withSpans(Span otherX, Span otherY) {
        return new Base(key, tag, needs, otherX, otherY, masks, unseen, rides);
    }

    public Base withMasks(List<Mask> others) {
        return new Base(key, tag, needs, x, y, others, unseen, rides);
    }

    public Base withRides(String other) {
        return new Base(key, tag, needs, x, y, masks, unseen, other);
    }
}
