package glimble.graphic;

/** A straight stroke along x or y: as long as its longer relation says, as thick as its other one. */
public record LinePart(Base base, Paint fill) implements Part {

    @Override
    public String kind() {
        return "line";
    }
}
