package glimble.reel;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.TextPart;
import glimble.rest.PartRest;
import glimble.spoken.ShownValues;
import glimble.spoken.SpokenTimes;
import glimble.spoken.WebVtt;
import glimble.text.TextPattern;
import glimble.text.TextUnit;
import glimble.text.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The words of spoken fields in the lines in which they are shown, with the time at which each is: what captions beside the graphic say. */
public final class SpokenLines {
    private final Map<String, String> shown;
    private final SpokenTimes times;
    private final WorkedOut worked;
    private final double rate;

    private SpokenLines(Graphic graphic, Map<String, String> values, WorkedOut worked) {
        shown = ShownValues.of(graphic, values);
        times = SpokenTimes.of(graphic, values);
        this.worked = worked;
        rate = graphic.frame().rate().perSecond();
    }

    /** Whether any of its texts shows what is spoken. */
    public static boolean has(Graphic graphic) {
        return graphic.parts().stream().anyMatch(part -> isSpoken(graphic, part));
    }

    /**
     * @param graphic as it is played
     * @param worked of the same values
     * @return of each line its words, seconds from the first frame; in the order they begin. A word ends where the next one begins, the last of
     *     a text where it is spoken to its end, or else where the out begins. What is not present has none
     */
    public static List<List<WebVtt.Word>> of(Graphic graphic, Map<String, String> values, WorkedOut worked) {
        SpokenLines of = new SpokenLines(graphic, values, worked);
        List<List<WebVtt.Word>> lines = new ArrayList<>();
        for (Part part : graphic.parts()) {
            if (isSpoken(graphic, part) && worked.rest().isPresent(part.key())) lines.addAll(of.lines((TextPart) part));
        }
        lines.sort(
                (one, other) -> Double.compare(one.get(0).from(), other.get(0).from()));
        return lines;
    }

    private static boolean isSpoken(Graphic graphic, Part part) {
        if (!(part instanceof TextPart text)) return false;
        return TextPattern.fields(text.text()).stream()
                .anyMatch(key -> graphic.field(key)
                        .filter(field -> field.kind() == Field.Kind.SPOKEN)
                        .isPresent());
    }

    private List<List<WebVtt.Word>> lines(TextPart part) {
        List<String> words = Words.of(TextPattern.fill(part.text(), shown));
        if (words.isEmpty()) return List.of();
        double[] from = starts(part.key(), words.size());
        Map<Integer, Integer> lineOf = lineOf(worked.rest().part(part.key()));
        List<List<WebVtt.Word>> lines = new ArrayList<>();
        int line = -1;
        for (int i = 0; i < words.size(); i++) {
            int now = lineOf.getOrDefault(i, Math.max(line, 0));
            if (lines.isEmpty() || now != line) lines.add(new ArrayList<>());
            line = now;
            double to = i + 1 < words.size() ? from[i + 1] : end(part.key(), words.size(), from[i]);
            lines.get(lines.size() - 1).add(new WebVtt.Word(words.get(i), from[i], Math.max(from[i], to)));
        }
        return lines;
    }

    /** By which line each word begins in. */
    private static Map<Integer, Integer> lineOf(PartRest rest) {
        Map<Integer, Integer> lineOf = new HashMap<>();
        for (TextUnit unit : rest.line().map(line -> line.units()).orElse(List.of())) {
            lineOf.putIfAbsent(unit.word(), unit.line());
        }
        return lineOf;
    }

    /** Seconds: as a move deals them; of words that no move deals by that as they say themselves; of a text that says nothing all at once. */
    private double[] starts(String part, int count) {
        double[] starts = new double[count];
        List<WebVtt.Word> own = times.of(part);
        for (int i = 0; i < Math.min(count, own.size()); i++)
            starts[i] = own.get(i).from();
        String move = null;
        for (WorkedOut.Spoken word : worked.words()) {
            if (word.phase() != PhaseName.IN || !word.part().equals(part)) continue;
            if (move == null) move = word.move();
            if (word.move().equals(move) && word.word() < count) starts[word.word()] = word.played() / rate;
        }
        // Dealt in another order than that of reading, a word comes before one that is read earlier.
        for (int i = 1; i < count; i++) starts[i] = Math.max(starts[i], starts[i - 1]);
        return starts;
    }

    /** Seconds at which the last word ends. */
    private double end(String part, int count, double begins) {
        List<WebVtt.Word> own = times.of(part);
        if (own.size() == count) {
            WebVtt.Word last = own.get(count - 1);
            return begins + last.to() - last.from();
        }
        return worked.whole().stream()
                .filter(run -> run.state() == Playback.State.OUT)
                .findFirst()
                .map(run -> run.first() / rate)
                .orElse(begins);
    }
}
