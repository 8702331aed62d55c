package glimble.paint;

import glimble.graphic.Channel;
import glimble.graphic.Opening;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.Track;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A reel as a vector animation carries it: without shadows, glows and blurs, with hard edges, flat where it is tilted, and without ribbons and what
 * rides on them.
 */
public final class CarriedReel {
    private static final Set<Channel> LEFT_OUT = Set.of(Channel.BLUR, Channel.TILT_X, Channel.TILT_Y);
    private static final Layer.ThrownShadow NONE = new Layer.ThrownShadow("", 0, 0, 0);

    private CarriedReel() {}

    public static Reel of(Reel reel) {
        Map<Integer, Integer> to = new HashMap<>();
        List<Layer> kept = new ArrayList<>();
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            if (layer.ribbon() != null || layer.rides() >= 0) continue;
            to.put(i, kept.size());
            kept.add(layer);
        }
        List<Layer> layers =
                kept.stream().map(layer -> carried(layer.among(to))).toList();
        return new Reel(
                reel.width(), reel.height(), reel.rate(), layers, reel.in(), reel.loop(), reel.out(), reel.steps());
    }

    private static Layer carried(Layer of) {
        List<Track> tracks = of.tracks().stream()
                .filter(track -> !LEFT_OUT.contains(track.channel()))
                .map(CarriedReel::hard)
                .toList();
        List<Layer.MaskBy> masks = of.masks().stream()
                .map(mask -> new Layer.MaskBy(mask.layer(), mask.inside(), 0))
                .toList();
        return new Layer(
                of.part(),
                of.kind(),
                of.box(),
                of.ink(),
                of.baseline(),
                of.corners(),
                of.slant(),
                of.fill(),
                of.stroke(),
                NONE,
                NONE,
                of.opacity(),
                of.picture(),
                of.grade(),
                of.pictureAt(),
                of.runs(),
                of.units(),
                of.em(),
                of.held(),
                masks,
                of.within(),
                tracks,
                of.resizes(),
                of.unseen(),
                of.flipped(),
                of.ribbon(),
                null,
                of.rides(),
                of.absentIn());
    }

    private static Track hard(Track of) {
        if (of.opening().soft() == 0) return of;
        return new Track(
                of.phase(),
                of.channel(),
                of.pivotX(),
                of.pivotY(),
                new Opening(of.opening().degrees(), of.opening().bothWays(), 0),
                of.band(),
                of.colour(),
                of.first(),
                of.values(),
                of.round(),
                of.dealt(),
                of.flows());
    }
}
