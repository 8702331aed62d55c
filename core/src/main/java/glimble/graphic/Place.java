package glimble.graphic;

/**
 * Where a part is along one axis: it hangs with one of its edges on an edge of something else. When what it hangs on is
 * absent, it takes the absent one's place.
 *
 * @param edge the part's own edge
 * @param on key of a part, or {@code frame}, {@code action-safe}, {@code title-safe}
 * @param at the edge of that
 * @param plus px to the right or downwards
 */
public record Place(Edge edge, String on, Edge at, double plus) {

    public static final String FRAME = "frame";
    public static final String ACTION_SAFE = "action-safe";
    public static final String TITLE_SAFE = "title-safe";

    /** Whether it hangs on the frame or a safe area, not on a part. */
    public boolean onGround() {
        return on.equals(FRAME) || on.equals(ACTION_SAFE) || on.equals(TITLE_SAFE);
    }
}
