package glimble.proof;

import glimble.graphic.Axis;
import glimble.graphic.BoxPart;
import glimble.graphic.Check;
import glimble.graphic.Graphic;
import glimble.graphic.LinePart;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.ProofRules;
import glimble.graphic.Size;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.rest.Note;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import java.util.ArrayList;
import java.util.List;

/** Faults of the rest picture: what stands outside, is cut, lies over something else, is left over or does not fit. */
final class RestChecks {
    /** Places along each side at which letters behind a group are looked at. */
    private static final int POINTS = 16;
    /** px; less than this nobody sees. */
    private static final double UNSEEN = 0.5;

    private final Judged judged;

    private RestChecks(Judged judged) {
        this.judged = judged;
    }

    static void check(Judged judged) {
        RestChecks checks = new RestChecks(judged);
        checks.outside();
        checks.colours();
        checks.notes();
        for (Part part : judged.graphic.parts()) {
            if (!judged.rest.isPresent(part.key())) continue;
            if (part instanceof TextPart text) {
                checks.air(text);
                checks.cut(text);
            }
            if (part instanceof BoxPart || part instanceof LinePart) checks.left(part);
        }
        checks.over();
    }

    private void fault(
            Check check,
            String part,
            String other,
            double measured,
            double allowed,
            String said,
            String mend,
            Rect at) {
        judged.faults()
                .add(new Fault(check, part, other, PhaseName.IN, judged.reel.in(), measured, allowed, said, mend, at));
    }

    private void outside() {
        for (RestFaults.Outside outside : RestFaults.outside(judged.graphic, judged.rest)) {
            Check check = outside.ofSafeArea() ? Check.SAFE : Check.BOX;
            if (outside.by() < judged.limit(Check.SAFE) && check == Check.SAFE) continue;
            String mend = check == Check.BOX
                    ? "let " + outside.of() + " wrap it, or squeeze it to the room it has"
                    : "limit its length, squeeze it or wrap it to more lines";
            double allowed = check == Check.SAFE ? judged.limit(check) : 0;
            fault(
                    check,
                    outside.part(),
                    outside.of(),
                    outside.by(),
                    allowed,
                    outside.sentence(),
                    mend,
                    outside.where());
        }
    }

    private void colours() {
        for (Note note : judged.uncoloured) {
            boolean all = note.part().isEmpty();
            if (!all && !judged.rest.isPresent(note.part())) continue;
            fault(
                    Check.COLOUR,
                    note.part(),
                    "",
                    1,
                    0,
                    note.sentence(),
                    "choose a colour of the palette, or add it there",
                    all ? new Rect(0, 0, judged.reel.width(), judged.reel.height()) : judged.rest.box(note.part()));
        }
    }

    /** What the solver could not keep to. */
    private void notes() {
        for (Note note : judged.rest.notes()) {
            Part part = judged.graphic.part(note.part()).orElseThrow();
            Rect at = judged.rest.box(note.part());
            if (note.kind() == Note.Kind.PICTURE) {
                fault(Check.PICTURE, note.part(), "", 100, 0, note.sentence(), "choose a picture of the house", at);
            } else if (note.kind() == Note.Kind.LETTERS) {
                String mend = "write it in letters that the fonts have, or add a font that has these";
                fault(Check.DRAWN, note.part(), "", 1, 0, note.sentence(), mend, at);
            } else if (note.over() >= judged.limit(Check.SQUEEZE)) {
                String mend = part instanceof StackPart
                        ? "give the stack more room, or its rows less height"
                        : "give it more room, more lines, or a lower least squeeze";
                fault(
                        Check.SQUEEZE,
                        note.part(),
                        "",
                        note.over(),
                        judged.limit(Check.SQUEEZE),
                        note.sentence(),
                        mend,
                        at);
            }
        }
    }

    /** Letters that come closer to the edge of their box than the check allows, or stand in its padding. */
    private void air(TextPart text) {
        Part box = RestFaults.boxOf(judged.graphic, judged.rest, text).orElse(null);
        if (box == null) return;
        PartRest at = judged.rest.part(text.key());
        Rect ink = at.drawn();
        Rect outer = judged.rest.box(box.key());
        double air = Double.POSITIVE_INFINITY;
        for (Axis axis : Axis.values()) {
            if (!belongs(box, text, axis)) continue;
            air = Math.min(air, ink.start(axis) - outer.start(axis));
            air = Math.min(air, outer.end(axis) - ink.end(axis));
            padding(text, box, axis, at.box(), outer);
        }
        double least = judged.limit(Check.BOX);
        if (air < least && air > -UNSEEN) {
            String said =
                    "its letters come within " + FaultList.tenth(Math.max(0, air)) + " px of the edge of " + box.key();
            fault(
                    Check.BOX,
                    text.key(),
                    box.key() + ProofRules.EDGE,
                    air,
                    least,
                    said,
                    "give " + box.key() + " padding",
                    ink);
        }
    }

    /** Whether the extent of a box along an axis has to do with a text. */
    private static boolean belongs(Part box, TextPart text, Axis axis) {
        if (box.span(axis).size() instanceof Size.Wraps wraps)
            return wraps.parts().contains(text.key());
        return text.span(axis).place() instanceof Place.Hang hang && hang.on().equals(box.key());
    }

    private void padding(TextPart text, Part box, Axis axis, Rect inner, Rect outer) {
        if (!(box.span(axis).size() instanceof Size.Wraps wraps) || wraps.revealed()) return;
        boolean turned = judged.rest.mirrored() && axis == Axis.X;
        double before = Math.max(0, turned ? wraps.after() : wraps.before());
        double after = Math.max(0, turned ? wraps.before() : wraps.after());
        double into =
                Math.max(outer.start(axis) + before - inner.start(axis), inner.end(axis) - (outer.end(axis) - after));
        if (into < UNSEEN || into > outer.extent(axis)) return;
        boolean whole = judged.rest.box(box.key()).extent(axis) >= before + after;
        if (!whole) return;
        String said = "it stands " + FaultList.px(into) + " px in the padding of " + box.key();
        fault(
                Check.BOX,
                text.key(),
                box.key(),
                into,
                0,
                said,
                "let " + box.key() + " grow further, or squeeze the text",
                judged.rest.part(text.key()).drawn());
    }

    /** px of the ink of a text that its masks take away, with what a soft edge fades. */
    private void cut(TextPart text) {
        int index = judged.layerOf(text.key());
        Layer layer = judged.layer(index);
        for (Layer.MaskBy mask : layer.masks()) {
            Layer by = judged.layer(mask.layer());
            Rect shape = shape(mask.layer());
            // A stroke around letters is part of them.
            Rect ink = Courses.atRest(judged.reel, index).grown(layer.stroke().width());
            // Letters show only what is behind their own strokes.
            boolean letters = mask.inside() && !by.runs().isEmpty() && mask.layer() != index;
            double cut = letters
                    ? Math.min(ink.width(), ink.height())
                    : mask.inside()
                            ? mask.soft() / 2 + cutInside(ink, mask.layer(), shape)
                            : cutOutside(ink, shape.grown(mask.soft() / 2));
            if (cut < Math.max(UNSEEN, judged.limit(Check.CUT))) continue;
            String said = "its letters are cut " + FaultList.px(cut) + " px by its mask " + by.part();
            fault(
                    Check.CUT,
                    text.key(),
                    by.part(),
                    cut,
                    judged.limit(Check.CUT),
                    said,
                    "make " + by.part() + " larger, with more padding around the text",
                    Courses.atRest(judged.reel, index));
        }
    }

    private Rect shape(int mask) {
        List<Course> rest = judged.courses(PhaseName.IN);
        if (!judged.layer(mask).kind().equals("group")) return rest.get(mask).body(judged.reel.in());
        return judged.layer(mask).box();
    }

    /** Of a group, the shapes in it together: what none of them covers is cut. */
    private double cutInside(Rect ink, int mask, Rect shape) {
        Layer by = judged.layer(mask);
        if (!by.kind().equals("group")) return cutInside(ink, shape, by.slant());
        double least = Math.min(ink.width(), ink.height());
        List<Plate> plates = new ArrayList<>();
        for (int i = 0; i < judged.reel.layers().size(); i++) {
            Layer member = judged.layer(i);
            boolean covers = member.runs().isEmpty() && !member.kind().equals("group") && member.ribbon() == null;
            if (!covers || !isWithin(i, mask)) continue;
            plates.add(new Plate(member));
            least = Math.min(least, cutInside(ink, member.box(), member.slant()));
        }
        boolean covered = true;
        for (int point = 0; point < POINTS * POINTS && covered; point++) {
            double x = ink.x() + ink.width() * (point % POINTS) / (POINTS - 1);
            double y = ink.y() + ink.height() * (point / POINTS) / (POINTS - 1);
            covered = plates.stream().anyMatch(plate -> plate.has(x, y));
        }
        return covered ? Math.min(0, least) : least;
    }

    private boolean isWithin(int layer, int group) {
        for (int at = judged.layer(layer).within();
                at >= 0;
                at = judged.layer(at).within()) if (at == group) return true;
        return false;
    }

    /** px by which ink reaches beyond a shape; negative for what is left between them. Slanted ends count at the height of the ink. */
    private static double cutInside(Rect ink, Rect shape, double slant) {
        double height = Math.max(1, shape.height());
        double above = (ink.y() - shape.y()) / height;
        double below = (ink.bottom() - shape.y()) / height;
        double left = slant >= 0 ? slant * (1 - above) : -slant * below;
        double right = slant >= 0 ? slant * below : -slant * (1 - above);
        double across = Math.max(shape.x() + left - ink.x(), ink.right() - (shape.right() - right));
        return Math.max(across, Math.max(shape.y() - ink.y(), ink.bottom() - shape.bottom()));
    }

    private static double cutOutside(Rect ink, Rect shape) {
        Rect both = Courses.shared(ink, shape);
        return Math.min(both.width(), both.height());
    }

    /** Parts that belong to a box or line are those it follows, and texts and pictures that hang on it. */
    private void left(Part part) {
        List<Part> content = content(part);
        if (content.isEmpty()) return;
        boolean any = content.stream().anyMatch(other -> judged.rest.isPresent(other.key()));
        if (any) return;
        String said = "it is left standing with nothing in it: "
                + String.join(", ", content.stream().map(Part::key).toList()) + " blank";
        fault(
                Check.BLANK,
                part.key(),
                "",
                content.size(),
                0,
                said,
                "let it need the field, or wrap what is in it",
                judged.rest.box(part.key()));
    }

    private List<Part> content(Part part) {
        List<Part> content = new ArrayList<>();
        Graphic graphic = judged.graphic;
        for (Part other : graphic.parts()) {
            boolean filled = other instanceof TextPart || other instanceof PicturePart;
            if (filled && (hangs(other, part) || hangs(part, other) || follows(part, other))) content.add(other);
        }
        return content;
    }

    private static boolean hangs(Part part, Part on) {
        for (Axis axis : Axis.values()) {
            if (part.span(axis).place() instanceof Place.Hang hang && hang.on().equals(on.key())) return true;
        }
        return false;
    }

    private static boolean follows(Part part, Part other) {
        for (Axis axis : Axis.values()) {
            if (part.span(axis).size() instanceof Size.Wraps wraps
                    && wraps.parts().contains(other.key())) return true;
            if (part.span(axis).size() instanceof Size.Matches matches
                    && matches.part().equals(other.key())) return true;
        }
        return false;
    }

    private void over() {
        List<TextPart> texts = new ArrayList<>();
        for (Part part : judged.graphic.parts()) {
            if (part instanceof TextPart text
                    && judged.rest.isPresent(text.key())
                    && !text.base().unseen()) texts.add(text);
        }
        for (int i = 0; i < texts.size(); i++) {
            for (int j = i + 1; j < texts.size(); j++) over(texts.get(i), texts.get(j));
        }
    }

    private void over(TextPart first, TextPart second) {
        // The same letters twice are one text with a look of its own.
        if (first.text().equals(second.text())) return;
        Rect both = Courses.shared(
                judged.rest.part(first.key()).drawn(),
                judged.rest.part(second.key()).drawn());
        double deep = Math.min(both.width(), both.height());
        if (deep <= judged.limit(Check.OVER)) return;
        fault(
                Check.OVER,
                second.key(),
                first.key(),
                deep,
                judged.limit(Check.OVER),
                "it lies " + FaultList.px(deep) + " px over " + first.key(),
                "let one hang on the other, or squeeze it to its room",
                both);
    }
}
