package glimble.graphic;

/**
 * An area that spaces its rows evenly: the parts whose place along its axis says that they are in it, in their order in the
 * document. Draws nothing itself.
 *
 * @param along from top to bottom, or from left to right
 * @param align where the rows stand when they do not fill the area
 * @param least smallest gap, px; kept even if the rows then exceed the area
 * @param usual gap of a full stack, px, where there is room
 * @param widest largest gap, px, to which fewer rows may drift apart
 */
public record StackPart(Base base, Axis along, Align align, double least, double usual, double widest) implements Part {

    @Override
    public String kind() {
        return "stack";
    }

    @Override
    public StackPart withBase(Base other) {
        return new StackPart(other, along, align, least, usual, widest);
    }

    @Override
    public boolean isDrawn() {
        return false;
    }
}
