package glimble.graphic;

/**
 * Which variants are played, by name; an empty name stands for the phase itself.
 *
 * @param swap of both halves of the swap; a half without a variant of that name is the design's
 */
public record Played(String in, String loop, String out, String swap) {
    public static final Played PLAIN = new Played("", "", "", "");

    public Played {
        // Who asks for no swap in particular means the design's.
        swap = swap == null ? "" : swap;
    }

    /** With the swap of the design. */
    public Played(String in, String loop, String out) {
        this(in, loop, out, "");
    }

    /** The name for a phase. */
    public String of(PhaseName phase) {
        return switch (phase) {
            case IN -> in;
            case LOOP -> loop;
            case OUT -> out;
            case AWAY, BACK -> swap;
        };
    }

    /** The same with another name for a phase. */
    public Played with(PhaseName phase, String name) {
        return new Played(
                phase == PhaseName.IN ? name : in,
                phase == PhaseName.LOOP ? name : loop,
                phase == PhaseName.OUT ? name : out,
                phase.isSwap() ? name : swap);
    }

    /** A variant of one phase alone. */
    public static Played only(PhaseName phase, String name) {
        return PLAIN.with(phase, name);
    }
}
