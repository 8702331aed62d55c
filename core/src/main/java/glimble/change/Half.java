package glimble.change;

import glimble.budget.Budget;
import glimble.graphic.Graphic;
import glimble.graphic.Out;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.motion.MirroredMoves;
import glimble.reel.Bar;
import glimble.reel.Clock;
import glimble.reel.PhaseMotion;
import glimble.reel.Track;
import glimble.rest.Rest;
import glimble.spoken.SpokenTimes;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** A stretch of motion of some parts within a change: its first move begins at frame 0, wherever it stood in its phase. */
final class Half {
    private final PhaseMotion motion;
    private final Clock clock;
    private final int before;
    private final Map<String, int[]> spans = new HashMap<>();
    private final Map<String, List<Track>> known = new HashMap<>();

    /**
     * @param name the phase it is of, for people
     * @param phase with the moves of those parts only
     * @param backwards whether it is played from its last frame to its first
     * @param pace how quick it is then
     */
    Half(
            PhaseName name,
            Phase phase,
            boolean backwards,
            Out.Pace pace,
            Graphic graphic,
            Rest rest,
            SpokenTimes spoken,
            Budget budget) {
        motion =
                new PhaseMotion(name, rest.mirrored() ? MirroredMoves.of(phase) : phase, graphic, rest, spoken, budget);
        clock = backwards
                ? Clock.backwards(PhaseName.IN, motion.length(), pace)
                : new Clock(PhaseName.IN, motion.length(), false, Optional.empty());
        int earliest = Integer.MAX_VALUE;
        for (Bar bar : motion.bars()) {
            Clock.Whole played = clock.whole(bar.start(), bar.length());
            earliest = Math.min(earliest, played.start());
            int[] span = spans.computeIfAbsent(bar.part(), none -> new int[] {played.start(), 0});
            span[0] = Math.min(span[0], played.start());
            span[1] = Math.max(span[1], played.start() + played.length());
        }
        before = spans.isEmpty() ? 0 : earliest;
    }

    boolean moves(String part) {
        return spans.containsKey(part);
    }

    /** Frame at which the first move of a part begins; 0 for one without. */
    int first(String part) {
        return moves(part) ? spans.get(part)[0] - before : 0;
    }

    /** Frame at which the last move of a part ends; 0 for one without. */
    int last(String part) {
        return moves(part) ? spans.get(part)[1] - before : 0;
    }

    /** Tracks of a part in the in of a change, so many frames later. */
    List<Track> tracks(Part part, int by) {
        if (!moves(part.key())) return List.of();
        List<Track> tracks = known.computeIfAbsent(part.key(), none -> motion.tracks(part, clock));
        return tracks.stream()
                .map(track -> track.shifted(PhaseName.IN, by - before))
                .toList();
    }

    /** Frame of the phase, as it is written down, at which the first move of a part begins; empty for one without. */
    OptionalInt written(String part) {
        return motion.bars().stream()
                .filter(bar -> bar.part().equals(part))
                .mapToInt(Bar::start)
                .min();
    }

    /** Its moves of a part as they are played, so many frames later. */
    List<Bar> bars(String part, int by) {
        List<Bar> bars = new ArrayList<>();
        for (Bar bar : motion.bars()) {
            if (!bar.part().equals(part)) continue;
            Clock.Whole played = clock.whole(bar.start(), bar.length());
            bars.add(bar.at(played.start() - before + by, played.length()));
        }
        return bars;
    }
}
