package glimble.change;

import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.motion.Steps;
import glimble.reel.Bar;
import glimble.reel.Layer;
import glimble.reel.Looped;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Standing;
import glimble.reel.Track;
import glimble.reel.WorkedOut;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** A change for which everything goes out, from where it stands, and comes in again with the new values. */
final class OutThenIn {
    private OutThenIn() {}

    /** @param why it is so, for people */
    static Changed of(
            Shown shown, Graphic graphic, Map<String, String> values, WorkedOut fresh, int length, String why) {
        Reel leaving = shown.leaving();
        int fade = UsualSwap.frames(graphic, UsualSwap.THROUGH_NOTHING);
        Standing gone = new Standing(leaving, PhaseName.OUT, leaving.out(), Looped.NONE);
        Standing comes = new Standing(fresh.reel(), PhaseName.IN, 0, Looped.NONE);
        boolean stays = isAnySeen(shown, leaving, gone, leaving.out());
        int out = stays ? Math.max(leaving.out(), fade) : seen(shown, leaving, gone);
        int begins = Math.max(0, out + graphic.swap().back().meet());
        List<Layer> layers = new ArrayList<>();
        Set<String> left = new LinkedHashSet<>();
        Map<Integer, Integer> to = new HashMap<>();
        List<Layer> goes = new ArrayList<>();
        for (int i = 0; i < leaving.layers().size(); i++) {
            if (hasGone(shown, i) && !isNeeded(shown, i)) continue;
            to.put(i, goes.size());
            Layer layer = out(leaving.layers().get(i), out);
            goes.add(!isGroup(layer) && gone.isSeen(i) ? fading(layer, out - fade, fade, 1, 0) : layer);
            left.add(leaving.layers().get(i).part());
        }
        for (Layer layer : goes) layers.add(layer.among(to));
        int before = layers.size();
        Reel of = fresh.reel();
        boolean appears = false;
        for (int i = 0; i < of.layers().size(); i++) {
            Layer layer = in(of.layers().get(i), begins, before);
            boolean seen = !isGroup(layer) && comes.isSeen(i);
            appears |= seen;
            layers.add(seen ? fading(layer, begins, fade, 0, 1) : layer);
        }
        List<Reel.Pause> pauses = new ArrayList<>();
        for (int i = 0; i < of.steps().size(); i++) {
            Reel.Pause step = of.steps().get(i);
            int until = i + 1 < of.steps().size() ? of.steps().get(i + 1).frame() : of.in();
            pauses.add(ReelMaker.pause(new Steps.Point(step.part(), step.frame() + begins), until + begins, layers));
        }
        int in = Math.max(out, begins + Math.max(of.in(), appears ? fade : 0));
        Reel reel = new Reel(of.width(), of.height(), of.rate(), layers, in, of.loop(), of.out(), pauses);
        List<Bar> bars = new ArrayList<>();
        for (Bar bar : fresh.bars()) if (bar.phase() == PhaseName.IN) bars.add(bar.later(begins));
        WorkedOut worked = fresh.as(reel, bars, Math.max(length, in + of.out() + 1));
        return new Changed(
                worked, graphic, values, parts(graphic, left, fresh, out, begins, why), Optional.empty(), begins, in);
    }

    /** Frames of the out in which there is something to wait for: from what stands all of it, as it was designed. */
    private static int seen(Shown shown, Reel leaving, Standing left) {
        if (!shown.isComing() && isAnySeen(shown, leaving, left, 0)) return leaving.out();
        int frame = leaving.out();
        while (frame > 0 && !isAnySeen(shown, leaving, left, frame - 1)) frame--;
        return frame;
    }

    private static boolean isAnySeen(Shown shown, Reel leaving, Standing left, int frame) {
        return IntStream.range(0, leaving.layers().size())
                .anyMatch(i -> !hasGone(shown, i) && !isGroup(leaving.layers().get(i)) && left.isSeen(i, frame));
    }

    private static boolean isGroup(Layer layer) {
        return layer.kind().equals("group");
    }

    /** What would be seen where nothing is, fades. */
    private static Layer fading(Layer layer, int first, int frames, double from, double to) {
        double[] values = new double[frames + 1];
        for (int i = 0; i <= frames; i++) values[i] = from + (to - from) * i / frames;
        List<Track> tracks = new ArrayList<>(layer.tracks());
        tracks.add(Track.plain(PhaseName.IN, Channel.OPACITY, "", first, values));
        return layer.with(tracks, layer.resizes());
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

    /** Whether anything that is still there is seen through it, is in it, or rides on it. */
    private static boolean isNeeded(Shown shown, int index) {
        List<Layer> layers = shown.reel().layers();
        return IntStream.range(0, layers.size()).filter(i -> !hasGone(shown, i)).anyMatch(i -> {
            Layer layer = layers.get(i);
            boolean masked = layer.masks().stream().anyMatch(mask -> mask.layer() == index);
            return masked || layer.within() == index || layer.rides() == index;
        });
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
