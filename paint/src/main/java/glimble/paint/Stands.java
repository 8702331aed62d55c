package glimble.paint;

import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.RibbonNow;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How the layers of a reel stand, frame by frame. Keeps how its ribbons run as long as that does not change. For one thread. */
final class Stands {
    private final Reel reel;
    private final Map<Integer, RibbonOutline> ribbons = new HashMap<>();

    Stands(Reel reel) {
        this.reel = reel;
    }

    /** Those of all layers, in their order. */
    List<Stand> at(PhaseName phase, int frame) {
        Stand[] stands = new Stand[reel.layers().size()];
        for (int i = 0; i < stands.length; i++) stand(stands, i, phase, frame);
        return Arrays.asList(stands);
    }

    private Stand stand(Stand[] stands, int index, PhaseName phase, int frame) {
        if (stands[index] == null) stands[index] = made(stands, index, phase, frame);
        return stands[index];
    }

    private Stand made(Stand[] stands, int index, PhaseName phase, int frame) {
        Layer layer = reel.layers().get(index);
        Stand own = Stand.alone(layer, phase, frame);
        if (layer.rides() >= 0) return Stand.riding(own, stand(stands, layer.rides(), phase, frame));
        if (layer.ribbon() != null) own = own.running(ribbon(index, layer, phase, frame));
        return layer.within() < 0 ? own : own.within(stand(stands, layer.within(), phase, frame));
    }

    private RibbonOutline ribbon(int index, Layer layer, PhaseName phase, int frame) {
        RibbonOutline before = ribbons.get(index);
        RibbonNow now = RibbonNow.of(layer, phase, frame, reel.width(), before == null ? null : before.ribbon());
        RibbonOutline outline = RibbonOutline.of(now, before);
        ribbons.put(index, outline);
        return outline;
    }
}
