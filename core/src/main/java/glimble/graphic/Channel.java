package glimble.graphic;

/** What a move changes. */
public enum Channel {
    /** To the right, px from rest. */
    X("x", Measure.DISTANCE),
    /** Downwards, px from rest. */
    Y("y", Measure.DISTANCE),
    /** Size along x, factor of rest. */
    SCALE_X("scale x", Measure.FACTOR),
    /** Size along y, factor of rest. */
    SCALE_Y("scale y", Measure.FACTOR),
    /** Clockwise, degrees from rest. */
    TURN("turn", Measure.DEGREES),
    /** Share of its own opacity, 0–1. */
    OPACITY("opacity", Measure.SHARE),
    /** Share of its extent that is seen, 0–1, opening towards a side. */
    REVEAL("reveal", Measure.SHARE);

    /** What the travel of a channel is counted in. Distances and degrees add to rest, factors and shares multiply it. */
    public enum Measure {
        DISTANCE,
        DEGREES,
        FACTOR,
        SHARE
    }

    private final String word;
    private final Measure measure;

    Channel(String word, Measure measure) {
        this.word = word;
        this.measure = measure;
    }

    public String word() {
        return word;
    }

    public Measure measure() {
        return measure;
    }

    /** The value a channel has at rest: 0 where travel adds, 1 where it multiplies. */
    public double rest() {
        return measure == Measure.DISTANCE || measure == Measure.DEGREES ? 0 : 1;
    }
}
