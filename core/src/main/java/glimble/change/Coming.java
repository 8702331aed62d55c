package glimble.change;

import glimble.graphic.PhaseName;
import glimble.motion.Steps;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Standing;
import glimble.reel.Track;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What was still to come in when the values changed, and comes by the in of the new ones: at the time it has there, or as soon as there is
 * room for it. Steps that are still waited at are waited at after the change.
 */
final class Coming {
    private final Shown shown;
    private final Reel next;
    private final Roles roles;
    private final Times times;
    private final InTime comes;
    /** Steps of the new in that are still ahead, at their frames there. */
    private final List<Reel.Pause> steps = new ArrayList<>();
    /** Frames that the new in is ahead of the change. */
    private final int ahead;

    /** Frame of the change at which each step stands, once it is known. */
    private final int[] stands;

    Coming(Shown shown, Reel next, Roles roles, Times times, InTime comes) {
        this.shown = shown;
        this.next = next;
        this.roles = roles;
        this.times = times;
        this.comes = comes;
        Set<String> ahead = shown.waitsFor();
        Set<String> known = new java.util.HashSet<>();
        for (Reel.Pause step : shown.reel().steps()) known.add(step.part());
        if (shown.isComing()) {
            for (Reel.Pause step : next.steps()) {
                boolean passed = known.contains(step.part()) && !ahead.contains(step.part());
                if (!passed && comes.is(step.part())) steps.add(step);
            }
        }
        this.ahead = shown.waits() ? earliest() : shown.frame() - shown.begins();
        stands = new int[steps.size()];
        int change = changeEnd();
        int later = 0;
        for (int i = 0; i < stands.length; i++) {
            int reached = steps.get(i).frame() - this.ahead + later;
            stands[i] = Math.max(reached, i == 0 ? change : stands[i - 1]);
            later += stands[i] - reached;
        }
    }

    /** While the in waits, what has its place before the next step comes at once. */
    private int earliest() {
        int until = steps.isEmpty() ? Integer.MAX_VALUE : steps.get(0).frame();
        int first = Integer.MAX_VALUE;
        for (Layer layer : next.layers()) {
            if (!comes.is(layer.part())) continue;
            for (Track track : layer.tracks()) {
                if (track.phase() == PhaseName.IN && track.begins() < until) first = Math.min(first, track.begins());
            }
        }
        return first == Integer.MAX_VALUE ? Math.min(until == Integer.MAX_VALUE ? 0 : until, next.in()) : first;
    }

    /** Everything that changes at once is over before a step is waited at. */
    private int changeEnd() {
        int end = times.gone;
        for (String key : roles.doings().keySet()) {
            if (roles.of(key) == Doing.STAYS || comes.is(key)) continue;
            end = Math.max(end, Math.max(times.awayEnd(key), times.backEnd(key)));
        }
        if (times.flowsEarly()) end = Math.max(end, times.flow.earlyEnd());
        if (times.flowsLate()) end = Math.max(end, times.flow.lateEnd());
        for (Layer layer : next.layers()) {
            if (!comes.is(layer.part())) continue;
            for (Track track : layer.tracks()) {
                boolean before =
                        !steps.isEmpty() && track.begins() < steps.get(0).frame();
                if (track.phase() == PhaseName.IN && before) end = Math.max(end, track.last() - ahead);
            }
        }
        return end;
    }

    /** Frames by which what begins at a frame of the new in is played later in the change than there; mostly less than 0. */
    private int by(int frame) {
        int by = -ahead;
        for (int i = 0; i < stands.length; i++) {
            if (frame >= steps.get(i).frame()) by = stands[i] - steps.get(i).frame();
        }
        return by;
    }

    boolean isAny() {
        return !steps.isEmpty() || comes.isAny();
    }

    /** Whether a part comes with the in that is still played. */
    boolean comes(String key) {
        return comes.is(key);
    }

    /** Frame of the change before which nothing of a part is seen: not before that in begins, nor before there is room for it. */
    int from(String key) {
        return Math.max(Math.max(0, -ahead), times.earliest(key));
    }

    /** Frame of the change at which it begins to come. */
    int begins(String key) {
        int begins = Integer.MAX_VALUE;
        for (Track track : tracks(key)) begins = Math.min(begins, track.begins());
        return Math.max(from(key), begins == Integer.MAX_VALUE ? 0 : begins);
    }

    /** Frame of the change at which it is at rest. */
    int to(String key) {
        int to = from(key);
        for (Track track : tracks(key)) to = Math.max(to, track.last());
        return to;
    }

    /** Tracks of a part in the in of the change. */
    List<Track> tracks(String key) {
        List<Track> tracks = new ArrayList<>();
        int least = from(key);
        int late = 0;
        for (Track track : next.layers().get(roles.nextIndex(key)).tracks()) {
            if (track.phase() == PhaseName.IN) late = Math.max(late, least - track.begins() - by(track.begins()));
        }
        for (Track track : next.layers().get(roles.nextIndex(key)).tracks()) {
            if (track.phase() != PhaseName.IN) continue;
            tracks.add(track.shifted(PhaseName.IN, by(track.begins()) + late));
        }
        return tracks;
    }

    /** With a box that follows what is revealed as it comes. */
    Layer resized(Layer layer) {
        if (!comes.is(layer.part())) return layer;
        for (Resize resize : next.layers().get(roles.nextIndex(layer.part())).resizes()) {
            if (resize.phase() != PhaseName.IN) continue;
            List<Resize> resizes = new ArrayList<>();
            resizes.add(resize.shifted(PhaseName.IN, -ahead));
            for (Resize other : layer.resizes()) if (other.phase() != PhaseName.IN) resizes.add(other);
            return layer.with(layer.tracks(), resizes);
        }
        return layer;
    }

    /** Frame of the change at which all of it is at rest. */
    int end() {
        int end = stands.length == 0 ? 0 : stands[stands.length - 1];
        for (String key : roles.doings().keySet()) {
            if (!comes.is(key)) continue;
            end = Math.max(end, to(key));
        }
        return end;
    }

    /** Frame until which what has come, or is on its way, goes on. */
    int standing(Standing standing) {
        int end = 0;
        for (String key : roles.doings().keySet()) {
            Doing doing = roles.of(key);
            boolean goesOn = doing == Doing.STAYS || doing == Doing.FLOWS || roles.isTinted(key);
            if (!goesOn) continue;
            for (Track track : standing.going(roles.oldIndex(key))) end = Math.max(end, track.last());
            Resize resize = standing.resizing(roles.oldIndex(key));
            if (resize != null) end = Math.max(end, resize.last());
        }
        return end;
    }

    /** Where the in of the change waits. */
    List<Reel.Pause> pauses(List<Layer> layers, int in) {
        List<Reel.Pause> pauses = new ArrayList<>();
        for (int i = 0; i < stands.length; i++) {
            int until = i + 1 < stands.length ? stands[i + 1] : in;
            pauses.add(ReelMaker.pause(new Steps.Point(steps.get(i).part(), stands[i]), until, layers));
        }
        return pauses;
    }
}
