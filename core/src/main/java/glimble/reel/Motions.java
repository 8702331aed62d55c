package glimble.reel;

import glimble.graphic.Part;
import glimble.motion.Retiming;
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
    private final Map<String, List<Track>> tracks = new HashMap<>();
    private final Map<String, List<Resize>> resizes = new HashMap<>();
    private final List<Bar> bars = new ArrayList<>();
    private final List<Steps.Point> steps = new ArrayList<>();

    /** @param backwards whether the out is the in backwards */
    Motions(
            Map<PhaseName, PhaseMotion> motion,
            boolean backwards,
            Revealed revealed,
            List<Part> present,
            Lengths retimed) {
        for (PhaseName phase : PhaseName.values()) {
            boolean mirrored = backwards && phase == PhaseName.OUT;
            PhaseMotion source = motion.get(mirrored ? PhaseName.IN : phase);
            int length = source.length();
            Map<String, List<Track>> ofPhase = new HashMap<>();
            for (Part part : present) ofPhase.put(part.key(), source.tracks(part));
            Map<String, Resize> resized = phase == PhaseName.LOOP
                    ? Map.of()
                    : revealed.resizes(mirrored ? PhaseName.IN : phase, ofPhase, length);
            Optional<Retiming> retiming =
                    phase == PhaseName.IN ? retimed.in() : phase == PhaseName.OUT ? retimed.out() : Optional.empty();
            ofPhase.forEach((part, all) -> all.forEach(track -> {
                Track played = mirrored ? PlayedTracks.backwards(track, length) : track;
                add(
                        tracks,
                        part,
                        retiming.map(to -> PlayedTracks.retimed(played, to)).orElse(played));
            }));
            resized.forEach((part, resize) -> {
                Resize played = mirrored ? PlayedTracks.backwards(resize, length) : resize;
                add(
                        resizes,
                        part,
                        retiming.map(to -> PlayedTracks.retimed(played, to)).orElse(played));
            });
            for (Bar bar : source.bars()) bars.add(mirrored ? backwards(bar, length) : bar);
            if (phase == PhaseName.IN) {
                for (Steps.Point step : source.steps())
                    steps.add(retiming.map(to -> retimed(step, to)).orElse(step));
            }
            lengths.put(phase, retiming.map(Retiming::length).orElse(length));
        }
    }

    private static <T> void add(Map<String, List<T>> lists, String part, T item) {
        lists.computeIfAbsent(part, none -> new ArrayList<>()).add(item);
    }

    private static Bar backwards(Bar bar, int length) {
        return new Bar(
                PhaseName.OUT,
                bar.move(),
                bar.part(),
                length - bar.start() - bar.length(),
                bar.length(),
                bar.away(),
                Optional.empty(),
                Optional.empty(),
                false,
                bar.words());
    }

    private static Steps.Point retimed(Steps.Point step, Retiming to) {
        return new Steps.Point(step.part(), (int) Math.ceil(to.has(step.frame())));
    }

    /** Where the in waits. */
    List<Steps.Point> steps() {
        return steps;
    }

    int length(PhaseName phase) {
        return lengths.get(phase);
    }

    List<Track> tracks(String part) {
        return tracks.getOrDefault(part, List.of());
    }

    List<Resize> resizes(String part) {
        return resizes.getOrDefault(part, List.of());
    }

    /** Every move of a present part, at its time before any retiming. */
    List<Bar> bars() {
        return bars;
    }
}
