package glimble.graphic;

/**
 * What a surface is filled with.
 *
 * @param colour {@code #RRGGBB}, or {@code #RRGGBBAA} with alpha, in capitals
 */
public record Paint(String colour) {}
