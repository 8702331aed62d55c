package glimble.graphic;

import java.util.List;

/**
 * A rectangle that stands behind others.
 *
 * @param radius px of its round corners; they stay round at any size, and shrink only when the box is too small for them
 */
public record BoxPart(String key, Paint fill, double radius, Span x, Span y, List<Mask> masks) implements Part {

    public BoxPart {
        masks = List.copyOf(masks);
    }

    @Override
    public String kind() {
        return "box";
    }
}
