package glimble.change;

import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Looped;
import glimble.reel.Reel;
import glimble.reel.Standing;
import glimble.reel.Track;
import java.util.LinkedHashSet;
import java.util.Set;

/**
 * Which parts come with the in that is still played: those that enter, and of which the in of the new values shows nothing yet at the moment
 * of the change. What it shows by then enters as in any other change.
 */
final class InTime {
    private final Reel next;
    private final Set<String> keys = new LinkedHashSet<>();

    InTime(Shown shown, Reel next, Roles roles) {
        this.next = next;
        if (!shown.isIn()) return;
        int frame = shown.frame() - shown.begins();
        Standing there = standing(frame);
        roles.doings().forEach((key, doing) -> {
            if (doing != Doing.ENTERS || roles.isRiding(key)) return;
            int index = roles.nextIndex(key);
            // What has its place before a step that is waited at comes at once, by all of its in.
            boolean unseen = frame < 0 || (shown.waits() ? !isSeenFirst(index, frame) : !there.isSeen(index));
            if (unseen) keys.add(key);
        });
    }

    private Standing standing(int frame) {
        return new Standing(next, PhaseName.IN, Math.max(0, Math.min(next.in(), frame)), Looped.NONE);
    }

    private boolean isSeenFirst(int index, int frame) {
        int first = frame;
        for (int at = index; at >= 0; at = next.layers().get(at).within())
            first = Math.min(first, begins(next.layers().get(at)));
        return standing(first).isSeen(index);
    }

    private static int begins(Layer layer) {
        int begins = Integer.MAX_VALUE;
        for (Track track : layer.tracks()) {
            if (track.phase() == PhaseName.IN) begins = Math.min(begins, track.begins());
        }
        return begins;
    }

    /** Whether a part does. */
    boolean is(String key) {
        return keys.contains(key);
    }

    boolean isAny() {
        return !keys.isEmpty();
    }
}
