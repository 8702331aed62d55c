package glimble.proof;

import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.budget.TooLaborious;
import glimble.cases.Answered;
import glimble.cases.CaseTable;
import glimble.cases.Variants;
import glimble.change.ChangeEffort;
import glimble.change.Changed;
import glimble.change.Changes;
import glimble.change.SeriesLoop;
import glimble.change.Shown;
import glimble.change.Take;
import glimble.document.Dialled;
import glimble.edit.Coloured;
import glimble.graphic.Check;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.reel.Courses;
import glimble.reel.Reel;
import glimble.reel.ReelEffort;
import glimble.reel.ReelMaker;
import glimble.reel.WorkedOut;
import glimble.rest.Note;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.spoken.ShownValues;
import glimble.text.Typesetter;
import glimble.text.Writing;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Runs every check over every frame of a graphic, one filling at a time, by geometry. It keeps nothing, so fillings may be proved at the
 * same time.
 */
public final class Prover {
    /** Frames times layers that are followed at most, so that a proof keeps within some 50 MB. */
    private static final long MOST = 600_000;

    /** Steps that following one part over one frame takes. */
    private static final int STEPS_PER_FRAME = 100;

    /** Steps that may be spent on working one filling out. */
    private static final long MOST_OF_ONE = 4 * Effort.MOST;

    private final Graphic designed;
    private final Palette palette;
    private final Typesetter typesetter;
    private final Pictures pictures;
    private final boolean coloursChange;
    private final Graphic coloured;
    /** Of the graphic with dials set otherwise, by what is set. */
    private final Map<Map<String, String>, Prover> dialled = new HashMap<>();

    /** @param designed as {@code GraphicReader} gives it, with the safe areas of the house */
    public Prover(Graphic designed, Palette palette, Typesetter typesetter, Pictures pictures) {
        this.designed = designed;
        this.palette = palette;
        this.typesetter = typesetter;
        this.pictures = pictures;
        coloursChange = designed.fields().stream().anyMatch(field -> field.kind() == Field.Kind.COLOUR);
        coloured = Coloured.of(designed, palette, Map.of());
    }

    Writing writing() {
        return typesetter.writing();
    }

    public Graphic graphic() {
        return designed;
    }

    /** Where nothing is set, this; otherwise one for the graphic as it is set. */
    private Prover setAs(Map<String, String> dials) {
        if (dials.isEmpty()) return this;
        // Fillings are proved side by side.
        synchronized (dialled) {
            return dialled.computeIfAbsent(
                    dials, settings -> new Prover(Dialled.of(designed, settings), palette, typesetter, pictures));
        }
    }

    /** What the palette lacks of the graphic as it is played. */
    private List<Note> missing(CaseTable.Answer answer, Filling filling) {
        return Coloured.missing(Variants.played(designed, answer.played()), palette, filling.values());
    }

    private static boolean isTooLong(Reel reel) {
        long frames = 3L + reel.in() + reel.out() + Math.min(reel.loop(), Courses.LONGEST);
        return frames * reel.layers().size() > MOST;
    }

    private Optional<WorkedOut> worked(Graphic played, Filling filling) {
        try {
            Budget budget = new Budget(MOST_OF_ONE, () -> true);
            return Optional.of(Take.of(
                            played,
                            filling.values(),
                            typesetter,
                            pictures,
                            played.frame().length(),
                            budget)
                    .worked());
        } catch (TooLaborious e) {
            return Optional.empty();
        }
    }

    private static Fault tooLong(String sentence) {
        return new Fault(
                Check.LENGTH,
                "",
                "proof",
                PhaseName.IN,
                0,
                0,
                0,
                sentence,
                "make its moves shorter, or let letters come faster",
                new Rect(0, 0, 0, 0));
    }

    /** What it costs to prove a filling, at most. */
    public Effort effort(Filling filling) {
        if (!filling.isChange()) return setAs(filling.dials()).effortOf(filling);
        Effort effort = Effort.NONE;
        int length = designed.frame().length();
        List<Map<String, String>> all = filling.all();
        for (int i = 1; i < all.size(); i++) {
            effort = effort.plus(ChangeEffort.of(designed, all.get(i - 1), designed, all.get(i), length));
        }
        ReelEffort reel = new ReelEffort(designed, all.get(all.size() - 1), length);
        long followed =
                2 * (reel.swapFrames() + reel.frames()) * designed.parts().size();
        return effort.plus(new Effort(
                Math.min(followed, MOST) * STEPS_PER_FRAME,
                designed.parts().size()
                        + " parts are followed over a change; make its moves shorter, or use fewer parts"));
    }

    private Effort effortOf(Filling filling) {
        ReelEffort reel =
                new ReelEffort(designed, filling.values(), designed.frame().length());
        long followed = reel.frames() * designed.parts().size();
        Effort courses = new Effort(
                Math.min(followed, MOST) * STEPS_PER_FRAME,
                designed.parts().size() + " parts are followed over " + reel.frames()
                        + " frames; make moves shorter, or use fewer parts");
        return reel.effort().plus(courses);
    }

    /** What is wrong for a filling: of each cause the worst, whether it is accepted or not. */
    public List<Fault> faults(Filling filling) {
        return filling.isChange()
                ? faultsOfChange(filling)
                : setAs(filling.dials()).faultsAsSet(filling);
    }

    private List<Fault> faultsAsSet(Filling filling) {
        Graphic graphic = coloursChange ? Coloured.of(designed, palette, filling.values()) : coloured;
        Answered answered = Answered.of(graphic, filling.values(), filling.onAir(), typesetter, pictures);
        Optional<Field> series = ShownValues.series(designed);
        boolean turns = series.map(field -> filling.values().getOrDefault(field.key(), ""))
                .filter(value -> !ShownValues.lines(value).isEmpty())
                .isPresent();
        if (turns) return faultsOfSeries(answered, filling, series.get());
        FaultList faults = new FaultList();
        Optional<WorkedOut> made = worked(answered.graphic(), filling);
        if (made.isEmpty()) {
            faults.add(tooLong("it takes more to work out than can be proved"));
            return faults.all();
        }
        WorkedOut worked = made.get();
        if (isTooLong(worked.reel())) {
            faults.add(tooLong("in and out take " + worked.reel().in() + " and "
                    + worked.reel().out() + " frames, more than can be proved"));
            return faults.all();
        }
        check(new Judged(answered.graphic(), answered.answer(), worked, missing(answered.answer(), filling), faults));
        return faults.all();
    }

    private static void check(Judged judged) {
        TimeChecks.check(judged);
        RestChecks.check(judged);
        RibbonChecks.check(judged);
        Contrast.check(judged);
        CourseChecks.check(judged);
        UnseenChecks.check(judged);
        EmptyChecks.check(judged);
    }

    /**
     * What is wrong with a series: with each of its lines, as if it were the only one but for its time, and in each change from one to the
     * next, at the frame of the loop at which it is seen.
     */
    private List<Fault> faultsOfSeries(Answered answered, Filling filling, Field field) {
        FaultList faults = new FaultList();
        Graphic graphic = answered.graphic();
        Budget budget = new Budget(MOST_OF_ONE, () -> true);
        try {
            int asked = graphic.frame().length();
            Take take = Take.of(graphic, filling.values(), typesetter, pictures, asked, budget);
            SeriesLoop series = take.series().orElseThrow();
            List<String> lines = ShownValues.lines(filling.values().get(field.key()));
            List<Note> missing = missing(answered.answer(), filling);
            for (int line = 0; line < lines.size(); line++) {
                Map<String, String> values = ShownValues.of(designed, filling.values(), line);
                WorkedOut worked = ReelMaker.make(graphic, values, typesetter, pictures, asked, budget);
                if (isTooLong(worked.reel())) {
                    faults.add(tooLong("one of its lines takes more frames than can be proved"));
                    return faults.all();
                }
                int reads = series.turns().isEmpty()
                        ? series.frames()
                        : series.turns().get(line).rests();
                int length = series.lasts() ? worked.reel().in() + worked.reel().out() + 1 + series.frames() : asked;
                FaultList ofLine = new FaultList();
                check(new Judged(graphic, answered.answer(), worked, missing, ofLine, length, reads));
                int in = worked.reel().in();
                int rests = line == 0 ? 0 : series.turns().get(line - 1).rested();
                for (Fault fault : ofLine.all()) {
                    // The rest of a later line is seen in the loop.
                    boolean later = line > 0 && fault.phase() == PhaseName.IN && fault.frame() >= in;
                    faults.add(later ? fault.at(PhaseName.LOOP, rests) : fault);
                }
            }
            WorkedOut first = ReelMaker.make(graphic, filling.values(), typesetter, pictures, asked, budget);
            UnseenChecks.checkSeries(
                    new Judged(graphic, answered.answer(), first, missing, faults),
                    take.worked().reel(),
                    series);
            for (SeriesLoop.Turn turn : series.turns()) {
                FaultList turning = new FaultList();
                check(turn.changed(), turn.before(), turning);
                turning.all().forEach(fault -> faults.add(fault.at(PhaseName.LOOP, turn.begins() + fault.frame())));
            }
        } catch (TooLaborious e) {
            faults.add(tooLong("its lines take more to work out than can be proved"));
        }
        return faults.all();
    }

    /** What is wrong in the last change of a filling that changes; what is wrong before and after it is found without it. */
    private List<Fault> faultsOfChange(Filling filling) {
        FaultList faults = new FaultList();
        try {
            LastChange last = lastChange(filling);
            int frames = last.changed().worked().reel().in();
            if (isTooLong(last.changed().worked().reel()))
                faults.add(tooLong("its change takes " + frames + " frames, more than can be proved"));
            else check(last.changed(), last.before(), faults);
        } catch (TooLaborious e) {
            faults.add(tooLong("a change takes more to work out than can be proved"));
        }
        return faults.all();
    }

    /** The last change of a filling that changes, and what stood before it. */
    private record LastChange(Changed changed, Shown before) {}

    private LastChange lastChange(Filling filling) {
        Budget budget = new Budget(MOST_OF_ONE, () -> true);
        Graphic taken = setAs(filling.dials()).played(filling.values(), filling.onAir());
        Take take = Take.of(
                taken, filling.values(), typesetter, pictures, taken.frame().length(), budget);
        Shown before = take.atRest();
        Changed changed = null;
        for (Filling.Then then : filling.then()) {
            if (changed != null) before = Shown.of(changed, PhaseName.IN, 0);
            before = before.moment(PhaseName.IN, then.at().frame(before.reel().in()));
            Graphic next = setAs(then.dials()).played(then.values(), Condition.Standing.SAME);
            changed = Changes.of(
                    before,
                    next,
                    then.values(),
                    typesetter,
                    pictures,
                    next.frame().length(),
                    budget);
        }
        return new LastChange(changed, before);
    }

    /** The reel in which the faults of a filling are seen: of a change the in is the change. */
    public Reel reel(Filling filling) {
        if (filling.isChange()) return lastChange(filling).changed().worked().reel();
        Graphic graphic = setAs(filling.dials()).played(filling.values(), filling.onAir());
        return Take.of(graphic, filling.values(), typesetter, pictures).worked().reel();
    }

    /** Whether nothing at all is seen of a filling that comes in, once it is there. */
    public boolean showsNothing(Filling filling) {
        Graphic graphic = setAs(filling.dials()).played(filling.values(), filling.onAir());
        return worked(graphic, filling)
                .filter(made -> !isTooLong(made.reel()))
                .map(made -> EmptyChecks.isNothing(new Judged(graphic, null, made, List.of(), new FaultList())))
                .orElse(false);
    }

    private static void check(Changed changed, Shown before, FaultList faults) {
        if (changed.worked().reel().in() == 0) return;
        Judged judged = new Judged(changed.graphic(), null, changed.worked(), List.of(), faults);
        ChangeChecks.check(judged, changed, before);
    }

    /** What is wrong in a change that was worked out. */
    static List<Fault> faults(Changed changed, Shown before) {
        FaultList faults = new FaultList();
        check(changed, before, faults);
        return faults.all();
    }

    private Graphic played(Map<String, String> values, Condition.Standing onAir) {
        Graphic graphic = coloursChange ? Coloured.of(designed, palette, values) : coloured;
        return Answered.of(graphic, values, onAir, typesetter, pictures).graphic();
    }
}
