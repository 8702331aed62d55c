package glimble.graphic;

import java.util.List;

/**
 * What a graphic does when it gets other values while it stands. Parts without moves here swap as is usual.
 *
 * @param away how what is replaced leaves
 * @param back how what replaces it comes
 * @param never whether it never changes while it stands, but goes out and comes in again
 */
public record Swap(Away away, Back back, boolean never) {
    public static final Swap USUAL = new Swap(new Away(List.of()), new Back(List.of()), false);

    public Swap withAway(Away other) {
        return new Swap(other, back, never);
    }

    public Swap withBack(Back other) {
        return new Swap(away, other, never);
    }
}
