package glimble.handover;

import glimble.cases.Answered;
import glimble.change.Take;
import glimble.cue.GivenData;
import glimble.document.Dialled;
import glimble.edit.Coloured;
import glimble.edit.Rescale;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.WorkedOut;
import glimble.typeset.JdkTypesetter;
import java.util.List;

/**
 * A graphic filled, from its first frame to its last: in, as many rounds of the loop as fit its length, rest, out.
 *
 * @param graphic as it is played
 */
record Played(Graphic graphic, WorkedOut worked) {

    Reel reel() {
        return worked.reel();
    }

    /** What is played when. */
    List<Playback.Run> runs() {
        return worked.whole();
    }

    static Played of(Handed handed, JdkTypesetter typesetter, GivenData given) {
        return of(handed, typesetter, given, 0);
    }

    /** @param width px of the raster, for which it is made anew; 0 for as designed */
    static Played of(Handed handed, JdkTypesetter typesetter, GivenData given, int width) {
        // Settings are those of the design, whatever it is scaled to.
        Graphic dialled = sized(Dialled.of(handed.framed(), given.dials()), width);
        Graphic answered = Answered.of(
                        dialled, given.values(), Condition.Standing.NOTHING, typesetter, handed.extents())
                .graphic();
        Graphic graphic = Coloured.of(answered, handed.palette(), given.values());
        Take take = Take.of(graphic, given.values(), typesetter, handed.extents());
        return new Played(graphic, take.worked());
    }

    /** In its proportion; an even number of px either way, which video needs. */
    private static Graphic sized(Graphic graphic, int width) {
        if (width == 0 || width == graphic.frame().width()) return graphic;
        double half = width * graphic.frame().height() / (2.0 * graphic.frame().width());
        return Rescale.to(graphic, width, 2 * (int) Math.max(1, Math.round(half)));
    }

    /** Frames from the first to the last. */
    int length() {
        return runs().stream().mapToInt(Playback.Run::length).sum();
    }

    /** A frame of a phase. */
    record Moment(PhaseName phase, int frame) {}

    /** @param frame of the whole, from 0 */
    Moment at(int frame) {
        for (Playback.Run run : runs()) {
            if (frame >= run.first() + run.length()) continue;
            int within = run.round() == 0 ? 0 : (frame - run.first()) % run.round();
            return switch (run.state()) {
                case OUT -> new Moment(PhaseName.OUT, within);
                case LOOP -> new Moment(PhaseName.LOOP, within);
                case REST -> new Moment(PhaseName.IN, reel().in());
                default -> new Moment(PhaseName.IN, within);
            };
        }
        return new Moment(PhaseName.OUT, reel().out());
    }
}
