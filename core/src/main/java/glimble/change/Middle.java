package glimble.change;

import glimble.graphic.Axis;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Mask;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.TextPart;
import glimble.rest.Least;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import glimble.text.GlyphRun;
import glimble.text.Typesetter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Two rests and the one between them, in which every part is as large as in either. What holds others has room in it for the old ones and
 * the new ones; and since all three are solved by the same relations, whatever goes over between them keeps together.
 *
 * <p>If parts enter, it is solved with the new values, so that they have their place before they come; if parts leave, with the old ones, so
 * that theirs is kept until they have left; if both, those that leave are taken out first.
 *
 * @param old the rest that stands
 * @param middle between
 * @param next the rest of the new values
 * @param graphic as it is played for the new values
 */
record Middle(Rest old, Rest middle, Rest next, Graphic graphic) {

    /**
     * @param was as it is played for the values that stand
     * @param will as it is played for the new ones
     */
    static Middle of(
            Graphic was,
            Map<String, String> values,
            Rest old,
            Graphic will,
            Map<String, String> nextValues,
            Rest next,
            Typesetter typesetter,
            Pictures pictures) {
        boolean enters = next.parts().keySet().stream().anyMatch(key -> !old.isPresent(key));
        boolean leaves = old.parts().keySet().stream().anyMatch(key -> !next.isPresent(key));
        boolean byOld = leaves && !enters;
        Rest middle = RestSolver.atLeast(
                byOld ? was : will, byOld ? values : nextValues, typesetter, pictures, Least.of(old, next));
        return new Middle(old, middle, next, will);
    }

    boolean isThere(String key) {
        return old.isPresent(key) || next.isPresent(key);
    }

    boolean stays(String key) {
        return old.isPresent(key) && next.isPresent(key);
    }

    /** A part in the old rest; one that enters is there as it will be in the middle. */
    PartRest old(String key) {
        return old.isPresent(key) ? old.part(key) : middle(key);
    }

    PartRest middle(String key) {
        if (middle.isPresent(key)) return middle.part(key);
        return old.isPresent(key) ? old.part(key) : next.part(key);
    }

    /** A part in the new rest; one that leaves is there as it was in the middle. */
    PartRest next(String key) {
        return next.isPresent(key) ? next.part(key) : middle(key);
    }

    /**
     * The point of a part that keeps its relation to what it hangs on whatever its letters are, px: where old letters stand by it in the old
     * rest, new ones stand by it in the new.
     */
    double anchor(Part part, PartRest at, Axis axis, boolean mirrored) {
        Rect box = at.straight();
        if (axis == Axis.Y && hangs(part, axis) == Edge.BASELINE) return at.baseline();
        double share = share(part, axis);
        return box.start(axis) + box.extent(axis) * (axis == Axis.X && mirrored ? 1 - share : share);
    }

    /**
     * One of the two rests, with the masks of some parts as large as they get, seen from these, while they are not at rest: what is clear of
     * its mask then is clear of it in every frame.
     */
    Rest masked(Rest rest, Graphic of, Set<String> parts) {
        Map<String, PartRest> masked = new LinkedHashMap<>(rest.parts());
        for (String key : parts) {
            Part part = of.part(key).orElseThrow();
            if (!rest.isPresent(key)) continue;
            for (Mask mask : part.masks()) {
                if (!mask.inside() || !rest.isPresent(mask.by())) continue;
                PartRest by = masked.get(mask.by());
                if (by.line().isPresent()) continue;
                Rect most = by.box();
                for (Rest other : List.of(old, middle, next)) {
                    if (other.isPresent(key) && other.isPresent(mask.by()))
                        most = most.around(seen(part, rest, other, mask.by()));
                }
                masked.put(mask.by(), new PartRest(by.key(), most, by.line(), by.x(), by.y(), by.width(), by.height()));
            }
        }
        return new Rest(masked, rest.notes(), rest.mirrored());
    }

    /** A mask as it stands in another rest, seen from a part that stands in this one. */
    private Rect seen(Part part, Rest from, Rest other, String mask) {
        PartRest here = from.part(part.key());
        PartRest there = other.part(part.key());
        boolean mirrored = from.mirrored();
        double dx = anchor(part, there, Axis.X, mirrored) - anchor(part, here, Axis.X, mirrored);
        double dy = anchor(part, there, Axis.Y, mirrored) - anchor(part, here, Axis.Y, mirrored);
        Rect by = other.box(mask);
        return new Rect(by.x() - dx, by.y() - dy, by.width(), by.height());
    }

    /** Where the first glyph of a text stands, px, and px per unit of its font's em, across and down; nothing without letters. */
    static double[] letters(PartRest at) {
        List<GlyphRun> runs = at.line().map(line -> line.runs()).orElse(List.of());
        for (GlyphRun run : runs) {
            if (run.x().length == 0) continue;
            return new double[] {at.straight().x() + run.x()[0], at.baseline() + run.y()[0], run.scaleX(), run.scaleY()
            };
        }
        return new double[0];
    }

    private static Edge hangs(Part part, Axis axis) {
        return part.span(axis).place() instanceof Place.Hang hang ? hang.edge() : Edge.START;
    }

    private static double share(Part part, Axis axis) {
        boolean own = part.span(axis).size() instanceof glimble.graphic.Size.Own;
        if (axis == Axis.X && part instanceof TextPart text && !own)
            return text.layout().align().share();
        return switch (hangs(part, axis)) {
            case END, INNER_END -> 1;
            case CENTRE -> 0.5;
            default -> 0;
        };
    }
}
