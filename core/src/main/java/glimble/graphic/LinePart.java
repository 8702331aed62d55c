package glimble.graphic;

import java.util.List;

/** A straight stroke along x or y: as long as its longer relation says, as thick as its other one. */
public record LinePart(String key, Paint fill, Span x, Span y, List<Mask> masks) implements Part {

    public LinePart {
        masks = List.copyOf(masks);
    }

    @Override
    public String kind() {
        return "line";
    }
}
