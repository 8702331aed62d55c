package glimble.graphic;

/**
 * A part's shape, as it moves, through which another part is seen.
 *
 * @param by key of the part whose shape it is
 * @param inside true: seen inside that shape; false: seen outside it
 */
public record Mask(String by, boolean inside) {}
