package glimble.paint;

import glimble.air.Play;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.Track;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;

/** What players draw of a play at a frame of the output. */
record Drawn(Reel reel, PhaseName phase, int frame) {
    private static final Reel NOTHING = new Reel(1, 1, 50, List.of(), 0, 0, 0);

    static Drawn of(Play play, long frame) {
        Playback.Moment moment = play.at(frame);
        Reel reel = play.reel();
        return switch (moment.state()) {
            case IDLE -> new Drawn(NOTHING, PhaseName.IN, 0);
            case IN, STEP -> new Drawn(looping(reel, moment), PhaseName.IN, moment.frame());
            case LOOP -> new Drawn(reel, PhaseName.LOOP, moment.frame());
            case REST -> new Drawn(reel, PhaseName.IN, reel.in());
            case OUT -> new Drawn(play.out().orElseThrow(), PhaseName.OUT, moment.frame());
        };
    }

    BufferedImage painted() {
        return new ReelPainter(reel, Oracle.TYPESETTER, Oracle.SOURCE).paint(phase, frame);
    }

    /** With the loop of what stands while the in waits, and just after. */
    static Reel looping(Reel reel, Playback.Moment moment) {
        if (moment.share() == 0) return reel;
        Reel.Pause last = null;
        for (Reel.Pause step : reel.steps()) if (step.frame() <= moment.frame()) last = step;
        if (last == null) return reel;
        List<Layer> layers = new ArrayList<>(reel.layers());
        for (int index : last.standing()) {
            Layer layer = layers.get(index);
            List<Track> tracks = new ArrayList<>(layer.tracks());
            for (Track track : layer.tracks()) {
                if (track.phase() != PhaseName.LOOP || track.overLetters()) continue;
                double rest = track.channel().rest();
                double value = rest + (track.at(moment.looped()) - rest) * moment.share();
                tracks.add(track.with(PhaseName.IN, 0, new double[] {value}, 0, Track.Dealt.NONE));
            }
            layers.set(index, layer.with(tracks, layer.resizes()));
        }
        return new Reel(
                reel.width(), reel.height(), reel.rate(), layers, reel.in(), reel.loop(), reel.out(), reel.steps());
    }
}
