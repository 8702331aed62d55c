package glimble.change;

import glimble.budget.Budget;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Reel;
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
     */
    public record Turn(int begins, int rests, Shown before, Changed changed) {

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
     * @param first worked out for the first line
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
        Shown before = Shown.atRest(first, graphic, shown);
        for (int i = 0; i < lines.size() && lines.size() > 1; i++) {
            Map<String, String> next = ShownValues.of(graphic, values, i + 1);
            Changed changed = Changes.toLine(
                    before, graphic, next, typesetter, pictures, graphic.frame().length(), budget);
            int takes = changed.worked().reel().in();
            // However short its time, every line is seen at rest.
            int begins = at + Math.max(1, each - takes);
            turns.add(new Turn(begins, begins - at, before, changed));
            at = begins + takes;
            before = Shown.of(changed, PhaseName.IN, takes);
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

    /** What stands at a frame of the loop. */
    Shown shown(int frame) {
        Shown standing = Shown.atRest(first, graphic, values);
        int at = frame % length;
        for (Turn turn : turns) {
            if (at < turn.begins()) return standing;
            int takes = turn.changed().worked().reel().in();
            if (at <= turn.begins() + takes) return Shown.of(turn.changed(), PhaseName.IN, at - turn.begins());
            standing = Shown.of(turn.changed(), PhaseName.IN, takes);
        }
        return standing;
    }

    /** A reel that rests at the first line, with the series as its loop. */
    Reel addedTo(Reel reel) {
        if (turns.isEmpty()) return reel;
        List<Layer> layers = new ArrayList<>();
        List<Map<Integer, Integer>> of = new ArrayList<>();
        List<Map<Integer, Integer>> places = new ArrayList<>();
        for (int line = 0; line <= turns.size(); line++) places.add(new HashMap<>());
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            boolean stays = Roles.isGone(layer) || still.contains(layer.part());
            places.get(0).put(i, layers.size());
            of.add(places.get(0));
            layers.add(stays ? layer : leaving(layer, turns.get(0)));
            for (int line = 1; line <= turns.size() && !Roles.isGone(layer); line++) {
                Changed came = turns.get(line - 1).changed();
                int next = next(came, layer.part());
                if (next < 0) continue;
                if (stays) {
                    places.get(line).put(next, places.get(0).get(i));
                    continue;
                }
                places.get(line).put(next, layers.size());
                of.add(places.get(line));
                layers.add(line(came.worked().reel().layers().get(next), line));
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

    /** Index of the layer of a part as it is after a change; -1 if it is absent then. */
    private static int next(Changed changed, String part) {
        List<Layer> layers = changed.worked().reel().layers();
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).part().equals(part) && !Roles.isGone(layers.get(i))) return i;
        }
        return -1;
    }

    /** The layer of a line: it comes with its turn and goes with the next one. */
    private Layer line(Layer layer, int line) {
        Turn came = turns.get(line - 1);
        List<Track> tracks = new ArrayList<>();
        for (Track track : layer.tracks()) {
            tracks.add(track.phase() == PhaseName.IN ? looped(track, came.begins()) : track);
        }
        tracks.add(looped(Layers.gate(came.begins(), true), 0));
        List<Resize> resizes = new ArrayList<>();
        for (Resize resize : layer.resizes()) {
            resizes.add(resize.phase() == PhaseName.IN ? looped(resize, came.begins()) : resize);
        }
        Layer comes = layer.with(tracks, resizes).absentIn(ONLY_LOOP);
        return line < turns.size() ? leaving(comes, turns.get(line)) : comes;
    }

    /** A layer that goes with a turn: as the change has it, or at once where the change has only one for before and after. */
    private Layer leaving(Layer layer, Turn turn) {
        List<Track> tracks = new ArrayList<>(layer.tracks());
        Layer goes = layer;
        boolean found = false;
        for (Layer old : turn.changed().worked().reel().layers()) {
            boolean same = old.part().equals(layer.part()) && Roles.isGone(old) && SameDrawing.areLetters(old, layer);
            if (!same || old.tracks().stream().noneMatch(track -> track.phase() == PhaseName.IN)) continue;
            found = true;
            for (Track track : old.tracks()) {
                if (track.phase() == PhaseName.IN) tracks.add(looped(track, turn.begins()));
            }
            if (layer.units().isEmpty()) goes = goes.withUnits(old.units());
        }
        if (!found) tracks.add(looped(Layers.gate(turn.begins(), false), 0));
        return goes.with(tracks, goes.resizes());
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
