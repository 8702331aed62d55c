package glimble.change;

import glimble.budget.Budget;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.WorkedOut;
import glimble.rest.Pictures;
import glimble.text.Typesetter;
import java.util.Map;
import java.util.Optional;

/** A graphic worked out as it is taken to air: with its series as its loop, if it has one. */
public final class Take {
    private final WorkedOut worked;
    private final Graphic graphic;
    private final Map<String, String> values;
    private final SeriesLoop series;

    private Take(WorkedOut worked, Graphic graphic, Map<String, String> values, SeriesLoop series) {
        this.worked = worked;
        this.graphic = graphic;
        this.values = values;
        this.series = series;
    }

    /**
     * @param graphic as it is played for the values
     * @param values text by field key; a missing one is blank
     * @param length frames from the first of in to the last of out; a series may take its own
     * @param budget from which it is spent what it costs
     * @throws TooLaborious if that is more than there is
     */
    public static Take of(
            Graphic graphic,
            Map<String, String> values,
            Typesetter typesetter,
            Pictures pictures,
            int length,
            Budget budget) {
        WorkedOut plain = ReelMaker.make(graphic, values, typesetter, pictures, length, budget);
        SeriesLoop series = SeriesLoop.of(plain, graphic, values, typesetter, pictures, budget);
        return new Take(looped(plain, series, length), graphic, values, series);
    }

    /** The same, whatever it costs, at the length the document says. */
    public static Take of(Graphic graphic, Map<String, String> values, Typesetter typesetter, Pictures pictures) {
        return of(graphic, values, typesetter, pictures, graphic.frame().length(), Budget.endless());
    }

    /** @param series null for none */
    static WorkedOut looped(WorkedOut worked, SeriesLoop series, int length) {
        if (series == null) return worked;
        Reel reel = series.addedTo(worked.reel());
        int lasts = series.length(reel, length);
        return worked.with(reel, lasts);
    }

    /** What its loop is made of, where a field is a series. */
    public Optional<SeriesLoop> series() {
        return Optional.ofNullable(series);
    }

    public WorkedOut worked() {
        return worked;
    }

    /** A frame of its in or its loop, from which it may change. */
    public Shown shown(PhaseName phase, int frame) {
        boolean turns = series != null && phase == PhaseName.LOOP;
        return turns ? series.shown(frame) : Shown.of(worked, graphic, values, phase, frame);
    }

    /** What stands at rest. */
    public Shown atRest() {
        return Shown.atRest(worked, graphic, values);
    }
}
