package glimble.graphic;

/**
 * What a surface is filled with. Colours are {@code #RRGGBB}, {@code #RRGGBBAA} with alpha, names of a {@link Palette},
 * or {@code {field}} for the colour that a field holds.
 */
public sealed interface Paint {

    /** One colour. */
    record Colour(String colour) implements Paint {}

    /**
     * From one colour to another across the part at rest.
     *
     * @param angle degrees clockwise; 0 runs to the right, 90 downwards. Mirrored with the graphic
     */
    record Linear(String from, String to, double angle) implements Paint {}

    /** From one colour in the middle of the part to another at its furthest corner. */
    record Radial(String from, String to) implements Paint {}

    /** A picture of the house that covers the part, its proportion kept. */
    record Picture(String picture) implements Paint {}
}
