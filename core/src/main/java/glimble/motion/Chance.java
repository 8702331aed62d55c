package glimble.motion;

/** Numbers that look like chance and are the same on every machine. Source of the mixing: SplitMix64. */
final class Chance {
    private Chance() {}

    /** A number from 0 up to 1 for a seed and two counters. */
    static double share(long seed, long first, long second) {
        long mixed = mix(mix(mix(seed) + first) + second);
        return (mixed >>> 11) * 0x1.0p-53;
    }

    private static long mix(long number) {
        long z = number + 0x9E3779B97F4A7C15L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }
}
