package glimble.reel;

import glimble.graphic.Opening;
import glimble.rest.Rect;

/**
 * What is seen of a layer while it is revealed: a band across the way it opens. Its edges move evenly with the share that is seen, so
 * they are known from where they are when nothing is seen and when all is. Beyond them a soft edge fades.
 *
 * @param shutFrom along the way it opens, px from the origin of the picture: where the band begins when nothing is seen
 * @param shutTo where it ends then
 * @param openFrom where it begins when all is seen
 * @param openTo where it ends then
 */
public record Band(double shutFrom, double shutTo, double openFrom, double openTo) {
    public static final Band NONE = new Band(0, 0, 0, 0);

    /** px; further than anything is. */
    private static final double FAR = 100_000;

    /** The same of a layer that stands elsewhere, px. */
    Band moved(Opening opening, double x, double y) {
        if (equals(NONE)) return this;
        double radians = StrictMath.toRadians(opening.degrees());
        double along = x * StrictMath.cos(radians) + y * StrictMath.sin(radians);
        return new Band(
                Rounding.px(shutFrom + along),
                Rounding.px(shutTo + along),
                Rounding.px(openFrom + along),
                Rounding.px(openTo + along));
    }

    /** @param whole everything that is drawn of the layer at rest, px */
    static Band of(Opening opening, Rect whole) {
        double radians = StrictMath.toRadians(opening.degrees());
        double cos = StrictMath.cos(radians);
        double sin = StrictMath.sin(radians);
        double first = Double.POSITIVE_INFINITY;
        double last = Double.NEGATIVE_INFINITY;
        for (double x : new double[] {whole.x(), whole.right()}) {
            for (double y : new double[] {whole.y(), whole.bottom()}) {
                first = Math.min(first, x * cos + y * sin);
                last = Math.max(last, x * cos + y * sin);
            }
        }
        double soft = opening.soft();
        double middle = (first + last) / 2;
        return opening.bothWays()
                ? new Band(
                        Rounding.px(middle + soft), Rounding.px(middle - soft), Rounding.px(first), Rounding.px(last))
                : new Band(-FAR, Rounding.px(first - soft), -FAR, Rounding.px(last));
    }

    /** @param share 0–1 that is seen */
    public double from(double share) {
        return shutFrom + (openFrom - shutFrom) * share;
    }

    /** @param share 0–1 that is seen */
    public double to(double share) {
        return shutTo + (openTo - shutTo) * share;
    }

    /** What is seen of an upright rectangle, if the band opens level or upright; of one that opens aslant, all of it unless nothing is seen. */
    public Rect seen(Rect rect, Opening opening, double share) {
        if (share >= 1) return rect;
        if (share <= 0) return new Rect(rect.x(), rect.y(), 0, 0);
        double degrees = ((opening.degrees() % 360) + 360) % 360;
        if (degrees % 90 != 0) return rect;
        boolean level = degrees % 180 == 0;
        boolean back = degrees >= 180;
        double from = back ? -to(share) - opening.soft() : from(share) - opening.soft();
        double to = back ? -from(share) + opening.soft() : to(share) + opening.soft();
        double first = Math.max(level ? rect.x() : rect.y(), from);
        double last = Math.max(first, Math.min(level ? rect.right() : rect.bottom(), to));
        return level
                ? new Rect(first, rect.y(), last - first, rect.height())
                : new Rect(rect.x(), first, rect.width(), last - first);
    }
}
