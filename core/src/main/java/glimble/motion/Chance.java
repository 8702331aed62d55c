package glimble.motion;

/**
 * Numbers that look like chance and are the same on every machine. Source of the mixing: SplitMix64. Its 64 bits are kept as two halves, since
 * JavaScript has no whole numbers of that length that are quick.
 */
final class Chance {
    private static final double WORD = 4_294_967_296.0;

    private int high;
    private int low;

    private Chance() {}

    /** A number from 0 up to 1 for a seed and two counters. */
    static double share(long seed, int first, int second) {
        Chance chance = new Chance();
        chance.high = (int) (seed >>> 32);
        chance.low = (int) seed;
        chance.mix();
        chance.add(first < 0 ? -1 : 0, first);
        chance.mix();
        chance.add(second < 0 ? -1 : 0, second);
        chance.mix();
        // The upper 53 bits.
        double upper = chance.high < 0 ? chance.high + WORD : chance.high;
        return (upper * 0x1.0p21 + (chance.low >>> 11)) * 0x1.0p-53;
    }

    private void mix() {
        add(0x9E3779B9, 0x7F4A7C15);
        fold(30);
        times(0xBF58476D, 0x1CE4E5B9);
        fold(27);
        times(0x94D049BB, 0x133111EB);
        fold(31);
    }

    private void add(int otherHigh, int otherLow) {
        int sum = low + otherLow;
        boolean carries = Integer.compareUnsigned(sum, low) < 0;
        low = sum;
        high += otherHigh + (carries ? 1 : 0);
    }

    /** Takes its upper bits, so many places down, by exclusive or. */
    private void fold(int places) {
        low ^= low >>> places | high << (32 - places);
        high ^= high >>> places;
    }

    private void times(int otherHigh, int otherLow) {
        int a = low & 0xFFFF;
        int b = low >>> 16;
        int c = otherLow & 0xFFFF;
        int d = otherLow >>> 16;
        int lowest = a * c;
        int middle = a * d + (lowest >>> 16);
        int crossed = b * c + (middle & 0xFFFF);
        high = high * otherLow + low * otherHigh + b * d + (middle >>> 16) + (crossed >>> 16);
        low = crossed << 16 | lowest & 0xFFFF;
    }
}
