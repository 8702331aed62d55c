package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.BoxPart;
import glimble.graphic.Frame;
import glimble.graphic.LinePart;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.ScrimPart;
import glimble.graphic.Size;
import glimble.number.Whole;
import java.util.ArrayList;
import java.util.List;

/**
 * Rounds sizes and places so that edges stand on whole px of the raster at rest. What wraps something is rounded outwards, so that it
 * still holds it; everything else to the nearest px, but never to nothing. Letters, and what only arranges other parts, stay exact.
 */
enum WholePixels {
    YES,
    NO;

    /** px; what sums of doubles may be off by. */
    private static final double ROUNDING = 1e-6;

    static WholePixels of(Frame frame) {
        return frame.wholePixels() ? YES : NO;
    }

    Reckoning size(Part part, Axis axis, Reckoning exact) {
        if (!isRounded(part) || exact.value() <= 0) return exact;
        boolean outwards = part.span(axis).size() instanceof Size.Wraps;
        double px = outwards ? Math.ceil(exact.value() - ROUNDING) : Math.max(1, Whole.nearest(exact.value()));
        return moved(exact, outwards ? "out to whole px" : "to whole px", px);
    }

    Reckoning place(Part part, Reckoning exact) {
        return isRounded(part) ? moved(exact, "to whole px", Whole.nearest(exact.value())) : exact;
    }

    private boolean isRounded(Part part) {
        boolean drawn = part instanceof BoxPart
                || part instanceof LinePart
                || part instanceof PicturePart
                || part instanceof ScrimPart;
        // What rides is bent with its ribbon: its edges are on no px anyway.
        return this == YES && drawn && !part.isRiding();
    }

    /** Said only where it is more than what doubles are off by. */
    private static Reckoning moved(Reckoning exact, String how, double px) {
        double by = px - exact.value();
        if (by == 0) return exact;
        if (Math.abs(by) < ROUNDING) return new Reckoning(exact.what(), px, exact.how(), exact.terms());
        Reckoning rounding = Reckoning.given(how, by);
        if (exact.how() != Reckoning.How.SUM) return Reckoning.sum(exact.what(), exact, rounding);
        List<Reckoning> terms = new ArrayList<>(exact.terms());
        terms.add(rounding);
        return new Reckoning(exact.what(), px, Reckoning.How.SUM, List.copyOf(terms));
    }
}
