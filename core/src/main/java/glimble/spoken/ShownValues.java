package glimble.spoken;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.text.Blank;
import glimble.text.Letters;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is filled in, as it is shown: of a series the line that is its turn, of spoken words only the words. */
public final class ShownValues {
    private ShownValues() {}

    /** With the first line of a series. What is shown already stays as it is. */
    public static Map<String, String> of(Graphic graphic, Map<String, String> values) {
        return of(graphic, values, 0);
    }

    /** @param line which of the lines of a series, round and round */
    public static Map<String, String> of(Graphic graphic, Map<String, String> values, int line) {
        Map<String, String> shown = values;
        for (Field field : graphic.fields()) {
            String value = values.get(field.key());
            if (value == null) continue;
            if (field.series().isPresent()) {
                List<String> lines = lines(value);
                shown = with(shown, values, field.key(), lines.isEmpty() ? "" : lines.get(line % lines.size()));
            }
            if (field.kind() == Field.Kind.SPOKEN) shown = with(shown, values, field.key(), WebVtt.words(value));
        }
        return shown;
    }

    private static Map<String, String> with(
            Map<String, String> shown, Map<String, String> original, String key, String text) {
        if (text.equals(shown.get(key))) return shown;
        Map<String, String> changed = shown == original ? new HashMap<>(original) : shown;
        changed.put(key, text);
        return changed;
    }

    /** Letters of what is filled in that are shown together: of a series those of its longest line. */
    public static int letters(Field field, String value, Writing writing) {
        if (field.kind() == Field.Kind.SPOKEN) return Letters.count(WebVtt.words(value), writing);
        if (field.series().isEmpty()) return Letters.count(value, writing);
        return lines(value).stream()
                .mapToInt(line -> Letters.count(line, writing))
                .max()
                .orElse(0);
    }

    /** The field whose lines are shown one after the other; empty if there is none. */
    public static Optional<Field> series(Graphic graphic) {
        return graphic.fields().stream()
                .filter(field -> field.series().isPresent())
                .findFirst();
    }

    /** The lines of a series, without blank ones. */
    public static List<String> lines(String value) {
        List<String> lines = new ArrayList<>();
        for (String line : Blank.lines(value)) if (!Blank.isBlank(line)) lines.add(Blank.oneLine(line));
        return lines;
    }
}
