package glimble.proof;

import glimble.graphic.Axis;
import glimble.graphic.BoxPart;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Mask;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
import glimble.reel.Courses;
import glimble.rest.Note;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.rest.Rest;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Faults of a rest picture that can be told by geometry: letters outside their box, letters outside title-safe, boxes and
 * lines outside action-safe. A text's box is what wraps it, or else the box it hangs on.
 */
public final class RestFaults {
    /** px; less than this nobody sees. */
    private static final double UNSEEN = 0.5;

    private static final Rect NOTHING = new Rect(0, 0, 0, 0);

    private final Graphic graphic;
    private final Rest rest;
    private final List<Outside> faults = new ArrayList<>();

    private RestFaults(Graphic graphic, Rest rest) {
        this.graphic = graphic;
        this.rest = rest;
    }

    /**
     * Something that stands outside what it should be inside of.
     *
     * @param of key of its box, or the word of a safe area
     * @param by px
     */
    record Outside(String part, String what, double by, String of, Rect where, Rect outer) {
        /** px by which it stands outside on each side: left, right, top, bottom; less than 0 inside. */
        double[] sides() {
            return new double[] {
                outer.x() - where.x(),
                where.right() - outer.right(),
                outer.y() - where.y(),
                where.bottom() - outer.bottom()
            };
        }

        String sentence() {
            return what + " " + (long) Math.ceil(by) + " px outside " + of;
        }

        boolean ofSafeArea() {
            return Place.isGround(of);
        }
    }

    /** What is wrong, one note for each part and fault, back to front; what the solver noted comes first. */
    public static List<Note> of(Graphic graphic, Rest rest) {
        List<Note> notes = new ArrayList<>(rest.notes());
        for (Outside outside : outside(graphic, rest)) notes.add(new Note(outside.part(), outside.sentence()));
        return notes;
    }

    static List<Outside> outside(Graphic graphic, Rest rest) {
        RestFaults faults = new RestFaults(graphic, rest);
        for (Part part : graphic.parts()) {
            if (rest.isPresent(part.key())) faults.check(part, rest.part(part.key()));
        }
        return faults.faults;
    }

    /** What wraps a text, or else the box it hangs on; empty if it stands by itself. */
    static Optional<Part> boxOf(Graphic graphic, Rest rest, TextPart text) {
        return new RestFaults(graphic, rest).boxOf(text);
    }

    private void check(Part part, PartRest at) {
        if (part instanceof TextPart text) {
            boxOf(text)
                    .ifPresent(box -> outside(part, "its letters stand", at.drawn(), rest.box(box.key()), box.key()));
            outside(part, "its letters stand", seen(part, at.drawn()), safe(Place.TITLE_SAFE), Place.TITLE_SAFE);
        } else if (part instanceof BoxPart
                || part instanceof LinePart
                || part instanceof PicturePart
                || part instanceof RibbonPart) {
            outside(part, "it stands", seen(part, at.box()), safe(Place.ACTION_SAFE), Place.ACTION_SAFE);
        }
    }

    /** What its masks, and those of its groups, leave of it; what is only a mask is not seen at all. */
    private Rect seen(Part part, Rect all) {
        if (part.base().unseen()) return NOTHING;
        Rect left = all;
        for (Part at = part; at != null; at = graphic.groupOf(at.key()).orElse(null)) {
            for (Mask mask : at.masks()) {
                if (!mask.inside() || !rest.isPresent(mask.by())) continue;
                left = Courses.shared(left, rest.box(mask.by()));
                if (left.width() == 0 || left.height() == 0) return NOTHING;
            }
        }
        return left;
    }

    private Rect safe(String ground) {
        double x = graphic.frame().inset(Axis.X, ground);
        double y = graphic.frame().inset(Axis.Y, ground);
        return new Rect(x, y, graphic.frame().width() - 2 * x, graphic.frame().height() - 2 * y);
    }

    private Optional<Part> boxOf(TextPart text) {
        return graphic.parts().stream()
                .filter(part -> rest.isPresent(part.key()) && part instanceof BoxPart)
                .filter(part -> wraps(part, text)
                        || text.span(Axis.X).place() instanceof Place.Hang hang
                                && hang.on().equals(part.key())
                                && hang.edge() == hang.at().outer())
                .min((a, b) -> Boolean.compare(wraps(b, text), wraps(a, text)));
    }

    private static boolean wraps(Part part, TextPart text) {
        return part.span(Axis.X).size() instanceof Size.Wraps wraps
                && wraps.parts().contains(text.key());
    }

    private void outside(Part part, String what, Rect inner, Rect outer, String of) {
        if (inner == NOTHING) return;
        double most = Math.max(
                Math.max(outer.x() - inner.x(), inner.right() - outer.right()),
                Math.max(outer.y() - inner.y(), inner.bottom() - outer.bottom()));
        if (most < UNSEEN) return;
        faults.add(new Outside(part.key(), what, most, of, inner, outer));
    }
}
