package glimble.graphic;

/** The curve of a move's speed. */
public sealed interface Ease {

    /** The same speed throughout. */
    record Linear() implements Ease {}

    /**
     * A curve with two handles, as {@code cubic-bezier()} of the CSS easing functions.
     *
     * @param x1 0–1
     * @param x2 0–1
     */
    record Bezier(double x1, double y1, double x2, double y2) implements Ease {}

    /** Jumps, as {@code steps(n, jump-end)} of the CSS easing functions, or {@code jump-start}. */
    record Steps(int count, boolean atStart) implements Ease {}

    /** A named curve. */
    record Named(Family family, Direction direction) implements Ease {}

    /** The curve of the same way seen backwards in time. */
    default Ease backwards() {
        if (this instanceof Named named) {
            Direction direction = switch (named.direction) {
                case IN -> Direction.OUT;
                case OUT -> Direction.IN;
                case IN_OUT -> Direction.IN_OUT;
            };
            return new Named(named.family, direction);
        }
        if (this instanceof Bezier b) return new Bezier(1 - b.x2, 1 - b.y2, 1 - b.x1, 1 - b.y1);
        if (this instanceof Steps steps) return new Steps(steps.count, !steps.atStart);
        return this;
    }

    enum Family {
        SINE("sine"),
        QUAD("quad"),
        CUBIC("cubic"),
        QUART("quart"),
        QUINT("quint"),
        EXPO("expo"),
        CIRC("circ"),
        BACK("back"),
        ELASTIC("elastic"),
        BOUNCE("bounce");

        private final String word;

        Family(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    enum Direction {
        IN("in"),
        OUT("out"),
        IN_OUT("in-out");

        private final String word;

        Direction(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
