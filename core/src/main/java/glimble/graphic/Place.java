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
     */
    record Hang(Edge edge, String on, Edge at, double plus) implements Place {

        /** Whether it hangs on the frame or a safe area, not on a part. */
        public boolean onGround() {
            return isGround(on);
        }
    }

    /** It is a row of a stack, which places it. */
    record Stacked(String stack) implements Place {}
}
