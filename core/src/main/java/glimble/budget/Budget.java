package glimble.budget;

import java.util.function.BooleanSupplier;

/**
 * What may still be spent on one piece of work. Whoever does something whose end is not known beforehand spends before each part of it, so
 * that it ends soon whatever it is given, and soon after nobody wants it any more. One piece of work is done by one thread.
 */
public final class Budget {
    /** Steps after which it is asked again whether the work is still wanted. */
    private static final long ASKED = 200_000;

    private long left;
    private long unasked;
    private final BooleanSupplier wanted;

    /** @param steps as in {@link Effort} */
    public Budget(long steps, BooleanSupplier wanted) {
        left = steps;
        this.wanted = wanted;
    }

    /** For work that somebody waits for. */
    public static Budget ofRequest() {
        return new Budget(Effort.MOST, () -> true);
    }

    /** For work whose cost is known to be small, or that nobody waits for. */
    public static Budget endless() {
        return new Budget(Long.MAX_VALUE, () -> true);
    }

    /** Nothing more can be spent once this much is not left. */
    public boolean has(long steps) {
        return left >= steps;
    }

    /**
     * Spends nothing yet.
     *
     * @throws TooLaborious if there is not enough left
     */
    public void allow(Effort effort) {
        if (effort.steps() > left) throw new TooLaborious(effort.tooLong());
    }

    /** @throws TooLaborious if there is not enough left */
    public void spend(Effort effort) {
        allow(effort);
        left -= effort.steps();
        unasked += effort.steps();
        if (unasked < ASKED) return;
        unasked = 0;
        if (!wanted.getAsBoolean()) throw new NotWanted();
    }

    /**
     * @param what it is, and how to make it less; for people
     * @throws TooLaborious if there is not enough left
     */
    public void spend(long steps, String what) {
        spend(new Effort(steps, what));
    }
}
