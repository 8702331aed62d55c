package glimble.reel;

import glimble.budget.Budget;
import glimble.graphic.Channel;
import glimble.graphic.PhaseName;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The out of a graphic that is taken out before it rests, or in the middle of its loop: from wherever each part stands, without a
 * jump, in as many frames as the out has. What adds to rest goes over smoothly from where it stands to where the out would have
 * it, {@code v(t) = out(t) + d · (1 − s(t))} with d the distance it begins with and s(t) = 3t² − 2t³ over the length of the out; so
 * its speed is that of the out and at most 1.5 · |d| over the length. What multiplies rest is multiplied. A part that has not
 * begun to come in and is not seen stays as it is; one that is seen leaves with the others.
 */
public final class EarlyOut {
    private final Reel reel;
    private final PhaseName phase;
    private final int frame;
    private final Looped looped;
    /** Of that phase, once they are needed. */
    private List<Course> courses;

    EarlyOut(Reel reel, PhaseName phase, int frame, Looped looped) {
        this.reel = reel;
        this.phase = phase;
        this.frame = frame;
        this.looped = looped;
    }

    /**
     * The same reel with an out that begins at a moment.
     *
     * @param phase in or loop
     * @param frame of that phase
     * @param looped what is seen of the loop in the in
     * @param revealed how boxes follow what is revealed, at rest of what stands
     */
    public static Reel of(Reel reel, PhaseName phase, int frame, Looped looped, Revealed revealed) {
        if (phase == PhaseName.OUT) return reel;
        EarlyOut early = new EarlyOut(reel, phase, frame, looped);
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < reel.layers().size(); i++) layers.add(early.layer(i));
        return reel.withLayers(early.following(layers, revealed)).withOut(early.longest());
    }

    /** The same of a graphic as it was taken, in which nothing loops but in its loop. */
    public static Reel of(WorkedOut worked, PhaseName phase, int frame) {
        return of(worked.reel(), phase, frame, Looped.NONE, worked.revealed());
    }

    /** What can be told apart: a channel, of one colour, over the letters or over all; about a point, or opening one way, if that counts. */
    private record Kind(Channel channel, double pivotX, double pivotY, Object opening, String colour, boolean dealt) {
        static Kind of(Track track) {
            boolean about = switch (track.channel()) {
                case SCALE_X, SCALE_Y, TURN, TILT_X, TILT_Y -> true;
                default -> false;
            };
            boolean opens = track.channel() == Channel.REVEAL || track.channel() == Channel.DRAW;
            return new Kind(
                    track.channel(),
                    about ? track.pivotX() : 0,
                    about ? track.pivotY() : 0,
                    opens ? track.opening() : "",
                    track.colour(),
                    track.overLetters());
        }
    }

    private Layer layer(int index) {
        Layer layer = reel.layers().get(index);
        List<Track> kept = new ArrayList<>();
        List<Track> out = new ArrayList<>();
        for (Track track : layer.tracks()) (track.phase() == PhaseName.OUT ? out : kept).add(track);
        if (isLeaving(layer)) {
            // What a change has replaced goes on leaving.
            for (Track track : layer.tracks()) {
                if (track.phase() == phase)
                    kept.add(isCarried(track) ? held(track) : track.shifted(PhaseName.OUT, -frame));
                else if (isLooped(index, track)) kept.add(still(track));
            }
            List<Resize> resizes = layer.resizes().stream()
                    .filter(resize -> resize.phase() == phase)
                    .map(resize -> resize.held(PhaseName.OUT, frame))
                    .toList();
            return layer.with(kept, resizes).absentIn(List.of(PhaseName.LOOP));
        }
        kept.addAll(leaving(index, out, reel.out(), false));
        // A line of a series leaves where it has its turn.
        boolean turns = phase == PhaseName.LOOP && !layer.isAbsent(PhaseName.LOOP);
        return layer.with(kept, layer.resizes()).absentIn(turns ? List.of() : layer.absentIn());
    }

    private static boolean isCarried(Track track) {
        return track.flows() && track.channel() != Channel.OPACITY;
    }

    /** Whether it is there only while a change takes it away. */
    private boolean isLeaving(Layer layer) {
        return phase == PhaseName.IN && layer.isAbsent(PhaseName.LOOP) && layer.isAbsent(PhaseName.OUT);
    }

    /** Frames that what goes on leaving still needs. */
    private int longest() {
        int longest = reel.out();
        for (Layer layer : reel.layers()) {
            if (!isLeaving(layer)) continue;
            for (Track track : layer.tracks())
                if (track.phase() == phase) longest = Math.max(longest, track.last() - frame);
        }
        return longest;
    }

    /**
     * How a layer leaves from where it stands.
     *
     * @param out tracks with which it would leave from rest
     * @param length frames it has for that
     * @param goesOn whether what takes it from one rest to another goes on meanwhile, or stays as it is
     */
    List<Track> leaving(int index, List<Track> out, int length, boolean goesOn) {
        Layer layer = reel.layers().get(index);
        List<Track> kept = new ArrayList<>();
        Map<Kind, List<Track>> standing = new LinkedHashMap<>();
        Map<Kind, List<Track>> leaving = new LinkedHashMap<>();
        for (Track track : layer.tracks()) {
            if (track.phase() != phase && !isLooped(index, track)) continue;
            if (track.flows()) {
                if (goesOn ? track.last() > frame || !isAtRest(track) : !isAtRest(track))
                    kept.add(goesOn ? track.shifted(PhaseName.OUT, -frame) : held(track));
            } else if (!isAtRest(track))
                standing.computeIfAbsent(Kind.of(track), none -> new ArrayList<>())
                        .add(track);
        }
        for (Track track : out) {
            leaving.computeIfAbsent(Kind.of(track), none -> new ArrayList<>()).add(track);
        }
        boolean begun = phase != PhaseName.IN || hasBegun(layer) || isSeen(index);
        for (Map.Entry<Kind, List<Track>> entry : standing.entrySet()) {
            List<Track> goes = begun ? leaving.getOrDefault(entry.getKey(), List.of()) : List.of();
            if (entry.getKey().dealt()) {
                // Letters keep the place they have; how they leave comes on top.
                entry.getValue().forEach(track -> kept.add(still(track)));
                kept.addAll(goes);
            } else {
                kept.add(joined(entry.getValue(), goes, length));
            }
        }
        if (begun) {
            leaving.forEach((kind, tracks) -> {
                if (!standing.containsKey(kind)) kept.addAll(tracks);
            });
        }
        return kept;
    }

    /** What takes it from one rest to another stays as it is. */
    private Track held(Track track) {
        return track.with(PhaseName.OUT, 0, new double[] {track.at(frame)}, 0, Track.Dealt.NONE);
    }

    /** Whether a track of the loop is at work while the in waits. */
    boolean isLooped(int index, Track track) {
        if (phase != PhaseName.IN || looped.share() == 0 || track.phase() != PhaseName.LOOP) return false;
        if (looped.everything()) return true;
        if (track.overLetters()) return false;
        return reel.steps().stream()
                .filter(step -> step.frame() <= frame)
                .reduce((first, second) -> second)
                .map(step -> step.standing().contains(index))
                .orElse(false);
    }

    /** Where a track has a layer stand. */
    private double standing(Track track) {
        if (track.phase() == phase) return track.at(frame);
        double rest = track.channel().rest();
        return rest + (track.at(looped.frame()) - rest) * looped.share();
    }

    /** The same of one of its letters. */
    private double standing(Track track, int unit) {
        if (track.phase() == phase) return track.at(frame, unit);
        double rest = track.channel().rest();
        return rest + (track.at(looped.frame(), unit) - rest) * looped.share();
    }

    /** Whether a track has its layer stand where it rests; as if it were not there. */
    private boolean isAtRest(Track track) {
        double rest = track.channel().rest();
        if (!track.overLetters()) return standing(track) == rest;
        for (int unit = 0; unit < track.dealt().starts().length; unit++) {
            if (standing(track, unit) != rest) return false;
        }
        return true;
    }

    /** Whether anything of a layer, or of what is in it, is in the picture. */
    boolean isSeen(int index) {
        return isSeen(index, frame);
    }

    /** The same at another frame of the phase. */
    boolean isSeen(int index, int at) {
        if (courses == null) courses = Courses.of(reel, phase);
        Rect frameOf = new Rect(0, 0, reel.width(), reel.height());
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            boolean drawn = isWithin(i, index) && !layer.kind().equals("group") && !layer.unseen();
            if (!drawn || !courses.get(i).isThere(at)) continue;
            Rect seen = Courses.shared(courses.get(i).drawn(at), frameOf);
            if (seen.width() > 0 && seen.height() > 0) return true;
        }
        return false;
    }

    private boolean isWithin(int layer, int group) {
        for (int at = layer; at >= 0; at = reel.layers().get(at).within()) if (at == group) return true;
        return false;
    }

    boolean hasBegun(Layer layer) {
        List<Track> in = layer.tracks().stream()
                .filter(track -> track.phase() == PhaseName.IN)
                .toList();
        // What a change still hides has not begun, whatever else of it goes over already.
        if (in.stream().anyMatch(track -> track.flows() && track.channel() == Channel.OPACITY && track.at(frame) == 0))
            return false;
        in = in.stream().filter(track -> !track.flows()).toList();
        return in.isEmpty() || in.stream().anyMatch(track -> track.first() < frame);
    }

    private Track joined(List<Track> standing, List<Track> leaving, int length) {
        Track pattern = standing.get(0);
        Channel channel = pattern.channel();
        double stands = channel.rest();
        for (Track track : standing) stands = together(channel, stands, standing(track));
        double[] values = new double[length + 1];
        for (int i = 0; i < values.length; i++) {
            double out = channel.rest();
            for (Track track : leaving) out = together(channel, out, track.at(i));
            double value =
                    channel.rest() == 1 ? stands * out : out + (stands - channel.rest()) * left(i, leaving, length);
            values[i] = Rounding.of(channel, value);
        }
        return pattern.with(PhaseName.OUT, 0, values, 0, Track.Dealt.NONE);
    }

    /** The share of the first distance that is left; what has no out of its own keeps all of it. */
    private static double left(int at, List<Track> leaving, int length) {
        return leaving.isEmpty() ? 1 : left(at, length);
    }

    static double left(int at, int length) {
        if (length == 0) return 1;
        double t = at / (double) length;
        return 1 - t * t * (3 - 2 * t);
    }

    private static double together(Channel channel, double first, double second) {
        return channel.rest() == 1 ? first * second : first + second;
    }

    /** A track as it stands, as one of the out that does not change. */
    private Track still(Track track) {
        if (!track.overLetters())
            return track.with(PhaseName.OUT, 0, new double[] {standing(track)}, 0, Track.Dealt.NONE);
        int units = track.dealt().starts().length;
        double rest = track.channel().rest();
        double[] factors = new double[units];
        // The way from rest of each letter, as a factor of one.
        for (int unit = 0; unit < units; unit++) factors[unit] = standing(track, unit) - rest;
        Track.Dealt dealt = new Track.Dealt(
                new int[units], track.dealt().pivotX(), track.dealt().pivotY(), factors);
        return track.with(PhaseName.OUT, 0, new double[] {rest + 1}, 0, dealt);
    }

    /** Boxes go on from the size they have: those that follow what is revealed go on following it, any others keep it. */
    private List<Layer> following(List<Layer> layers, Revealed revealed) {
        Map<String, List<Track>> tracks = new HashMap<>();
        for (int i = 0; i < layers.size(); i++) {
            if (isLeaving(reel.layers().get(i))) continue;
            List<Track> out = layers.get(i).tracks().stream()
                    .filter(track -> track.phase() == PhaseName.OUT)
                    .toList();
            tracks.put(layers.get(i).part(), out);
        }
        Map<String, Resize> follow = revealed.again().resizes(PhaseName.OUT, tracks, reel.out(), Budget.endless());
        List<Layer> following = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(i);
            boolean leaves = isLeaving(reel.layers().get(i));
            following.add(leaves ? layer : layer.with(layer.tracks(), resizes(layer, follow.get(layer.part()))));
        }
        return following;
    }

    private List<Resize> resizes(Layer layer, Resize follows) {
        List<Resize> kept = new ArrayList<>();
        Resize stands = null;
        for (Resize resize : layer.resizes()) {
            if (resize.phase() != PhaseName.OUT) kept.add(resize);
            if (resize.phase() == phase) stands = resize.held(PhaseName.OUT, frame);
        }
        if (follows != null) kept.add(follows.from(stands == null ? Resize.still(PhaseName.OUT) : stands, reel.out()));
        else if (stands != null && !stands.isRest()) kept.add(stands);
        return kept;
    }
}
