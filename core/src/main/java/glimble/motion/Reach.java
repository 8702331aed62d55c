package glimble.motion;

import glimble.graphic.BoxPart;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Look;
import glimble.graphic.Mask;
import glimble.graphic.Part;
import glimble.graphic.Toward;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.ribbon.Surface;
import java.util.function.BiFunction;

/** How far parts reach at rest with all that is drawn of them: ink, stroke, shadow and glow; a group with all its parts. */
public final class Reach {
    private Reach() {}

    /** Everything that is drawn of a part, px. */
    public static Rect of(Graphic graphic, Rest rest, Part part) {
        return around(graphic, rest, part, (one, at) -> sides(one, drawn(one, at, rest.mirrored()), graphic.frame()));
    }

    /** What is seen inside a mask, with the fade of its edge. */
    static Rect of(Graphic graphic, Rest rest, Mask mask) {
        Part by = graphic.part(mask.by()).orElseThrow();
        Rect shape = around(graphic, rest, by, (one, at) -> at.line().isPresent() ? at.drawn() : at.box());
        return shape.grown(Look.FADES * mask.soft());
    }

    private static Rect around(Graphic graphic, Rest rest, Part part, BiFunction<Part, PartRest, Rect> extent) {
        if (!(part instanceof GroupPart group)) return extent.apply(part, rest.part(part.key()));
        Rect around = null;
        for (String key : group.parts()) {
            if (!rest.isPresent(key)) continue;
            Rect member = around(graphic, rest, graphic.part(key).orElseThrow(), extent);
            around = around == null ? member : around.around(member);
        }
        return around == null ? rest.box(part.key()) : around;
    }

    /** As far as the sides of a box with depth may be seen beside it wherever it stands about the frame, and beyond. */
    private static Rect sides(Part part, Rect drawn, Frame frame) {
        if (!(part instanceof BoxPart box) || box.depth() == 0) return drawn;
        double share = box.depth() / Surface.eye(frame.width()) / 2;
        double x = share * frame.width();
        double y = share * frame.height();
        return new Rect(drawn.x() - x, drawn.y() - y, drawn.width() + 2 * x, drawn.height() + 2 * y);
    }

    private static Rect drawn(Part part, PartRest at, boolean mirrored) {
        Rect whole = at.box().around(at.drawn());
        double left = part.reach(Toward.LEFT, mirrored);
        double top = part.reach(Toward.UP, mirrored);
        return new Rect(
                whole.x() - left,
                whole.y() - top,
                whole.width() + left + part.reach(Toward.RIGHT, mirrored),
                whole.height() + top + part.reach(Toward.DOWN, mirrored));
    }
}
