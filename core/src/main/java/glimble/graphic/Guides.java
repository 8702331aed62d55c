package glimble.graphic;

import java.util.List;

/**
 * Lines to design by; never drawn.
 *
 * @param x px from the left
 * @param y px from the top
 */
public record Guides(List<Double> x, List<Double> y) {
    public static final Guides NONE = new Guides(List.of(), List.of());

    public Guides {
        x = List.copyOf(x);
        y = List.copyOf(y);
    }
}
