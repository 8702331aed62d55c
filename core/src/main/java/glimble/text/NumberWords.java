package glimble.text;

/** Numbers as people read them: with a point before a fraction, without zeros at its end. */
public final class NumberWords {
    /** Digits after the point that a number of a document keeps. */
    private static final int EXACT = 9;

    private NumberWords() {}

    /** As exactly as anyone states a number. */
    public static String of(double number) {
        return of(number, EXACT);
    }

    /** @param digits after the point, at most; the last one is rounded half up */
    public static String of(double number, int digits) {
        long unit = 1;
        for (int i = 0; i < digits; i++) unit *= 10;
        double size = Math.abs(number);
        long whole = (long) size;
        long fraction = (long) Math.floor((size - whole) * unit + 0.5);
        if (fraction == unit) {
            whole++;
            fraction = 0;
        }
        String minus = number < 0 && (whole > 0 || fraction > 0) ? "-" : "";
        return minus + whole + (fraction == 0 ? "" : "." + trimmed(fraction, digits));
    }

    private static String trimmed(long fraction, int digits) {
        String text = "0".repeat(digits) + fraction;
        int end = text.length();
        while (text.charAt(end - 1) == '0') end--;
        return text.substring(text.length() - digits, end);
    }
}
