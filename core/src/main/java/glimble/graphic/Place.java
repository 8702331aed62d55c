package glimble.graphic;

/** Where a part is along one axis. */
public sealed interface Place {
    String FRAME = "frame";
    String ACTION_SAFE = "action-safe";
    String TITLE_SAFE = "title-safe";

    /** Whether the word stands for the frame or a safe area, not for a part. */
    static boolean isGround(String word) {
        return word.equals(FRAME) || word.equals(ACTION_SAFE) || word.equals(TITLE_SAFE);
    }

    /**
     * It hangs with one of its edges on an edge of something else. When what it hangs on is absent, it takes the absent one's
     * place.
     *
     * @param edge the part's own edge
     * @param on key of a part, or {@code frame}, {@code action-safe}, {@code title-safe}
     * @param at the edge of that
     * @param plus px to the right or downwards
     * @param stays whether it keeps its place when that part is absent, and does not close up
     */
    record Hang(Edge edge, String on, Edge at, double plus, boolean stays) implements Place {

        public Hang(Edge edge, String on, Edge at, double plus) {
            this(edge, on, at, plus, false);
        }

        /** The same on something else. */
        public Hang onto(String other, Edge otherAt, double otherPlus) {
            return new Hang(edge, other, otherAt, otherPlus, stays);
        }

        /** Whether it hangs on the frame or a safe area, not on a part. */
        public boolean onGround() {
            return isGround(on);
        }
    }

    /** It is a row of a stack, which places it. */
    record Stacked(String stack) implements Place {}

    /** It stands around the parts that it wraps, wherever they are. */
    record Around() implements Place {}
}
