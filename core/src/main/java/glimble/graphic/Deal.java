package glimble.graphic;

/**
 * How a move is dealt out over the units of a text.
 *
 * @param over letters, words or lines; a letter is what people see as one, with its marks; letters that are drawn as one begin together
 * @param order which unit begins first
 * @param seed of the random order, and of the scatter
 * @param pace how fast units follow each other
 * @param scatter how much the way of each unit differs by chance, 0–1: 0 for all alike, 1 for any share of it either way
 * @param rate how often a second a scattered unit changes its way; 0 for never
 * @param backwards whether it is all seen backwards in time: who would begin first ends last
 */
public record Deal(Unit over, Order order, int seed, Pace pace, double scatter, double rate, boolean backwards) {

    public Deal(Unit over, Order order, int seed, Pace pace, double scatter, double rate) {
        this(over, order, seed, pace, scatter, rate, false);
    }

    public Deal withPace(Pace other) {
        return new Deal(over, order, seed, other, scatter, rate, backwards);
    }

    /** The same seen backwards in time. */
    public Deal turnedBack() {
        return new Deal(over, order, seed, pace, scatter, rate, !backwards);
    }

    public enum Unit {
        LETTERS("letters"),
        WORDS("words"),
        LINES("lines");

        private final String word;

        Unit(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public enum Order {
        FIRST("first"),
        LAST("last"),
        CENTRE("centre"),
        EDGES("edges"),
        RANDOM("random");

        private final String word;

        Order(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** How fast units follow each other. */
    public sealed interface Pace {

        /**
         * Each takes the length of the move, and the next begins when this share of it is left; the sooner, the more there are, where all
         * together would take longer than they may.
         *
         * @param overlap 0–1
         * @param longest frames that all together may take; 0 for as many as it comes to
         */
        record Each(double overlap, int longest) implements Pace {
            public Each(double overlap) {
                this(overlap, 0);
            }
        }

        /** All together take the length of the move, however many they are; each overlaps the next by a share, 0–1. */
        record Total(double overlap) implements Pace {}

        /** So many begin in a second; each takes the length of the move. */
        record PerSecond(double units) implements Pace {}

        /**
         * Each begins when its words are spoken, and takes the length of the move.
         *
         * @param spread frames over which words without times are spread, by their letters; the last one is done then
         * @param before frames from when the last one is done to the end of the move
         */
        record Spoken(int spread, int before) implements Pace {}
    }
}
