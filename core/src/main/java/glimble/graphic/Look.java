package glimble.graphic;

import java.util.Optional;

/**
 * What surrounds the fill of a part.
 *
 * @param stroke a line along the edge; inside the edge of a box, outside that of letters
 * @param shadow thrown behind
 * @param glow light around it on all sides
 * @param opacity of all of it, 0–1
 */
public record Look(Optional<Stroke> stroke, Optional<Shadow> shadow, Optional<Glow> glow, double opacity) {
    /** A blur of so many px fades within one and a half times as many: three standard deviations of half of it. */
    public static final double FADES = 1.5;

    public static final Look PLAIN = new Look(Optional.empty(), Optional.empty());

    public Look(Optional<Stroke> stroke, Optional<Shadow> shadow) {
        this(stroke, shadow, Optional.empty(), 1);
    }

    /** @param blur px over which it fades */
    public record Glow(String colour, double blur) {}

    /** @param width px */
    public record Stroke(String colour, double width) {}

    /**
     * @param x px to the right; mirrored with the graphic
     * @param y px downwards
     * @param blur px over which it fades, 0 for a hard edge
     */
    public record Shadow(String colour, double x, double y, double blur) {}

    /**
     * How far anything of it reaches beyond the shape it surrounds, px, on the side that a direction points to; 0 or more.
     *
     * @param around px of a stroke outside the shape
     */
    double reach(Toward toward, boolean mirrored, double around) {
        double reach = Math.max(around, glow.map(Glow::blur).orElse(0.0) * FADES);
        if (shadow.isEmpty()) return reach;
        Shadow thrown = shadow.get();
        double x = mirrored ? -thrown.x() : thrown.x();
        double along = switch (toward) {
            case LEFT -> -x;
            case RIGHT -> x;
            case UP -> -thrown.y();
            case DOWN -> thrown.y();
        };
        return Math.max(reach, around + along + thrown.blur() * FADES);
    }
}
