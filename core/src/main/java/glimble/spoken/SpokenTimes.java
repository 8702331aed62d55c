package glimble.spoken;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * When the words of texts are spoken.
 *
 * @param words by key of the text part, of those whose words have times, in the order of reading
 */
public record SpokenTimes(Map<String, List<WebVtt.Word>> words) {
    public static final SpokenTimes NONE = new SpokenTimes(Map.of());

    /** Of every text that is one spoken field and nothing else. */
    public static SpokenTimes of(Graphic graphic, Map<String, String> values) {
        Map<String, List<WebVtt.Word>> words = new HashMap<>();
        for (Field field : graphic.fields()) {
            String value = values.getOrDefault(field.key(), "");
            if (field.kind() != Field.Kind.SPOKEN || !WebVtt.isMeant(value)) continue;
            WebVtt.Reading reading = WebVtt.read(value);
            if (!reading.isSound()) continue;
            for (Part part : graphic.parts()) {
                boolean shows = part instanceof TextPart text && text.text().equals("{" + field.key() + "}");
                if (shows) words.put(part.key(), reading.words());
            }
        }
        return words.isEmpty() ? NONE : new SpokenTimes(words);
    }

    /** Those of a text; none if they have no times. */
    public List<WebVtt.Word> of(String part) {
        return words.getOrDefault(part, List.of());
    }
}
