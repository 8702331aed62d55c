package glimble.graphic;

/**
 * A straight stroke along x or y: as long as its longer relation says, as thick as its other one.
 *
 * @param round whether its ends are round; otherwise they are flat
 */
public record LinePart(Base base, Paint fill, boolean round, Look look) implements Part {

    @Override
    public String kind() {
        return "line";
    }

    @Override
    public LinePart withBase(Base other) {
        return new LinePart(other, fill, round, look);
    }

    public LinePart withFill(Paint other) {
        return new LinePart(base, other, round, look);
    }
}
