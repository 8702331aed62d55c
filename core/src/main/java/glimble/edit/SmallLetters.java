package glimble.edit;

import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Texts that have become smaller than anything of the house is meant to be. */
public final class SmallLetters {
    /** Lines of the raster that sizes of the house are meant for. */
    private static final double LINES = 1080;

    private SmallLetters() {}

    /**
     * @param before the graphic before it was changed
     * @param least px of the smallest letters of the house, in a raster of 1080 lines
     * @return for people, each text that is smaller than that on its raster and was not before
     */
    public static List<String> of(Graphic before, Graphic after, double least) {
        List<String> small = new ArrayList<>();
        double lines = lines(after.frame());
        for (Part part : after.parts()) {
            if (!(part instanceof TextPart text) || text.style().size() / lines * LINES >= least) continue;
            Optional<Part> had = before.part(part.key());
            boolean was = had.isPresent()
                    && had.get() instanceof TextPart old
                    && old.style().size() / lines(before.frame()) * LINES < least;
            if (was) continue;
            small.add(part.key() + " is " + NumberWords.of(text.style().size(), 1) + " px, less than "
                    + NumberWords.of(least * lines / LINES, 1));
        }
        return small;
    }

    private static double lines(Frame frame) {
        return Math.min(frame.width(), frame.height());
    }
}
