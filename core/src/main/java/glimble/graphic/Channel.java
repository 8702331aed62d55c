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
    /** About a level axis, its top away from the eye, degrees from rest. */
    TILT_X("tilt x", Measure.DEGREES),
    /** About an upright axis, its right away from the eye, degrees from rest. */
    TILT_Y("tilt y", Measure.DEGREES),
    /** Share of its own opacity, 0–1. */
    OPACITY("opacity", Measure.SHARE),
    /** px of blur. */
    BLUR("blur", Measure.BLUR),
    /** Width of the stroke, factor of rest. */
    STROKE("stroke", Measure.FACTOR),
    /** Share of the length of the stroke around a box that is drawn, 0–1. */
    DRAW("draw", Measure.SHARE),
    /** Share of its extent that is seen, 0–1. */
    REVEAL("reveal", Measure.SHARE),
    /** Share of the way from its own colours to another, 0–1. */
    TINT("tint", Measure.TINT),
    /** Thousandths of an em more between letters. */
    TRACKING("tracking", Measure.TRACKING),
    /** All bends and waves of a ribbon, factor of rest. */
    BEND("bend", Measure.FACTOR),
    /** How far a ribbon is rolled up towards the eye at its loose ends, degrees from rest. */
    CURL("curl", Measure.DEGREES),
    /** How far a ribbon is twisted over its length, degrees from rest. */
    TWIST("twist", Measure.DEGREES),
    /** The shares of its breadth that are left at the ends of a ribbon, factor of rest. */
    TAPER("taper", Measure.FACTOR),
    /** The side that the light on a ribbon comes from, degrees clockwise from rest. */
    LIGHT("light", Measure.DEGREES);

    /** What the travel of a channel is counted in. Factors and shares multiply what rest is, all others add to it. */
    public enum Measure {
        DISTANCE,
        DEGREES,
        FACTOR,
        SHARE,
        BLUR,
        TINT,
        TRACKING
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

    public boolean isTilt() {
        return this == TILT_X || this == TILT_Y;
    }

    /** Whether only a ribbon has it; of light, a box with depth too. */
    public boolean isOfRibbons() {
        return switch (this) {
            case BEND, CURL, TWIST, TAPER, LIGHT -> true;
            default -> false;
        };
    }

    /** The value a channel has at rest: 0 where travel adds, 1 where it multiplies. */
    public double rest() {
        return measure == Measure.FACTOR || measure == Measure.SHARE ? 1 : 0;
    }
}
