package glimble.document;

import glimble.graphic.Ease;
import glimble.graphic.Limits;
import java.util.function.Function;

/**
 * Reads an ease: {@code linear}, a named curve such as {@code out quint}, or as an object {@code {"bezier": [x1, y1, x2,
 * y2]}} or {@code {"steps": n}}.
 */
final class EaseReader {
    private EaseReader() {}

    static Ease ease(Spot spot) {
        if (spot.isText()) return named(spot);
        if (spot.has("steps")) {
            spot.only("steps", "jump");
            boolean atStart = spot.choice("jump", new String[] {"end", "start"}, Function.identity(), "end")
                    .equals("start");
            return new Ease.Steps(spot.whole("steps", 1, Limits.FRAMES), atStart);
        }
        spot.only("bezier");
        var handles = spot.items("bezier", 4);
        if (handles.size() != 4) {
            spot.problem("must be a word such as 'out quint', {\"bezier\": [x1, y1, x2, y2]} or {\"steps\": n}");
            return new Ease.Linear();
        }
        return new Ease.Bezier(
                handles.get(0).number(0, 1),
                handles.get(1).number(-100, 100),
                handles.get(2).number(0, 1),
                handles.get(3).number(-100, 100));
    }

    private static Ease named(Spot spot) {
        String word = spot.text(Limits.KEY);
        if (word.equals("linear")) return new Ease.Linear();
        for (Ease.Direction direction : Ease.Direction.values()) {
            for (Ease.Family family : Ease.Family.values()) {
                if (word.equals(word(direction, family))) return new Ease.Named(family, direction);
            }
        }
        spot.problem("'" + Spot.shown(word) + "' is not an ease; write 'linear', or in, out or in-out"
                + " and one of sine, quad, cubic, quart, quint, expo, circ, back, elastic, bounce, like 'out quint'");
        return new Ease.Linear();
    }

    static String word(Ease.Direction direction, Ease.Family family) {
        return direction.word() + " " + family.word();
    }
}
