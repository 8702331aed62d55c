package glimble.graphic;

import java.util.Optional;

/**
 * What surrounds the fill of a box or of letters.
 *
 * @param stroke a line along the edge; inside the edge of a box, outside that of letters
 * @param shadow thrown behind
 */
public record Look(Optional<Stroke> stroke, Optional<Shadow> shadow) {
    public static final Look PLAIN = new Look(Optional.empty(), Optional.empty());

    /** @param width px */
    public record Stroke(String colour, double width) {}

    /**
     * @param x px to the right; mirrored with the graphic
     * @param y px downwards
     * @param blur px over which it fades, 0 for a hard edge
     */
    public record Shadow(String colour, double x, double y, double blur) {}

    /** How far anything of it reaches beyond the part, px, on the side that a direction points to; 0 or more. */
    public double reach(Toward toward, boolean mirrored) {
        double reach = stroke.map(Stroke::width).orElse(0.0);
        if (shadow.isEmpty()) return reach;
        Shadow thrown = shadow.get();
        double x = mirrored ? -thrown.x() : thrown.x();
        double along = switch (toward) {
            case LEFT -> -x;
            case RIGHT -> x;
            case UP -> -thrown.y();
            case DOWN -> thrown.y();
        };
        return Math.max(reach, reach + along + thrown.blur());
    }
}
