package glimble.graphic;

/**
 * Which variants are played, by name; an empty name stands for the phase itself.
 */
public record Played(String in, String loop, String out) {
    public static final Played PLAIN = new Played("", "", "");

    /** The name for a phase. */
    public String of(PhaseName phase) {
        return switch (phase) {
            case IN -> in;
            case LOOP -> loop;
            case OUT -> out;
        };
    }

    /** The same with another name for a phase. */
    public Played with(PhaseName phase, String name) {
        return new Played(
                phase == PhaseName.IN ? name : in,
                phase == PhaseName.LOOP ? name : loop,
                phase == PhaseName.OUT ? name : out);
    }

    /** A variant of one phase alone. */
    public static Played only(PhaseName phase, String name) {
        return PLAIN.with(phase, name);
    }
}
