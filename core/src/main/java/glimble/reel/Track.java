package glimble.reel;

import glimble.graphic.Channel;
import glimble.graphic.Opening;
import glimble.graphic.PhaseName;

/**
 * The values of one channel of a layer over a phase.
 *
 * @param pivotX px, the point of scales, turns and tilts at rest
 * @param pivotY px
 * @param opening how a reveal opens
 * @param band what a reveal shows; {@link Band#NONE} of any other channel, and of one that is dealt
 * @param colour of a tint; empty for any other channel
 * @param first the frame of the first value; before it that value holds, after the last value the last one
 * @param values one a frame: px or degrees from rest, or factor or share of rest
 * @param round of the loop: after how many frames it begins again; 0 for any other phase
 * @param dealt how it is dealt out over the letters of a text; empty lists if it is not
 * @param flows of a change: whether it takes the layer from one rest to the other; such a one keeps its value when the graphic is taken
 *     out meanwhile, so that what stands together leaves together
 */
public record Track(
        PhaseName phase,
        Channel channel,
        double pivotX,
        double pivotY,
        Opening opening,
        Band band,
        String colour,
        int first,
        double[] values,
        int round,
        Dealt dealt,
        boolean flows) {

    /**
     * A track that every letter of a text runs through at its own time.
     *
     * @param starts the frame at which each letter meets the first value
     * @param pivotX px, the point each scales and turns about at rest
     * @param pivotY px
     * @param factors by how much the way of each from rest is multiplied: one for each letter, or one for each letter and value
     */
    public record Dealt(int[] starts, double[] pivotX, double[] pivotY, double[] factors) {
        public static final Dealt NONE = new Dealt(new int[0], new double[0], new double[0], new double[0]);
    }

    /**
     * One that takes a whole layer somewhere.
     *
     * @param pivotX px, of scales
     * @param pivotY px
     */
    public static Track flowing(Channel channel, double pivotX, double pivotY, int first, double[] values) {
        return new Track(
                PhaseName.IN,
                channel,
                pivotX,
                pivotY,
                Opening.RIGHT,
                Band.NONE,
                "",
                first,
                values,
                0,
                Dealt.NONE,
                true);
    }

    /** One of the whole layer, of a channel without a pivot. */
    public static Track plain(PhaseName phase, Channel channel, String colour, int first, double[] values) {
        return new Track(phase, channel, 0, 0, Opening.RIGHT, Band.NONE, colour, first, values, 0, Dealt.NONE, false);
    }

    /** The same played so many frames later, in a phase. */
    public Track shifted(PhaseName otherPhase, int by) {
        int[] starts = dealt.starts().clone();
        for (int i = 0; i < starts.length; i++) starts[i] += by;
        Dealt later = overLetters() ? new Dealt(starts, dealt.pivotX(), dealt.pivotY(), dealt.factors()) : dealt;
        return with(otherPhase, first + by, values, round, later);
    }

    /** The same about points that lie elsewhere, for a layer that stands elsewhere at rest; px. */
    public Track moved(double x, double y) {
        double[] xs = dealt.pivotX().clone();
        double[] ys = dealt.pivotY().clone();
        for (int i = 0; i < xs.length; i++) {
            xs[i] = Rounding.px(xs[i] + x);
            ys[i] = Rounding.px(ys[i] + y);
        }
        return new Track(
                phase,
                channel,
                Rounding.px(pivotX + x),
                Rounding.px(pivotY + y),
                opening,
                band.moved(opening, x, y),
                colour,
                first,
                values,
                round,
                new Dealt(dealt.starts(), xs, ys, dealt.factors()),
                flows);
    }

    /** The same channel with other values at other times. */
    public Track with(PhaseName otherPhase, int otherFirst, double[] others, int otherRound, Dealt otherDealt) {
        return new Track(
                otherPhase,
                channel,
                pivotX,
                pivotY,
                opening,
                band,
                colour,
                otherFirst,
                others,
                otherRound,
                otherDealt,
                flows);
    }

    public boolean overLetters() {
        return dealt.starts().length > 0;
    }

    /** The frame from which on nothing changes. */
    public int last() {
        int begins = first;
        for (int start : dealt.starts()) begins = Math.max(begins, start);
        return begins + values.length - 1;
    }

    /** The last frame up to which it has its first value. */
    public int begins() {
        if (round > 0) return 0;
        int begins = overLetters() ? Integer.MAX_VALUE : first;
        for (int start : dealt.starts()) begins = Math.min(begins, start);
        return begins;
    }

    /** Likewise, of one that goes round and round there is none. */
    int ends() {
        return round > 0 ? Integer.MAX_VALUE : last();
    }

    /** The value at a frame, of a track that is not dealt. */
    public double at(int frame) {
        return values[within((round > 0 ? frame % round : frame) - first)];
    }

    /** The value of a letter at a frame, of a track that is dealt. */
    public double at(int frame, int unit) {
        int passed = within((round > 0 ? frame % round : frame) - dealt.starts()[unit]);
        double rest = channel.rest();
        return rest + (values[passed] - rest) * factor(unit, passed);
    }

    private double factor(int unit, int passed) {
        double[] factors = dealt.factors();
        if (factors.length == 0) return 1;
        return factors.length == dealt.starts().length ? factors[unit] : factors[unit * values.length + passed];
    }

    private int within(int index) {
        return Math.max(0, Math.min(values.length - 1, index));
    }
}
