package glimble.graphic;

import java.util.Optional;

/**
 * A ground that fades away, so that what stands on it is legible over any picture without a box being seen.
 *
 * @param colour what it is made of
 * @param strength opacity where it is strongest, 0–1
 * @param from the side on which it is strongest; empty for the middle
 */
public record ScrimPart(Base base, String colour, double strength, Optional<Toward> from) implements Part {

    @Override
    public String kind() {
        return "scrim";
    }

    @Override
    public ScrimPart withBase(Base other) {
        return new ScrimPart(other, colour, strength, from);
    }
}
