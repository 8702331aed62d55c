package glimble.reel;

import glimble.budget.Budget;
import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Size;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.text.TextUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * How boxes that follow what is revealed change over a phase. For each frame the revealed extent of each text is told by its
 * tracks, and the rest picture is solved with these in the place of the texts' widths.
 */
public final class Revealed {
    /** Rests that are kept at most. */
    private static final int KEPT = 200;

    private final Graphic graphic;
    private final Rest rest;
    /** Solves the rest picture with widths in the place of those of texts; made once a box follows any. */
    private final Supplier<Function<Map<String, Double>, Rest>> revealing;

    private Function<Map<String, Double>, Rest> solver;

    /** What was solved, by the widths: an out that is the in backwards has the same ones. */
    private final Map<Map<String, Double>, Rest> solved = new HashMap<>();

    Revealed(Graphic graphic, Rest rest, Supplier<Function<Map<String, Double>, Rest>> revealing) {
        this.graphic = graphic;
        this.rest = rest;
        this.revealing = revealing;
    }

    /** The same, with nothing solved yet: what has been is for one thread. */
    Revealed again() {
        return new Revealed(graphic, rest, revealing);
    }

    /** Keys of the texts that some box follows. */
    private List<String> followed() {
        List<String> texts = new ArrayList<>();
        for (Part part : graphic.parts()) {
            if (!(part.span(Axis.X).size() instanceof Size.Wraps wraps) || !wraps.revealed()) continue;
            for (String key : wraps.parts()) {
                boolean text = rest.isPresent(key) && rest.part(key).line().isPresent();
                if (text && !texts.contains(key)) texts.add(key);
            }
        }
        return texts;
    }

    /**
     * @param tracks of the phase by part
     * @param length frames of the phase
     * @param budget from which it is spent what it costs
     * @return by part, only for those that change
     */
    Map<String, Resize> resizes(PhaseName phase, Map<String, List<Track>> tracks, int length, Budget budget) {
        List<String> texts = followed();
        Map<String, Resize> resizes = new LinkedHashMap<>();
        if (texts.isEmpty() || length == 0) return resizes;
        budget.spend(ReelEffort.revealed(graphic, phase, length));
        Map<String, double[][]> edges = new HashMap<>();
        if (solver == null) solver = revealing.get();
        // What follows goes evenly, from wherever it stands at rest.
        Rest all = solver.apply(Map.of());
        Map<String, Double> before = null;
        Rest revealed = null;
        for (int frame = 0; frame <= length; frame++) {
            Map<String, Double> widths = new HashMap<>();
            for (String text : texts)
                widths.put(text, width(rest.part(text), tracks.getOrDefault(text, List.of()), frame));
            // While nothing more is revealed nothing changes.
            if (!widths.equals(before)) revealed = solved(widths);
            before = widths;
            for (PartRest part : rest.parts().values()) {
                double[][] of = edges.computeIfAbsent(part.key(), none -> new double[4][length + 1]);
                put(
                        of,
                        frame,
                        all.part(part.key()).straight(),
                        revealed.part(part.key()).straight());
            }
        }
        edges.forEach((part, of) -> {
            if (changes(of)) resizes.put(part, new Resize(phase, 0, of[0], of[1], of[2], of[3]));
        });
        return resizes;
    }

    private Rest solved(Map<String, Double> widths) {
        Rest known = solved.get(widths);
        if (known != null) return known;
        Rest rest = solver.apply(widths);
        if (solved.size() < KEPT) solved.put(widths, rest);
        return rest;
    }

    private static void put(double[][] edges, int frame, Rect rest, Rect now) {
        edges[0][frame] = Rounding.px(now.x() - rest.x());
        edges[1][frame] = Rounding.px(now.y() - rest.y());
        edges[2][frame] = Rounding.px(now.right() - rest.right());
        edges[3][frame] = Rounding.px(now.bottom() - rest.bottom());
    }

    private static boolean changes(double[][] edges) {
        for (double[] edge : edges) for (double px : edge) if (px != 0) return true;
        return false;
    }

    /** px of a text that are revealed at a frame, from its first revealed letter to the end of its last. */
    static double width(PartRest text, List<Track> tracks, int frame) {
        Rect seen = text.straight();
        for (Track track : tracks) {
            if (track.overLetters() || !hides(track)) continue;
            double share = Math.max(0, Math.min(1, track.at(frame)));
            if (track.channel() == Channel.REVEAL) seen = track.band().seen(seen, track.opening(), share);
            else if (share == 0) seen = new Rect(seen.x(), seen.y(), 0, 0);
        }
        double first = Double.POSITIVE_INFINITY;
        double last = Double.NEGATIVE_INFINITY;
        List<TextUnit> units = text.line().orElseThrow().pieces();
        boolean dealt = false;
        for (int i = 0; i < units.size(); i++) {
            double share = 1;
            for (Track track : tracks) {
                if (!track.overLetters() || !hides(track)) continue;
                dealt = true;
                share = Math.min(share, Math.max(0, Math.min(1, track.at(frame, i))));
            }
            if (share == 0) continue;
            first = Math.min(first, units.get(i).x());
            last = Math.max(last, units.get(i).x() + units.get(i).width() * share);
        }
        double ofLetters = dealt ? Math.max(0, last - first) : Double.POSITIVE_INFINITY;
        return Math.min(seen.height() > 0 ? seen.width() : 0, ofLetters);
    }

    private static boolean hides(Track track) {
        Channel channel = track.channel();
        return channel == Channel.REVEAL || channel == Channel.OPACITY || channel == Channel.SCALE_X;
    }
}
