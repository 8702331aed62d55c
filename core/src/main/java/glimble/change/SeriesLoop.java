package glimble.change;

import glimble.budget.Budget;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Looped;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Rounds;
import glimble.reel.Track;
import glimble.reel.WorkedOut;
import glimble.rest.Pictures;
import glimble.spoken.ShownValues;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The loop of a graphic of which a field is a series: its lines one after the other, each by a change from the one before, and from the last
 * to the first. What stays is drawn once; of what does not, every line has a layer of its own.
 */
public final class SeriesLoop {
    private static final List<PhaseName> ONLY_LOOP = List.of(PhaseName.IN, PhaseName.OUT);

    /**
     * A change from a line to the next.
     *
     * @param begins frame of the loop
     * @param rests frames for which the line before stood at rest
     * @param before what stood
     * @param came worked out for the line that comes, as if it were taken
     */
    public record Turn(int begins, int rests, Shown before, Changed changed, WorkedOut came) {

        /** The frame of the loop from which on the line that comes is at rest. */
        public int rested() {
            return begins + changed.worked().reel().in();
        }
    }

    private final WorkedOut first;
    private final Graphic graphic;
    private final Map<String, String> values;
    private final List<Turn> turns;
    /** Frames of a round. */
    private final int length;
    /** Whether the graphic is as long as its lines take. */
    private final boolean lasts;

    private final Set<String> still = new HashSet<>();

    private SeriesLoop(
            WorkedOut first, Graphic graphic, Map<String, String> values, List<Turn> turns, int length, boolean lasts) {
        this.first = first;
        this.graphic = graphic;
        this.values = values;
        this.turns = turns;
        this.length = length;
        this.lasts = lasts;
        graphic.parts().forEach(part -> still.add(part.key()));
        for (Turn turn : turns) {
            for (PartChange part : turn.changed().parts()) {
                if (part.doing() != Doing.STAYS) still.remove(part.part());
            }
        }
    }

    /**
     * @param first worked out for the first line, as if it were taken
     * @return null for a graphic without a series, or with nothing in it
     */
    static SeriesLoop of(
            WorkedOut first,
            Graphic graphic,
            Map<String, String> values,
            Typesetter typesetter,
            Pictures pictures,
            Budget budget) {
        Field field = ShownValues.series(graphic).orElse(null);
        if (field == null) return null;
        List<String> lines = ShownValues.lines(values.getOrDefault(field.key(), ""));
        if (lines.isEmpty()) return null;
        Field.Series series = field.series().orElseThrow();
        int each = series.each() ? series.frames() : Math.max(1, series.frames() / lines.size());
        Map<String, String> shown = ShownValues.of(graphic, values);
        List<Turn> turns = new ArrayList<>();
        int at = 0;
        WorkedOut line = first;
        for (int i = 0; i < lines.size() && lines.size() > 1; i++) {
            Shown before = Shown.atRest(line, graphic, ShownValues.of(graphic, values, i));
            Map<String, String> next = ShownValues.of(graphic, values, i + 1);
            int asked = graphic.frame().length();
            boolean last = i == lines.size() - 1;
            line = last ? first : ReelMaker.make(graphic, next, typesetter, pictures, asked, budget);
            Changed changed = Changes.toLine(before, graphic, next, line, typesetter, pictures, asked, budget);
            int takes = changed.worked().reel().in();
            // However short its time, every line is seen at rest.
            int begins = at + Math.max(1, each - takes);
            turns.add(new Turn(begins, begins - at, before, changed, line));
            at = begins + takes;
        }
        return new SeriesLoop(first, graphic, shown, turns, turns.isEmpty() ? each : at, series.each());
    }

    /** From each line to the next, the last one to the first; none of a single line. */
    public List<Turn> turns() {
        return List.copyOf(turns);
    }

    /** Frames for which a single line stands, or all of them together. */
    public int frames() {
        return length;
    }

    /** Whether the graphic is as long as its lines take. */
    public boolean lasts() {
        return lasts;
    }

    /** Frames from the first of in to the last of out; as asked where the graphic does not last as long as its lines. */
    int length(Reel reel, int asked) {
        return lasts ? reel.in() + length + reel.out() + 1 : asked;
    }

    /** What stands at a frame of the loop; everything loops meanwhile, as it is drawn. */
    Shown shown(int frame) {
        Looped looped = new Looped(frame, 1, true);
        int at = frame % length;
        Turn last = null;
        for (Turn turn : turns) {
            if (at < turn.begins()) break;
            last = turn;
        }
        if (last == null) return Shown.atRest(first, graphic, values).looping(looped);
        boolean turning = at < last.rested();
        Shown shown = turning
                ? Shown.of(last.changed(), PhaseName.IN, at - last.begins())
                : Shown.atRest(last.came(), graphic, last.changed().values());
        return shown.with(looping(shown.reel(), last)).looping(looped);
    }

    /** The reel of a line, or of its turn, in which everything loops as it is drawn: what goes as it did, what stays as in the first line. */
    private Reel looping(Reel reel, Turn turn) {
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : reel.layers()) {
            boolean gone = Roles.isGone(layer);
            if (!gone && !still.contains(layer.part())) {
                layers.add(layer);
                continue;
            }
            List<Track> tracks = new ArrayList<>(layer.tracks());
            tracks.removeIf(track -> track.phase() == PhaseName.LOOP);
            Reel as = gone ? turn.before().reel() : first.reel();
            for (Layer other : as.layers()) if (other.part().equals(layer.part())) tracks.addAll(ofLoop(other));
            layers.add(layer.with(tracks, layer.resizes()));
        }
        return reel.withLayers(layers);
    }

    private static List<Track> ofLoop(Layer layer) {
        return layer.tracks().stream()
                .filter(track -> track.phase() == PhaseName.LOOP)
                .toList();
    }

    /**
     * A reel that rests at the first line, with the series as its loop: while a turn is taken, the layers of that change; between two turns,
     * those of the line that stands.
     */
    Reel addedTo(Reel reel) {
        if (turns.isEmpty()) return reel;
        List<Layer> layers = new ArrayList<>();
        List<Map<Integer, Integer>> of = new ArrayList<>();
        List<Map<Integer, Integer>> places = new ArrayList<>();
        for (int line = 0; line <= turns.size(); line++) places.add(new HashMap<>());
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            boolean gone = Roles.isGone(layer);
            boolean stays = gone || still.contains(layer.part());
            places.get(0).put(i, layers.size());
            of.add(places.get(0));
            layers.add(stays ? layer : until(layer, turns.get(0)));
            if (gone) continue;
            for (int line = 1; line <= turns.size(); line++) {
                List<Layer> turned =
                        turns.get(line - 1).changed().worked().reel().layers();
                for (int k = 0; k < turned.size(); k++) {
                    if (!turned.get(k).part().equals(layer.part())) continue;
                    places.get(line).put(k, stays ? places.get(0).get(i) : layers.size());
                    if (stays) continue;
                    of.add(places.get(line));
                    layers.add(Roles.isGone(turned.get(k)) ? going(turned.get(k), line) : line(turned.get(k), line));
                }
            }
        }
        List<Layer> placed = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) placed.add(layers.get(i).among(of.get(i)));
        int loop = (int) Math.min(Rounds.MOST, Rounds.common(length, reel.loop()));
        return new Reel(
                reel.width(),
                reel.height(),
                reel.rate(),
                placed,
                reel.in(),
                loop,
                reel.out(),
                pauses(reel, places.get(0)));
    }

    /** While the in waits, no line takes its turn. */
    private List<Reel.Pause> pauses(Reel reel, Map<Integer, Integer> places) {
        List<Reel.Pause> pauses = new ArrayList<>();
        for (Reel.Pause pause : reel.steps()) {
            List<Integer> standing = pause.standing().stream()
                    .filter(i -> still.contains(reel.layers().get(i).part()))
                    .map(places::get)
                    .toList();
            pauses.add(new Reel.Pause(pause.frame(), pause.part(), standing, pause.left()));
        }
        return pauses;
    }

    /** The layer of a line: it comes with its turn, and is there until the next one. */
    private Layer line(Layer layer, int line) {
        Layer comes = turning(layer, turns.get(line - 1));
        return line < turns.size() ? until(comes, turns.get(line)) : comes;
    }

    /** What a turn takes away: there from the turn on, and looping as it did, until it has gone. */
    private Layer going(Layer layer, int line) {
        Turn turn = turns.get(line - 1);
        Layer goes = turning(layer, turn);
        List<Track> tracks = new ArrayList<>(goes.tracks());
        for (Layer before : turn.before().reel().layers()) {
            if (before.part().equals(layer.part())) tracks.addAll(ofLoop(before));
        }
        return goes.with(tracks, goes.resizes());
    }

    /** A layer of a turn: not there before that. */
    private Layer turning(Layer layer, Turn turn) {
        List<Track> tracks = new ArrayList<>();
        for (Track track : layer.tracks()) {
            tracks.add(track.phase() == PhaseName.IN ? looped(track, turn.begins()) : track);
        }
        tracks.add(looped(Layers.gate(turn.begins(), true), 0));
        List<Resize> resizes = new ArrayList<>();
        for (Resize resize : layer.resizes()) {
            resizes.add(resize.phase() == PhaseName.IN ? looped(resize, turn.begins()) : resize);
        }
        return layer.with(tracks, resizes).absentIn(ONLY_LOOP);
    }

    /** A layer that is there no longer once a turn begins. */
    private Layer until(Layer layer, Turn turn) {
        List<Track> tracks = new ArrayList<>(layer.tracks());
        tracks.add(looped(Layers.gate(turn.begins(), false), 0));
        return layer.with(tracks, layer.resizes());
    }

    private Track looped(Track track, int by) {
        Track later = track.shifted(PhaseName.LOOP, by);
        return later.with(PhaseName.LOOP, later.first(), later.values(), length, later.dealt());
    }

    private Resize looped(Resize resize, int by) {
        Resize later = resize.shifted(PhaseName.LOOP, by);
        return new Resize(
                PhaseName.LOOP,
                later.first(),
                later.left(),
                later.top(),
                later.right(),
                later.bottom(),
                later.fill(),
                later.picture(),
                length);
    }
}
