package glimble.graphic;

import java.util.List;

/**
 * Which variants are played, by name; an empty name stands for the phase itself.
 */
public record Played(String in, String loop, String out) {
    public static final Played PLAIN = new Played("", "", "");

    /** In the order in, loop, out. */
    public List<String> names() {
        return List.of(in, loop, out);
    }
}
