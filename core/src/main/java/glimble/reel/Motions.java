package glimble.reel;

import glimble.budget.Budget;
import glimble.graphic.Out;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.motion.Steps;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The motion of all parts over all phases, as it is played: an out may be the in backwards, and both may have another length. */
final class Motions {
    private final Map<PhaseName, Integer> lengths = new EnumMap<>(PhaseName.class);
    private final Map<PhaseName, Map<String, List<Track>>> tracks = new EnumMap<>(PhaseName.class);
    private final Map<PhaseName, Map<String, Resize>> resizes = new EnumMap<>(PhaseName.class);
    private final List<Steps.Point> steps = new ArrayList<>();

    /** @param backwards whether the out is the in backwards */
    Motions(
            Map<PhaseName, PhaseMotion> motion,
            boolean backwards,
            Revealed revealed,
            List<Part> present,
            Lengths retimed,
            Budget budget) {
        for (PhaseName phase : PhaseName.PLAYED) {
            boolean mirrored = backwards && phase == PhaseName.OUT;
            PhaseMotion source = motion.get(mirrored ? PhaseName.IN : phase);
            Clock clock = new Clock(phase, source.length(), mirrored, retimed.of(phase));
            Map<String, List<Track>> played = new HashMap<>();
            for (Part part : present) played.put(part.key(), source.tracks(part, clock));
            tracks.put(phase, played);
            resizes.put(
                    phase,
                    phase == PhaseName.LOOP ? Map.of() : revealed.resizes(phase, played, clock.length(), budget));
            if (phase == PhaseName.IN) {
                for (Steps.Point step : source.steps()) {
                    steps.add(new Steps.Point(step.part(), (int) Math.ceil(clock.played(step.frame()))));
                }
            }
            lengths.put(phase, clock.length());
        }
    }

    /**
     * Every move of a present part, at its time before any retiming. Those of an out that is the in backwards, quicker or slower, are as
     * quick as it is.
     */
    static List<Bar> bars(Map<PhaseName, PhaseMotion> motion, Out out) {
        List<Bar> bars = new ArrayList<>();
        for (PhaseName phase : PhaseName.PLAYED) {
            boolean mirrored = out.mirrorsIn() && phase == PhaseName.OUT;
            PhaseMotion source = motion.get(mirrored ? PhaseName.IN : phase);
            Clock clock = Clock.backwards(phase, source.length(), out.pace());
            for (Bar bar : source.bars()) bars.add(mirrored ? backwards(bar, clock) : bar);
        }
        return bars;
    }

    private static Bar backwards(Bar bar, Clock clock) {
        Clock.Whole played = clock.whole(bar.start(), bar.length());
        return new Bar(
                PhaseName.OUT,
                bar.move(),
                bar.part(),
                played.start(),
                played.length(),
                bar.away(),
                Optional.empty(),
                Optional.empty(),
                false,
                bar.words());
    }

    /** Where the in waits. */
    List<Steps.Point> steps() {
        return steps;
    }

    int length(PhaseName phase) {
        return lengths.get(phase);
    }

    /** Of all phases, in their order. */
    List<Track> tracks(String part) {
        List<Track> all = new ArrayList<>();
        for (PhaseName phase : PhaseName.PLAYED) all.addAll(tracks.get(phase).getOrDefault(part, List.of()));
        return all;
    }

    List<Resize> resizes(String part) {
        List<Resize> all = new ArrayList<>();
        for (PhaseName phase : PhaseName.PLAYED) {
            Resize resize = resizes.get(phase).get(part);
            if (resize != null) all.add(resize);
        }
        return all;
    }
}
