package glimble.change;

import glimble.budget.Budget;
import glimble.graphic.Graphic;
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
    private final boolean backwards;
    private final int before;
    private final Map<String, int[]> spans = new HashMap<>();
    private final Map<String, List<Track>> known = new HashMap<>();

    /**
     * @param name the phase it is of, for people
     * @param phase with the moves of those parts only
     * @param backwards whether it is played from its last frame to its first
     */
    Half(
            PhaseName name,
            Phase phase,
            boolean backwards,
            Graphic graphic,
            Rest rest,
            SpokenTimes spoken,
            Budget budget) {
        this.backwards = backwards;
        motion =
                new PhaseMotion(name, rest.mirrored() ? MirroredMoves.of(phase) : phase, graphic, rest, spoken, budget);
        int earliest = Integer.MAX_VALUE;
        for (Bar bar : motion.bars()) {
            int start = start(bar);
            earliest = Math.min(earliest, start);
            int[] span = spans.computeIfAbsent(bar.part(), none -> new int[] {start, 0});
            span[0] = Math.min(span[0], start);
            span[1] = Math.max(span[1], start + bar.length());
        }
        before = spans.isEmpty() ? 0 : earliest;
    }

    private int start(Bar bar) {
        return backwards ? motion.length() - bar.start() - bar.length() : bar.start();
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
        List<Track> tracks = known.computeIfAbsent(part.key(), none -> {
            Clock clock = new Clock(PhaseName.IN, motion.length(), backwards, Optional.empty());
            return motion.tracks(part, clock);
        });
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
            bars.add(bar.later(start(bar) - bar.start() - before + by));
        }
        return bars;
    }
}
