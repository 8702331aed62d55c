package glimble.air;

import glimble.budget.Budget;
import glimble.cases.Answered;
import glimble.cases.Widths;
import glimble.change.ChangeEffort;
import glimble.change.Changed;
import glimble.change.Changes;
import glimble.change.PartChange;
import glimble.change.Shown;
import glimble.change.Take;
import glimble.edit.Coloured;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.reel.Playback;
import glimble.reel.ReelEffort;
import glimble.rest.Pictures;
import glimble.text.Typesetter;
import java.util.List;

/** Works out what goes on air: the same for the same filling, from the same moment, whenever it is asked. */
public class Reels {
    private final Typesetter typesetter;
    private final Pictures pictures;

    public Reels(Typesetter typesetter, Pictures pictures) {
        this.typesetter = typesetter;
        this.pictures = pictures;
    }

    /**
     * @param onAir what stands where it will stand
     * @param from the frame at which it begins
     * @throws glimble.budget.TooLaborious if it costs more than there is
     */
    public Play take(Filled filled, Condition.Standing onAir, long from, Budget budget) {
        Graphic graphic = played(filled, onAir, budget);
        int length = graphic.frame().length();
        budget.allow(ReelEffort.of(graphic, filled.values(), length));
        Take take = Take.of(graphic, filled.values(), typesetter, pictures, length, budget);
        return new Play(filled, take.worked().reel(), from, List.of(), moment -> shown(take, moment));
    }

    private static Shown shown(Take take, Playback.Moment moment) {
        boolean loops = moment.state() == Playback.State.LOOP;
        return loops
                ? take.shown(PhaseName.LOOP, moment.frame())
                : take.atRest().at(moment);
    }

    /**
     * @param stands what changes, not yet leaving at that frame
     * @param frame at which the change begins
     * @throws glimble.budget.TooLaborious if it costs more than there is
     */
    public Play change(Play stands, Filled filled, long frame, Budget budget) {
        Changed changed = changed(stands.shown(frame), filled, budget);
        Play play = new Play(filled, changed.worked().reel(), frame, changed.parts(), moment -> shown(changed, moment));
        // Where everything comes in again, so do its steps.
        boolean again = changed.begins() >= 0;
        return again ? play : play.after(stands.passed() + stands.nexts().size());
    }

    /**
     * What each part does when other values come while the first ones stand at rest.
     *
     * @throws glimble.budget.TooLaborious if it costs more than there is
     */
    public List<PartChange> changes(Filled before, Filled after, Budget budget) {
        Graphic stands = played(before, Condition.Standing.NOTHING, budget);
        int length = stands.frame().length();
        budget.allow(ReelEffort.of(stands, before.values(), length));
        Shown shown = Take.of(stands, before.values(), typesetter, pictures, length, budget)
                .atRest();
        return changed(shown, after, budget).parts();
    }

    private Changed changed(Shown shown, Filled filled, Budget budget) {
        Graphic graphic = played(filled, Condition.Standing.SAME, budget);
        int length = graphic.frame().length();
        budget.allow(ChangeEffort.of(shown.graphic(), shown.values(), graphic, filled.values(), length));
        return Changes.of(shown, graphic, filled.values(), typesetter, pictures, length, budget);
    }

    private static Shown shown(Changed changed, Playback.Moment moment) {
        boolean loops = moment.state() == Playback.State.LOOP;
        return loops
                ? Shown.of(changed, PhaseName.LOOP, moment.frame())
                : Shown.of(changed, PhaseName.IN, 0).at(moment);
    }

    private Graphic played(Filled filled, Condition.Standing onAir, Budget budget) {
        Graphic designed = filled.designed();
        Widths widths = Widths.of(designed, typesetter, pictures, budget);
        Graphic graphic = Answered.of(designed, filled.values(), onAir, widths).graphic();
        return Coloured.of(graphic, filled.palette(), filled.values());
    }
}
