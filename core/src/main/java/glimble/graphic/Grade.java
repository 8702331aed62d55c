package glimble.graphic;

import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * How all colours of a graphic are changed at the end, in the order of its members. What does what is told in {@code glimble.colour.Grading}.
 *
 * @param lightness factor; 1 for none
 * @param contrast factor about middle grey; 1 for none
 * @param saturation factor; 0 is grey, 1 for none
 * @param warmth −1–1, negative colder
 * @param tint a colour that everything takes on
 */
public record Grade(double lightness, double contrast, double saturation, double warmth, Optional<Tint> tint) {
    /** Everything as it is. */
    public static final Grade NONE = new Grade(1, 1, 1, 0, Optional.empty());

    /**
     * @param colour as any of a document
     * @param share 0–1
     */
    public record Tint(String colour, double share) {}

    public Grade withColour(UnaryOperator<String> rule) {
        return new Grade(
                lightness, contrast, saturation, warmth, tint.map(of -> new Tint(rule.apply(of.colour()), of.share())));
    }
}
