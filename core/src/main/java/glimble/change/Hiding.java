package glimble.change;

import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Looped;
import glimble.reel.Reel;
import glimble.reel.Standing;
import glimble.reel.Track;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What is seen of a reel at a frame of a half that moves it: by what is drawn, not by what the moves are meant for. */
final class Hiding {
    private final Reel reel;
    private final Half half;
    private final Graphic graphic;
    private final Map<Integer, Standing> known = new HashMap<>();

    /** @param reel in which everything is at rest */
    Hiding(Reel reel, Half half, Graphic graphic) {
        this.reel = reel;
        this.half = half;
        this.graphic = graphic;
    }

    /** Whether anything of a layer is in the picture at a frame of the half. */
    boolean isSeen(int index, int frame) {
        for (int at = index; at >= 0; at = reel.layers().get(at).within()) {
            for (Track track : tracks(reel.layers().get(at))) if (isNothing(track, frame)) return false;
        }
        return known.computeIfAbsent(frame, this::standing).isSeen(index);
    }

    /** What is clear at a glance needs no working out. */
    private static boolean isNothing(Track track, int frame) {
        if (track.overLetters()) return false;
        return switch (track.channel()) {
            case OPACITY, REVEAL, SCALE_X, SCALE_Y -> track.at(frame) <= 0;
            default -> false;
        };
    }

    private Standing standing(int frame) {
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : reel.layers()) {
            List<Track> held = tracks(layer).stream()
                    .map(track -> track.overLetters()
                            ? track.shifted(PhaseName.IN, -frame)
                            : track.with(PhaseName.IN, 0, new double[] {track.at(frame)}, 0, Track.Dealt.NONE))
                    .toList();
            layers.add(layer.with(held, List.of()));
        }
        Reel still = new Reel(reel.width(), reel.height(), reel.rate(), layers, 0, 0, 0);
        return new Standing(still, PhaseName.IN, 0, Looped.NONE);
    }

    private List<Track> tracks(Layer layer) {
        Part part = graphic.part(layer.part()).orElse(null);
        // What is gone, and a line of a series that only takes its turn, is not moved.
        boolean stands = part != null && !Roles.isGone(layer) && !layer.isAbsent(PhaseName.IN);
        return stands ? half.tracks(part, 0) : List.of();
    }
}
