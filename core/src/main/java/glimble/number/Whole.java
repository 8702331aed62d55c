package glimble.number;

/** Whole numbers, rounded by arithmetic alone: libraries of other homes differ where a number lies half-way. */
public final class Whole {
    private Whole() {}

    /** The nearest whole number; half-way, the even one. */
    public static double nearest(double number) {
        double below = Math.floor(number);
        double above = number - below;
        if (above < 0.5) return below;
        if (above > 0.5) return below + 1;
        return below % 2 == 0 ? below : below + 1;
    }
}
