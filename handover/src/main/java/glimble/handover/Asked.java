package glimble.handover;

import glimble.cue.GivenData;
import java.util.List;

/**
 * What is to be handed over.
 *
 * @param fillings of a form that is of one filling: a file for each, more than one of them in an archive; of no account for any other
 * @param frame of the whole graphic, from 0, of a form that is of one frame; less than 0 for where it rests
 * @param ground colour that is laid under frames, {@code #RRGGBB}; empty for none
 * @param allFonts whether fonts for every script go with a form that can be filled afterwards, however large
 */
public record Asked(Form form, List<Filling> fillings, int frame, String ground, boolean allFonts) {

    public Asked {
        fillings = List.copyOf(fillings);
    }

    /** @param name of its file, for people */
    public record Filling(String name, GivenData data) {}
}
