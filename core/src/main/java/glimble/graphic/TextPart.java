package glimble.graphic;

import java.util.List;

/**
 * A line of text.
 *
 * @param text letters as they stand, and {@code {field}} where a field's value goes
 * @param style how the letters look
 */
public record TextPart(String key, String text, TextStyle style, Span x, Span y, List<Mask> masks) implements Part {

    public TextPart {
        masks = List.copyOf(masks);
    }

    @Override
    public String kind() {
        return "text";
    }
}
