package glimble.handover;

import glimble.cue.GivenData;
import glimble.graphic.PhaseName;
import glimble.graphic.Rate;
import java.util.List;
import java.util.Optional;

/**
 * What is to be handed over.
 *
 * @param fillings of a form that is of fillings: a file for each, more than one of them in an archive, or all of them in one; of no account for any other
 * @param still of a form that is of one frame, which; empty for where it rests
 * @param ground colour that is laid under frames, {@code #RRGGBB}; empty for none
 * @param allFonts whether fonts for every script go with a form that can be filled afterwards, however large
 * @param width px of pictures and frames, whose height follows; 0 for as designed
 * @param rate frames per second of what has several; empty for as designed
 */
public record Asked(
        Form form,
        List<Filling> fillings,
        Optional<Still> still,
        String ground,
        boolean allFonts,
        int width,
        Optional<Rate> rate) {

    public Asked {
        fillings = List.copyOf(fillings);
    }

    /**
     * A frame of a phase, or of the whole graphic.
     *
     * @param phase empty for the whole
     * @param frame from 0
     */
    public record Still(Optional<PhaseName> phase, int frame) {
        public static Still ofWhole(int frame) {
            return new Still(Optional.empty(), frame);
        }
    }

    /** As large and as quick as designed; less than 0 is the frame where it rests. */
    public Asked(Form form, List<Filling> fillings, int frame, String ground, boolean allFonts) {
        this(
                form,
                fillings,
                frame < 0 ? Optional.empty() : Optional.of(Still.ofWhole(frame)),
                ground,
                allFonts,
                0,
                Optional.empty());
    }

    /** @param name of its file, for people */
    public record Filling(String name, GivenData data) {}
}
