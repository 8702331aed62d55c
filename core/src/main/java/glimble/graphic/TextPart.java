package glimble.graphic;

import java.util.Optional;

/**
 * Text, on one line or several.
 *
 * @param text letters as they stand, and {@code {field}} where a field's value goes
 * @param style how the letters look
 * @param layout how they are laid in lines
 * @param fit what happens when it is too long; empty if it may grow
 * @param look stroke and shadow of the letters
 */
public record TextPart(Base base, String text, TextStyle style, TextLayout layout, Optional<Fit> fit, Look look)
        implements Part {

    @Override
    public String kind() {
        return "text";
    }

    @Override
    public TextPart withBase(Base other) {
        return new TextPart(other, text, style, layout, fit, look);
    }

    public TextPart withText(String other) {
        return new TextPart(base, other, style, layout, fit, look);
    }

    public TextPart withStyle(TextStyle other) {
        return new TextPart(base, text, other, layout, fit, look);
    }

    public TextPart withFit(Fit other) {
        return new TextPart(base, text, style, layout, Optional.of(other), look);
    }
}
