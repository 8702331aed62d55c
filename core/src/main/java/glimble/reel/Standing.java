package glimble.reel;

import glimble.graphic.PhaseName;
import java.util.ArrayList;
import java.util.List;

/** Where the layers of a reel stand at a moment, and how each goes on from there in the in of another reel. */
public final class Standing {
    private final Reel reel;
    private final PhaseName phase;
    private final int frame;
    private final Looped looped;
    private final EarlyOut early;

    /**
     * @param phase in or loop
     * @param frame of that phase
     * @param looped in the in, what is seen of the loop
     */
    public Standing(Reel reel, PhaseName phase, int frame, Looped looped) {
        this.reel = reel;
        this.phase = phase;
        this.frame = frame;
        this.looped = looped;
        early = new EarlyOut(reel, phase, frame, looped);
    }

    /** Whether it has begun to come in, or is seen. */
    public boolean hasCome(int index) {
        return phase != PhaseName.IN || early.hasBegun(reel.layers().get(index)) || early.isSeen(index);
    }

    /** Whether anything of it, or of what is in it, is in the picture. */
    public boolean isSeen(int index) {
        return early.isSeen(index);
    }

    /** The same at another frame of the phase. */
    public boolean isSeen(int index, int at) {
        return early.isSeen(index, at);
    }

    /** Tracks that leave from where a layer stands, within so many frames, by those that would leave from rest. */
    public List<Track> leaving(int index, List<Track> out, int length) {
        return early.leaving(index, out, length, true).stream()
                .filter(track -> !isRest(track))
                .map(track -> track.shifted(PhaseName.IN, 0))
                .toList();
    }

    private static boolean isRest(Track track) {
        if (track.overLetters()) return false;
        for (double value : track.values()) if (value != track.channel().rest()) return false;
        return true;
    }

    /** Tracks by which a layer goes on as it was going to; what was in its loop goes back to rest within {@link Playback#SETTLES} frames. */
    public List<Track> going(int index) {
        List<Track> going = new ArrayList<>();
        for (Track track : reel.layers().get(index).tracks()) {
            if (phase == PhaseName.IN && track.phase() == PhaseName.IN && track.last() > frame) {
                going.add(track.shifted(PhaseName.IN, -frame));
            }
            if (track.phase() != PhaseName.LOOP) continue;
            if (phase == PhaseName.LOOP) going.add(settling(track, frame, 1));
            else if (early.isLooped(index, track)) going.add(settling(track, looped.frame(), looped.share()));
        }
        return going;
    }

    /** How its box goes on; null if it does not change any more. */
    public Resize resizing(int index) {
        for (Resize resize : reel.layers().get(index).resizes()) {
            if (resize.phase() == phase && phase == PhaseName.IN && resize.last() > frame)
                return resize.shifted(PhaseName.IN, -frame);
        }
        return null;
    }

    private static Track settling(Track track, int frame, double share) {
        double[] left = Playback.settling(Playback.SETTLES);
        double rest = track.channel().rest();
        double[] values = new double[left.length];
        if (!track.overLetters()) {
            for (int i = 0; i < left.length; i++) {
                values[i] = Rounding.of(track.channel(), rest + (track.at(frame) - rest) * share * left[i]);
            }
            return track.with(PhaseName.IN, 0, values, 0, Track.Dealt.NONE);
        }
        int letters = track.dealt().starts().length;
        double[] factors = new double[letters];
        for (int unit = 0; unit < letters; unit++) factors[unit] = track.at(frame, unit) - rest;
        for (int i = 0; i < left.length; i++) values[i] = rest + share * left[i];
        Track.Dealt dealt = new Track.Dealt(
                new int[letters], track.dealt().pivotX(), track.dealt().pivotY(), factors);
        return track.with(PhaseName.IN, 0, values, 0, dealt);
    }
}
