package glimble.change;

import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Track;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Puts the layers of what was and of what will be into one reel, each within its group and behind its masks. */
final class Assembly {
    private final Shown shown;
    private final Roles roles;
    private final List<Layer> layers = new ArrayList<>();
    /** Whether each is of what was there, and its index there; else of what will be, and its index there. */
    private final List<Boolean> ofOld = new ArrayList<>();

    private final List<Integer> from = new ArrayList<>();
    private final Map<Integer, Integer> oldTo = new HashMap<>();
    private final Map<Integer, Integer> nextTo = new HashMap<>();

    /** Whether anything is still going that an earlier change takes away. */
    private final boolean goes;

    Assembly(Shown shown, Roles roles, Times times) {
        this.shown = shown;
        goes = shown.phase() == PhaseName.IN && times.gone > 0;
        this.roles = roles;
    }

    private void add(Layer layer, boolean old, int index) {
        (old ? oldTo : nextTo).put(index, layers.size());
        layers.add(layer);
        ofOld.add(old);
        from.add(index);
    }

    /** What an earlier change still takes away of a part. */
    void addGone(String key) {
        if (!goes) return;
        for (int i = 0; i < shown.reel().layers().size(); i++) {
            Layer layer = shown.reel().layers().get(i);
            if (!layer.part().equals(key) || !Roles.isGone(layer)) continue;
            List<Track> tracks = new ArrayList<>();
            for (Track track : layer.tracks()) {
                if (track.phase() == PhaseName.IN) tracks.add(track.shifted(PhaseName.IN, -shown.frame()));
            }
            var resizes = layer.resizes().stream()
                    .map(resize -> resize.shifted(PhaseName.IN, -shown.frame()))
                    .toList();
            add(layer.with(tracks, resizes), true, i);
        }
    }

    void addOld(String key, Layer layer) {
        add(layer, true, roles.oldIndex(key));
    }

    void addNext(String key, Layer layer, Coming coming) {
        // What others of the old are within, or behind, is this one now.
        if (roles.hasOld(key)) oldTo.putIfAbsent(roles.oldIndex(key), layers.size());
        add(coming.resized(layer), false, roles.nextIndex(key));
    }

    /** All of them, back to front. */
    List<Layer> layers() {
        List<Layer> placed = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            placed.add(layers.get(i).among(ofOld.get(i) ? oldTo : nextTo));
        }
        return placed;
    }
}
