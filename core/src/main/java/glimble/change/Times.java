package glimble.change;

import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Resize;
import glimble.reel.Standing;
import glimble.reel.Track;
import glimble.rest.Rect;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * When everything of a change begins: what grows, grows before new letters come; what shrinks, shrinks after the old ones have left.
 * Frames of the change.
 */
final class Times {
    /** px by which letters may lie outside what holds them at rest. */
    private static final double TOLERANCE = 0.5;

    private final Shown shown;
    private final Roles roles;
    private final Middle middle;
    private final Half away;
    private final Half back;
    private final Half leave;
    private final Half enter;

    /** Frame until which what an earlier change moves is still on its way. */
    private final int running;
    /** Frame from which on nothing is left of what an earlier change takes away. */
    final int gone;

    final Flow flow;
    /** Whether nothing new comes before everything that moves has moved. */
    final boolean apart;

    private final boolean early;
    private final boolean late;
    private final int backBy;
    private final int enterBy;
    /** Parts of which anything is in the picture as it stands. */
    private final Set<String> seen = new HashSet<>();
    /** By part, the one that must grow before it comes. */
    private final Map<String, String> holders = new HashMap<>();

    Times(Shown shown, Standing standing, Roles roles, Middle middle, Half away, Half back, Half leave, Half enter) {
        this.shown = shown;
        this.roles = roles;
        for (String key : roles.doings().keySet())
            if (roles.hasOld(key) && standing.isSeen(roles.oldIndex(key))) seen.add(key);
        this.middle = middle;
        this.away = away;
        this.back = back;
        this.leave = leave;
        this.enter = enter;
        running = running();
        gone = gone();
        int left = gone;
        for (String key : roles.doings().keySet()) left = Math.max(left, awayEnd(key));
        apart = roles.doings().keySet().stream().anyMatch(this::wavers);
        early = !apart && roles.doings().keySet().stream().anyMatch(roles::movesEarly);
        late = roles.doings().keySet().stream()
                .anyMatch(key -> roles.movesLate(key) || apart && (roles.movesEarly(key)));
        int leaveEnd = roles.doings().keySet().stream()
                .filter(key -> roles.of(key) == Doing.LEAVES)
                .mapToInt(this::awayEnd)
                .max()
                .orElse(0);
        boolean both = leaveEnd > 0 && roles.doings().containsValue(Doing.ENTERS);
        // Nothing moves where something is still leaving.
        int begins = !early ? 0 : both ? Math.max(gone, leaveEnd) : gone;
        flow = Flow.of(middle.graphic().swap().back().flow(), begins, late ? left : 0);
        int meet = middle.graphic().swap().back().meet();
        int by = 0;
        int enters = early ? flow.earlyEnd() : 0;
        for (String key : roles.doings().keySet()) {
            if (back.moves(key)) by = Math.max(by, oldEnd(key) + meet - back.first(key));
            if (enter.moves(key)) enters = Math.max(enters, makesRoom(key));
            findHolder(key);
        }
        backBy = Math.max(0, by);
        enterBy = enters;
    }

    /** The same place before and after, but another between: then nothing comes before everything has gone over at once. */
    private boolean wavers(String key) {
        boolean same = roles.of(key) == Doing.STAYS && roles.movesEarly(key);
        return same && roles.movesLate(key);
    }

    private int running() {
        int last = 0;
        if (shown.phase() != PhaseName.IN) return 0;
        for (Layer layer : shown.reel().layers()) {
            // What has not come yet is nothing that anybody could wait for.
            if (roles.isComing(layer.part()) && !Roles.isGone(layer)) continue;
            for (Resize resize : layer.resizes())
                if (resize.phase() == shown.phase()) last = Math.max(last, there(layer, resize.last()));
            for (Track track : layer.tracks()) {
                if (track.phase() == shown.phase() && track.flows()) last = Math.max(last, there(layer, track.last()));
            }
        }
        return last;
    }

    private int gone() {
        int last = 0;
        if (shown.phase() != PhaseName.IN) return 0;
        for (Layer layer : shown.reel().layers()) {
            if (!Roles.isGone(layer)) continue;
            for (Track track : layer.tracks()) {
                if (track.phase() == shown.phase()) last = Math.max(last, there(layer, track.last()));
            }
        }
        return last;
    }

    /** Frames from now until a frame of what is shown, or until nothing is left of a layer, if that comes before. */
    private int there(Layer layer, int frame) {
        return Math.min(frame, layer.vanishes(shown.phase())) - shown.frame();
    }

    boolean flowsEarly() {
        return early;
    }

    boolean flowsLate() {
        return late;
    }

    /** Frame from which on nothing of an old part is left; 0 for one that is not replaced. */
    int awayEnd(String key) {
        if (!roles.hasOld(key) || roles.isComing(key)) return 0;
        if (roles.isRiding(key)) return awayEnd(roles.rides(key));
        // Nobody waits for what is not there.
        if (!seen.contains(key)) return 0;
        if (roles.of(key) == Doing.LEAVES) {
            int last = leave.last(key);
            for (String other : roles.doings().keySet()) {
                if (roles.isIn(key, other) && leave.moves(other)) last = Math.max(last, leave.last(other));
            }
            return last;
        }
        if (!roles.isDrawnTwice(key)) return 0;
        int last = away.last(key);
        for (String other : roles.doings().keySet()) {
            if (key.equals(roles.rides(other))) last = Math.max(last, away.last(other));
        }
        return last;
    }

    /** The same; a mask is there until nothing is left of what is seen through it. */
    int gatedAt(String key) {
        int end = roles.isLaidOver(key) ? backEnd(key) : awayEnd(key);
        for (String masked : roles.seenThrough(key)) end = Math.max(end, awayEnd(masked));
        return end;
    }

    /** The same; of a part whose old letters an earlier change still takes away, until these have gone. */
    private int oldEnd(String key) {
        return Math.max(awayEnd(key), gone);
    }

    /** Whoever enters where something leaves waits for that, also for what an earlier change takes away. */
    private int makesRoom(String key) {
        Rect place = middle.next().box(key);
        int from = 0;
        if (gone > 0) {
            for (Layer layer : shown.reel().layers()) {
                if (Roles.isGone(layer) && meets(layer.box(), place)) from = Math.max(from, gone - enter.first(key));
            }
        }
        for (String other : roles.doings().keySet()) {
            if (roles.of(other) != Doing.LEAVES) continue;
            Rect left = middle.old().box(other);
            if (meets(left, place)) from = Math.max(from, awayEnd(other) - enter.first(key));
        }
        return from;
    }

    /** Looks for what must have grown, or come into place, before letters may come. */
    private void findHolder(String key) {
        boolean comes = roles.of(key) == Doing.SWAPS || roles.of(key) == Doing.ENTERS;
        if (!comes || !middle.next().isPresent(key)) return;
        Part part = middle.graphic().part(key).orElseThrow();
        boolean mirrored = middle.next().mirrored();
        Rect will = middle.next().part(key).drawn();
        double dx = 0;
        double dy = 0;
        if (middle.old().isPresent(key)) {
            dx = middle.anchor(part, middle.old().part(key), glimble.graphic.Axis.X, mirrored)
                    - middle.anchor(part, middle.next().part(key), glimble.graphic.Axis.X, mirrored);
            dy = middle.anchor(part, middle.old().part(key), glimble.graphic.Axis.Y, mirrored)
                    - middle.anchor(part, middle.next().part(key), glimble.graphic.Axis.Y, mirrored);
        }
        Rect would = new Rect(will.x() + dx, will.y() + dy, will.width(), will.height());
        for (String other : roles.doings().keySet()) {
            if (other.equals(key) || !middle.stays(other)) continue;
            Rect before = middle.old().part(other).drawn();
            Rect after = middle.next().part(other).drawn();
            boolean letters = roles.nextLayer(other).kind().equals("text");
            boolean held = !letters && holds(after, will) && !holds(before, would);
            boolean inTheWay = letters && meets(before, would) && !meets(after, will);
            if (held || inTheWay) {
                holders.put(key, other);
                return;
            }
        }
    }

    private static boolean meets(Rect one, Rect other) {
        return one.right() > other.x()
                && one.x() < other.right()
                && one.bottom() > other.y()
                && one.y() < other.bottom();
    }

    private static boolean holds(Rect outer, Rect inner) {
        Rect loose = outer.grown(TOLERANCE);
        return inner.x() >= loose.x()
                && inner.y() >= loose.y()
                && inner.right() <= loose.right()
                && inner.bottom() <= loose.bottom();
    }

    /** The part that has to grow, or make room, before it comes; null if there is none. */
    String holderOf(String key) {
        return holders.get(key);
    }

    /** Frame before which nothing new of a part may be seen. */
    int earliest(String key) {
        // What an earlier change moves comes to rest first.
        int earliest = running;
        if (apart) earliest = Math.max(earliest, flow.lateEnd());
        if (early && holders.containsKey(key)) earliest = Math.max(earliest, flow.earlyEnd());
        return earliest;
    }

    /** Frame at which the new of a part begins. */
    int backStart(String key) {
        if (roles.isRiding(key) && !back.moves(key)) return backStart(roles.rides(key));
        if (back.moves(key)) return Math.max(earliest(key), backBy + back.first(key));
        if (roles.isLaidOver(key)) return 0;
        if (roles.of(key) == Doing.ENTERS) return enterStart(key);
        return Math.max(earliest(key), oldEnd(key));
    }

    private int enterStart(String key) {
        int first = enter.moves(key) ? enter.first(key) : firstOfGroup(key);
        return Math.max(earliest(key), enterBy + first);
    }

    private int firstOfGroup(String key) {
        for (String other : roles.doings().keySet()) {
            if (roles.isIn(key, other) && enter.moves(other)) return enter.first(other);
        }
        return 0;
    }

    /** Frames by which the moves of the second half of a part are played later than they stand there. */
    int backBy(String key) {
        return backStart(key) - back.first(key);
    }

    int enterBy(String key) {
        return enterStart(key) - enter.first(key);
    }

    /** Frame at which the new of a part is at rest. */
    int backEnd(String key) {
        if (roles.of(key) == Doing.LEAVES) return 0;
        if (roles.isRiding(key) && !back.moves(key)) return backEnd(roles.rides(key));
        if (back.moves(key)) return backBy(key) + back.last(key);
        if (roles.of(key) == Doing.ENTERS && enter.moves(key)) return enterBy(key) + enter.last(key);
        return backStart(key);
    }
}
