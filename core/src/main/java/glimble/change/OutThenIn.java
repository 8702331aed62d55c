package glimble.change;

import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.motion.Steps;
import glimble.reel.Bar;
import glimble.reel.EarlyOut;
import glimble.reel.Layer;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Track;
import glimble.reel.WorkedOut;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A change for which everything goes out, from where it stands, and comes in again with the new values. */
final class OutThenIn {
    private OutThenIn() {}

    /** @param why it is so, for people */
    static Changed of(
            Shown shown, Graphic graphic, Map<String, String> values, WorkedOut fresh, int length, String why) {
        Reel leaving = EarlyOut.of(shown.reel(), shown.phase(), shown.frame(), shown.looped(), shown.share());
        int out = leaving.layers().isEmpty() ? 0 : leaving.out();
        int begins = Math.max(0, out + graphic.swap().back().meet());
        List<Layer> layers = new ArrayList<>();
        Set<String> left = new LinkedHashSet<>();
        Map<Integer, Integer> to = new HashMap<>();
        List<Layer> goes = new ArrayList<>();
        for (int i = 0; i < leaving.layers().size(); i++) {
            if (hasGone(shown, i)) continue;
            to.put(i, goes.size());
            goes.add(out(leaving.layers().get(i), out));
            left.add(leaving.layers().get(i).part());
        }
        for (Layer layer : goes) layers.add(layer.among(to));
        int before = layers.size();
        for (Layer layer : fresh.reel().layers()) layers.add(in(layer, begins, before));
        Reel of = fresh.reel();
        List<Reel.Pause> pauses = new ArrayList<>();
        for (int i = 0; i < of.steps().size(); i++) {
            Reel.Pause step = of.steps().get(i);
            int until = i + 1 < of.steps().size() ? of.steps().get(i + 1).frame() : of.in();
            pauses.add(ReelMaker.pause(new Steps.Point(step.part(), step.frame() + begins), until + begins, layers));
        }
        int in = Math.max(out, begins + of.in());
        Reel reel = new Reel(of.width(), of.height(), of.rate(), layers, in, of.loop(), of.out(), pauses);
        List<Bar> bars = new ArrayList<>();
        for (Bar bar : fresh.bars()) if (bar.phase() == PhaseName.IN) bars.add(bar.later(begins));
        WorkedOut worked = new WorkedOut(
                reel, fresh.rest(), bars, Playback.whole(reel, Math.max(length, in + of.out() + 1)), fresh.notes());
        return new Changed(
                worked, graphic, values, parts(graphic, left, fresh, out, begins, why), Optional.empty(), begins, in);
    }

    private static Layer out(Layer layer, int out) {
        List<Track> tracks = new ArrayList<>();
        for (Track track : layer.tracks())
            if (track.phase() == PhaseName.OUT) tracks.add(track.shifted(PhaseName.IN, 0));
        if (layer.within() < 0) tracks.add(Layers.gate(out, false));
        List<Resize> resizes = layer.resizes().stream()
                .filter(resize -> resize.phase() == PhaseName.OUT)
                .map(resize -> resize.shifted(PhaseName.IN, 0))
                .toList();
        return layer.with(tracks, resizes).absentIn(Layers.GONE);
    }

    /** What an earlier change took away, and what only takes its turn in a series, is not there any more. */
    private static boolean hasGone(Shown shown, int index) {
        Layer layer = shown.reel().layers().get(index);
        if (shown.phase() != PhaseName.IN) return layer.isAbsent(PhaseName.LOOP);
        if (layer.isAbsent(PhaseName.IN)) return true;
        if (!Roles.isGone(layer)) return false;
        // What is in a group goes with it.
        int last = 0;
        for (int at = index; at >= 0; at = shown.reel().layers().get(at).within()) {
            for (Track track : shown.reel().layers().get(at).tracks()) {
                if (track.phase() == PhaseName.IN) last = Math.max(last, track.last());
            }
        }
        return last <= shown.frame();
    }

    private static Layer in(Layer layer, int begins, int before) {
        List<Track> tracks = new ArrayList<>();
        for (Track track : layer.tracks()) {
            tracks.add(track.phase() == PhaseName.IN ? track.shifted(PhaseName.IN, begins) : track);
        }
        if (layer.within() < 0 && begins > 0) tracks.add(Layers.gate(begins, true));
        List<Resize> resizes = new ArrayList<>();
        for (Resize resize : layer.resizes()) {
            resizes.add(resize.phase() == PhaseName.IN ? resize.shifted(PhaseName.IN, begins) : resize);
        }
        List<Layer.MaskBy> masks = layer.masks().stream()
                .map(mask -> new Layer.MaskBy(mask.layer() + before, mask.inside(), mask.soft()))
                .toList();
        int within = layer.within() < 0 ? -1 : layer.within() + before;
        int rides = layer.rides() < 0 ? -1 : layer.rides() + before;
        return layer.with(tracks, resizes).among(masks, within, rides);
    }

    private static List<PartChange> parts(
            Graphic graphic, Set<String> left, WorkedOut fresh, int out, int begins, String why) {
        Set<String> come = new LinkedHashSet<>();
        for (Layer layer : fresh.reel().layers()) come.add(layer.part());
        List<PartChange> parts = new ArrayList<>();
        graphic.parts().forEach(part -> {
            boolean leaves = left.contains(part.key());
            boolean enters = come.contains(part.key());
            if (!leaves && !enters) return;
            Doing doing = leaves && enters ? Doing.SWAPS : leaves ? Doing.LEAVES : Doing.ENTERS;
            int end = begins + fresh.reel().in();
            String does = leaves && enters ? "goes out and comes in again" : leaves ? "goes out" : "comes in";
            parts.add(new PartChange(
                    part.key(),
                    doing,
                    leaves ? 0 : begins,
                    enters ? end : out,
                    leaves ? out : 0,
                    enters ? begins : 0,
                    false,
                    does + ": " + why,
                    List.of("out 0–" + out, "in " + begins + "–" + end)));
        });
        return parts;
    }
}
