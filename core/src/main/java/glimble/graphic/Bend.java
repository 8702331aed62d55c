package glimble.graphic;

/**
 * A piece of the course of a ribbon: it turns by so many degrees, or swings about its way.
 *
 * @param degrees by which its heading turns from its start to its end, or, of waves, at most; downwards in the plane of the picture,
 *     towards the eye in depth
 * @param waves how often it swings there and back; 0 for a piece that turns
 * @param share of the length of the ribbon, against those of the other pieces
 */
public record Bend(double degrees, double waves, double share) {}
