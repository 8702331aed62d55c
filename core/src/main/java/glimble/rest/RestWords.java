package glimble.rest;

import glimble.graphic.Axis;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.List;

/** The relations of a part in words, as the score and the sheet show them. */
public final class RestWords {
    private RestWords() {}

    /** The relation that tells most about a part, short enough for a column of the score. */
    public static String brief(Part part) {
        Size size = part.span(Axis.X).size();
        if (!(part instanceof TextPart text) || !(size instanceof Size.Own)) return size(size);
        String fit = text.fit().isPresent() ? "fits its room" : "its own size";
        return part.span(Axis.X).place() instanceof Place.Hang hang ? fit + " · in " + hang.on() : fit;
    }

    /** A sentence each for width, height and both places. */
    public static List<String> sentences(Part part) {
        List<String> sentences = new ArrayList<>();
        for (Axis axis : Axis.values()) {
            sentences.add((axis == Axis.X ? "width " : "height ")
                    + size(part.span(axis).size()));
        }
        for (Axis axis : Axis.values()) sentences.add(place(part.span(axis).place(), axis));
        return sentences;
    }

    /** One number where both sides have it, as the sheet says it. */
    private static String pad(Size.Wraps wraps) {
        String before = NumberWords.of(wraps.before());
        return wraps.before() == wraps.after() ? before : before + " " + NumberWords.of(wraps.after());
    }

    private static String size(Size size) {
        if (size instanceof Size.Fixed fixed) return NumberWords.of(fixed.px()) + " px";
        if (size instanceof Size.Matches matches) {
            String share = matches.factor() == 1 ? "" : NumberWords.of(matches.factor()) + " × ";
            return "as " + share + matches.part() + plus(matches.plus());
        }
        if (size instanceof Size.Wraps wraps) {
            return "wraps " + String.join(", ", wraps.parts()) + " · pad " + pad(wraps);
        }
        if (size instanceof Size.Share share) {
            return NumberWords.of(share.factor()) + " × " + share.of() + plus(share.plus());
        }
        return ((Size.Own) size).ink() ? "of its ink" : "of its own";
    }

    private static String place(Place place, Axis axis) {
        if (place instanceof Place.Stacked in) return "is a row of " + in.stack();
        if (place instanceof Place.Around) return "stands around what it wraps";
        Place.Hang hang = (Place.Hang) place;
        return hang.edge().word(axis) + " hangs on " + hang.on() + " · "
                + hang.at().word(axis) + plus(hang.plus()) + (hang.stays() ? ", and stays" : "");
    }

    private static String plus(double px) {
        if (px == 0) return "";
        return (px < 0 ? " − " : " + ") + NumberWords.of(Math.abs(px));
    }
}
