package glimble.graphic;

/**
 * What an operator fills in.
 *
 * @param key how parts refer to it, {@code {key}} in a text
 * @param label how the form names it
 * @param required whether a filling without it is incomplete
 * @param sample what stands in it when the graphic is shown to people
 */
public record Field(String key, String label, boolean required, String sample) {}
